import { eq } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { rhythm } from '../schema';

export type RhythmRow = typeof rhythm.$inferSelect;
type RhythmValues = Partial<typeof rhythm.$inferInsert>;

/** A client's rhythm, locked for the rest of the transaction when `lock` is set. */
export async function findRhythm(
  db: Reader,
  clientId: string,
  lock: 'none' | 'wait' | 'skip' = 'none',
): Promise<RhythmRow | undefined> {
  const query = db.select().from(rhythm).where(eq(rhythm.clientId, clientId));
  const [row] = await (lock === 'none'
    ? query
    : query.for('update', lock === 'skip' ? { skipLocked: true } : {}));
  return row;
}

/** Ids of the clients who have a rhythm, whatever the shop. */
export const clientsWithRhythm = async (db: Reader): Promise<string[]> =>
  (await db.select({ clientId: rhythm.clientId }).from(rhythm)).map(({ clientId }) => clientId);

/** False when she has one already. */
export async function addRhythm(tx: Writer, values: typeof rhythm.$inferInsert): Promise<boolean> {
  const made = await tx.insert(rhythm).values(values).onConflictDoNothing().returning();
  return made.length > 0;
}

export async function changeRhythm(tx: Writer, clientId: string, values: RhythmValues): Promise<void> {
  await tx.update(rhythm).set(values).where(eq(rhythm.clientId, clientId));
}

export async function endRhythmRow(tx: Writer, clientId: string): Promise<void> {
  await tx.delete(rhythm).where(eq(rhythm.clientId, clientId));
}
