import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid, version } from '../fields';
import { daySchema, occasionSchema, stageSchema } from '../occasion';

export const saveOccasionCall = defineCall({
  name: 'save-occasion',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    id: uuid.optional(),
    /** Of an occasion that is there; absent for a new one. */
    version: version.optional(),
    clientId: uuid,
    occasion: occasionSchema.extend({ date: daySchema }),
    stages: z.array(stageSchema).max(8, 'at most 8 stages').default([]),
    /** Weekly is 7; each repeat becomes an occasion of its own. */
    repeat: z
      .strictObject({
        everyDays: z.number().int().min(1, 'at least a day').max(366, 'at most a year'),
        times: z.number().int().min(1, 'at least once').max(52, 'at most 52 times'),
      })
      .optional(),
  }),
  answer: answers<{ readonly id: string; readonly version: number }>(),
});
