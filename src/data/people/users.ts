import type { StylistView } from '@contracts/box/box-view';
import { ENDED } from '@core/box';
import { and, asc, count, desc, eq, gt, isNull, lt, ne, notInArray } from 'drizzle-orm';
import { grouped } from '@core/grouped';
import type { Reader, Writer } from '../db';
import { account, box, rhythm, session, user } from '../schema';

export type UserRow = typeof user.$inferSelect;
type UserValues = Partial<typeof user.$inferInsert>;
export type SessionRow = typeof session.$inferSelect;

/** True while nobody can sign in. */
export async function hasNobody(db: Reader): Promise<boolean> {
  const [someone] = await db.select({ id: user.id }).from(user).limit(1);
  return someone === undefined;
}

/** Accounts of a shop, by name. */
export const usersOf = (db: Reader, shopId: string): Promise<UserRow[]> =>
  db.select().from(user).where(eq(user.shopId, shopId)).orderBy(asc(user.name));

/** The account of an address, of whatever shop. */
export async function userOfEmail(db: Reader, email: string): Promise<UserRow | undefined> {
  const [known] = await db.select().from(user).where(eq(user.email, email.toLowerCase()));
  return known;
}

/** An account, its row locked; of one shop when it is given. */
export async function lockedUser(tx: Writer, id: string, shopId?: string): Promise<UserRow | undefined> {
  const [found] = await tx
    .select()
    .from(user)
    .where(and(eq(user.id, id), shopId ? eq(user.shopId, shopId) : undefined))
    .for('update');
  return found;
}

/** Ids of the owners of a shop who can sign in, every row locked. */
export async function lockedOwners(tx: Writer, shopId: string): Promise<string[]> {
  const owners = await tx
    .select({ id: user.id })
    .from(user)
    .where(and(eq(user.shopId, shopId), eq(user.role, 'owner'), isNull(user.endedAt)))
    .orderBy(asc(user.id))
    .for('update');
  return owners.map(({ id }) => id);
}

/** Everybody who owns a shop here and can sign in, by address. */
export const openOwners = (db: Reader): Promise<UserRow[]> =>
  db
    .select()
    .from(user)
    .where(and(eq(user.role, 'owner'), isNull(user.endedAt)))
    .orderBy(asc(user.email));

const mayHaveBoxes = (shopId: string) =>
  and(eq(user.shopId, shopId), ne(user.role, 'packer'), isNull(user.endedAt));

/** Who may have boxes: stylists and owners with an open account, by name. */
export const stylistsOf = (db: Reader, shopId: string): Promise<StylistView[]> =>
  db
    .select({ id: user.id, name: user.name })
    .from(user)
    .where(mayHaveBoxes(shopId))
    .orderBy(asc(user.name), asc(user.id));

/** One of them, kept from being ended until the transaction is over. */
export async function keptStylist(tx: Writer, shopId: string, id: string): Promise<StylistView | undefined> {
  const [found] = await tx
    .select({ id: user.id, name: user.name })
    .from(user)
    .where(and(eq(user.id, id), mayHaveBoxes(shopId)))
    .for('share');
  return found;
}

/** What somebody is called, whether or not they are still here. */
export async function nameOf(db: Reader, id: string): Promise<string> {
  const [found] = await db.select({ name: user.name }).from(user).where(eq(user.id, id));
  return found?.name ?? '';
}

/** Open boxes of each stylist of a shop, and rhythms that would open more; who has neither is absent. */
export async function loadsOf(
  db: Reader,
  shopId: string,
): Promise<ReadonlyMap<string, { readonly boxes: number; readonly rhythms: number }>> {
  const boxes = await db
    .select({ id: box.stylistId, n: count() })
    .from(box)
    .where(and(eq(box.shopId, shopId), notInArray(box.state, [...ENDED])))
    .groupBy(box.stylistId);
  const rhythms = await db
    .select({ id: rhythm.stylistId, n: count() })
    .from(rhythm)
    .innerJoin(user, eq(user.id, rhythm.stylistId))
    .where(eq(user.shopId, shopId))
    .groupBy(rhythm.stylistId);
  const found = new Map<string, { boxes: number; rhythms: number }>();
  for (const { id, n } of boxes) found.set(id, { boxes: n, rhythms: 0 });
  for (const { id, n } of rhythms) found.set(id, { boxes: found.get(id)?.boxes ?? 0, rhythms: n });
  return found;
}

/** True for whoever learns the trade. */
export async function isInTraining(db: Reader, id: string): Promise<boolean> {
  const [own] = await db.select({ inTraining: user.inTraining }).from(user).where(eq(user.id, id));
  return own?.inTraining ?? false;
}

export async function changeUser(tx: Writer, id: string, values: UserValues): Promise<void> {
  await tx.update(user).set(values).where(eq(user.id, id));
}

/** A new account with its password, hashed already. */
export async function addUser(
  tx: Writer,
  values: typeof user.$inferInsert,
  credential: typeof account.$inferInsert,
): Promise<void> {
  await tx.insert(user).values(values);
  await tx.insert(account).values(credential);
}

const isCredential = (userId: string) =>
  and(eq(account.userId, userId), eq(account.providerId, 'credential'));

/** The hash of the password somebody signs in with. */
export async function passwordHash(db: Reader, userId: string): Promise<string | undefined> {
  const [own] = await db.select({ hash: account.password }).from(account).where(isCredential(userId));
  return own?.hash ?? undefined;
}

export async function setPasswordHash(tx: Writer, userId: string, hash: string, at: Date): Promise<void> {
  await tx.update(account).set({ password: hash, updatedAt: at }).where(isCredential(userId));
}

/** Sessions of a shop that have not run out, by account, the last seen first. */
export async function sessionsOf(
  db: Reader,
  shopId: string,
  now: Date,
): Promise<ReadonlyMap<string, readonly SessionRow[]>> {
  const rows = await db
    .select({ session })
    .from(session)
    .innerJoin(user, eq(user.id, session.userId))
    .where(and(eq(user.shopId, shopId), gt(session.expiresAt, now)))
    .orderBy(desc(session.updatedAt));
  return grouped(
    rows.map((row) => row.session),
    ({ userId }) => userId,
  );
}

/** Ends sessions of somebody: one, all, or all but one; how many. */
export async function endSessionsOf(
  tx: Writer,
  userId: string,
  which: { readonly only?: string | undefined; readonly butFor?: string | undefined } = {},
): Promise<number> {
  const ended = await tx
    .delete(session)
    .where(
      and(
        eq(session.userId, userId),
        which.only ? eq(session.id, which.only) : undefined,
        which.butFor ? ne(session.id, which.butFor) : undefined,
      ),
    )
    .returning({ id: session.id });
  return ended.length;
}

export async function dropOldSessions(tx: Writer, now: Date): Promise<void> {
  await tx.delete(session).where(lt(session.expiresAt, now));
}
