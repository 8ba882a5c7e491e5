import type { Piece } from '@core/piece';
import type { OldBoxOutcome } from '@core/practice';
import { z } from 'zod';
import { answers, defineCall, STYLING } from '../call';
import { uuid } from '../fields';

/** The brief of a box that is closed, and pieces to choose from; nothing of whom it was for. */
export interface OldBox {
  readonly boxId: string;
  readonly season: string;
  readonly asks: readonly string[];
  /** What it was for: the hour and how dressed, never its title. */
  readonly occasions: readonly string[];
  readonly budgetMinor: number | null;
  readonly currency: string;
  readonly pieces: readonly {
    readonly garmentId: string;
    readonly piece: Piece;
    readonly priceMinor: number;
  }[];
}

export const oldBoxCall = defineCall({
  name: 'old-box',
  roles: STYLING,
  writes: false,
  input: z.strictObject({
    /** Those that were opened before, so that another one comes. */
    seen: z.array(uuid).max(200).default([]),
  }),
  answer: answers<{ readonly box?: OldBox | undefined }>(),
});

export const oldBoxOutcomeCall = defineCall({
  name: 'old-box-outcome',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ boxId: uuid, chosen: z.array(uuid).min(1, 'choose a piece').max(40) }),
  answer: answers<OldBoxOutcome>(),
});
