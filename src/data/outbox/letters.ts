import { and, desc, eq, inArray, isNotNull, lt } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { outbox } from '../schema';

export type LetterRow = typeof outbox.$inferSelect;

export async function addLetter(tx: Writer, values: typeof outbox.$inferInsert): Promise<void> {
  await tx.insert(outbox).values(values);
}

/** The newest letters of a shop. */
export const lettersOf = (db: Reader, shopId: string, most: number): Promise<LetterRow[]> =>
  db.select().from(outbox).where(eq(outbox.shopId, shopId)).orderBy(desc(outbox.createdAt)).limit(most);

/** A letter of a shop, locked. */
export async function lockedLetter(tx: Writer, shopId: string, id: string): Promise<LetterRow | undefined> {
  const [row] = await tx
    .select()
    .from(outbox)
    .where(and(eq(outbox.id, id), eq(outbox.shopId, shopId)))
    .for('update');
  return row;
}

export async function markSent(tx: Writer, id: string, now: Date): Promise<void> {
  await tx.update(outbox).set({ sentAt: now }).where(eq(outbox.id, id));
}

export async function dropLetter(tx: Writer, id: string): Promise<void> {
  await tx.delete(outbox).where(eq(outbox.id, id));
}

/** Links of these letters have done their work, or work no more. */
export async function dropLinks(
  tx: Writer,
  by: 'invitationId' | 'briefLinkId' | 'boxLinkId',
  ids: readonly string[],
): Promise<void> {
  if (ids.length > 0)
    await tx
      .update(outbox)
      .set({ link: null })
      .where(inArray(outbox[by], [...ids]));
}

/** Letters before a moment go, and links that are too old to open anything. */
export async function dropOldLetters(tx: Writer, before: Date, now: Date): Promise<void> {
  await tx.delete(outbox).where(lt(outbox.createdAt, before));
  await tx
    .update(outbox)
    .set({ link: null })
    .where(and(isNotNull(outbox.link), lt(outbox.expiresAt, now)));
}
