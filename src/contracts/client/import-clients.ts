import { z } from 'zod';
import { answers, defineCall, STYLING } from '../call';
import type { ImportFault } from '../stock/import-stock';

export interface ClientsImportAnswer {
  readonly good: readonly {
    readonly row: number;
    readonly name: string;
    readonly email: string;
    /** How many measures came with her. */
    readonly measures: number;
  }[];
  readonly known: number;
  readonly faults: readonly ImportFault[];
  readonly taken: number;
}

/** Clients out of a CSV file; whoever is here already is left as they are. */
export const importClientsCall = defineCall({
  name: 'import-clients',
  roles: STYLING,
  writes: true,
  bodyMostBytes: 6_000_000,
  files: ['csv'],
  input: z.strictObject({
    csv: z.string().min(1, 'the file is empty'),
    /** `check` only looks; `good` takes the good rows; `all` takes the file whole or not at all. */
    take: z.enum(['check', 'good', 'all']),
  }),
  answer: answers<ClientsImportAnswer>(),
});
