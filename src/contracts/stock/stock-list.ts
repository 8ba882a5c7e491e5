import type { Piece } from '@core/piece';
import { CARES, CATEGORIES, PATTERN_KINDS, SEASONS, TEXTURES } from '@core/piece';
import { z } from 'zod';
import { EVERYBODY, answers, defineCall } from '../call';
import { text } from '../fields';
import { hexSchema, minorSchema } from '../piece';

export interface SizeStock {
  readonly variantId: string;
  readonly size: string;
  readonly sku: string;
  readonly shelf: number;
  readonly held: number;
  readonly out: number;
}

export interface StockPage {
  readonly rows: readonly StockRow[];
  /** Garments of the filter, on all pages. */
  readonly total: number;
  readonly currency: string;
}

export interface StockRow {
  readonly id: string;
  readonly label: string;
  readonly piece: Piece;
  /** Null for whoever packs: a price is on the pack list, and nowhere else. */
  readonly priceMinor: number | null;
  readonly photo?: string | undefined;
  readonly sizes: readonly SizeStock[];
}

const money = minorSchema.optional();

/** What the stockroom may be narrowed to, besides words and kind. */
export const stockFilterSchema = z.strictObject({
  label: text(80).optional(),
  priceFromMinor: money,
  priceToMinor: money,
  formalityFrom: z.number().min(0).max(10).optional(),
  formalityTo: z.number().min(0).max(10).optional(),
  /** Near this colour. */
  colourHex: hexSchema.optional(),
  season: z.enum(SEASONS).optional(),
  care: z.enum(CARES).optional(),
  pattern: z.enum(PATTERN_KINDS).optional(),
  texture: z.enum(TEXTURES).optional(),
  size: text(20).optional(),
  /** Something on the shelf, nothing, or a size with its last one. */
  shelf: z.enum(['some', 'none', 'last']).optional(),
  photo: z.enum(['with', 'without']).optional(),
  /** Not said yet: what it is made of, how it measures, or either. */
  missing: z.enum(['any', 'cloth', 'measures']).optional(),
});

export const STOCK_SORTS = ['category', 'title', 'label', 'priceMinor', 'shelf', 'worth'] as const;

export const stockListCall = defineCall({
  name: 'stock-list',
  roles: EVERYBODY,
  writes: false,
  input: z.strictObject({
    search: text(80).default(''),
    category: z.enum(CATEGORIES).optional(),
    narrow: stockFilterSchema.default({}),
    archived: z.boolean().default(false),
    sort: z.enum(STOCK_SORTS).default('category'),
    down: z.boolean().default(false),
    offset: z.number().int().min(0).max(1_000_000).default(0),
  }),
  answer: answers<StockPage>(),
});
