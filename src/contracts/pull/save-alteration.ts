import { ALTERATION_JOBS } from '@core/fit';
import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { minorSchema } from '../piece';
import { lineInput } from './line-input';

export const saveAlterationCall = defineCall({
  name: 'save-alteration',
  roles: STYLING,
  writes: true,
  input: lineInput.extend({
    job: z.enum(ALTERATION_JOBS),
    /** By how much, mm; a hem below 0 is let down. */
    mm: z.number().int('a whole number').min(-300).max(600),
    priceMinor: minorSchema,
    leadDays: z.number().int('whole days').min(0, 'not below 0').max(60, 'at most 60 days'),
  }),
  answer: answers<DressedBox>(),
});
