import type { Category } from '@core/piece';
import type { PromotionKind } from '@core/money';
import type { LocationKind } from '@core/shop';
import type { ShopTerms } from './save-shop';
import type { ShopVoice } from './save-voice';
import type { VoucherView } from './vouchers';
import type { OutboxView } from '../outbox/outbox-view';
import type { BackupsView } from './backups-view';
import type { PracticeShopView } from './practice-shop';
import type { PeopleView } from '../people/people-view';

export interface LocationView {
  readonly id: string;
  readonly title: string;
  readonly kind: LocationKind;
  /** Units that stand there or belong there. */
  readonly units: number;
}

export interface PromotionView {
  readonly id: string;
  readonly code: string;
  readonly kind: PromotionKind;
  readonly value: number;
  readonly fromDay: string;
  readonly toDay: string;
  readonly categories: readonly Category[];
}

/** What the screen "Shop" is given; for owners. */
export interface ShopPageView {
  readonly today: string;
  readonly currency: string;
  readonly terms: ShopTerms;
  readonly voice: ShopVoice;
  readonly version: number;
  readonly people: PeopleView;
  readonly locations: readonly LocationView[];
  readonly promotions: readonly PromotionView[];
  readonly vouchers: readonly VoucherView[];
  /** Nothing in it yet: an archive may come in. */
  readonly isEmpty: boolean;
  readonly outbox: OutboxView;
  readonly backups: BackupsView;
  readonly practiceShop: PracticeShopView;
}
