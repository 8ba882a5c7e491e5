import type { Pace } from '@core/schedule';

/** How often a client has a box without asking for one. */
export interface RhythmView {
  readonly version: number;
  readonly pace: Pace;
  readonly every: number;
  /** The day she should have the next one. */
  readonly nextDay: string;
  /** The day its brief is opened by itself. */
  readonly opensOn: string;
  readonly paused: boolean;
  readonly stylistId: string;
}

/** The rhythm after a change; absent when she has none any more. */
export interface RhythmAnswer {
  readonly rhythm?: RhythmView | undefined;
}
