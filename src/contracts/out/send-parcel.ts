import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import type { PackView } from '../box/pack-view';
import { EVERYBODY, answers, defineCall } from '../call';
import { text, uuid, version } from '../fields';

/** What was exchanged goes out, in a parcel of its own. */
export const sendParcelCall = defineCall({
  name: 'send-parcel',
  roles: EVERYBODY,
  writes: true,
  input: z.strictObject({ boxId: uuid, version, tracking: text(60).default('') }),
  answer: answers<DressedBox | PackView>(),
});
