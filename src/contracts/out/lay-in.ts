import { ENCLOSURES } from '@core/parcel';
import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import type { PackView } from '../box/pack-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { uuid } from '../fields';

/** A small thing that goes along with a piece was laid into the parcel, or taken out again. */
export const layInCall = defineCall({
  name: 'lay-in',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({ boxId: uuid, lineId: uuid, what: z.enum(ENCLOSURES), done: z.boolean() }),
  answer: answers<DressedBox | PackView>(),
});
