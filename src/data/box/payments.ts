import type { Writer } from '../db';
import { payment } from '../schema';

/** Writes money that moved; the fee and the charge of a box are taken once, whatever the code thinks. */
export async function addPayment(tx: Writer, values: typeof payment.$inferInsert): Promise<void> {
  await tx.insert(payment).values(values);
}
