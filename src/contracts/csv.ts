import Papa from 'papaparse';
import type { ImportFault } from './views';

export interface CsvRows {
  /** Rows that could be read at all, with their number as a spreadsheet counts, the header being row 1. */
  readonly rows: readonly { readonly row: number; readonly record: Readonly<Record<string, string>> }[];
  readonly faults: readonly ImportFault[];
}

/**
 * Rows of a CSV text (RFC 4180, comma or semicolon, with or without BOM). A missing column is one fault, on
 * row 1, and no row is read; unknown columns and broken rows are told, and the others come back.
 */
export function readRows(
  text: string,
  required: readonly string[],
  isKnown: (header: string) => boolean,
): CsvRows {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => header.trim(),
  });
  const headers = parsed.meta.fields ?? [];
  const missing = required.filter((column) => !headers.includes(column));
  if (missing.length > 0)
    return {
      rows: [],
      faults: missing.map((column) => ({ row: 1, path: column, message: 'this column is missing' })),
    };
  const faults: ImportFault[] = headers
    .filter((header) => header !== '' && !isKnown(header))
    .map((header) => ({ row: 1, path: header, message: 'not a known column' }));
  const rows = parsed.data.flatMap((record, i) => {
    const row = i + 2;
    const broken = parsed.errors.find((error) => error.row === i);
    if (broken) faults.push({ row, path: '(row)', message: broken.message });
    return broken ? [] : [{ row, record }];
  });
  if (parsed.data.length === 0)
    faults.push({ row: 1, path: '(file)', message: 'there are no rows below the header' });
  return { rows, faults };
}
