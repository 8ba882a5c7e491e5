import { answers, defineCall, STYLING } from '../call';
import { type ImportAnswer, importInput } from '../import-file';

/** Somebody out of a file of clients, as the preview shows them. */
export interface ClientImportRow {
  readonly row: number;
  readonly name: string;
  readonly email: string;
  /** How many measures came along. */
  readonly measures: number;
}

/** Clients out of a CSV file; whoever is here already is left as they are. */
export const importClientsCall = defineCall({
  name: 'import-clients',
  roles: STYLING,
  writes: true,
  bodyMostBytes: 6_000_000,
  files: ['csv'],
  input: importInput,
  answer: answers<ImportAnswer<ClientImportRow>>(),
});
