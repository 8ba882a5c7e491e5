import type { Reader } from '@data/db';
import { garment, stockBalance, variant } from '@data/schema';
import { and, eq, gt, isNull, min } from 'drizzle-orm';

/** Cheapest price by kind of what stands on the shelf, minor units; the brief says by it what a budget reaches. */
export async function cheapestOf(db: Reader, shopId: string): Promise<Readonly<Record<string, number>>> {
  const rows = await db
    .select({ category: garment.category, price: min(garment.priceMinor) })
    .from(garment)
    .innerJoin(variant, eq(variant.garmentId, garment.id))
    .innerJoin(stockBalance, eq(stockBalance.variantId, variant.id))
    .where(
      and(
        eq(garment.shopId, shopId),
        isNull(garment.archivedAt),
        eq(stockBalance.place, 'shelf'),
        gt(stockBalance.qty, 0),
      ),
    )
    .groupBy(garment.category);
  return Object.fromEntries(rows.map(({ category, price }) => [category, price ?? 0]));
}
