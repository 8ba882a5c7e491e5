import { LOSSES } from '@core/box';
import { z } from 'zod';
import type { TalliedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid, version } from '../fields';

/** Pieces of a box that is out are given up: they never reached their client, or she never said a word of them. */
export const loseLinesCall = defineCall({
  name: 'lose-lines',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    version,
    lineIds: z.array(uuid).min(1, 'which pieces?').max(60, 'at most 60 pieces'),
    loss: z.enum(LOSSES),
  }),
  answer: answers<TalliedBox>(),
});

/** A piece that was lost turned up: it is with its client, or on its way, and waits for her word. */
export const findLineCall = defineCall({
  name: 'find-line',
  roles: STYLING,
  writes: true,
  input: z.strictObject({ boxId: uuid, lineId: uuid }),
  answer: answers<TalliedBox>(),
});
