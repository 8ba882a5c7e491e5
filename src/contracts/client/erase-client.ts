import { z } from 'zod';
import { OWNER, answers, defineCall } from '../call';
import { name, uuid } from '../fields';

export const eraseClientCall = defineCall({
  name: 'erase-client',
  roles: OWNER,
  writes: true,
  input: z.strictObject({
    clientId: uuid,
    /** Typed by hand, so that nobody is erased by a slip. */
    name,
  }),
  answer: answers<{ readonly kept: number }>(),
});
