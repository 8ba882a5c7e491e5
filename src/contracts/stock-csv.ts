import { isEan13, styleIdOf } from '@core/stock';
import { parseMoney } from '@core/money';
import type { Category, Swatch } from '@core/piece';
import { columnNamed, readRows } from './csv';
import { pieceCells, pieceColumn } from './piece-cells';
import { measuresSchema, pieceSchema, type StoredAttributes } from './piece';
import { type ImportFault, refusedIn } from './import-fault';

/** One row of a stock file: one size of one garment. */
export interface StockCsvRow {
  readonly row: number;
  /** Rows that share it are sizes of one garment. */
  readonly garmentKey: string;
  readonly styleId: string;
  readonly setId?: string | undefined;
  readonly title: string;
  readonly label: string;
  readonly category: Category;
  readonly colours: Swatch[];
  readonly formality?: number | undefined;
  readonly attributes: StoredAttributes;
  readonly size: string;
  readonly length: string;
  readonly sku: string;
  readonly ean?: string | undefined;
  readonly priceMinor: number;
  /** What the shop paid, when the file says so. */
  readonly costMinor?: number | undefined;
  readonly qty: number;
  readonly measures: Record<string, number>;
}

export interface StockCsv {
  readonly rows: readonly StockCsvRow[];
  readonly faults: readonly ImportFault[];
}

export const CSV_REQUIRED = ['title', 'category', 'colours', 'size', 'sku', 'price', 'qty'] as const;
/** Columns of a stock row that are not the piece's own. */
const STOCK_COLUMNS = [
  'styleId',
  'set',
  'label',
  'length',
  'ean',
  'size',
  'sku',
  'price',
  'cost',
  'qty',
] as const;

/**
 * Reads a stock file (RFC 4180, comma or semicolon, with or without BOM). Every faulty row is told with
 * its reason; the others come back ready to import. A missing column is one fault, on row 1.
 */
export function readStockCsv(text: string, currency: string): StockCsv {
  const read = readRows(text, CSV_REQUIRED, nameOf);
  const faults: ImportFault[] = [...read.faults];
  const rows: StockCsvRow[] = [];
  const skus = new Map<string, number>();
  for (const { row, record } of read.rows) {
    const found = readRow(record, row, currency);
    if ('faults' in found) faults.push(...found.faults);
    else if (skus.has(found.sku))
      faults.push({
        row,
        path: 'sku',
        code: 'twice',
        params: { said: found.sku, row: skus.get(found.sku) ?? row },
      });
    else {
      skus.set(found.sku, row);
      rows.push(found);
    }
  }
  return { rows, faults: faults.sort((a, b) => a.row - b.row) };
}

/** Sizes with one key are sizes of one garment. */
export const garmentKeyOf = (styleId: string, title: string, colours: readonly Swatch[]): string =>
  `${styleId}|${title}|${colours.map((swatch) => swatch.hex).join(' ')}`;

export const nameOf = (header: string): string | undefined =>
  columnNamed(STOCK_COLUMNS, header) ?? pieceColumn(header);

function readRow(
  record: Readonly<Record<string, string>>,
  row: number,
  currency: string,
): StockCsvRow | { faults: ImportFault[] } {
  const cell = (name: string): string => (record[name] ?? '').trim();
  const faults: ImportFault[] = [];
  type Unreadable = 'not-amount' | 'below-0' | 'not-amount-from-0' | 'not-count' | 'not-ean';
  const fault = (path: string, code: Unreadable): void =>
    void faults.push({ row, path, code, params: { said: cell(path) } });
  for (const path of ['title', 'size', 'sku'] as const)
    if (cell(path) === '') faults.push({ row, path, code: 'missing' });
  const priceMinor = parseMoney(cell('price'), currency);
  if (priceMinor === undefined) fault('price', 'not-amount');
  else if (priceMinor < 0) fault('price', 'below-0');
  const costMinor = cell('cost') === '' ? undefined : parseMoney(cell('cost'), currency);
  if (cell('cost') !== '' && (costMinor === undefined || costMinor < 0)) fault('cost', 'not-amount-from-0');
  const qty = /^\d{1,6}$/.test(cell('qty')) ? Number(cell('qty')) : undefined;
  if (qty === undefined) fault('qty', 'not-count');
  const ean = cell('ean') || undefined;
  if (ean !== undefined && !isEan13(ean)) fault('ean', 'not-ean');
  const { given, measures } = pieceCells(record);
  const piece = pieceSchema.safeParse(given);
  if (!piece.success) faults.push(...refusedIn(row, piece.error).filter(({ path }) => path !== 'title'));
  const sizes = measuresSchema.safeParse(measures);
  if (!sizes.success) faults.push(...refusedIn(row, sizes.error, 'measures.'));
  if (faults.length > 0 || !piece.success || !sizes.success || priceMinor === undefined || qty === undefined)
    return { faults };
  const { id: _id, title, category, colours, formality, ...attributes } = piece.data;
  const styleId = cell('styleId') || styleIdOf(title ?? '');
  return {
    row,
    title: title ?? '',
    category,
    colours,
    formality,
    styleId,
    setId: cell('set') || undefined,
    label: cell('label'),
    size: cell('size'),
    length: cell('length'),
    sku: cell('sku'),
    ean,
    priceMinor,
    costMinor,
    qty,
    attributes: attributes as StoredAttributes,
    measures: sizes.data as Record<string, number>,
    garmentKey: garmentKeyOf(styleId, title ?? '', colours),
  };
}
