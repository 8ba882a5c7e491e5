import { and, desc, eq, isNull } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { box, boxLink, client, shop } from '../schema';

export type BoxLinkRow = typeof boxLink.$inferSelect;

/** The newest link of a box. */
export async function boxLinkOf(db: Reader, boxId: string): Promise<BoxLinkRow | undefined> {
  const [row] = await db
    .select()
    .from(boxLink)
    .where(eq(boxLink.boxId, boxId))
    .orderBy(desc(boxLink.createdAt))
    .limit(1);
  return row;
}

/** The link of a hashed token with its box, its shop and whose it is. */
export async function boxLinkOfToken(db: Reader, tokenHash: string) {
  const [found] = await db
    .select({ link: boxLink, shopId: box.shopId, shopName: shop.name, name: client.name, state: box.state })
    .from(boxLink)
    .innerJoin(box, eq(box.id, boxLink.boxId))
    .innerJoin(shop, eq(shop.id, box.shopId))
    .innerJoin(client, eq(client.id, box.clientId))
    .where(eq(boxLink.tokenHash, tokenHash));
  return found;
}

/** A new link; its id. */
export async function addBoxLink(tx: Writer, values: typeof boxLink.$inferInsert): Promise<string> {
  const [made] = await tx.insert(boxLink).values(values).returning({ id: boxLink.id });
  if (!made) throw new Error('the link was not made');
  return made.id;
}

/** Stops every link of a box that still works; their ids. */
export async function stopBoxLinks(tx: Writer, boxId: string, now: Date): Promise<string[]> {
  const stopped = await tx
    .update(boxLink)
    .set({ revokedAt: now })
    .where(and(eq(boxLink.boxId, boxId), isNull(boxLink.revokedAt)))
    .returning({ id: boxLink.id });
  return stopped.map(({ id }) => id);
}

/** Notes when a link was first opened, or when she said that this is all. */
export async function markBoxLink(
  db: Writer,
  id: string,
  values: Partial<Pick<BoxLinkRow, 'openedAt' | 'answeredAt'>>,
): Promise<void> {
  await db.update(boxLink).set(values).where(eq(boxLink.id, id));
}
