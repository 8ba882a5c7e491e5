import { and, asc, desc, eq } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { promotion } from '../schema';

export type PromotionRow = typeof promotion.$inferSelect;
type PromotionValues = Partial<typeof promotion.$inferInsert>;

/** Reductions of a shop, the last to begin first. */
export const promotionsOf = (db: Reader, shopId: string): Promise<PromotionRow[]> =>
  db
    .select()
    .from(promotion)
    .where(eq(promotion.shopId, shopId))
    .orderBy(desc(promotion.fromDay), asc(promotion.code));

export async function addPromotion(tx: Writer, values: typeof promotion.$inferInsert): Promise<void> {
  await tx.insert(promotion).values(values);
}

/** False when the shop has no such reduction. */
export async function changePromotion(
  tx: Writer,
  shopId: string,
  id: string,
  values: PromotionValues,
): Promise<boolean> {
  const changed = await tx
    .update(promotion)
    .set(values)
    .where(and(eq(promotion.id, id), eq(promotion.shopId, shopId)))
    .returning({ id: promotion.id });
  return changed.length > 0;
}

/** False when the shop has no such reduction. */
export async function dropPromotion(tx: Writer, shopId: string, id: string): Promise<boolean> {
  const gone = await tx
    .delete(promotion)
    .where(and(eq(promotion.id, id), eq(promotion.shopId, shopId)))
    .returning({ id: promotion.id });
  return gone.length > 0;
}
