import type { GarmentSheet } from '@contracts/stock/garment-sheet';
import { lengthText, notALength, readLength } from '@core/reading';
import { type Category, type MeasureName, type Measures } from '@core/piece';
import { runMeasures, sizesOf, usualSku } from '@core/stock';
import { pageTongue } from '@ui/tongue';

/** One size while it is being typed: lengths as the tape says them, in the unit of the shop or with their own. */
export interface SizeDraft {
  readonly key: string;
  readonly id?: string | undefined;
  readonly size: string;
  readonly length: string;
  readonly sku: string;
  readonly ean: string;
  readonly lengths: { readonly [name in MeasureName]?: string };
  readonly qty: string;
  /** It has a history and cannot be struck out. */
  readonly moved: boolean;
}

/** What a bare number counts on this page. */
export const unitHere = () => pageTongue().units;

let made = 0;
const newKey = (): string => `new-${(made += 1)}`;

const textsOf = (measures: Measures): SizeDraft['lengths'] =>
  Object.fromEntries(
    Object.entries(measures).map(([name, mm]) => [name, mm === undefined ? '' : lengthText(mm, unitHere())]),
  );

export const rowsOf = (sheet: GarmentSheet): SizeDraft[] =>
  sheet.sizes.map(({ measures, ...size }) => ({
    ...size,
    key: size.id,
    lengths: textsOf(measures),
    qty: '',
  }));

/** Adds the sizes somebody typed; those that stand there already are not added again. */
export function withSizes(rows: readonly SizeDraft[], text: string, styleId: string): SizeDraft[] {
  const there = new Set(rows.map(({ size }) => size.toLowerCase()));
  const fresh = sizesOf(text).filter((size) => !there.has(size.toLowerCase()));
  return [
    ...rows,
    ...fresh.map((size) => ({
      key: newKey(),
      size,
      length: '',
      sku: usualSku(styleId, size),
      ean: '',
      lengths: {},
      qty: '',
      moved: false,
    })),
  ];
}

export const columnsOf = (category: Category, rows: readonly SizeDraft[]): MeasureName[] =>
  runMeasures(
    category,
    rows.map(({ lengths }) => measuresOf(lengths)),
  );

/** mm of what was typed; NaN stays NaN, so that the server names the field. */
function measuresOf(lengths: SizeDraft['lengths']): Measures {
  return Object.fromEntries(
    Object.entries(lengths).flatMap(([name, typed]) => {
      const text = (typed ?? '').trim();
      return text === '' ? [] : [[name, readLength(text, { unit: unitHere() }) ?? Number.NaN]];
    }),
  );
}

/** What was typed into a cell and cannot be meant, by the path the server would name it by. */
export function rowFaults(rows: readonly SizeDraft[]): Record<string, string> {
  const faults: Record<string, string> = {};
  rows.forEach(({ lengths, qty }, i) => {
    for (const [name, mm] of Object.entries(measuresOf(lengths)))
      if (Number.isNaN(mm)) faults[`sizes[${i}].measures.${name}`] = notALength({ unit: unitHere() });
    if (!/^\d{0,6}$/.test(qty.trim())) faults[`sizes[${i}].qty`] = 'a whole number is wanted';
  });
  return faults;
}

/** What the API is sent for the rows. */
export const sizesInput = (rows: readonly SizeDraft[]) =>
  rows.map(({ id, size, length, sku, ean, lengths, qty }) => ({
    id,
    size,
    length,
    sku,
    ean,
    measures: measuresOf(lengths),
    qty: Number(qty.trim() || 0),
  }));
