import { z } from 'zod';
import type { ImportFault } from './import-fault';

/** What a file holds and what of it was taken; `R` is what is shown of a row that is new and good. */
export interface ImportAnswer<R extends { readonly row: number } = { readonly row: number }> {
  readonly good: readonly R[];
  /** Rows that are here already and stay as they are. */
  readonly known: number;
  readonly faults: readonly ImportFault[];
  readonly taken: number;
}

export const importInput = z.strictObject({
  csv: z.string().min(1, 'the file is empty'),
  /** `check` only looks; `good` takes the good rows; `all` takes the file whole or not at all. */
  take: z.enum(['check', 'good', 'all']),
});
export type ImportTake = z.infer<typeof importInput>['take'];
