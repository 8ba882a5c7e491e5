import type { Place } from '@core/stock';
import {
  and,
  asc,
  desc,
  eq,
  exists,
  ilike,
  inArray,
  isNotNull,
  isNull,
  or,
  type SQL,
  sql,
} from 'drizzle-orm';
import type { Reader } from './db';
import { garment, stockBalance, variant } from './schema';

/** Which garments are wanted, and in what order. */
export interface StockFilter {
  readonly shopId: string;
  /** A part of the title or the label, or the beginning of a SKU or an EAN. */
  readonly search?: string | undefined;
  readonly categories?: readonly string[] | undefined;
  readonly mostMinor?: number | null | undefined;
  readonly archived?: boolean | undefined;
}

export type StockSort = 'category' | 'title' | 'label' | 'priceMinor' | 'shelf';

/** A pattern of LIKE in which what was typed stands for itself. */
const literal = (text: string): string => text.replace(/[%_\\]/g, '\\$&');

export function stockWhere(db: Reader, filter: StockFilter): SQL | undefined {
  const { search = '', categories = [], mostMinor = null } = filter;
  return and(
    eq(garment.shopId, filter.shopId),
    filter.archived ? isNotNull(garment.archivedAt) : isNull(garment.archivedAt),
    categories.length > 0 ? inArray(garment.category, [...categories]) : undefined,
    mostMinor === null ? undefined : sql`${garment.priceMinor} <= ${mostMinor}`,
    search === ''
      ? undefined
      : or(
          ilike(garment.title, `%${literal(search)}%`),
          ilike(garment.label, `%${literal(search)}%`),
          exists(
            db
              .select({ one: sql`1` })
              .from(variant)
              .where(
                and(
                  eq(variant.garmentId, garment.id),
                  or(ilike(variant.sku, `${literal(search)}%`), eq(variant.ean, search)),
                ),
              ),
          ),
        ),
  );
}

const onShelf = sql<number>`(select coalesce(sum(b.qty), 0)::int from ${variant} v
  join ${stockBalance} b on b.variant_id = v.id and b.place = 'shelf' where v.garment_id = "garment"."id")`;

/** Garments of a filter, a page of them, in an order that two reads share. */
export async function garmentPage(
  db: Reader,
  filter: StockFilter,
  page: {
    readonly sort: StockSort;
    readonly down: boolean;
    readonly offset: number;
    readonly limit: number;
  },
) {
  const way = page.down ? desc : asc;
  const by = page.sort === 'shelf' ? onShelf : garment[page.sort];
  return db
    .select()
    .from(garment)
    .where(stockWhere(db, filter))
    .orderBy(way(by), asc(garment.title), asc(garment.id))
    .offset(page.offset)
    .limit(page.limit);
}

export interface SizeRow {
  readonly variant: typeof variant.$inferSelect;
  /** Units by place, over all locations. */
  readonly at: Readonly<Partial<Record<Place, number>>>;
}

/** Sizes of garments in their order, with what stands on the shelf, is held and is out: one query for all. */
export async function sizesByGarment(
  db: Reader,
  garmentIds: readonly string[],
): Promise<ReadonlyMap<string, readonly SizeRow[]>> {
  const byGarment = new Map<string, SizeRow[]>();
  if (garmentIds.length === 0) return byGarment;
  const sum = (place: Place) =>
    sql<number>`coalesce(sum(${stockBalance.qty}) filter (where ${stockBalance.place} = ${place}), 0)::int`;
  const rows = await db
    .select({ variant, shelf: sum('shelf'), held: sum('held'), out: sum('out') })
    .from(variant)
    .leftJoin(stockBalance, eq(stockBalance.variantId, variant.id))
    .where(inArray(variant.garmentId, [...garmentIds]))
    .groupBy(variant.id)
    .orderBy(asc(variant.position));
  for (const { variant: size, ...at } of rows)
    byGarment.set(size.garmentId, [...(byGarment.get(size.garmentId) ?? []), { variant: size, at }]);
  return byGarment;
}

/** "M long": what a size is called with its length. */
export const sizeWords = ({ size, length }: { readonly size: string; readonly length: string }): string =>
  length ? `${size} ${length}` : size;
