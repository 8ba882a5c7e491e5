import { anyTextOf } from '@contracts/csv';
import type { StockCsvRow } from '@contracts/stock-csv';
import {
  cellAt,
  leftRows,
  type Mend,
  mended,
  readSource,
  type RowWord,
  sourceOfCells,
  sourceOfText,
  type StockReading,
  type StockSource,
  stockBatches,
} from '@contracts/till-file';
import type { Category } from '@core/piece';
import { type Columns, headSign, type KeptColumns } from '@core/till';
import type { Tongue } from '@core/words';
import { expose } from 'comlink';
import { readSheet } from 'read-excel-file/web-worker';

/** Rows of a till's file that are shown under its columns. */
const SHOWN_CELLS = 4;
/** Things said of rows that the page gets; the others are in the file of left rows. */
const SHOWN_WORDS = 300;
const SHOWN_ROWS = 24;

/** What somebody settled of a file: its columns, kinds for words that say none, cells mended by hand. */
export interface Settled {
  readonly columns: Columns;
  readonly kinds: Readonly<Record<string, Category>>;
  readonly changes: readonly Mend[];
}

export interface OpenedFile {
  /** Undefined for a file as our export writes it: nothing is to be settled. */
  readonly sheet?: {
    readonly headers: readonly string[];
    readonly columns: Columns;
    readonly kinds: Readonly<Record<string, Category>>;
    /** The first rows below the header. */
    readonly first: readonly (readonly string[])[];
    /** Settled by the shop before. */
    readonly isKept: boolean;
  };
  /** Neither UTF-8 nor UTF-16: letters with accents may be wrong. */
  readonly isOldPage: boolean;
  readonly rows: number;
}

/** A row's cell that something is said of, with the name of its garment and what stands in the cell. */
export interface SaidOfRow extends RowWord {
  readonly title: string;
  /** Undefined where no cell of the file could be put right. */
  readonly said: string | undefined;
}

export interface FileSummary {
  readonly garments: number;
  readonly sizes: number;
  readonly pieces: number;
  readonly faults: readonly SaidOfRow[];
  readonly faultyRows: number;
  readonly notes: readonly SaidOfRow[];
  readonly noted: number;
  readonly first: readonly StockCsvRow[];
  readonly batches: number;
}

let source: StockSource = { kind: 'till', cells: [], sheet: { headRow: -1, headers: [], columns: [] } };
let settledSource: StockSource = source;
let reading: StockReading = { rows: [], faults: [], notes: [] };
let batches: ReturnType<typeof stockBatches> = [];

const wordOf = (cell: unknown): string =>
  cell === null || cell === undefined
    ? ''
    : cell instanceof Date
      ? cell.toISOString().slice(0, 10)
      : String(cell);

/** Reads a stock file away from the page: a large one holds up neither the page nor the server. */
const work = {
  async open(file: Blob, isWorkbook: boolean, kept: readonly KeptColumns[]): Promise<OpenedFile> {
    let isOldPage = false;
    if (isWorkbook) source = sourceOfCells((await readSheet(file)).map((row) => row.map(wordOf)));
    else {
      const read = anyTextOf(new Uint8Array(await file.arrayBuffer()));
      ({ isOldPage } = read);
      source = sourceOfText(read.text);
    }
    if (source.kind === 'ours') return { isOldPage, rows: source.text.split('\n').length - 1 };
    const { cells, sheet } = source;
    const known = kept.find(({ sign }) => sign === headSign(sheet.headers));
    return {
      isOldPage,
      rows: Math.max(0, cells.length - sheet.headRow - 1),
      sheet: {
        headers: sheet.headers,
        columns: known?.columns ?? sheet.columns,
        kinds: known?.kinds ?? {},
        first: cells.slice(sheet.headRow + 1, sheet.headRow + 1 + SHOWN_CELLS),
        isKept: known !== undefined,
      },
    };
  },

  /** Reads every row by what was settled. */
  settle({ columns, kinds, changes }: Settled, currency: string, tongue: Tongue): FileSummary {
    settledSource = mended(
      source.kind === 'till' ? { ...source, sheet: { ...source.sheet, columns } } : source,
      changes,
    );
    reading = readSource(settledSource, { currency, kinds, tongue });
    batches = stockBatches(reading.rows);
    const { rows, faults, notes } = reading;
    return {
      garments: new Set(rows.map(({ garmentKey }) => garmentKey)).size,
      sizes: rows.length,
      pieces: rows.reduce((sum, { qty }) => sum + qty, 0),
      faults: faults.slice(0, SHOWN_WORDS).map(inRow),
      faultyRows: new Set(faults.map(({ row }) => row)).size,
      notes: notes.slice(0, SHOWN_WORDS).map(inRow),
      noted: notes.length,
      first: firstOfEach(rows),
      batches: batches.length,
    };
  },

  /** A part of the file, as the server takes it, and the SKUs in it. */
  batch: (i: number): (typeof batches)[number] => batches[i] ?? { text: '', skus: [] },

  /** What the stockroom says of rows, beside what stands in them. */
  inRows: (words: readonly RowWord[]): SaidOfRow[] => words.map(inRow),

  /** The rows that were left, with their reasons and those of the server, as a CSV. */
  left: (more: readonly RowWord[]): string => leftRows(settledSource, [...reading.faults, ...more]),
};
export type StockFileWork = typeof work;

const inRow = (word: RowWord): SaidOfRow => ({
  ...word,
  title: cellAt(settledSource, word.row, 'title') ?? '',
  said: cellAt(settledSource, word.row, word.field),
});

/** The first size of each of the first garments. */
function firstOfEach(rows: readonly StockCsvRow[]): StockCsvRow[] {
  const first = new Map<string, StockCsvRow>();
  for (const row of rows) {
    if (first.size >= SHOWN_ROWS) break;
    if (!first.has(row.garmentKey)) first.set(row.garmentKey, row);
  }
  return [...first.values()];
}

expose(work);
