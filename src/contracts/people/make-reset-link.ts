import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import type { LinkAnswer } from './people-view';
import { userId } from './user-id';

/** A one-time link to a new password, for somebody who has forgotten theirs. */
export const makeResetLinkCall = defineCall({
  name: 'make-reset-link',
  roles: OWNER,
  // The answer holds the link, and an answer that is kept would keep it too.
  writes: false,
  input: z.strictObject({ userId }),
  answer: answers<LinkAnswer>(),
});
