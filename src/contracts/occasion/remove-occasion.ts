import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const removeOccasionCall = defineCall({
  name: 'remove-occasion',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ clientId: uuid, id: uuid }),
  answer: answers<{ readonly id: string }>(),
});
