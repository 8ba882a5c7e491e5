import { BODY_MEASURES } from '@core/figure';
import { CATEGORIES } from '@core/piece';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { name, text, uuid, version } from '../fields';
import { minorSchema } from '../piece';
import { bodyMeasuresSchema, storedProfileSchema } from '../profile';

const email = z.union([z.literal(''), z.email('not an e-mail address')]).optional();

export const saveClientCall = defineCall({
  name: 'save-client',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    id: uuid.optional(),
    version: version.optional(),
    name,
    about: text(300).default(''),
    email,
    phone: text(40).optional(),
    /** Where parcels go, a line each, the town last. */
    address: text(400).optional(),
    sizes: z
      .record(z.string().min(1).max(20), z.string().max(12))
      .refine((sizes) => Object.keys(sizes).length <= 40, { error: 'at most 40 sizes' })
      .default({}),
    measures: bodyMeasuresSchema,
    /** Measures that follow from a usual size; marked so wherever they show. */
    estimated: z.array(z.enum(BODY_MEASURES)).default([]),
    profile: storedProfileSchema,
    boxBudgetMinor: minorSchema.nullable().default(null),
    pieceBudgetMinor: z.partialRecord(z.enum(CATEGORIES), minorSchema).default({}),
    notes: text(20_000).default(''),
  }),
  answer: answers<{ readonly id: string; readonly version: number }>(),
});
