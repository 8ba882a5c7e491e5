import { sizePhrase } from '@core/fit';
import { coded, type CodedBy, HOUSE_TONGUE, saidOf, spelt, type Tongue } from '@core/words';
import type { z } from 'zod';
import { faultsOf } from './faults';

type Said = { readonly said: string };

/** What is wrong with a file or with a row of it, code by code. */
const words = coded({
  // Of the file.
  'missing-column': () => 'this column is missing',
  'unknown-column': () => 'not a known column',
  'no-rows': () => 'there are no rows below the header',
  'not-json': () => 'not JSON',
  'no-list': ({ name, format }: { name: string; format: string }) =>
    `a list of ${name} is wanted, as ${format} writes it`,
  // Of a row.
  broken: ({ what }: { what: string }) => what,
  missing: () => 'missing',
  twice: ({ said, row }: Said & { row: number }) => `${said} stands in row ${row} already`,
  'in-file-twice': ({ said }: Said) => `${said} stands in this file already`,
  'not-amount': ({ said }: Said) => `${said || 'empty'}: not an amount`,
  'below-0': ({ said }: Said) => `${said}: not below 0`,
  'not-amount-from-0': ({ said }: Said) => `${said}: not an amount from 0`,
  'not-count': ({ said }: Said) => `${said || 'empty'}: a whole number from 0 is wanted`,
  'not-ean': ({ said }: Said) => `${said}: not an EAN-13`,
  'not-length': ({ said }: Said) => `${said}: not a length, as 168 cm or 5 ft 6`,
  'not-height': ({ said }: Said) => `${said}: not a height, as 4 cm or 1.5 in`,
  'size-taken': ({ title, size, sku }: { title: string; size: string; sku: string }) =>
    `${title} is here in ${size} already, as ${sku}`,
  taken: ({ said, title, size }: Said & { title: string; size: string }) =>
    `${said} is ${title}, ${sizePhrase(size)}, already`,
  /** What the schema of a field says of a value. */
  refused: ({ why }: { why: string }, tongue) => spelt(why, tongue),
});

/** A fault of a file as data: in which row, at which column, and what. `importFaultWords` says it. */
export type ImportFault = CodedBy<typeof words> & {
  /** Row of the file as a spreadsheet counts, the header being row 1. */
  readonly row: number;
  readonly path: string;
};

export const importFaultWords = (fault: ImportFault, tongue: Tongue = HOUSE_TONGUE): string =>
  saidOf(words, fault, tongue);

/** What a schema refuses of a row, field by field. */
export const refusedIn = (row: number, error: z.ZodError, prefix?: string): ImportFault[] =>
  faultsOf(error, prefix).map(({ path, message }) => ({
    row,
    path,
    code: 'refused',
    params: { why: message },
  }));
