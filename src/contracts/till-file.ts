import { amountText } from '@core/money';
import type { GivenPiece } from '@core/piece';
import {
  type Cells,
  guessColumns,
  readTill,
  type TillFault,
  tillFaultWords,
  type TillField,
  type TillNote,
  tillNoteWords,
  type TillOptions,
  type TillSheet,
} from '@core/till';
import type { Tongue } from '@core/words';
import { cellsOf, csvOf, csvOfCells, WHY } from './csv';
import { type ImportFault, importFaultWords, refusedIn } from './import-fault';
import { pieceSchema, type StoredAttributes } from './piece';
import { CSV_REQUIRED, garmentKeyOf, nameOf, type StockCsvRow } from './stock-csv';
import { readStock, STOCK_FORMAT } from './stock-file';

/** Something said of a row: why it cannot come in, or what was guessed. */
export interface RowWord {
  readonly row: number;
  /** Column of our own file, or field of a till's. */
  readonly field: string;
  readonly code: string;
  readonly words: string;
}

/** A stock file understood: its sizes, ready to be brought in, and what is said of its rows. */
export interface StockReading {
  readonly rows: readonly StockCsvRow[];
  readonly faults: readonly RowWord[];
  readonly notes: readonly RowWord[];
}

/** What a stock file is: written as our export writes it, or a till's, whose columns are guessed. */
export type StockSource =
  | { readonly kind: 'ours'; readonly text: string; readonly cells?: Cells | undefined }
  | { readonly kind: 'till'; readonly cells: Cells; readonly sheet: TillSheet };

/** What a text file holds. */
export function sourceOfText(text: string): StockSource {
  const start = text.replace(/^\uFEFF/, '').trimStart();
  if (start.startsWith('{') || start.startsWith('[')) return { kind: 'ours', text };
  const cells = cellsOf(text);
  const named = new Set((cells[0] ?? []).map((header) => nameOf(header.trim())));
  return CSV_REQUIRED.every((column) => named.has(column))
    ? { kind: 'ours', text, cells: cells.filter((row) => row.some((cell) => cell.trim() !== '')) }
    : sourceOfCells(cells);
}

export const sourceOfCells = (cells: Cells): StockSource => ({
  kind: 'till',
  cells,
  sheet: guessColumns(cells),
});

/** Reads a stock file whole. Time grows with its rows. */
export function readSource(source: StockSource, options: TillOptions): StockReading {
  const { tongue } = options;
  if (source.kind === 'ours') {
    const { rows, faults } = readStock(source.text, options.currency);
    return {
      rows,
      faults: faults.map((fault) => importWord(fault, tongue)),
      notes: otherPrices(rows, options),
    };
  }
  const { sizes, faults, notes } = readTill(source.cells, source.sheet, options);
  const refused: RowWord[] = [];
  const rows: StockCsvRow[] = [];
  const checked = new Map<object, StoredAttributes | undefined>();
  for (const { piece, styleId, title, ...size } of sizes) {
    // Sizes of one row share their piece, and its check.
    if (!checked.has(piece)) checked.set(piece, attributesOf(piece, size.row, refused, tongue));
    const attributes = checked.get(piece);
    if (!attributes) continue;
    rows.push({
      ...size,
      styleId,
      title,
      garmentKey: garmentKeyOf(styleId, title, piece.colours),
      category: piece.category,
      colours: [...piece.colours],
      attributes,
      measures: {},
    });
  }
  return {
    rows,
    faults: [...faults.map((fault) => tillFault(fault, tongue)), ...refused].sort((a, b) => a.row - b.row),
    notes: [...notes.map((note) => tillNote(note, tongue)), ...otherPrices(rows, options)].sort(
      (a, b) => a.row - b.row,
    ),
  };
}

/** Sizes of one garment at another price than its first row says: it has one price, and that is said. */
function otherPrices(rows: readonly StockCsvRow[], { currency, tongue }: TillOptions): RowWord[] {
  const first = new Map<string, StockCsvRow>();
  return rows.flatMap((size) => {
    const before = first.get(size.garmentKey);
    if (!before) first.set(size.garmentKey, size);
    if (!before || before.priceMinor === size.priceMinor) return [];
    const params = {
      said: amountText(size.priceMinor, currency),
      row: before.row,
      first: amountText(before.priceMinor, currency),
    };
    return [tillNote({ row: size.row, field: 'price', code: 'other-price', params }, tongue)];
  });
}

/** What is stored of a piece besides its columns; undefined, and said, when our own rules refuse it. */
function attributesOf(
  piece: Omit<GivenPiece, 'id'>,
  row: number,
  refused: RowWord[],
  tongue: Tongue | undefined,
): StoredAttributes | undefined {
  const read = pieceSchema.safeParse({ ...piece, id: 'row' });
  if (!read.success) {
    refused.push(...refusedIn(row, read.error).map((fault) => importWord(fault, tongue)));
    return undefined;
  }
  const { id: _i, title: _t, category: _c, colours: _h, formality: _f, ...attributes } = read.data;
  return attributes as StoredAttributes;
}

/** A fault of our own reader, or of the stockroom, as it is said of a row. */
export const importWord = (fault: ImportFault, tongue?: Tongue): RowWord => ({
  row: fault.row,
  field: fault.path,
  code: fault.code,
  words: importFaultWords(fault, tongue),
});
const tillFault = (fault: TillFault, tongue?: Tongue): RowWord => ({
  row: fault.row,
  field: fault.field,
  code: fault.code,
  words: tillFaultWords(fault, tongue),
});
const tillNote = (note: TillNote, tongue?: Tongue): RowWord => ({
  row: note.row,
  field: note.field,
  code: note.code,
  words: tillNoteWords(note, tongue),
});

