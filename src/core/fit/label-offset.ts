import type { FitPoint } from './ease';

/** How far a label's sizes are from what they say, by point, in sizes: below 0 it runs small. */
export type LabelOffset = {
  readonly [point in FitPoint]?: { readonly steps: number; readonly count: number } | undefined;
};
