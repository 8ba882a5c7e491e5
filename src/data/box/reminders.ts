import { and, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { box, client, shop } from '../schema';

export type BoxToRemind = typeof box.$inferSelect;

/** Ids of boxes with a client that may have something undecided, in shops that remind; whose day has not been written about. */
export async function boxesToRemind(db: Reader): Promise<string[]> {
  const rows = await db
    .select({ id: box.id })
    .from(box)
    .innerJoin(shop, eq(shop.id, box.shopId))
    .innerJoin(client, eq(client.id, box.clientId))
    .where(
      and(
        inArray(box.state, ['out', 'tallying']),
        isNotNull(box.decideBy),
        isNotNull(shop.remindDays),
        isNotNull(client.email),
        isNull(box.chasedAt),
      ),
    );
  return rows.map(({ id }) => id);
}

/** A box under its row's lock; undefined while somebody else works on it. */
export async function lockedToRemind(tx: Writer, id: string): Promise<BoxToRemind | undefined> {
  const [row] = await tx.select().from(box).where(eq(box.id, id)).for('update', { skipLocked: true });
  return row;
}

/** Notes that a client was written; what is shown of the box stays what it was. */
export async function markReminded(
  tx: Writer,
  id: string,
  kind: 'before' | 'after',
  now: Date,
): Promise<void> {
  await tx
    .update(box)
    .set(
      kind === 'before'
        ? { remindedAt: now }
        : { remindedAt: sql`coalesce(${box.remindedAt}, ${now})`, chasedAt: now },
    )
    .where(eq(box.id, id));
}
