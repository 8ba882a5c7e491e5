import type { Fit } from '@core/fit';
import type { Piece } from '@core/piece';
import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import { why } from './why';

/** What a piece may be exchanged for: another size, length or colour of the same style. */
export interface ExchangeOffer {
  readonly variantId: string;
  readonly piece: Piece;
  readonly size: string;
  readonly priceMinor: number;
  readonly fit: Fit | null;
  /** Units on the shelf. */
  readonly there: number;
  /** The same garment in another size; false for another colour. */
  readonly isSameColour: boolean;
}

export const exchangeOffersCall = defineCall({
  name: 'exchange-offers',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ boxId: uuid, lineId: uuid }),
  answer: answers<readonly ExchangeOffer[]>(),
});

export const exchangeLineCall = defineCall({
  name: 'exchange-line',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    lineId: uuid,
    variantId: uuid,
    ...why,
  }),
  answer: answers<DressedBox>(),
});
