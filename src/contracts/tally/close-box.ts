import { PAY_WAYS } from '@core/money';
import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid, version } from '../fields';

export const closeBoxCall = defineCall({
  name: 'close-box',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    version,
    notesNext: text(2000).default(''),
    /** How it is paid, or the rest of it where a voucher pays first. */
    way: z.enum(PAY_WAYS),
    /** Code of the voucher that pays first. */
    voucher: text(20).default(''),
  }),
  answer: answers<DressedBox>(),
});
