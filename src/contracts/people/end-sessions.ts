import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import type { PeopleView } from './people-view';
import { userId } from './user-id';

/** Signs somebody out wherever they are signed in, or in one place. */
export const endSessionsCall = defineCall({
  name: 'end-sessions',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ userId, sessionId: z.string().max(64).optional() }),
  answer: answers<PeopleView>(),
});
