import { z } from 'zod';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid, version } from '../fields';
import type { BoxView } from './box-view';
import { userId } from '../people/user-id';

/** Gives a box to another stylist, with what they should know. */
export const handOverCall = defineCall({
  name: 'hand-over',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ boxId: uuid, version, to: userId, note: text(1000).default('') }),
  answer: answers<BoxView>(),
});
