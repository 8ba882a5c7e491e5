import type { Body } from './body';
import type { Hem } from './hems';
import { landmarksOf } from './landmarks';

/** A height beside the figure, in mm above the floor she stands on in her shoes. */
export interface RulerMark {
  readonly heightMm: number;
  readonly kind: 'third' | 'landmark' | 'hem';
  /** A landmark by name, or the piece whose hem it is. */
  readonly of: string;
  /** Of trousers: how far they hang off the floor; negative where they drag. */
  readonly clearanceMm?: number | undefined;
}

/** A ruler beside a figure: its marks from the floor up to the crown, and what stands at which height. */
export interface Ruler {
  /** Height of figure and heel together. */
  readonly topMm: number;
  /** Apart by this much, every fifth longer. */
  readonly stepMm: number;
  readonly marks: readonly RulerMark[];
}

/** Landmarks that a stylist measures hems against, as they are called. */
const SHOWN = [
  ['shoulderTip', 'shoulder'],
  ['bust', 'bust'],
  ['waist', 'waist'],
  ['hip', 'hip'],
  ['knee', 'knee'],
  ['calf', 'calf'],
  ['ankle', 'ankle'],
] as const;
/** A step that falls on whole tens of centimetres, or on whole fours of inches. */
const STEP = { cm: 50, in: 50.8 } as const;

/**
 * The ruler of a body in shoes of a lift (mm), with the hems of what it wears; hems that nobody measured are left out. Thirds
 * are of the height in shoes, as rule P4 takes them.
 */
export function rulerOf(body: Body, liftMm: number, hems: readonly Hem[], units: 'cm' | 'in'): Ruler {
  const marks = landmarksOf(body);
  const topMm = body.heightMm + liftMm;
  return {
    topMm,
    stepMm: STEP[units],
    marks: [
      ...[1, 2].map((third) => ({ heightMm: (topMm * third) / 3, kind: 'third' as const, of: `${third}` })),
      ...SHOWN.map(([name, of]) => ({ heightMm: marks[name] + liftMm, kind: 'landmark' as const, of })),
      ...hems
        .filter(({ defaulted }) => !defaulted)
        .map(({ piece, heightMm, clearanceMm }) => ({
          heightMm,
          kind: 'hem' as const,
          of: piece,
          clearanceMm,
        })),
    ],
  };
}

/** Heights moved apart so that labels of a height do not touch: from the lowest up, each at least `apart` above the one before. */
export function spread(heights: readonly number[], apart: number): number[] {
  const order = heights.map((at, i) => [at, i] as const).sort(([a], [b]) => a - b);
  const out = [...heights];
  let last = -Infinity;
  for (const [at, i] of order) {
    last = Math.max(at, last + apart);
    out[i] = last;
  }
  return out;
}
