import type { InvitationView } from '@contracts/people/people-view';
import { useLinkInput } from '@contracts/people/use-link';
import { faultsOf } from '@contracts/faults';
import { unkeepable } from '@contracts/text';
import type { Database, Reader, Writer } from '@data/db';
import { account, audit, invitation, session, shop, user } from '@data/schema';
import { and, desc, eq, gt, isNull } from 'drizzle-orm';
import { isSpent, spend } from '../limits';
import { dropLinks } from '../outbox/outbox';
import { passwordFault } from '../password';
import { newToken, tokenHash } from '../private-token';
import { conflict, invalid, notFound, Refusal } from '../problem';
import { createUser, type SignIn } from '../sign-in';

export type InvitationRow = typeof invitation.$inferSelect;

const HOUR_MS = 3_600_000;
/** How long a link may be used: a week to begin, a day for a new password. */
const LASTS_HOURS = { invite: 7 * 24, reset: 24 } as const;

/** Makes a link that works once. The token is answered and never kept; links before it for the same end work no more. */
export async function makeLink(
  tx: Writer,
  wanted: Pick<InvitationRow, 'shopId' | 'kind' | 'name' | 'email' | 'role' | 'userId' | 'createdBy'>,
  now: Date,
): Promise<{ readonly id: string; readonly path: string; readonly expiresAt: Date }> {
  const email = wanted.email.toLowerCase();
  const before = await tx
    .update(invitation)
    .set({ revokedAt: now })
    .where(
      and(
        eq(invitation.shopId, wanted.shopId),
        eq(invitation.email, email),
        isNull(invitation.usedAt),
        isNull(invitation.revokedAt),
      ),
    )
    .returning({ id: invitation.id });
  await dropLinks(
    tx,
    'invitationId',
    before.map(({ id }) => id),
  );
  const token = newToken();
  const expiresAt = new Date(now.getTime() + LASTS_HOURS[wanted.kind] * HOUR_MS);
  const [made] = await tx
    .insert(invitation)
    .values({ ...wanted, email, tokenHash: tokenHash(token), expiresAt, createdAt: now })
    .returning({ id: invitation.id });
  if (!made) throw new Error('the link was not made');
  return { id: made.id, path: `/join/${token}`, expiresAt };
}

export function stateOf(row: InvitationRow, now: Date): InvitationView['state'] {
  if (row.usedAt) return 'used';
  if (row.revokedAt) return 'revoked';
  return row.expiresAt <= now ? 'expired' : 'open';
}

/** The newest links of a shop. */
export const linksOfShop = (db: Reader, shopId: string): Promise<InvitationRow[]> =>
  db
    .select()
    .from(invitation)
    .where(eq(invitation.shopId, shopId))
    .orderBy(desc(invitation.createdAt))
    .limit(40);

export interface LinkPage {
  readonly kind: InvitationRow['kind'];
  readonly name: string;
  readonly email: string;
  readonly shopName: string;
}

/** Who a link is for; refused for one that does not exist, was used, stopped or is too old. */
export async function openLink(db: Reader, token: string, address: string, now: Date): Promise<LinkPage> {
  const row = await linkOf(db, token, address, now);
  const [own] = await db.select({ name: shop.name }).from(shop).where(eq(shop.id, row.shopId));
  return { kind: row.kind, name: row.name, email: row.email, shopName: own?.name ?? '' };
}

const TOKEN = /^[\w-]{43}$/;

async function linkOf(
  db: Reader,
  token: string,
  address: string,
  now: Date,
  lock = false,
): Promise<InvitationRow> {
  if (await isSpent('link', address)) throw new Refusal(429, 'Too many tries. Please wait ten minutes.');
  const query = db
    .select()
    .from(invitation)
    .where(
      and(
        eq(invitation.tokenHash, tokenHash(token)),
        isNull(invitation.usedAt),
        isNull(invitation.revokedAt),
        gt(invitation.expiresAt, now),
      ),
    );
  const [row] = TOKEN.test(token) ? await (lock ? query.for('update') : query) : [];
  if (!row) {
    await spend('link', address);
    throw new Refusal(404, 'This link no longer works. Ask whoever sent it for a new one.');
  }
  return row;
}

/** Uses a link: makes the account, or gives it its new password and ends every session it has. Works once. */
export async function useLink(
  db: Database,
  signIn: SignIn,
  token: string,
  raw: unknown,
  address: string,
  now: Date,
): Promise<{ readonly email: string }> {
  const odd = unkeepable(raw);
  if (odd.length > 0) throw invalid(odd);
  const parsed = useLinkInput.safeParse(raw);
  if (!parsed.success) throw invalid(faultsOf(parsed.error));
  const { password } = parsed.data;
  return db.transaction(async (tx) => {
    const row = await linkOf(tx, token, address, now, true);
    const name = parsed.data.name ?? row.name;
    const [own] = await tx.select({ name: shop.name }).from(shop).where(eq(shop.id, row.shopId));
    const weak = passwordFault(password, [own?.name ?? '', name, row.email]);
    if (weak) throw invalid([{ path: 'password', message: weak }]);
    const userId =
      row.kind === 'invite'
        ? await begin(tx, signIn, row, name, password)
        : await anew(tx, signIn, row, password);
    await tx.update(invitation).set({ usedAt: now }).where(eq(invitation.id, row.id));
    await dropLinks(tx, 'invitationId', [row.id]);
    await tx.insert(audit).values({
      shopId: row.shopId,
      actorId: userId,
      action: row.kind === 'invite' ? 'join' : 'new password',
      entity: 'user',
      entityId: userId,
      details: { role: row.role },
      at: now,
    });
    return { email: row.email };
  });
}

async function begin(
  tx: Writer,
  signIn: SignIn,
  row: InvitationRow,
  name: string,
  password: string,
): Promise<string> {
  const [known] = await tx.select({ id: user.id }).from(user).where(eq(user.email, row.email));
  if (known) throw conflict('This address has an account already: sign in.');
  return createUser(tx, signIn, { shopId: row.shopId, name, email: row.email, password, role: row.role });
}

async function anew(tx: Writer, signIn: SignIn, row: InvitationRow, password: string): Promise<string> {
  const userId = row.userId ?? '';
  const [known] = await tx.select().from(user).where(eq(user.id, userId)).for('update');
  if (!known || known.endedAt) throw notFound('That account');
  await setPassword(tx, signIn, userId, password);
  await tx.delete(session).where(eq(session.userId, userId));
  return userId;
}

/** True for the password somebody signs in with. */
export async function isOwnPassword(
  db: Reader,
  signIn: SignIn,
  userId: string,
  password: string,
): Promise<boolean> {
  const [own] = await db
    .select({ hash: account.password })
    .from(account)
    .where(and(eq(account.userId, userId), eq(account.providerId, 'credential')));
  const { password: hasher } = await signIn.$context;
  return own?.hash ? hasher.verify({ password, hash: own.hash }) : false;
}

export async function setPassword(
  tx: Writer,
  signIn: SignIn,
  userId: string,
  password: string,
): Promise<void> {
  const { password: hasher } = await signIn.$context;
  await tx
    .update(account)
    .set({ password: await hasher.hash(password), updatedAt: new Date() })
    .where(and(eq(account.userId, userId), eq(account.providerId, 'credential')));
}
