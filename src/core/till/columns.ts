import { isInSigns } from '../substances';
import type { Category } from '../piece';
import { read } from '../reading';
import { barcodeOf, countOf, priceOf, sizesIn } from './cells';
import { headed, TILL_FIELDS, type TillField } from './fields';
import { inEnglish, tongueOf, type TillTongue } from './tongues';

/** Rows of cells as a file holds them; a row may be shorter than its header. */
export type Cells = readonly (readonly string[])[];

/** Which field each column of a file is, by its number from 0; a column that says nothing is null. */
export type Columns = readonly (TillField | null)[];

export interface TillSheet {
  /** The row with the headers, from 0; -1 for a file that has none. */
  readonly headRow: number;
  readonly headers: readonly string[];
  readonly columns: Columns;
  /** Of the words in it; undefined: English. */
  readonly tongue?: TillTongue | undefined;
}

/** Rows at the top that may stand before the header: a report's name, a day, a shop. */
const MOST_ABOVE = 15;
/** Rows looked at for what a column holds. */
const SAMPLE = 120;
/** A header that is understood counts so much beside what the cells hold. */
const HEADER = 3;
/** Less than this and a column is left unsaid. */
const ENOUGH = 0.7;

/** What a file's columns are, guessed by their headers, what stands in them, and the language of both. */
export function guessColumns(cells: Cells): TillSheet {
  const headRow = headRowOf(cells);
  const below = cells.slice(headRow + 1, headRow + 1 + SAMPLE);
  const width = Math.max(0, ...cells.slice(0, headRow + 1 + SAMPLE).map((row) => row.length));
  const headers = Array.from(
    { length: width },
    (_, i) => (headRow >= 0 ? cells[headRow]?.[i]?.trim() : '') || `Column ${i + 1}`,
  );
  const tongue = tongueOf([...(headRow >= 0 ? headers : []), ...below.slice(0, 40).flat()]);
  const guesses = headers.flatMap((header, column) => {
    const found = headed(header);
    const values = below.map((row) => (row[column] ?? '').trim()).filter((value) => value !== '');
    return TILL_FIELDS.map((field) => ({
      column,
      field,
      score: (found?.field === field ? HEADER * found.sure : 0) + holds(field, values, tongue),
    }));
  });
  const columns: (TillField | null)[] = headers.map(() => null);
  const taken = new Set<TillField>();
  for (const { column, field, score } of guesses.sort((a, b) => b.score - a.score)) {
    if (score < ENOUGH || columns[column] !== null || taken.has(field)) continue;
    columns[column] = field;
    taken.add(field);
  }
  return { headRow, headers, columns, tongue };
}

/** The row whose cells are most often names of columns. */
function headRowOf(cells: Cells): number {
  let best = { row: -1, found: 1 };
  for (const [row, each] of cells.slice(0, MOST_ABOVE).entries()) {
    const found = new Set(each.flatMap((cell) => headed(cell)?.field ?? [])).size;
    const numbers = each.filter((cell) => /^\s*[€£$]?\s*\d+(?:[.,]\d+)?\s*$/.test(cell)).length;
    if (numbers === 0 && found > best.found) best = { row, found };
  }
  return best.row;
}

/** What somebody settled of a file once: its columns, and kinds for words that say none. */
export interface KeptColumns {
  /** `headSign` of its headers. */
  readonly sign: string;
  readonly columns: Columns;
  readonly kinds: Readonly<Record<string, Category>>;
}

/** The same columns mean the same: what a shop settled once is found again by this. */
export const headSign = (headers: readonly string[]): string =>
  headers.map((header) => header.trim().toLowerCase()).join('\u001f');

const shareOf = (values: readonly string[], is: (value: string) => boolean): number =>
  values.length === 0 ? 0 : values.filter(is).length / values.length;

/** How well the cells of a column fit a field, 0 to 2. */
function holds(field: TillField, values: readonly string[], tongue: TillTongue | undefined): number {
  if (values.length === 0) return 0;
  const few = values.slice(0, 40);
  const distinct = new Set(values).size / values.length;
  switch (field) {
    case 'ean':
      return (
        2 *
        shareOf(values, (value) => barcodeOf(value).ean !== undefined || barcodeOf(value).fault === 'lost')
      );
    case 'price':
      return (
        0.6 * shareOf(values, (value) => /[€£$¥]|[.,]\d{2}$/.test(value)) * shareOf(values, isAmount) +
        0.5 * shareOf(values, isAmount)
      );
    case 'cost':
      return 0;
    case 'qty':
      return (
        0.8 * shareOf(values, (value) => typeof countOf(value) === 'number' && Number(countOf(value)) < 200)
      );
    case 'size':
      return 1.1 * shareOf(values, isSize);
    case 'title':
      return shareOf(few, (value) => /\p{L}{3,}.*\s\p{L}/u.test(value)) * (0.6 + 0.6 * distinct);
    case 'kind':
      return few.every((value) => value.length < 40)
        ? shareOf(few, (value) => read(inEnglish(value, tongue), { as: 'garment' }).kinds.length > 0) *
            (1.2 - 0.5 * distinct)
        : 0;
    case 'colour':
      return 1.1 * shareOf(few, (value) => isColour(inEnglish(value, tongue)));
    case 'fibres':
      return (
        1.4 *
        shareOf(
          few,
          (value) => isInSigns(value) || (/\d\s*%|\d+ ?\p{L}{4}/u.test(value) && /\p{L}{4}/u.test(value)),
        )
      );
    case 'sku':
      return distinct > 0.95 &&
        shareOf(values, (value) => /^[\p{L}\d][\p{L}\d._/-]{2,29}$/u.test(value)) > 0.95
        ? 0.8
        : 0;
    default:
      return 0;
  }
}

const isAmount = (value: string): boolean =>
  /\d/.test(value) &&
  /^[^\d]{0,5}[\d.,' ]+[^\d]{0,5}$/.test(value) &&
  priceOf(value.replace(/[^\d.,]/g, ''), '', 2) !== undefined;

const SIZE =
  /^(?:(?:UK|US|EU|FR|IT|DE)\.?\s?)?(?:\d{1,2}(?:[.,]5)?|[X]{0,3}[SML]|[2-5]?XL|one ?size|OS|U|TU)$/i;
const isSize = (value: string): boolean => {
  const sizes = sizesIn(value);
  return sizes.length > 0 && sizes.every((size) => SIZE.test(size) || /^W?\d{2}\s*\/\s*L?\d{2}$/i.test(size));
};

/** Nothing but names of colours. */
function isColour(value: string): boolean {
  const { colours = [], kinds, unknown } = read(value, { as: 'garment' });
  return colours.length > 0 && kinds.length === 0 && unknown.length === 0 && value.length < 40;
}
