import { ROLES } from '@core/shop';
import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { name } from '../fields';
import type { LinkAnswer } from './people-view';

/** A one-time link to a new account. */
export const invitePersonCall = defineCall({
  name: 'invite-person',
  roles: OWNER,
  // The answer holds the link, and an answer that is kept would keep it too.
  writes: false,
  input: z.strictObject({
    name,
    email: z.email('not an e-mail address').max(254, 'at most 254 characters'),
    role: z.enum(ROLES),
  }),
  answer: answers<LinkAnswer>(),
});
