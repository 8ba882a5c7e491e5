import type { GarmentSheet } from '@contracts/stock/garment-sheet';
import { amountIn, amountOf } from '@ui/amounts';
import { type PieceDraft, pieceInput } from '../piece/draft';
import { rowFaults, rowsOf, type SizeDraft, sizesInput } from './size-rows';

/** What the shop knows of a garment beside the piece it is, as it is typed. */
export interface ShopDraft {
  readonly label: string;
  readonly styleId: string;
  readonly setId: string;
  readonly price: string;
  readonly cost: string;
}

export const shopDraftOf = (sheet: GarmentSheet | undefined): ShopDraft =>
  sheet
    ? {
        ...sheet,
        price: sheet.priceMinor === null ? '' : amountIn(sheet.priceMinor),
        cost: sheet.costMinor === null ? '' : amountIn(sheet.costMinor),
      }
    : { label: '', styleId: '', setId: '', price: '', cost: '' };

export interface Amounts {
  readonly priceMinor: number;
  readonly costMinor: number | null;
}

/** The amounts of a draft; or what is wrong with it, by field. */
export function amountsOf(
  shop: ShopDraft,
  rows: readonly SizeDraft[],
): { readonly amounts?: Amounts; readonly faults: Readonly<Record<string, string>> } {
  const priceMinor = amountOf(shop.price);
  const costMinor = shop.cost.trim() === '' ? null : amountOf(shop.cost);
  const faults: Record<string, string> = rowFaults(rows);
  if (priceMinor === undefined || priceMinor < 0) faults.priceMinor = 'an amount is wanted, as 129.00';
  if (costMinor === undefined || (costMinor ?? 0) < 0) faults.costMinor = 'an amount, or nothing';
  if (rows.length === 0) faults.sizes = 'a garment has at least one size';
  return priceMinor === undefined || costMinor === undefined || Object.keys(faults).length > 0
    ? { faults }
    : { amounts: { priceMinor, costMinor }, faults };
}

/** A draft as it is saved. */
export function garmentInput(
  draft: PieceDraft,
  { label, styleId, setId }: ShopDraft,
  amounts: Amounts,
  rows: readonly SizeDraft[],
) {
  const { id: _id, ...piece } = pieceInput(draft);
  return { ...piece, label, styleId, setId, ...amounts, sizes: sizesInput(rows) };
}

/** A garment as it was when it was opened, in the shape it is saved in. */
export const garmentBefore = (sheet: GarmentSheet) => ({
  ...pieceInput(sheet),
  label: sheet.label,
  styleId: sheet.styleId,
  setId: sheet.setId,
  priceMinor: sheet.priceMinor ?? undefined,
  costMinor: sheet.costMinor,
  sizes: sizesInput(rowsOf(sheet)),
});
