import { PACES } from '@core/schedule';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid, version } from '../fields';
import { daySchema } from '../occasion';
import { userId } from '../people/user-id';
import type { RhythmAnswer } from './rhythm-view';

/** Begins or changes a rhythm. The days after `nextDay` are counted from it. */
export const saveRhythmCall = defineCall({
  name: 'save-rhythm',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    clientId: uuid,
    /** Absent where she has none yet. */
    version: version.optional(),
    pace: z.enum(PACES),
    every: z
      .number({ error: 'not a number' })
      .int('whole numbers only')
      .min(1, 'at least 1')
      .max(52, 'at most 52'),
    nextDay: daySchema,
    stylistId: userId,
    paused: z.boolean().default(false),
  }),
  answer: answers<RhythmAnswer>(),
});