/** Sizes brought in with one call: each is a transaction of its own, so that nobody waits long behind it. */
const BATCH_SIZES = 250;

/**
 * Rows in parts, each as `ivory-rail/stock@1` and each with its SKUs. Sizes of one garment stay together as far as a
 * part reaches; where it ends, the next part finds the garment there.
 */
export function stockBatches(
  rows: readonly StockCsvRow[],
): { readonly text: string; readonly skus: readonly string[] }[] {
  const batches: { text: string; skus: string[] }[] = [];
  for (let at = 0; at < rows.length; at += BATCH_SIZES) {
    const part = rows.slice(at, at + BATCH_SIZES);
    batches.push({ text: stockText(part), skus: part.map(({ sku }) => sku) });
  }
  return batches;
}

function stockText(rows: readonly StockCsvRow[]): string {
  const garments = new Map<string, { readonly sizes: object[]; readonly [field: string]: unknown }>();
  for (const row of rows) {
    const { row: at, size, length, sku, ean, qty, measures } = row;
    const sized = { row: at, size, length, sku, ...(ean ? { ean } : {}), qty, measures };
    const there = garments.get(row.garmentKey);
    if (there) there.sizes.push(sized);
    else
      garments.set(row.garmentKey, {
        piece: {
          ...row.attributes,
          id: 'row',
          title: row.title,
          category: row.category,
          colours: row.colours,
          formality: row.formality,
          styleId: row.styleId,
        },
        label: row.label,
        setId: row.setId ?? '',
        priceMinor: row.priceMinor,
        costMinor: row.costMinor,
        sizes: [sized],
      });
  }
  return JSON.stringify({ format: STOCK_FORMAT, garments: [...garments.values()] });
}

/** Where the header of a file stands, counted from 0, and what is in it. */
const headOf = (source: StockSource): { readonly headRow: number; readonly headers: readonly string[] } =>
  source.kind === 'till'
    ? source.sheet
    : { headRow: 0, headers: (source.cells?.[0] ?? []).map((header) => header.trim()) };

/** The rows that were left, as they stood in the file, each with its reason: to be mended and brought in again. */
export function leftRows(source: StockSource, faults: readonly RowWord[]): string {
  const why = new Map<number, string[]>();
  for (const { row, field, words } of faults) why.set(row, [...(why.get(row) ?? []), `${field}: ${words}`]);
  const { cells = [] } = source;
  const { headRow, headers } = headOf(source);
  const rows = [...why].flatMap(([row, reasons]) => {
    const found = cells[row - 1];
    if (!found || row - 1 <= headRow) return [];
    return [
      {
        ...Object.fromEntries(headers.map((header, i) => [header, found[i] ?? ''])),
        [WHY]: reasons.join('; '),
      },
    ];
  });
  return csvOf(rows);
}

/** A cell of a file put right by hand: the row as a spreadsheet counts, the field, what it shall say. */
export interface Mend {
  readonly row: number;
  readonly field: string;
  readonly said: string;
}

/** The same source with cells changed by hand. A file of JSON stays as it is. */
export function mended(source: StockSource, changes: readonly Mend[]): StockSource {
  if (!source.cells || changes.length === 0) return source;
  const cells = [...source.cells];
  const { headRow, headers: before } = headOf(source);
  const headers = [...before];
  const columns = source.kind === 'till' ? [...source.sheet.columns] : [];
  for (const { row, field, said } of changes) {
    if (row - 1 <= headRow) continue;
    let column =
      source.kind === 'till' ? columns.findIndex((each) => each === field) : columnOf(headers, field);
    if (column < 0) {
      // A field that no column of the file is: it gets one of its own.
      column = headers.length;
      while (columns.length < column && source.kind === 'till') columns.push(null);
      columns.push(field as TillField);
      headers.push(field);
    }
    const own = [...(cells[row - 1] ?? [])];
    while (own.length <= column) own.push('');
    own[column] = said;
    cells[row - 1] = own;
  }
  if (source.kind === 'till') return { ...source, cells, sheet: { ...source.sheet, columns, headers } };
  cells[0] = headers;
  const full = cells.map((row) => [...row, ...headers.slice(row.length).map(() => '')]);
  return { kind: 'ours', text: csvOfCells(full), cells: full };
}

/** The column of our own file in which a field stands; "fabric.fibres[0].pct" is said of the cell "fibres". -1: in none. */
function columnOf(headers: readonly string[], field: string): number {
  const names = headers.map(nameOf);
  const exact = names.indexOf(field);
  const whole = `.${field.replace(/\[\d+\]/g, '')}.`;
  return exact >= 0 ? exact : names.findIndex((name) => name !== undefined && whole.includes(`.${name}.`));
}

/** What stands in a row's cell; undefined where no cell of the row could be put right. */
export function cellAt(source: StockSource, row: number, field: string): string | undefined {
  const cells = source.cells?.[row - 1];
  const { headRow, headers } = headOf(source);
  if (!cells || row - 1 <= headRow) return undefined;
  if (source.kind === 'till')
    return (cells[source.sheet.columns.findIndex((each) => each === field)] ?? '').trim();
  const column = columnOf(headers, field);
  if (column >= 0) return (cells[column] ?? '').trim();
  return nameOf(field) === undefined ? undefined : '';
}
