import { lengthIn, type Tongue } from '../words';
import { type FitPoint, SIZE_STEP } from './ease';

/** How far a label's sizes are from what they say, by point, in sizes: below 0 it runs small. */
export type LabelOffset = {
  readonly [point in FitPoint]?: { readonly steps: number; readonly count: number } | undefined;
};

/** By how much a label's sizes are read otherwise at a point, mm: below 0 smaller. */
const offsetMm = (point: FitPoint, steps: number): number => Math.round(steps * SIZE_STEP[point]);

/** What the app does because of it: "0.6 of a size small: each is read as 2.5 cm less at the bust". */
export function offsetWords(point: FitPoint, steps: number, tongue: Tongue): string {
  const mm = offsetMm(point, steps);
  const by = Math.abs(steps).toFixed(1);
  // Under half a centimetre nothing changes that a tape would show.
  if (Math.abs(mm) < 5) return `as it says at the ${point}, as far as we know`;
  return `${by} of a size ${steps < 0 ? 'small' : 'large'}: each is read as ${lengthIn(Math.abs(mm), tongue)} ${
    steps < 0 ? 'less' : 'more'
  } at the ${point}`;
}
