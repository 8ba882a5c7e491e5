import { and, desc, eq, isNull } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { briefLink } from '../schema';

export type BriefLinkRow = typeof briefLink.$inferSelect;
type BriefLinkValues = Partial<typeof briefLink.$inferInsert>;

/** Links of a client, newest first. */
export const briefLinksOf = (db: Reader, clientId: string, most?: number): Promise<BriefLinkRow[]> => {
  const query = db
    .select()
    .from(briefLink)
    .where(eq(briefLink.clientId, clientId))
    .orderBy(desc(briefLink.createdAt));
  return most === undefined ? query : query.limit(most);
};

/** A link of a client, locked. */
export async function lockedBriefLink(
  tx: Writer,
  clientId: string,
  id: string,
): Promise<BriefLinkRow | undefined> {
  const [link] = await tx
    .select()
    .from(briefLink)
    .where(and(eq(briefLink.id, id), eq(briefLink.clientId, clientId)))
    .for('update');
  return link;
}

/** The link of a hashed token, locked when `lock` is set. */
export async function briefLinkOfToken(
  db: Reader,
  tokenHash: string,
  lock = false,
): Promise<BriefLinkRow | undefined> {
  const query = db.select().from(briefLink).where(eq(briefLink.tokenHash, tokenHash));
  const [row] = await (lock ? query.for('update') : query);
  return row;
}

/** A new link; its id. */
export async function addBriefLink(tx: Writer, values: typeof briefLink.$inferInsert): Promise<string> {
  const [made] = await tx.insert(briefLink).values(values).returning({ id: briefLink.id });
  if (!made) throw new Error('the link was not made');
  return made.id;
}

/** Writes to a link of a client. */
export async function changeBriefLink(
  tx: Writer,
  clientId: string,
  id: string,
  values: BriefLinkValues,
): Promise<void> {
  await tx
    .update(briefLink)
    .set(values)
    .where(and(eq(briefLink.id, id), eq(briefLink.clientId, clientId)));
}

/** Stops every link of a client that was not sent yet; their ids. */
export async function stopUnsent(tx: Writer, clientId: string, now: Date): Promise<string[]> {
  const before = await tx
    .update(briefLink)
    .set({ revokedAt: now })
    .where(and(eq(briefLink.clientId, clientId), isNull(briefLink.sentAt), isNull(briefLink.revokedAt)))
    .returning({ id: briefLink.id });
  return before.map(({ id }) => id);
}
