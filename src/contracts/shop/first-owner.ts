import { z } from 'zod';
import { name, text, timeZone } from '../fields';
import { passwordField } from '../people/password-field';

/** What the first visit asks, before there is anybody to sign in. */
export const firstOwnerInput = z.strictObject({
  /** What the start command shows on the machine itself: nobody else can open the shop. */
  code: text(40),
  shopName: name,
  town: text(80).default(''),
  currency: z
    .string()
    .trim()
    .toUpperCase()
    .regex(/^[A-Z]{3}$/, 'three letters, as EUR'),
  /** Where its days begin: the browser's, until the terms say otherwise. */
  zone: timeZone.default('UTC'),
  name,
  email: z.email('not an e-mail address'),
  password: passwordField,
});
