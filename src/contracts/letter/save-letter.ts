import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid, version } from '../fields';
import { letterSchema } from './letter';

export const saveLetterCall = defineCall({
  name: 'save-letter',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ boxId: uuid, version, letter: letterSchema }),
  answer: answers<DressedBox>(),
});
