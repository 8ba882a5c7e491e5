import { z } from 'zod';
import type { DressedBox } from './box-view';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid, version } from '../fields';
import { minorSchema } from '../piece';
import { askSchema } from './ask';

export const saveBriefCall = defineCall({
  name: 'save-brief',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    version,
    budgetMinor: minorSchema.nullable(),
    occasionIds: z.array(uuid).max(12),
    /** An ask in words is read; one that was edited comes as it is to be. */
    asks: z.array(z.union([text(200).min(1, 'an ask is empty'), askSchema])).max(20, 'at most 20 asks'),
    mood: z.array(text(40)).max(12),
    notToSend: text(400),
  }),
  answer: answers<DressedBox>(),
});
