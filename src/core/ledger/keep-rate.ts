import { betaQuantile } from './beta';

/** Pieces that were decided, and those of them that were kept. */
export interface Kept {
  readonly sent: number;
  readonly kept: number;
}

/** What is believed of a group before it is looked at: the shop's mean, worth so many pieces. */
export interface Prior {
  readonly mean: number;
  readonly pieces: number;
}

export interface KeepRate {
  /** Shrunk towards the shop's mean, 0 to 1. */
  readonly rate: number;
  /** Within which the true rate lies nine times of ten. */
  readonly low: number;
  readonly high: number;
}

/** How far the interval reaches: five of a hundred on each side are left out. */
const TAIL = 0.05;
const LEAST_PIECES = 4;
const MOST_PIECES = 200;

/**
 * The shop's mean, and how many pieces it is worth beside a group's own: by how much more groups differ than chance alone
 * would have them (beta-binomial by moments; Kleinman 1973, from memory). Groups that do not differ lean on it fully.
 */
export function priorOf(groups: readonly Kept[]): Prior {
  const some = groups.filter(({ sent }) => sent > 0);
  const all = some.reduce((sum, { sent }) => sum + sent, 0);
  // Nothing is known of an empty shop: one kept, one back.
  const mean = (some.reduce((sum, { kept }) => sum + kept, 0) + 1) / (all + 2);
  const chance = mean * (1 - mean);
  const spread = some.reduce((sum, { sent, kept }) => sum + sent * (kept / sent - mean) ** 2, 0);
  const squares = some.reduce((sum, { sent }) => sum + sent * sent, 0);
  const freedom = some.length - 1;
  const room = all - (all > 0 ? squares / all : 0) - freedom;
  const share = freedom > 0 && room > 0 ? (spread - chance * freedom) / (chance * room) : 0;
  const pieces = share > 0 ? (1 - share) / share : MOST_PIECES;
  return { mean, pieces: Math.min(MOST_PIECES, Math.max(LEAST_PIECES, pieces)) };
}

/** What a group's keep rate is likely to be: few pieces say little, and lean on the shop's mean. */
export function keepRate({ sent, kept }: Kept, { mean, pieces }: Prior): KeepRate {
  const a = kept + mean * pieces;
  const b = sent - kept + (1 - mean) * pieces;
  return { rate: a / (a + b), low: betaQuantile(TAIL, a, b), high: betaQuantile(1 - TAIL, a, b) };
}
