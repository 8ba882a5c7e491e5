import { CARES, IRONINGS, SEASONS } from '@core/piece';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { text } from '../fields';
import { minorSchema } from '../piece';
import { GARMENT_IDS_BYTES, garmentIds } from './garment-ids';

/** What many garments are given at once; what is absent stays as it is. */
export const editGarmentsCall = defineCall({
  name: 'edit-garments',
  roles: STYLING,
  writes: true,
  bodyMostBytes: GARMENT_IDS_BYTES,
  input: z.strictObject({
    ids: garmentIds,
    set: z
      .strictObject({
        label: text(80).min(1, 'missing').optional(),
        formality: z.number().min(0).max(10).optional(),
        seasons: z.array(z.enum(SEASONS)).min(1, 'at least one').optional(),
        care: z.enum(CARES).optional(),
        ironing: z.enum(IRONINGS).optional(),
        moods: z.array(text(40)).max(12).optional(),
        costMinor: minorSchema.nullable().optional(),
      })
      .refine((set) => Object.keys(set).length > 0, { error: 'nothing to change' }),
  }),
  answer: answers<{ readonly changed: number }>(),
});
