import { z } from 'zod';
import { name, text } from '../fields';
import { passwordField } from '../people/password-field';

/** What the first visit asks, before there is anybody to sign in. */
export const firstOwnerInput = z.strictObject({
  /** What the start command shows on the machine itself: nobody else can open the shop. */
  code: text(40),
  shopName: name,
  town: text(80).default(''),
  currency: z.string().regex(/^[A-Z]{3}$/, 'three capital letters, as EUR'),
  name,
  email: z.email('not an e-mail address'),
  password: passwordField,
});
