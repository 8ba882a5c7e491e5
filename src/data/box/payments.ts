import type { Paid } from '@core/money';
import { and, asc, desc, eq, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { payment } from '../schema';

/** Writes money that moved; the fee and the charge of a box are taken once, whatever the code thinks. */
export async function addPayment(tx: Writer, values: typeof payment.$inferInsert): Promise<void> {
  await tx.insert(payment).values(values);
}

/** How the client of a box paid, and what of it went back: the charge before the fee, largest first. */
export async function paidBy(
  db: Reader,
  boxId: string,
): Promise<(Paid & { readonly chargedMinor: number })[]> {
  const back = sql`${payment.kind} = 'refund'`;
  return db
    .select({
      way: payment.way,
      voucherId: payment.voucherId,
      paidMinor: sql<number>`coalesce(sum(${payment.amountMinor}) filter (where not ${back}), 0)::int`,
      chargedMinor: sql<number>`coalesce(sum(${payment.amountMinor}) filter (where ${payment.kind} = 'charge'), 0)::int`,
      backMinor: sql<number>`coalesce(sum(${payment.amountMinor}) filter (where ${back}), 0)::int`,
    })
    .from(payment)
    .where(eq(payment.boxId, boxId))
    .groupBy(payment.way, payment.voucherId)
    .orderBy(
      sql`bool_or(${payment.kind} = 'charge') desc`,
      sql`sum(${payment.amountMinor}) filter (where not ${back}) desc nulls last`,
      asc(payment.way),
    );
}

/** What went back of a box at one moment, way by way: the money of one credit note. */
export const refundsAt = (db: Reader, boxId: string, at: Date) =>
  db
    .select({ way: payment.way, amountMinor: payment.amountMinor })
    .from(payment)
    .where(and(eq(payment.boxId, boxId), eq(payment.kind, 'refund'), eq(payment.at, at)))
    .orderBy(desc(payment.amountMinor));
