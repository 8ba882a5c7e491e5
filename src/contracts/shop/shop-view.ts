import type { Schools } from '@core/client';
import type { PullSettings } from '@core/pull';
import type { Settings } from '@core/rules';
import type { Paper } from '@core/shop';
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
  /** What it prints on. */
  readonly paper: Paper;
}
