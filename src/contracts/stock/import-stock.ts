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

export const importStockCall = defineCall({
  name: 'import-stock',
  roles: STYLING,
  writes: true,
  bodyMostBytes: 12_000_000,
  files: ['csv'],
  input: importInput,
  answer: answers<ImportAnswer<StockImportRow>>(),
});
