import { ENDED } from '@core/box';
import type { StylistView } from '@contracts/box/box-view';
import type { Reader, Writer } from '@data/db';
import { box, boxHandover, rhythm, user } from '@data/schema';
import { and, asc, count, desc, eq, isNull, ne, notInArray } from 'drizzle-orm';
import type { Context } from '../context';
import { invalid } from '../problem';

/** Who may have boxes: stylists and owners with an open account, by name. */
export const stylistsOf = (db: Reader, shopId: string): Promise<StylistView[]> =>
  db
    .select({ id: user.id, name: user.name })
    .from(user)
    .where(and(eq(user.shopId, shopId), ne(user.role, 'packer'), isNull(user.endedAt)))
    .orderBy(asc(user.name), asc(user.id));

/** One of them, kept from being ended until the transaction is over; refused at `path` for anybody else. */
export async function stylistOf(tx: Writer, shopId: string, id: string, path: string): Promise<StylistView> {
  const [found] = await tx
    .select({ id: user.id, name: user.name })
    .from(user)
    .where(and(eq(user.id, id), eq(user.shopId, shopId), ne(user.role, 'packer'), isNull(user.endedAt)))
    .for('share');
  if (!found) throw invalid([{ path, message: 'not somebody here who has boxes' }]);
  return found;
}

/** What somebody is called, whether or not they are still here. */
export async function nameOf(db: Reader, id: string): Promise<string> {
  const [found] = await db.select({ name: user.name }).from(user).where(eq(user.id, id));
  return found?.name ?? '';
}

/** Open boxes of somebody, and rhythms that would open more. */
export async function boxesOf(db: Reader, stylistId: string): Promise<{ boxes: number; rhythms: number }> {
  const [boxes] = await db
    .select({ n: count() })
    .from(box)
    .where(and(eq(box.stylistId, stylistId), notInArray(box.state, [...ENDED])));
  const [rhythms] = await db.select({ n: count() }).from(rhythm).where(eq(rhythm.stylistId, stylistId));
  return { boxes: boxes?.n ?? 0, rhythms: rhythms?.n ?? 0 };
}

/** Everything somebody has goes to somebody else: who leaves, or styles no more, leaves no box to nobody. */
export async function giveAll({ tx, actor, now }: Context, from: StylistView, to: StylistView, why: string) {
  const given = await tx
    .update(box)
    .set({ stylistId: to.id })
    .where(and(eq(box.stylistId, from.id), notInArray(box.state, [...ENDED])))
    .returning({ id: box.id });
  if (given.length > 0)
    await tx.insert(boxHandover).values(
      given.map(({ id }) => ({
        boxId: id,
        fromId: from.id,
        toId: to.id,
        note: why,
        actorId: actor.id,
        at: now,
      })),
    );
  await tx.update(rhythm).set({ stylistId: to.id }).where(eq(rhythm.stylistId, from.id));
  return given.length;
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
