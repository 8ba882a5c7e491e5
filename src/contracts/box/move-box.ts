import { BOX_STATES } from '@core/box';
import { PAY_WAYS } from '@core/money';
import { z } from 'zod';
import type { DressedBox } from './box-view';
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
    /** How the styling fee is paid, where the box goes out. */
    feeWay: z.enum(PAY_WAYS).default('card'),
  }),
  answer: answers<DressedBox | PackView>(),
});
