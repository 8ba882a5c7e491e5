import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import type { PeopleView } from './people-view';
import { userId } from './user-id';

/**
 * Ends an account and every session of it, or opens it again. What the person did stays in the records; boxes that are still
 * open go to `boxesTo`.
 */
export const endAccountCall = defineCall({
  name: 'end-account',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ userId, ended: z.boolean(), boxesTo: userId.optional() }),
  answer: answers<PeopleView>(),
});
