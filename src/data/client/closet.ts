import { and, asc, count, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { ownedItem } from '../schema';

export type OwnedRow = typeof ownedItem.$inferSelect;
type OwnedValues = Partial<typeof ownedItem.$inferInsert>;

/** What a client has in her closet now, in the order it came. */
export const closetOf = (db: Reader, clientId: string): Promise<OwnedRow[]> =>
  db
    .select()
    .from(ownedItem)
    .where(and(eq(ownedItem.clientId, clientId), isNull(ownedItem.retiredAt)))
    .orderBy(asc(ownedItem.createdAt), asc(ownedItem.id));

/** What many clients have in their closets now. */
export async function closetsOf(db: Reader, clientIds: readonly string[]): Promise<OwnedRow[]> {
  if (clientIds.length === 0) return [];
  return db
    .select()
    .from(ownedItem)
    .where(and(inArray(ownedItem.clientId, [...clientIds]), isNull(ownedItem.retiredAt)))
    .orderBy(asc(ownedItem.createdAt), asc(ownedItem.id));
}

/** What many clients have or had. */
export async function everOwned(db: Reader, clientIds: readonly string[]): Promise<OwnedRow[]> {
  if (clientIds.length === 0) return [];
  return db
    .select()
    .from(ownedItem)
    .where(inArray(ownedItem.clientId, [...clientIds]));
}

/** Everything she has or had, by kind. */
export const everythingOwned = (db: Reader, clientId: string): Promise<OwnedRow[]> =>
  db
    .select()
    .from(ownedItem)
    .where(eq(ownedItem.clientId, clientId))
    .orderBy(asc(ownedItem.category), asc(ownedItem.title));

/** Pieces in each closet; an empty one is absent. */
export async function closetSizes(db: Reader): Promise<ReadonlyMap<string, number>> {
  const rows = await db
    .select({ clientId: ownedItem.clientId, pieces: count() })
    .from(ownedItem)
    .where(isNull(ownedItem.retiredAt))
    .groupBy(ownedItem.clientId);
  return new Map(rows.map(({ clientId, pieces }) => [clientId, pieces]));
}

/** An owned piece, locked. */
export async function lockedOwned(tx: Writer, id: string): Promise<OwnedRow | undefined> {
  const [row] = await tx.select().from(ownedItem).where(eq(ownedItem.id, id)).for('update');
  return row;
}

/** What came from a line of a box has gone back to the shop. */
export async function retireOwnedOfLine(tx: Writer, boxLineId: string, now: Date): Promise<void> {
  await tx
    .update(ownedItem)
    .set({ retiredAt: now, version: sql`${ownedItem.version} + 1` })
    .where(and(eq(ownedItem.boxLineId, boxLineId), isNull(ownedItem.retiredAt)));
}

/** New pieces; their ids in the same order. What came from a line that has its piece already is left out. */
export async function addOwned(
  tx: Writer,
  values: readonly (typeof ownedItem.$inferInsert)[],
): Promise<string[]> {
  if (values.length === 0) return [];
  const made = await tx
    .insert(ownedItem)
    .values([...values])
    .onConflictDoNothing()
    .returning({ id: ownedItem.id });
  return made.map(({ id }) => id);
}

/** Writes to a piece, one version further. */
export async function changeOwned(tx: Writer, id: string, values: OwnedValues): Promise<void> {
  await tx
    .update(ownedItem)
    .set({ ...values, version: sql`${ownedItem.version} + 1` })
    .where(eq(ownedItem.id, id));
}
