import type { FitPoint } from '../fit';
import type { Piece } from '../piece';

/** One piece a client decided about in an earlier box; what was exchanged, or came back later, was sent back. */
export interface DecidedPiece {
  readonly lineId: string;
  /** As the shop sells it, in no size. */
  readonly piece: Piece;
  readonly label: string;
  readonly size: string;
  readonly priceMinor: number;
  readonly decision: 'keep' | 'return';
  readonly reason?: string | undefined;
  readonly fitPoint?: FitPoint | undefined;
  /** The number of its box. */
  readonly box: number;
}
