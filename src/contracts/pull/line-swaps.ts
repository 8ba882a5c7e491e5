import type { FitEffect } from '@core/fit';
import type { Piece } from '@core/piece';
import type { Objection } from '@core/pull';
import { z } from 'zod';
import type { PlaceView, PullRow } from './pull-row';
import { STYLING, answers, defineCall } from '../call';
import { uuid } from '../fields';

/** Something to take in the place of a line. */
export type SwapView = Pick<PullRow, 'variantId' | 'piece' | 'size' | 'fit'>;

export interface LineSwaps {
  readonly lineId: string;
  readonly cheaper?: SwapView | undefined;
  readonly safer?: (SwapView & { readonly objection: Objection }) | undefined;
  readonly colours: readonly SwapView[];
  /** The size for each way it may be meant to sit; only of a line that was asked for alone. */
  readonly effects?:
    | { readonly isTied: boolean; readonly sizes: { readonly [effect in FitEffect]?: SwapView | undefined } }
    | undefined;
  /** The same size at other places of the shop. */
  readonly places: readonly PlaceView[];
}

export interface SwapsAnswer {
  readonly lines: readonly LineSwaps[];
  /** On the shelf, of the kinds in the box, in a size that fits, and nothing this client has against them. */
  readonly stock: readonly Piece[];
}

/** Of one line, or of every line of the box. */
export const lineSwapsCall = defineCall({
  name: 'line-swaps',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ boxId: uuid, lineId: uuid.optional() }),
  answer: answers<SwapsAnswer>(),
});
