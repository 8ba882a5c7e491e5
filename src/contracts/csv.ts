import Papa from 'papaparse';
import type { ImportFault } from './import-fault';

/** A header without what people write differently: capitals, spaces, hyphens, underscores, dots, and a color. */
export const folded = (header: string): string =>
  header
    .toLowerCase()
    .replace(/[\s_.\-:]+/g, '')
    .replaceAll('color', 'colour');

/** The one of these columns that a header means. */
export function columnNamed(columns: readonly string[], header: string): string | undefined {
  if (columns.includes(header)) return header;
  const fold = folded(header);
  return columns.find((column) => folded(column) === fold);
}

/** A column that says why a row was left, for whoever mends it; read again, it is no column of anything. */
export const WHY = 'left out because';

export interface CsvRows {
  /** Rows that could be read at all, with their number as a spreadsheet counts, the header being row 1. */
  readonly rows: readonly { readonly row: number; readonly record: Readonly<Record<string, string>> }[];
  readonly faults: readonly ImportFault[];
}

/**
 * Rows of a CSV text (RFC 4180, comma or semicolon, with or without BOM). A missing column is one fault, on
 * row 1, and no row is read; unknown columns and broken rows are told, and the others come back. `nameOf` says which field a
 * header means, whatever its capitals and spaces.
 */
export function readRows(
  text: string,
  required: readonly string[],
  nameOf: (header: string) => string | undefined,
): CsvRows {
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (header) => nameOf(header.trim()) ?? header.trim(),
    transform: (cell) => (GUARDED.test(cell) ? cell.slice(1) : cell),
  });
  const headers = parsed.meta.fields ?? [];
  const missing = required.filter((column) => !headers.includes(column));
  if (missing.length > 0)
    return {
      rows: [],
      faults: missing.map((column): ImportFault => ({ row: 1, path: column, code: 'missing-column' })),
    };
  const faults: ImportFault[] = headers
    .filter((header) => header !== '' && header !== WHY && nameOf(header) === undefined)
    .map((header) => ({ row: 1, path: header, code: 'unknown-column' }));
  // By their row once: asking the list row by row made a bad file of many rows take minutes.
  const errors = new Map(parsed.errors.map((error) => [error.row, error]));
  const rows = parsed.data.flatMap((record, i) => {
    const row = i + 2;
    const broken = errors.get(i);
    if (broken) faults.push({ row, path: '(row)', code: 'broken', params: { what: broken.message } });
    return broken ? [] : [{ row, record }];
  });
  if (parsed.data.length === 0) faults.push({ row: 1, path: '(file)', code: 'no-rows' });
  return { rows, faults };
}

/** A cell that a spreadsheet would take for a formula is written as words; read back, it is what it was. */
export const neutral = (cell: string): string => (/^'*[=+\-@\t\r]/.test(cell) ? `'${cell}` : cell);

/** Rows of cells as CSV (RFC 4180, CRLF), with every column that one of them has; it reads back with `readRows`. */
export function csvOf(rows: readonly Readonly<Record<string, string>>[]): string {
  const fields = [...new Set(rows.flatMap((row) => Object.keys(row)))];
  const data = rows.map((row) => fields.map((name) => neutral(row[name] ?? '')));
  return Papa.unparse({ fields, data }, { newline: '\r\n' });
}
/** Rows of cells as they are, the header first, as CSV; it reads back with `cellsOf`. */
export const csvOfCells = (cells: readonly (readonly string[])[]): string =>
  Papa.unparse(
    cells.map((row) => row.map(neutral)),
    { newline: '\r\n' },
  );
const GUARDED = /^'+[=+\-@\t\r]/;

/** What Windows-1252 has where Latin-1 has control signs, from 0x80; not every decoder knows them. */
const SIGNS = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

/** The same of any file: what is neither UTF-8 nor UTF-16 is read as Windows-1252, as old tills write, and that is said. */
export function anyTextOf(bytes: Uint8Array): { readonly text: string; readonly isOldPage: boolean } {
  const text = textOf(bytes);
  if (text !== undefined) return { text, isOldPage: false };
  const old = new TextDecoder('windows-1252')
    .decode(bytes)
    .replace(/[\u0080-\u009f]/g, (sign) => SIGNS[sign.charCodeAt(0) - 0x80] ?? sign);
  return { text: old, isOldPage: true };
}

/** Rows of cells of a CSV text, whichever of comma, semicolon, tab or bar divides them. */
export function cellsOf(text: string): string[][] {
  const plain = text.replace(/^\uFEFF/, '');
  const rows = Papa.parse<string[]>(plain, { delimitersToGuess: [',', ';', '\t', '|'] }).data.map((row) =>
    row.map((cell) => (GUARDED.test(cell) ? cell.slice(1) : cell)),
  );
  const why = rows[0]?.lastIndexOf(WHY) ?? -1;
  return why < 0 ? rows : rows.map((row) => row.filter((_cell, i) => i !== why));
}

/**
 * Text of a file as it came: UTF-8 or UTF-16, with or without a byte order mark. Undefined when the bytes
 * are neither; a file in an old code page would come in with wrong letters, so it is refused.
 */
export function textOf(bytes: Uint8Array): string | undefined {
  const zeros = (odd: 0 | 1): number =>
    bytes.subarray(0, 400).reduce((sum, byte, i) => sum + (byte === 0 && i % 2 === odd ? 1 : 0), 0);
  const marked = (a: number, b: number): boolean => bytes[0] === a && bytes[1] === b;
  const half = Math.min(bytes.length, 400) / 4;
  const code =
    marked(0xff, 0xfe) || zeros(1) > half
      ? 'utf-16le'
      : marked(0xfe, 0xff) || zeros(0) > half
        ? 'utf-16be'
        : 'utf-8';
  try {
    return new TextDecoder(code, { fatal: true }).decode(bytes);
  } catch {
    return undefined;
  }
}
