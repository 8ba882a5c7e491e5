import { eq } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { receipt } from '../schema';
import { nextNumber } from './numbers';

export type ReceiptRow = typeof receipt.$inferSelect;

/** The next receipt of a shop; its number. */
export async function addReceipt(
  tx: Writer,
  values: Omit<typeof receipt.$inferInsert, 'no'>,
): Promise<number> {
  const no = await nextNumber(tx, receipt, values.shopId);
  await tx.insert(receipt).values({ ...values, no });
  return no;
}

/** The receipt of a box; none before it is closed. */
export async function receiptOf(db: Reader, boxId: string): Promise<ReceiptRow | undefined> {
  const [row] = await db.select().from(receipt).where(eq(receipt.boxId, boxId));
  return row;
}
