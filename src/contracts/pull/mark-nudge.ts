import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { lineInput } from './line-input';

export const markNudgeCall = defineCall({
  name: 'mark-nudge',
  roles: STYLING,
  writes: true,
  input: lineInput.extend({ nudge: z.boolean() }),
  answer: answers<DressedBox>(),
});
