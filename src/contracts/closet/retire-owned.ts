import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const retireOwnedCall = defineCall({
  name: 'retire-owned',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ id: uuid, retired: z.boolean() }),
  answer: answers<{ readonly id: string; readonly version: number }>(),
});
