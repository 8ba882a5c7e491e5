import { eq, max } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { receipt, shop } from '../schema';

export type ReceiptRow = typeof receipt.$inferSelect;

/**
 * The next receipt of a shop. Its row is locked until the end of the transaction, so that numbers follow one another and
 * one that was not used up in the end is given to the next.
 */
export async function addReceipt(
  tx: Writer,
  values: Omit<typeof receipt.$inferInsert, 'no'>,
): Promise<number> {
  await tx.select({ id: shop.id }).from(shop).where(eq(shop.id, values.shopId)).for('no key update');
  const [last] = await tx
    .select({ no: max(receipt.no) })
    .from(receipt)
    .where(eq(receipt.shopId, values.shopId));
  const no = (last?.no ?? 0) + 1;
  await tx.insert(receipt).values({ ...values, no });
  return no;
}

/** The receipt of a box; none before it is closed. */
export async function receiptOf(db: Reader, boxId: string): Promise<ReceiptRow | undefined> {
  const [row] = await db.select().from(receipt).where(eq(receipt.boxId, boxId));
  return row;
}
