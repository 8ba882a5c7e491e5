import type { Category, Measures, Swatch } from '@core/piece';
import { z } from 'zod';
import type { StoredAttributes } from '../piece';
import { EVERYBODY, answers, defineCall } from '../call';
import { uuid } from '../fields';

/** One size of a garment as the stockroom keeps it. */
export interface SizeSheet {
  readonly id: string;
  readonly size: string;
  readonly length: string;
  readonly sku: string;
  readonly ean: string;
  readonly measures: Measures;
  /** False while it has never moved: then it may still be struck out. */
  readonly moved: boolean;
}

/** A garment with all that may be changed of it. */
export interface GarmentSheet {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly label: string;
  readonly styleId: string;
  readonly setId: string;
  readonly category: Category;
  readonly formality: number;
  readonly colours: readonly Swatch[];
  readonly attributes: StoredAttributes;
  /** Null for whoever packs: a price is on the pack list, and nowhere else. */
  readonly priceMinor: number | null;
  readonly costMinor: number | null;
  readonly photo?: string | undefined;
  readonly archived: boolean;
  readonly sizes: readonly SizeSheet[];
  readonly locations: readonly { readonly id: string; readonly title: string }[];
}

export const garmentSheetCall = defineCall({
  name: 'garment-sheet',
  roles: EVERYBODY,
  writes: false,
  input: z.strictObject({ id: uuid }),
  answer: answers<GarmentSheet>(),
});
