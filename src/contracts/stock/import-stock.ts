import { z } from 'zod';
import type { Fault } from '../faults';
import { STYLING, answers, defineCall } from '../call';

export interface ImportFault extends Fault {
  /** Row of the file as a spreadsheet counts, the header being row 1. */
  readonly row: number;
}

export interface ImportAnswer {
  readonly good: readonly {
    readonly row: number;
    readonly title: string;
    readonly size: string;
    readonly sku: string;
    readonly qty: number;
    /** Null for whoever packs: a price is on the pack list, and nowhere else. */
    readonly priceMinor: number | null;
  }[];
  readonly known: number;
  readonly faults: readonly ImportFault[];
  readonly taken: number;
}

export const importStockCall = defineCall({
  name: 'import-stock',
  roles: STYLING,
  writes: true,
  bodyMostBytes: 12_000_000,
  files: ['csv'],
  input: z.strictObject({
    csv: z.string().min(1, 'the file is empty'),
    /** `check` only looks; `good` takes the good rows; `all` takes the file whole or not at all. */
    take: z.enum(['check', 'good', 'all']),
  }),
  answer: answers<ImportAnswer>(),
});
