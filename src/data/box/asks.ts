import type { Ask } from '@core/reading';
import { and, asc, eq, inArray, isNull, notExists, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { boxAsk, boxLine } from '../schema';

export type AskRow = typeof boxAsk.$inferSelect;

/** What a box was asked for, in its order. */
export const asksOf = (db: Reader, boxId: string): Promise<AskRow[]> =>
  db.select().from(boxAsk).where(eq(boxAsk.boxId, boxId)).orderBy(asc(boxAsk.position));

/** Asks of boxes that no piece was pulled for yet. */
export async function openAsks(db: Reader, boxIds: readonly string[]): Promise<AskRow[]> {
  if (boxIds.length === 0) return [];
  const pulled = db
    .select({ one: sql`1` })
    .from(boxLine)
    .where(and(eq(boxLine.askId, boxAsk.id), isNull(boxLine.removedAt)));
  return db
    .select()
    .from(boxAsk)
    .where(and(inArray(boxAsk.boxId, [...boxIds]), notExists(pulled)))
    .orderBy(asc(boxAsk.position));
}

/** An ask of this box. */
export async function findAsk(db: Reader, boxId: string, askId: string): Promise<AskRow | undefined> {
  const [row] = await db
    .select()
    .from(boxAsk)
    .where(and(eq(boxAsk.id, askId), eq(boxAsk.boxId, boxId)));
  return row;
}

/** Asks keep their identity by their words, so that lines pulled for one stay with it. */
export async function keepAsks(tx: Writer, boxId: string, asks: readonly Ask[]): Promise<void> {
  const before = await asksOf(tx, boxId);
  const gone = before
    .filter((each) => !asks.some(({ text }) => text === each.ask.text))
    .map((each) => each.id);
  if (gone.length > 0) await tx.delete(boxAsk).where(inArray(boxAsk.id, gone));
  for (const [position, ask] of asks.entries()) {
    const same = before.find((each) => each.ask.text === ask.text);
    if (same) await tx.update(boxAsk).set({ position, ask }).where(eq(boxAsk.id, same.id));
    else await tx.insert(boxAsk).values({ boxId, position, ask });
  }
}
