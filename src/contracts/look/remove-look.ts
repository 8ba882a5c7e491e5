import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const removeLookCall = defineCall({
  name: 'remove-look',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ boxId: uuid, id: uuid }),
  answer: answers<DressedBox>(),
});
