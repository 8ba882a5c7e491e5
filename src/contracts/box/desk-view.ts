import type { DeskAction } from '@core/schedule';
import type { ProposalView } from '../stock/ledger-view';

export interface DeskView {
  readonly today: string;
  readonly actions: readonly DeskAction[];
  readonly open: number;
  /** Movements that wait for the owner; empty for everybody else. */
  readonly proposals: readonly ProposalView[];
}
