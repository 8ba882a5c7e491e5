import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { uuid } from '../fields';

/** The whole text of a letter, its link in it. */
export const openLetterCall = defineCall({
  name: 'open-letter',
  roles: OWNER,
  // The answer holds the link, and an answer that is kept would keep it too.
  writes: false,
  input: z.strictObject({ id: uuid }),
  answer: answers<{ readonly text: string; readonly path: string }>(),
});
