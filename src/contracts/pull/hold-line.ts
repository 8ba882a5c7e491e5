import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const holdLineCall = defineCall({
  name: 'hold-line',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    variantId: uuid,
    askId: uuid.nullable().default(null),
    /** Absent: wherever one is on the shelf. */
    locationId: uuid.optional(),
  }),
  answer: answers<DressedBox>(),
});
