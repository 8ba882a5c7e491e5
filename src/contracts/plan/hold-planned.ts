import { z } from 'zod';
import type { DressedBox } from '../box/box-view';
import { answers, defineCall, STYLING } from '../call';
import { uuid } from '../fields';

export interface HoldPlannedAnswer {
  readonly view: DressedBox;
  /** Sizes that somebody else took meanwhile; the others are held. */
  readonly missed: readonly { readonly variantId: string; readonly title: string; readonly size: string }[];
}

/** Holds what was planned, all of it that is still there. */
export const holdPlannedCall = defineCall({
  name: 'hold-planned',
  roles: STYLING,
  writes: true,
  input: z.strictObject({
    boxId: uuid,
    pieces: z
      .array(z.strictObject({ variantId: uuid, askId: uuid.nullable().default(null) }))
      .min(1, 'nothing is chosen')
      .max(40, 'at most 40 pieces'),
  }),
  answer: answers<HoldPlannedAnswer>(),
});
