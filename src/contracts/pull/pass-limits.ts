import { GUARD_CODES } from '@core/guard';
import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid } from '../fields';

/** Limits let pass by name, and questions of content answered; one reason for all that are named. */
export const passLimitsCall = defineCall({
  name: 'pass-limits',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    passes: z
      .array(
        z.strictObject({
          lineId: uuid,
          code: z.enum(GUARD_CODES),
          about: z.string().min(1, 'missing').max(300, 'at most 300 characters'),
        }),
      )
      .min(1, 'nothing is named')
      .max(100, 'at most 100 at once'),
    reason: text(300).min(1, 'say why, in a few words'),
  }),
  answer: answers<DressedBox>(),
});
