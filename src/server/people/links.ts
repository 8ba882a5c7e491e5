import type { InvitationView } from '@contracts/people/people-view';
import { useLinkInput } from '@contracts/people/use-link';
import { faultsOf } from '@contracts/faults';
import { unkeepable } from '@contracts/text';
import type { Database, Reader, Writer } from '@data/db';
import { addDeeds } from '@data/audit';
import { dropLinks } from '@data/outbox/letters';
import {
  addInvitation,
  changeInvitation,
  type InvitationRow,
  openInvitation,
  stopInvitations,
} from '@data/people/invitations';
import { endSessionsOf, lockedUser, passwordHash, setPasswordHash, userOfEmail } from '@data/people/users';
import { findShop } from '@data/shop/shops';
import { isSpent, spend } from '../limits';
import { passwordFault } from '../password';
import { isToken } from '../private-links';
import { newToken, tokenHash } from '../private-token';
import { conflict, invalid, notFound, Refusal } from '../problem';
import { createUser, type SignIn } from '../sign-in';

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
  await dropLinks(tx, 'invitationId', await stopInvitations(tx, wanted.shopId, email, now));
  const token = newToken();
  const expiresAt = new Date(now.getTime() + LASTS_HOURS[wanted.kind] * HOUR_MS);
  const id = await addInvitation(tx, {
    ...wanted,
    email,
    tokenHash: tokenHash(token),
    expiresAt,
    createdAt: now,
  });
  return { id, path: `/join/${token}`, expiresAt };
}

export function stateOf(row: InvitationRow, now: Date): InvitationView['state'] {
  if (row.usedAt) return 'used';
  if (row.revokedAt) return 'revoked';
  return row.expiresAt <= now ? 'expired' : 'open';
}

export interface LinkPage {
  readonly kind: InvitationRow['kind'];
  readonly name: string;
  readonly email: string;
  readonly shopName: string;
}

/** Who a link is for; refused for one that does not exist, was used, stopped or is too old. */
export async function openLink(db: Reader, token: string, address: string, now: Date): Promise<LinkPage> {
  const row = await linkOf(db, token, address, now);
  const own = await findShop(db, row.shopId);
  return { kind: row.kind, name: row.name, email: row.email, shopName: own?.name ?? '' };
}

async function linkOf(
  db: Reader,
  token: string,
  address: string,
  now: Date,
  lock = false,
): Promise<InvitationRow> {
  if (await isSpent('link', address)) throw new Refusal(429, 'Too many tries. Please wait ten minutes.');
  const row = isToken(token) ? await openInvitation(db, tokenHash(token), now, lock) : undefined;
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
    const own = await findShop(tx, row.shopId);
    const weak = passwordFault(password, [own?.name ?? '', name, row.email]);
    if (weak) throw invalid([{ path: 'password', message: weak }]);
    const userId =
      row.kind === 'invite'
        ? await begin(tx, signIn, row, name, password)
        : await anew(tx, signIn, row, password);
    await changeInvitation(tx, row.id, { usedAt: now });
    await dropLinks(tx, 'invitationId', [row.id]);
    await addDeeds(tx, [
      {
        shopId: row.shopId,
        actorId: userId,
        action: row.kind === 'invite' ? 'join' : 'new password',
        entity: 'user',
        entityId: userId,
        details: { role: row.role },
        at: now,
      },
    ]);
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
  if (await userOfEmail(tx, row.email)) throw conflict('This address has an account already: sign in.');
  // Whoever joins as a stylist learns how this shop judges, until the owner says it is enough.
  const inTraining = row.role === 'stylist';
  return createUser(tx, signIn, {
    shopId: row.shopId,
    name,
    email: row.email,
    password,
    role: row.role,
    inTraining,
  });
}

async function anew(tx: Writer, signIn: SignIn, row: InvitationRow, password: string): Promise<string> {
  const userId = row.userId ?? '';
  const known = await lockedUser(tx, userId);
  if (!known || known.endedAt) throw notFound('That account');
  await setPassword(tx, signIn, userId, password);
  await endSessionsOf(tx, userId);
  return userId;
}

/** True for the password somebody signs in with. */
export async function isOwnPassword(
  db: Reader,
  signIn: SignIn,
  userId: string,
  password: string,
): Promise<boolean> {
  const hash = await passwordHash(db, userId);
  const { password: hasher } = await signIn.$context;
  return hash !== undefined && hasher.verify({ password, hash });
}

export async function setPassword(
  tx: Writer,
  signIn: SignIn,
  userId: string,
  password: string,
): Promise<void> {
  const { password: hasher } = await signIn.$context;
  await setPasswordHash(tx, userId, await hasher.hash(password), new Date());
}
