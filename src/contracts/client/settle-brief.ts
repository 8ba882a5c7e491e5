import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import { BRIEF_FIELDS } from '../own-brief';

export const settleBriefCall = defineCall({
  name: 'settle-brief',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    clientId: uuid,
    id: uuid,
    /** Lines taken over; the others are left. */
    take: z.array(z.enum(BRIEF_FIELDS)),
  }),
  answer: answers<{ readonly id: string }>(),
});
