import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid, version } from '../fields';
import type { RhythmAnswer } from './rhythm-view';

export const endRhythmCall = defineCall({
  name: 'end-rhythm',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ clientId: uuid, version }),
  answer: answers<RhythmAnswer>(),
});
