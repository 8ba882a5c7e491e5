import type { Fit, PointFit } from '@core/fit';
import type { GuardFinding } from '@core/guard';
import type { Piece } from '@core/piece';
import type { Chance } from '@core/ledger';
import type { Criterion, Said, WhyLeftOut } from '@core/pull';

/** Something said for or against a candidate. */
export type ReasonView = Said & { readonly criterion: Criterion; readonly points: number };

export interface PullRow {
  readonly garmentId: string;
  readonly variantId: string;
  readonly label: string;
  readonly piece: Piece;
  readonly size: string;
  readonly free: number;
  /** How it fits, with what was decided between two sizes or what makes this one work. */
  readonly fit: Fit;
  readonly fitPoints: readonly PointFit[];
  /** What stands between it and the client; what is ruled out is not held. */
  readonly guard: readonly GuardFinding[];
  readonly points: number;
  /** How likely it is kept, and what moves that; absent where the shop's decisions teach nothing better than a mean. */
  readonly chance?: Chance | undefined;
  readonly reasons: readonly ReasonView[];
  readonly doubt?: ReasonView | undefined;
  /** Others that are on the shelf. */
  readonly otherSizes: readonly {
    readonly variantId: string;
    readonly size: string;
    readonly free: number;
    readonly fit: Fit;
  }[];
  /** Where the size stands, when it stands at several places. */
  readonly places: readonly PlaceView[];
}

export interface PlaceView {
  readonly locationId: string;
  readonly title: string;
  readonly free: number;
}

export interface LeftOut {
  readonly title: string;
  readonly why: WhyLeftOut;
}
