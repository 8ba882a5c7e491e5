import type { Step } from '@core/box';
import type { Piece } from '@core/piece';
import type { Place } from '@core/stock';
import { z } from 'zod';
import { EVERYBODY, answers, defineCall } from '../call';
import { text } from '../fields';

/** What a scanned code is. */
export interface CodeAnswer {
  readonly garmentId: string;
  readonly variantId: string;
  readonly title: string;
  readonly size: string;
  readonly sku: string;
  readonly ean: string;
  /** Null for whoever packs: a price is on the pack list, and nowhere else. */
  readonly priceMinor: number | null;
  readonly currency: string;
  readonly archived: boolean;
  readonly piece: Piece;
  readonly places: readonly { readonly title: string; readonly place: Place; readonly qty: number }[];
  /** Open boxes with a unit of it. */
  readonly boxes: readonly {
    readonly id: string;
    readonly number: number;
    readonly client: string;
    readonly step: Step;
  }[];
}

export const findCodeCall = defineCall({
  name: 'find-code',
  roles: EVERYBODY,
  writes: false,
  input: z.strictObject({
    /** A SKU or an EAN-13, as a scanner types it. */
    code: text(60).min(1, 'nothing was read'),
  }),
  answer: answers<CodeAnswer>(),
});
