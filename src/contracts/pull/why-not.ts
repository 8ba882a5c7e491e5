import { CATEGORIES } from '@core/piece';
import { z } from 'zod';
import type { LeftOut } from './pull-row';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid } from '../fields';
import { minorSchema } from '../piece';

/** Why garments of a name are not among the candidates. */
export interface WhyNotAnswer {
  readonly found: readonly LeftOut[];
}

export const whyNotCall = defineCall({
  name: 'why-not',
  roles: STYLING,
  writes: false,
  input: z.strictObject({
    boxId: uuid,
    askId: uuid.nullable().default(null),
    categories: z.array(z.enum(CATEGORIES)).default([]),
    mostMinor: minorSchema.nullable().default(null),
    fitsOnly: z.boolean().default(true),
    search: text(80).min(2, 'at least two letters'),
  }),
  answer: answers<WhyNotAnswer>(),
});
