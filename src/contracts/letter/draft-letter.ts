import type { LetterDraft } from '@core/letter';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const draftLetterCall = defineCall({
  name: 'draft-letter',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ boxId: uuid }),
  answer: answers<{ readonly letter: LetterDraft }>(),
});
