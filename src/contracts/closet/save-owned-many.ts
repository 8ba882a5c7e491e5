import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { closetItemSchema } from '../closet-item';
import { uuid } from '../fields';

/** Many pieces at once: a pasted list, a file, staples. */
export const saveOwnedManyCall = defineCall({
  name: 'save-owned-many',
  roles: STYLING,
  writes: true,
  bodyMostBytes: 2_000_000,
  input: z.strictObject({
    clientId: uuid,
    items: z.array(closetItemSchema).min(1, 'nothing to add').max(500, 'at most 500 pieces at once'),
  }),
  answer: answers<{ readonly added: number; readonly known: number }>(),
});
