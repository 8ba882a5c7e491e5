import { ENGLISHES, LENGTH_UNITS } from '@core/words';
import { z } from 'zod';
import { OWNER, answers, defineCall } from '../call';
import { version } from '../fields';

export const saveTongueCall = defineCall({
  name: 'save-tongue',
  roles: OWNER,
  writes: true,
  input: z.strictObject({
    version,
    english: z.enum(ENGLISHES),
    units: z.enum(LENGTH_UNITS),
  }),
  answer: answers<{ readonly version: number }>(),
});
