import { ENDED, isHere } from '@core/box';
import { and, asc, desc, eq, inArray, isNull, max, min, ne, notInArray, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { box, boxLine, boxOccasion, client, garment, look, occasion, user, variant } from '../schema';

export type BoxRecord = typeof box.$inferSelect;
type BoxValues = Partial<typeof box.$inferInsert>;

const isOpenBox = notInArray(box.state, [...ENDED]);

/** The box of a shop, locked for the rest of the transaction when `lock` is set. */
export async function findBox(
  db: Reader,
  shopId: string,
  id: string,
  lock = false,
): Promise<BoxRecord | undefined> {
  const query = db
    .select()
    .from(box)
    .where(and(eq(box.id, id), eq(box.shopId, shopId)));
  const [row] = await (lock ? query.for('update') : query);
  return row;
}

/** Writes to a box, one version further. */
export async function changeBox(tx: Writer, id: string, values: BoxValues): Promise<void> {
  await tx
    .update(box)
    .set({ ...values, version: sql`${box.version} + 1` })
    .where(eq(box.id, id));
}

/** A new box under the shop's next number; its id. Numbers are given one at a time per shop. */
export async function addBox(
  tx: Writer,
  values: Omit<typeof box.$inferInsert, 'number' | 'id'>,
): Promise<string> {
  await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`box-number:${values.shopId}`}))`);
  const [last] = await tx
    .select({ number: max(box.number) })
    .from(box)
    .where(eq(box.shopId, values.shopId));
  const [made] = await tx
    .insert(box)
    .values({ ...values, number: (last?.number ?? 100) + 1 })
    .returning({ id: box.id });
  if (!made) throw new Error('the box was not made');
  return made.id;
}

/** Boxes of a client, newest first. */
export const boxesOfClient = (db: Reader, clientId: string): Promise<BoxRecord[]> =>
  db.select().from(box).where(eq(box.clientId, clientId)).orderBy(desc(box.number));

/** Numbers of a client's boxes that are neither closed nor given up. */
export async function openBoxNumbers(db: Reader, clientId: string): Promise<number[]> {
  const rows = await db
    .select({ number: box.number })
    .from(box)
    .where(and(eq(box.clientId, clientId), isOpenBox));
  return rows.map(({ number }) => number);
}

/** Boxes of a client that are still being made. */
export async function boxesInMaking(db: Reader, clientId: string): Promise<number> {
  const rows = await db.select({ state: box.state }).from(box).where(eq(box.clientId, clientId));
  return rows.filter(({ state }) => isHere(state)).length;
}

/** Every open box of a shop with its client's name and its stylist's. */
export const openBoxes = (db: Reader, shopId: string) =>
  db
    .select({ box, name: client.name, stylist: user.name })
    .from(box)
    .innerJoin(client, eq(client.id, box.clientId))
    .innerJoin(user, eq(user.id, box.stylistId))
    .where(and(eq(box.shopId, shopId), isOpenBox))
    .orderBy(asc(box.number));

/** Boxes that have a look, newest first. */
export const boxesWithLooks = (db: Reader, shopId: string, most: number) =>
  db
    .select({ id: box.id, number: box.number })
    .from(box)
    .where(and(eq(box.shopId, shopId), inArray(box.id, db.select({ id: look.boxId }).from(look))))
    .orderBy(desc(box.number))
    .limit(most);

/** Open boxes that have a size, with whose they are. */
export const openBoxesHaving = (db: Reader, variantId: string) =>
  db
    .select({ id: box.id, number: box.number, state: box.state, client: client.name })
    .from(boxLine)
    .innerJoin(box, eq(box.id, boxLine.boxId))
    .innerJoin(client, eq(client.id, box.clientId))
    .where(and(eq(boxLine.variantId, variantId), isNull(boxLine.removedAt), isOpenBox))
    .orderBy(asc(box.number));

/** Boxes styled for an occasion, in the order they are locked in. */
export async function boxesFor(db: Reader, occasionId: string): Promise<BoxRecord[]> {
  const rows = await db
    .select({ box })
    .from(box)
    .innerJoin(boxOccasion, eq(boxOccasion.boxId, box.id))
    .where(eq(boxOccasion.occasionId, occasionId))
    .orderBy(asc(box.id));
  return rows.map((row) => row.box);
}

/** The first day of the occasions of each box; a box without a day is absent. */
export async function firstDays(db: Reader, boxIds: readonly string[]): Promise<ReadonlyMap<string, string>> {
  if (boxIds.length === 0) return new Map();
  const rows = await db
    .select({ boxId: boxOccasion.boxId, day: min(occasion.day) })
    .from(boxOccasion)
    .innerJoin(occasion, eq(occasion.id, boxOccasion.occasionId))
    .where(inArray(boxOccasion.boxId, [...boxIds]))
    .groupBy(boxOccasion.boxId);
  return new Map(rows.flatMap(({ boxId, day }) => (day ? [[boxId, day] as const] : [])));
}

/** Ids of the occasions a box is for. */
export async function occasionIdsOf(db: Reader, boxId: string): Promise<string[]> {
  const rows = await db
    .select({ id: boxOccasion.occasionId })
    .from(boxOccasion)
    .where(eq(boxOccasion.boxId, boxId));
  return rows.map(({ id }) => id);
}

/** Says anew which occasions a box is for. */
export async function setOccasions(tx: Writer, boxId: string, ids: readonly string[]): Promise<void> {
  await tx.delete(boxOccasion).where(eq(boxOccasion.boxId, boxId));
  if (ids.length > 0) await tx.insert(boxOccasion).values(ids.map((occasionId) => ({ boxId, occasionId })));
}

/** Closed boxes of a client before this one, the last closed first. */
export const closedBefore = (
  db: Reader,
  clientId: string,
  boxId: string,
  most: number,
): Promise<BoxRecord[]> =>
  db
    .select()
    .from(box)
    .where(and(eq(box.clientId, clientId), eq(box.state, 'closed'), ne(box.id, boxId)))
    .orderBy(desc(box.closedAt))
    .limit(most);

/** Lines of boxes with the title of each piece. */
export async function linesWithTitles(db: Reader, boxIds: readonly string[]) {
  if (boxIds.length === 0) return [];
  return db
    .select({ line: boxLine, title: garment.title, size: variant.size })
    .from(boxLine)
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(inArray(boxLine.boxId, [...boxIds]));
}

/** When a client's boxes were begun, went out and were closed last. */
export async function lastOfBoxes(db: Reader, clientId: string) {
  const [row] = await db
    .select({ out: max(box.outAt), closed: max(box.closedAt), begun: max(box.createdAt) })
    .from(box)
    .where(eq(box.clientId, clientId));
  return row;
}
