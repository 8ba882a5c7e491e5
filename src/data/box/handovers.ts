import { ENDED } from '@core/box';
import { and, desc, eq, notInArray } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { box, boxHandover, rhythm, user } from '../schema';

type Handover = typeof boxHandover.$inferInsert;

export async function addHandover(tx: Writer, values: Handover): Promise<void> {
  await tx.insert(boxHandover).values(values);
}

/** How a box came to whoever has it: the last time it changed hands. */
export async function lastHandover(db: Reader, boxId: string) {
  const [found] = await db
    .select({ from: user.name, note: boxHandover.note, at: boxHandover.at })
    .from(boxHandover)
    .innerJoin(user, eq(user.id, boxHandover.fromId))
    .where(eq(boxHandover.boxId, boxId))
    .orderBy(desc(boxHandover.at))
    .limit(1);
  return found;
}

/** Every open box and every rhythm of somebody goes to somebody else. */
export async function giveAllBoxes(tx: Writer, handover: Omit<Handover, 'boxId' | 'id'>): Promise<void> {
  const { fromId, toId } = handover;
  const given = await tx
    .update(box)
    .set({ stylistId: toId })
    .where(and(eq(box.stylistId, fromId), notInArray(box.state, [...ENDED])))
    .returning({ id: box.id });
  if (given.length > 0)
    await tx.insert(boxHandover).values(given.map(({ id }) => ({ ...handover, boxId: id })));
  await tx.update(rhythm).set({ stylistId: toId }).where(eq(rhythm.stylistId, fromId));
}
