import { z } from 'zod';
import { answers, defineCall, EVERYBODY } from '../call';
import { passwordField } from './password-field';

/** One's own password; every other session of the account ends. */
export const changePasswordCall = defineCall({
  name: 'change-password',
  roles: EVERYBODY,
  // Nothing of it is kept for a repeated call.
  writes: false,
  input: z.strictObject({ current: z.string().min(1, 'missing').max(128), password: passwordField }),
  answer: answers<{ readonly ended: number }>(),
});
