import type { Setting } from '../look';
import type { Occasion } from '../occasion';
import type { Category, Piece } from '../piece';
import type { Ask } from '../reading';

/** A piece of the stock, in the client's size, that may go into the box. */
export interface Candidate {
  readonly piece: Piece;
  readonly priceMinor: number;
  /** Chance to be kept, 0..1; absent: nobody knows, even odds. */
  readonly keep?: number | undefined;
  /** Units that are there; absent: at least one. */
  readonly stock?: number | undefined;
}

export interface PlanAsk {
  readonly ask: Ask;
  /** True: a box that does not answer it is no answer. */
  readonly must: boolean;
}

/** What a box is planned from. Money in minor units, bounds in pieces. */
export interface PlanProblem {
  readonly setting: Omit<Setting, 'occasion'>;
  readonly occasions: readonly { readonly occasion: Occasion; readonly weight: number }[];
  readonly closet: readonly Piece[];
  readonly candidates: readonly Candidate[];
  readonly budgetMinor: number;
  readonly most: number;
  readonly least: number;
  readonly bounds: Readonly<Partial<Record<Category, readonly [least: number, most: number]>>>;
  readonly asks: readonly PlanAsk[];
  /** Ids of candidates that are in, and that are out. */
  readonly pins: readonly string[];
  readonly bans: readonly string[];
}
