import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { GARMENT_IDS_BYTES, garmentIds } from './garment-ids';

export const archiveGarmentsCall = defineCall({
  name: 'archive-garments',
  roles: STYLING,
  writes: true,
  bodyMostBytes: GARMENT_IDS_BYTES,
  input: z.strictObject({
    ids: garmentIds,
    archived: z.boolean(),
  }),
  answer: answers<{ readonly changed: number }>(),
});
