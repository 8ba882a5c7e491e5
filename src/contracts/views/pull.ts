import type { GuardFinding } from '@core/guard';
import type { FitVerdict, PointFit } from '@core/fit';
import type { Piece } from '@core/piece';
import type { Reason } from '@core/pull';

/** Something said for or against a candidate. */
export type ReasonView = Pick<Reason, 'criterion' | 'says' | 'points'>;

export interface PullRow {
  readonly garmentId: string;
  readonly variantId: string;
  readonly label: string;
  readonly piece: Piece;
  readonly size: string;
  readonly free: number;
  readonly verdict: FitVerdict;
  /** Fit in a line, with what was decided between two sizes or what makes this one work. */
  readonly fit: string;
  readonly fitPoints: readonly PointFit[];
  /** What stands between it and the client; what is ruled out is not held. */
  readonly guard: readonly GuardFinding[];
  readonly points: number;
  readonly reasons: readonly ReasonView[];
  readonly doubt?: ReasonView | undefined;
  /** Others that are on the shelf. */
  readonly otherSizes: readonly {
    readonly variantId: string;
    readonly size: string;
    readonly free: number;
    readonly verdict: FitVerdict;
    readonly fit: string;
  }[];
  /** Where the size stands, when it stands at several places. */
  readonly places: readonly PlaceView[];
}

export interface PlaceView {
  readonly locationId: string;
  readonly title: string;
  readonly free: number;
}

export interface PullAnswer {
  readonly rows: readonly PullRow[];
  /** Left out and why: sold out, no size that fits, over the price. */
  readonly leftOut: readonly LeftOut[];
}

export interface LeftOut {
  readonly title: string;
  readonly why: string;
}

/** Why garments of a name are not among the candidates. */
export interface WhyNotAnswer {
  readonly found: readonly LeftOut[];
}

/** Something to take in the place of a line. */
export type SwapView = Pick<PullRow, 'variantId' | 'piece' | 'size' | 'fit' | 'verdict'>;

export interface LineSwaps {
  readonly lineId: string;
  readonly cheaper?: SwapView | undefined;
  readonly safer?: (SwapView & { readonly why: string }) | undefined;
  readonly colours: readonly SwapView[];
  /** The same size at other places of the shop. */
  readonly places: readonly PlaceView[];
}

export interface SwapsAnswer {
  readonly lines: readonly LineSwaps[];
  /** On the shelf, of the kinds in the box, in a size that fits, and nothing this client has against them. */
  readonly stock: readonly Piece[];
}
