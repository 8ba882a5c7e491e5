import { BOX_STATES } from '@core/box';
import { z } from 'zod';
import type { BoxView } from './box-view';
import type { PackView } from './pack-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { text, uuid, version } from '../fields';

export const moveBoxCall = defineCall({
  name: 'move-box',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    version,
    to: z.enum(BOX_STATES),
    parcel: text(60).optional(),
  }),
  answer: answers<BoxView | PackView>(),
});
