import type { ProposalView } from './stock';
import type { Profile, Schools } from '@core/client';
import type { Occasion } from '@core/occasion';
import type { Piece } from '@core/piece';
import type { PullSettings } from '@core/pull';
import type { Settings } from '@core/rules';
import type { DeskAction } from '@core/schedule';
import type { Tongue } from '@core/words';

export interface ShopView {
  readonly name: string;
  readonly town: string;
  readonly currency: string;
  readonly schools: Schools;
  readonly settings: Settings;
  readonly pull: PullSettings;
  readonly alteredMayReturn: boolean;
  /** How readers of this shop are spoken to. */
  readonly tongue: Tongue;
}

export interface HouseRulesView {
  readonly version: number;
  readonly shop: ShopView;
  /** Saved looks in which a rule spoke, and findings of it that were put aside, over all time, by rule id. */
  readonly spoke: Readonly<Record<string, number>>;
  readonly overruled: Readonly<Record<string, number>>;
  readonly looks: readonly {
    readonly title: string;
    readonly pieces: readonly Piece[];
    readonly client: Profile;
    readonly occasion?: Occasion | undefined;
  }[];
}

export interface DeskView {
  readonly today: string;
  readonly actions: readonly DeskAction[];
  readonly open: number;
  /** Movements that wait for the owner; empty for everybody else. */
  readonly proposals: readonly ProposalView[];
}
