import type { GarmentSheet } from '@contracts/stock/garment-sheet';
import { shownLength, typedLength } from '@core/figure';
import { type Category, type MeasureName, type Measures } from '@core/piece';
import { runMeasures, sizesOf, usualSku } from '@core/stock';

/** One size while it is being typed: lengths in cm, as the tape says them. */
export interface SizeDraft {
  readonly key: string;
  readonly id?: string | undefined;
  readonly size: string;
  readonly length: string;
  readonly sku: string;
  readonly ean: string;
  readonly cm: { readonly [name in MeasureName]?: string };
  readonly qty: string;
  /** It has a history and cannot be struck out. */
  readonly moved: boolean;
}

let made = 0;
const newKey = (): string => `new-${(made += 1)}`;

const cmOf = (measures: Measures): SizeDraft['cm'] =>
  Object.fromEntries(
    Object.entries(measures).map(([name, mm]) => [
      name,
      mm === undefined ? '' : String(shownLength(mm, 'cm')),
    ]),
  );

export const rowsOf = (sheet: GarmentSheet): SizeDraft[] =>
  sheet.sizes.map(({ measures, ...size }) => ({ ...size, key: size.id, cm: cmOf(measures), qty: '' }));

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
      cm: {},
      qty: '',
      moved: false,
    })),
  ];
}

export const columnsOf = (category: Category, rows: readonly SizeDraft[]): MeasureName[] =>
  runMeasures(
    category,
    rows.map(({ cm }) => measuresOf(cm)),
  );

/** mm of what was typed; NaN stays NaN, so that the server names the field. */
function measuresOf(cm: SizeDraft['cm']): Measures {
  return Object.fromEntries(
    Object.entries(cm).flatMap(([name, typed]) => {
      const text = (typed ?? '').trim().replace(',', '.');
      return text === '' ? [] : [[name, typedLength(Number(text), 'cm')]];
    }),
  );
}

/** What was typed into a cell and cannot be meant, by the path the server would name it by. */
export function rowFaults(rows: readonly SizeDraft[]): Record<string, string> {
  const faults: Record<string, string> = {};
  rows.forEach(({ cm, qty }, i) => {
    for (const [name, mm] of Object.entries(measuresOf(cm)))
      if (Number.isNaN(mm)) faults[`sizes[${i}].measures.${name}`] = 'a length in cm is wanted';
    if (!/^\d{0,6}$/.test(qty.trim())) faults[`sizes[${i}].qty`] = 'a whole number is wanted';
  });
  return faults;
}

/** What the API is sent for the rows. */
export const sizesInput = (rows: readonly SizeDraft[]) =>
  rows.map(({ id, size, length, sku, ean, cm, qty }) => ({
    id,
    size,
    length,
    sku,
    ean,
    measures: measuresOf(cm),
    qty: Number(qty.trim() || 0),
  }));
