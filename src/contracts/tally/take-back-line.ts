import { BACK_TO } from '@core/box';
import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';
import { why } from './why';

/** A kept piece that comes back after its box was closed: a return of its own, with a credit note. */
export const takeBackLineCall = defineCall({
  name: 'take-back-line',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    lineId: uuid,
    ...why,
    /** Of what the line came to, minor units that stay with the shop for damage. */
    withheldMinor: z.number().int().min(0),
    backTo: z.enum(BACK_TO),
  }),
  answer: answers<DressedBox>(),
});
