import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { GARMENT_IDS_BYTES, garmentIds } from './garment-ids';

export const priceGarmentsCall = defineCall({
  name: 'price-garments',
  roles: STYLING,
  writes: true,
  bodyMostBytes: GARMENT_IDS_BYTES,
  input: z.strictObject({
    ids: garmentIds,
    percent: z
      .number({ error: 'a number is wanted' })
      .min(-90, 'at most 90 % off')
      .max(300, 'at most 300 % more'),
  }),
  answer: answers<{ readonly changed: number }>(),
});
