import { database } from './database';
import { siteOrigin } from './origin';
import { type SignIn, signInOf } from './sign-in';

let made: SignIn | undefined;

/** The sign-in of this server process. */
export function signIn(): SignIn {
  if (!made) {
    const secret = process.env.AUTH_SECRET;
    if (!secret || secret.length < 32) throw new Error('AUTH_SECRET is not set: start with bin/start.');
    made = signInOf(database(), secret, siteOrigin());
  }
  return made;
}
