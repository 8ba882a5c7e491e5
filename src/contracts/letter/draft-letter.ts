import type { LetterDraft, Wordings } from '@core/letter';
import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import { letterStyleSchema } from './letter';

/** A letter drafted from the box as it is now; nothing is stored. */
export const draftLetterCall = defineCall({
  name: 'draft-letter',
  roles: STYLING,
  writes: false,
  input: z.strictObject({
    boxId: uuid,
    /** Absent: the shop's usual. */
    style: letterStyleSchema.optional(),
  }),
  answer: answers<{
    readonly letter: LetterDraft;
    readonly wordings: Wordings;
    /** The shop's own sentences, to be laid into a line. */
    readonly phrases: readonly string[];
  }>(),
});
