import { database } from './database';
import { type SignIn, signInOf } from './sign-in';

let made: SignIn | undefined;

/** Where the server is reached; `SITE_URL` when a proxy stands before it. */
export const siteOrigin = (): string =>
  process.env.SITE_URL ?? `http://127.0.0.1:${process.env.PORT ?? '4321'}`;

/** The sign-in of this server process. */
export function signIn(): SignIn {
  if (!made) {
    const secret = process.env.AUTH_SECRET;
    if (!secret || secret.length < 32) throw new Error('AUTH_SECRET is not set: start with bin/start.');
    made = signInOf(database(), secret, siteOrigin());
  }
  return made;
}
