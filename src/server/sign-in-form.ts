import { database } from './database';
import { signIn } from './session';
import { clearTries, mayTry } from './sign-in';

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
  if (!(await mayTry(db, email, socketAddress, new Date()))) {
    return { ok: false, message: 'Too many tries. Please wait ten minutes and try again.' };
  }
  const answer = await signIn().api.signInEmail({ body: { email, password }, headers, asResponse: true });
  if (!answer.ok) return { ok: false, message: 'That e-mail and password do not go together.' };
  await clearTries(db, email, socketAddress);
  return { ok: true, cookies: answer.headers.getSetCookie() };
}
