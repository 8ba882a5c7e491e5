import { z } from 'zod';
import { answers, defineCall, OWNER } from '../call';
import { uuid } from '../fields';
import type { OutboxView } from './outbox-view';

/** Somebody sent it by hand, or throws it away; the link itself is stopped where it was made. */
export const settleLetterCall = defineCall({
  name: 'settle-letter',
  roles: OWNER,
  writes: true,
  input: z.strictObject({ id: uuid, as: z.enum(['sent', 'thrown away']) }),
  answer: answers<OutboxView>(),
});
