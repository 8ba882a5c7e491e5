import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import { lineInput } from './line-input';

/** Another piece, size or location in the place of a line; looks go on with it. */
export const swapLineCall = defineCall({
  name: 'swap-line',
  roles: STYLING,
  writes: true,
  input: lineInput.extend({
    variantId: uuid,
    locationId: uuid.optional(),
    /** How the size is to sit: it was chosen for that. */
    effect: z.enum(['closer', 'looser']).optional(),
  }),
  answer: answers<DressedBox>(),
});
