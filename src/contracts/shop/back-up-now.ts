import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';

/** Asks the worker for a backup now, beside those of the night. */
export const backUpNowCall = defineCall({
  name: 'back-up-now',
  roles: OWNER,
  writes: true,
  input: z.strictObject({}),
  answer: answers<{ readonly asked: true }>(),
});
