import { RETURN_REASONS } from '@core/box';
import { FIT_POINTS } from '@core/fit';
import { z } from 'zod';
import type { BoxView } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid } from '../fields';

export const decideLineCall = defineCall({
  name: 'decide-line',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    lineId: uuid,
    decision: z.enum(['undecided', 'keep', 'return']),
    reason: z.enum(RETURN_REASONS).nullable().default(null),
    /** Where it was too small or too big. */
    fitPoint: z.enum(FIT_POINTS).nullable().default(null),
    note: text(400).default(''),
  }),
  answer: answers<BoxView>(),
});
