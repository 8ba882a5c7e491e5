import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { type ImportAnswer, importInput } from '../import-file';

/** A size out of a stock file, as the preview shows it. */
export interface StockImportRow {
  readonly row: number;
  readonly title: string;
  readonly size: string;
  readonly sku: string;
  readonly qty: number;
  /** Null for whoever packs: a price is on the pack list, and nowhere else. */
  readonly priceMinor: number | null;
}

/** A box that holds units of a size which the till says are gone. */
export interface SoldFromBox {
  readonly boxId: string;
  readonly number: number;
  readonly client: string;
}

/** What a later file says otherwise of a size that is here: nothing of it is booked unless it is asked for. */
export interface StockDifference {
  readonly row: number;
  readonly sku: string;
  readonly title: string;
  readonly size: string;
  /** Units in the shop, on the shelf and held, by the books and by the file. */
  readonly count?: {
    readonly had: number;
    readonly said: number;
    /** Boxes whose held units were sold over the counter, if the file is right. */
    readonly sold: readonly SoldFromBox[];
  };
  readonly price?: { readonly had: number; readonly said: number };
}

/** A value of a later file that is to be booked, and what stood in the books when somebody said so. */
const booked = z
  .array(z.strictObject({ sku: z.string().max(60), had: z.number().int().min(0).max(1_000_000_000) }))
  .max(5000)
  .default([]);

export interface StockImportAnswer extends ImportAnswer<StockImportRow> {
  readonly differs: readonly StockDifference[];
  /** Differences that were booked. */
  readonly booked: number;
}

export const importStockCall = defineCall({
  name: 'import-stock',
  roles: STYLING,
  writes: true,
  bodyMostBytes: 12_000_000,
  files: ['csv'],
  input: importInput.extend({ counts: booked, prices: booked }),
  answer: answers<StockImportAnswer>(),
});
