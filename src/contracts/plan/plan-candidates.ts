import type { Fit } from '@core/fit';
import type { Piece } from '@core/piece';
import { z } from 'zod';
import { answers, defineCall, STYLING } from '../call';
import { uuid } from '../fields';

/** Something on the shelf that may be planned, in the size the client would be sent. Its piece goes by the id of the size. */
export interface PlanCandidate {
  readonly variantId: string;
  readonly piece: Piece;
  readonly size: string;
  readonly priceMinor: number;
  readonly free: number;
  readonly fit: Fit;
  /** Chance to be kept, 0 to 1; absent where nobody knows. */
  readonly keep?: number | undefined;
}

export interface PlanCandidates {
  readonly candidates: readonly PlanCandidate[];
  /** Chance to be kept of what the box holds already, by the id of its piece; absent where nobody knows. */
  readonly held: Readonly<Record<string, number>>;
}

/** What a box may be planned from: what is on the shelf, fits, and is not ruled out. */
export const planCandidatesCall = defineCall({
  name: 'plan-candidates',
  roles: STYLING,
  writes: false,
  input: z.strictObject({ boxId: uuid }),
  answer: answers<PlanCandidates>(),
});
