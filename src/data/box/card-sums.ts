import { CARD_OPEN, type CardState } from '@core/money';
import { and, desc, eq, getTableColumns, inArray } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { cardSum, voucher } from '../schema';

export type CardSumRow = typeof cardSum.$inferSelect;

/** A sum the terminal is asked for from now on; its id. */
export async function addCardSum(tx: Writer, values: typeof cardSum.$inferInsert): Promise<string> {
  const [row] = await tx.insert(cardSum).values(values).returning({ id: cardSum.id });
  return (row as { id: string }).id;
}

/** The sum of a box that is asked for, or charged and not used; locked for the rest of the transaction when `lock` is set. */
export async function openCardSum(db: Reader, boxId: string, lock = false): Promise<CardSumRow | undefined> {
  const found = db
    .select()
    .from(cardSum)
    .where(and(eq(cardSum.boxId, boxId), inArray(cardSum.state, [...CARD_OPEN])));
  const [row] = await (lock ? found.for('update') : found);
  return row;
}

/** A sum of a box by its id, locked. */
export async function cardSumOf(tx: Writer, boxId: string, id: string): Promise<CardSumRow | undefined> {
  const [row] = await tx
    .select()
    .from(cardSum)
    .where(and(eq(cardSum.boxId, boxId), eq(cardSum.id, id)))
    .for('update');
  return row;
}

/** The sum of a box that was asked for last, with the code of the voucher that pays the rest. */
export async function lastCardSum(
  db: Reader,
  boxId: string,
): Promise<(CardSumRow & { readonly voucher: string | null }) | undefined> {
  const [row] = await db
    .select({ ...getTableColumns(cardSum), voucher: voucher.code })
    .from(cardSum)
    .leftJoin(voucher, eq(voucher.id, cardSum.voucherId))
    .where(eq(cardSum.boxId, boxId))
    .orderBy(desc(cardSum.at))
    .limit(1);
  return row;
}

export async function setCardState(tx: Writer, id: string, state: CardState): Promise<void> {
  await tx.update(cardSum).set({ state }).where(eq(cardSum.id, id));
}
