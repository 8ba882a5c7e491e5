import type { Piece } from '@core/piece';

export interface OwnedView {
  readonly id: string;
  readonly version: number;
  readonly piece: Piece;
  readonly assumed: boolean;
  readonly loved: boolean;
  readonly wornWeekly: boolean;
  readonly fromBox: boolean;
  /** Id of its photo. */
  readonly photo?: string | undefined;
}
