import { z } from 'zod';
import type { TalliedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

/** Everything that is not decided yet is kept. */
export const keepAllCall = defineCall({
  name: 'keep-all',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    /** Because nobody answered: as the shop's rule says, and only from its day on. */
    silent: z.boolean().default(false),
  }),
  answer: answers<TalliedBox>(),
});
