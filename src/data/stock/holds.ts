import { and, asc, eq, inArray, lte, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { box, boxLine, client, hold } from '../schema';
import { moveStock, NothingThere } from './ledger';

export type HoldRow = typeof hold.$inferSelect;

/**
 * Puts expired holds back on the shelf: run by the next reader of a variant, and by the sweep. Rows are
 * taken in one order and skipped when another transaction is at them already.
 */
export async function releaseExpired(tx: Writer, now: Date, variantIds?: readonly string[]): Promise<number> {
  if (variantIds?.length === 0) return 0;
  const expired = await tx
    .select()
    .from(hold)
    .where(
      and(
        eq(hold.state, 'active'),
        lte(hold.expiresAt, now),
        variantIds ? inArray(hold.variantId, [...variantIds]) : sql`true`,
      ),
    )
    .orderBy(asc(hold.variantId), asc(hold.id))
    .for('update', { skipLocked: true });
  for (const each of expired) {
    await moveStock(tx, {
      variantId: each.variantId,
      locationId: each.locationId,
      qty: 1,
      cause: 'expire',
      boxLineId: each.boxLineId,
    });
    await tx.update(hold).set({ state: 'expired' }).where(eq(hold.id, each.id));
  }
  return expired.length;
}

export interface NewHold {
  readonly boxLineId: string;
  readonly variantId: string;
  readonly locationId: string;
  /** Null: on no clock. */
  readonly expiresAt: Date | null;
  readonly actorId: string;
}

/** Takes one unit from the shelf for a line; false when there is none, and then nothing was moved. */
export async function takeHold(tx: Writer, wanted: NewHold): Promise<boolean> {
  try {
    await moveStock(tx, {
      variantId: wanted.variantId,
      locationId: wanted.locationId,
      qty: 1,
      cause: 'hold',
      boxLineId: wanted.boxLineId,
      actorId: wanted.actorId,
    });
  } catch (error) {
    if (error instanceof NothingThere) return false;
    throw error;
  }
  await tx.insert(hold).values({ ...wanted });
  return true;
}

/** Gives the active hold of a line back to the shelf. */
export async function releaseHold(tx: Writer, boxLineId: string, actorId: string): Promise<boolean> {
  const [active] = await tx
    .select()
    .from(hold)
    .where(and(eq(hold.boxLineId, boxLineId), eq(hold.state, 'active')))
    .for('update');
  if (!active) return false;
  await moveStock(tx, {
    variantId: active.variantId,
    locationId: active.locationId,
    qty: 1,
    cause: 'release',
    boxLineId,
    actorId,
  });
  await tx.update(hold).set({ state: 'released' }).where(eq(hold.id, active.id));
  return true;
}

/** The very unit a line holds goes out with it; undefined for a line that holds none. */
export async function shipHold(tx: Writer, boxLineId: string): Promise<HoldRow | undefined> {
  const [own] = await tx
    .update(hold)
    .set({ state: 'shipped' })
    .where(and(eq(hold.boxLineId, boxLineId), eq(hold.state, 'active')))
    .returning();
  return own;
}

/** Active holds of lines. */
export async function holdsOf(db: Reader, boxLineIds: readonly string[]): Promise<HoldRow[]> {
  if (boxLineIds.length === 0) return [];
  return db
    .select()
    .from(hold)
    .where(and(inArray(hold.boxLineId, [...boxLineIds]), eq(hold.state, 'active')));
}

/** Sets the clock of the active holds of lines; how many there were. */
export async function setExpiry(
  tx: Writer,
  boxLineIds: readonly string[],
  expiresAt: Date | null,
): Promise<number> {
  if (boxLineIds.length === 0) return 0;
  const set = await tx
    .update(hold)
    .set({ expiresAt })
    .where(and(inArray(hold.boxLineId, [...boxLineIds]), eq(hold.state, 'active')))
    .returning({ id: hold.id });
  return set.length;
}

/** The box that has a unit of a size and lets go of it soonest. */
export async function soonestHolder(db: Reader, variantId: string) {
  const [holder] = await db
    .select({ client: client.name, number: box.number, until: hold.expiresAt })
    .from(hold)
    .innerJoin(boxLine, eq(boxLine.id, hold.boxLineId))
    .innerJoin(box, eq(box.id, boxLine.boxId))
    .innerJoin(client, eq(client.id, box.clientId))
    .where(and(eq(hold.variantId, variantId), eq(hold.state, 'active')))
    .orderBy(asc(hold.expiresAt))
    .limit(1);
  return holder;
}
