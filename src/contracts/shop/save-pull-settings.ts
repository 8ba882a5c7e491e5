import { CRITERIA } from '@core/pull';
import { z } from 'zod';
import { OWNER, answers, defineCall } from '../call';
import { version } from '../fields';

export const savePullSettingsCall = defineCall({
  name: 'save-pull-settings',
  roles: OWNER,
  writes: true,
  input: z.strictObject({
    version,
    settings: z.strictObject({
      weights: z
        .partialRecord(z.enum(CRITERIA), z.number().min(0, 'not below 0').max(100, 'at most 100'))
        .default({}),
      ownInterest: z.boolean().default(false),
    }),
    alteredMayReturn: z.boolean().default(false),
  }),
  answer: answers<{ readonly version: number }>(),
});
