import { BLANK_OCCASION, type Occasion } from '../occasion';
import type { Setting } from '../look';
import type { Piece } from '../piece';
import type { PlanProblem } from './problem';

/** Days that most journeys are made of, to choose beside the client's own occasions. Common practice, no source. */
export const JOURNEY_DAYS: readonly Occasion[] = [
  { ...BLANK_OCCASION, title: 'a day out', formality: [1.5, 5], time: 'day', outdoorC: 15, indoorC: 21 },
  { ...BLANK_OCCASION, title: 'a working day', formality: [4, 7], time: 'day', indoorC: 21, outdoorC: 15 },
  { ...BLANK_OCCASION, title: 'dinner', formality: [4, 8], time: 'evening', indoorC: 21 },
];

/** The weather of a journey laid over its days. */
export const inWeather = (occasion: Occasion, outdoorC: number | undefined): Occasion =>
  outdoorC === undefined ? occasion : { ...occasion, outdoorC };

/** A journey out of a closet, and of a box where there is one: nothing is bought for it. */
export const journeyOf = (
  closet: readonly Piece[],
  fresh: readonly Piece[],
  occasions: readonly Occasion[],
  setting: Omit<Setting, 'occasion'>,
): PlanProblem => ({
  setting,
  occasions: occasions.map((occasion) => ({ occasion, weight: 1 })),
  closet,
  candidates: fresh.map((piece) => ({ piece, priceMinor: 0 })),
  budgetMinor: 0,
  most: 60,
  least: 0,
  bounds: {},
  asks: [],
  pins: [],
  bans: [],
});
