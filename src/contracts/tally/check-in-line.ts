import { z } from 'zod';
import type { BoxView } from '../box/box-view';
import type { PackView } from '../box/pack-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { uuid } from '../fields';

export const checkInLineCall = defineCall({
  name: 'check-in-line',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({ boxId: uuid, lineId: uuid }),
  answer: answers<BoxView | PackView>(),
});
