import type { Profile } from '@core/client';
import type { Occasion } from '@core/occasion';
import type { Piece } from '@core/piece';
import type { ShopView } from './shop-view';

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
