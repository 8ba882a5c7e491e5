import { z } from 'zod';
import { name, text } from '../fields';

/** What the first visit asks, before there is anybody to sign in. */
export const firstOwnerInput = z.strictObject({
  shopName: name,
  town: text(80).default(''),
  currency: z.string().regex(/^[A-Z]{3}$/, 'three capital letters, as EUR'),
  name,
  email: z.email('not an e-mail address'),
  password: z.string().min(12, 'at least 12 characters').max(128, 'at most 128 characters'),
});
