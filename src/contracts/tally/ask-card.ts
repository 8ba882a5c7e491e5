import { z } from 'zod';
import type { TalliedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { text, uuid, version } from '../fields';

/** Asks the terminal for what a box comes to, less what a voucher pays; a box is asked for one sum at a time. */
export const askCardCall = defineCall({
  name: 'ask-card',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    version,
    /** Code of the voucher that pays a part. */
    voucher: text(20).default(''),
  }),
  answer: answers<TalliedBox>(),
});

/** Stops the sum that is asked for: before the card was charged it is cancelled, after it the money goes back. */
export const stopCardCall = defineCall({
  name: 'stop-card',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ boxId: uuid, cardId: uuid }),
  answer: answers<TalliedBox>(),
});

/** What somebody does at the terminal that is only played. */
export const playTerminalCall = defineCall({
  name: 'play-terminal',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ boxId: uuid, cardId: uuid, as: z.enum(['approved', 'declined']) }),
  answer: answers<TalliedBox>(),
});
