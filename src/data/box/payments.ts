import type { PayWay } from '@core/money';
import { and, desc, eq, ne } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { payment } from '../schema';

/** Writes money that moved; the fee and the charge of a box are taken once, whatever the code thinks. */
export async function addPayment(tx: Writer, values: typeof payment.$inferInsert): Promise<void> {
  await tx.insert(payment).values(values);
}

/** How the client of a box paid: its charge, else its fee; null where nobody said, or nothing was paid. */
export async function paidWay(db: Reader, boxId: string): Promise<PayWay | null> {
  const [row] = await db
    .select({ way: payment.way })
    .from(payment)
    .where(and(eq(payment.boxId, boxId), ne(payment.kind, 'refund')))
    .orderBy(desc(eq(payment.kind, 'charge')))
    .limit(1);
  return row?.way ?? null;
}
