import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid, version } from '../fields';
import type { RhythmAnswer } from './rhythm-view';

/** Leaves out the next box of a rhythm; the one after it comes when it would have come. */
export const skipNextCall = defineCall({
  name: 'skip-next',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ clientId: uuid, version }),
  answer: answers<RhythmAnswer>(),
});
