import type { BodyMeasure } from '../../figure';

/** How a label counts sizes. `inches`, `cm` and `mm` name a measure of the body, as a waist, a collar or a foot. */
export const SIZE_SYSTEMS = ['UK', 'US', 'EU', 'FR', 'IT', 'letters', 'inches', 'cm', 'mm'] as const;
export type SizeSystem = (typeof SIZE_SYSTEMS)[number];

/** From and below, mm of the body. */
export type Interval = readonly [from: number, below: number];

/** What a size on a label is meant for: body measures, mm, as the table of its system gives them. */
export interface SizeMeaning {
  /** Whose table it is, as the sentence names it. */
  readonly chart: string;
  readonly body: { readonly [name in BodyMeasure]?: Interval };
}

export const midOf = ([from, below]: Interval): number => (from + below) / 2;

/** The intervals round the middles of a run, each reaching half way to its neighbours. */
export function around(middles: readonly number[]): Interval[] {
  const step = (i: number): number => (middles[i + 1] ?? NaN) - (middles[i] ?? NaN);
  return middles.map((middle, i) => {
    const up = Number.isNaN(step(i)) ? step(i - 1) : step(i);
    const down = i === 0 ? up : step(i - 1);
    return [middle - down / 2, middle + up / 2];
  });
}

/** One interval over both ends: what "10-12" or "S/M" is meant for. */
export const spanning = (a: SizeMeaning, b: SizeMeaning): SizeMeaning => ({
  chart: a.chart,
  body: Object.fromEntries(
    Object.entries(a.body).map(([name, [from, below]]) => {
      const [otherFrom, otherBelow] = b.body[name as BodyMeasure] ?? [from, below];
      return [name, [Math.min(from, otherFrom), Math.max(below, otherBelow)]];
    }),
  ),
});
