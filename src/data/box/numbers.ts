import { eq, max } from 'drizzle-orm';
import type { Writer } from '../db';
import { type creditNote, type receipt, shop } from '../schema';

/**
 * The next number of a series of a shop's documents. The shop's row is locked until the end of the transaction, so that
 * numbers follow one another and one that was not used up in the end is given to the next.
 */
export async function nextNumber(
  tx: Writer,
  series: typeof receipt | typeof creditNote,
  shopId: string,
): Promise<number> {
  await tx.select({ id: shop.id }).from(shop).where(eq(shop.id, shopId)).for('no key update');
  const [last] = await tx
    .select({ no: max(series.no) })
    .from(series)
    .where(eq(series.shopId, shopId));
  return (last?.no ?? 0) + 1;
}
