import type { Fit } from '@core/fit';
import type { Occasion } from '@core/occasion';
import type { Piece } from '@core/piece';
import type { Profile } from '@core/client';
import type { ForWhy } from '@core/pull';
import { z } from 'zod';
import { answers, defineCall, STYLING } from '../call';
import { uuid } from '../fields';

/** Somebody a garment is for. */
export interface ForWhomRow {
  readonly clientId: string;
  readonly name: string;
  readonly client: Profile;
  readonly why: readonly ForWhy[];
  readonly fit: Fit;
  readonly variantId: string;
  readonly closet: readonly Piece[];
  /** What she dresses for next; a look is shown for it. */
  readonly occasion?: Occasion | undefined;
  /** Her box that may still be pulled for; absent: she has none. */
  readonly box?: { readonly id: string; readonly number: number } | undefined;
}

export interface ForWhomAnswer {
  readonly piece: Piece;
  readonly rows: readonly ForWhomRow[];
}

/** Whom a garment is for: whom it answers, fits and is no twin to, the strongest reasons first. */
export const forWhomCall = defineCall({
  name: 'for-whom',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ garmentId: uuid }),
  answer: answers<ForWhomAnswer>(),
});
