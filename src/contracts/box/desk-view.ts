import type { DeskAction } from '@core/schedule';
import type { FirstStep } from '@core/shop';
import type { ProposalView } from '../stock/ledger-view';

export interface DeskView {
  readonly today: string;
  /** The reader's own name, as actions name whose box it is; absent for whoever packs. */
  readonly me?: string | undefined;
  readonly actions: readonly DeskAction[];
  readonly open: number;
  /** Movements that wait for the owner; empty for everybody else. */
  readonly proposals: readonly ProposalView[];
  /** What a new shop still does before its first box; empty in one that has begun. */
  readonly firstSteps: readonly FirstStep[];
  /** Exercises of today, for whoever is in training and has some left. */
  readonly practice?: { readonly done: number; readonly of: number } | undefined;
}
