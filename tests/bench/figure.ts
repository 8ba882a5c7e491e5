/** One figure of a bench: how it compares, within one run, with its yardstick. */
export interface Figure {
  readonly name: string;
  readonly value: number;
  readonly unit: string;
  /** Value over yardstick. */
  readonly ratio: number;
  /** What the ratio is to reach, in words. */
  readonly reach: string;
  readonly ok: boolean;
}

export interface Bench {
  readonly name: string;
  readonly run: () => Promise<Figure[]>;
}

/** The value below which `p` of the samples lie, 0..1. */
export function percentile(samples: readonly number[], p: number): number {
  const sorted = [...samples].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * p))] ?? Number.NaN;
}

export const FRAME_MS = 1000 / 60;
