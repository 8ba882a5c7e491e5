import { z } from 'zod';
import type { TalliedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import { why } from './why';

export const decideLineCall = defineCall({
  name: 'decide-line',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    lineId: uuid,
    decision: z.enum(['undecided', 'keep', 'return']),
    ...why,
  }),
  answer: answers<TalliedBox>(),
});
