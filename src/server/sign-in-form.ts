import { setTimeout as pause } from 'node:timers/promises';
import type { Database } from '@data/db';
import { addDeeds } from '@data/audit';
import { userOfEmail } from '@data/people/users';
import { database } from './database';
import { forgive, isSpent, slowedMs, spend, takenBy } from './limits';
import { signIn } from './session';

export type SignInAnswer =
  | { readonly ok: true; readonly cookies: readonly string[] }
  | { readonly ok: false; readonly message: string };

/** Signs a person in from the form; says the same for an unknown address and a wrong password. */
export async function signInWith(
  email: string,
  password: string,
  socketAddress: string,
  headers: Headers,
): Promise<SignInAnswer> {
  const db = database();
  if (!email || !password) return { ok: false, message: 'Please give your e-mail and your password.' };
  if (email.length > 254 || password.length > 128)
    return { ok: false, message: 'That e-mail and password do not go together.' };
  const pair = `${email}|${socketAddress}`;
  if ((await isSpent('pair', pair)) || (await isSpent('address', socketAddress)))
    return { ok: false, message: 'Too many tries. Please wait ten minutes and try again.' };
  // Somebody tries this account from many places: it answers more slowly, and its owner still gets in.
  await pause(slowedMs(await takenBy('account', email)));
  const known = await userOfEmail(db, email);
  // An account that was ended says what a wrong password says.
  const answer = known?.endedAt
    ? { ok: false as const, headers: new Headers() }
    : await signIn().api.signInEmail({ body: { email, password }, headers, asResponse: true });
  if (!answer.ok) {
    await spend('pair', pair);
    await spend('address', socketAddress);
    await spend('account', email);
    await noteOf(db, email, 'sign-in failed');
    return { ok: false, message: 'That e-mail and password do not go together.' };
  }
  await forgive('pair', pair);
  await forgive('account', email);
  await noteOf(db, email, 'sign in');
  return { ok: true, cookies: answer.headers.getSetCookie() };
}

/** Writes who came, who failed and who left; an address nobody has leaves no trace in any shop. */
async function noteOf(db: Database, email: string, action: string): Promise<void> {
  const known = await userOfEmail(db, email);
  if (known)
    await addDeeds(db, [
      {
        shopId: known.shopId,
        actorId: action === 'sign-in failed' ? null : known.id,
        action,
        entity: 'user',
        entityId: known.id,
        details: {},
        at: new Date(),
      },
    ]);
}

/** Ends the session of a request; the cookies that forget it. */
export async function signOutOf(headers: Headers, email: string | undefined): Promise<readonly string[]> {
  const answer = await signIn().api.signOut({ headers, asResponse: true });
  if (email) await noteOf(database(), email, 'sign out');
  return answer.headers.getSetCookie();
}
