import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const startBoxCall = defineCall({
  name: 'start-box',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ clientId: uuid }),
  answer: answers<{ readonly id: string }>(),
});
