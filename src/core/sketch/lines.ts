import { type Path, type Point, smooth, type Step } from '../path';
import type { Sketch } from './display';

/** Lines drawn on a panel: seams, folds, marks. */
export type Lines = { kind: Sketch['lines'][number]['kind']; path: Path; under?: boolean }[];

/** A side seam as curves, following the points from where the path stands. */
export function follow(from: Point, points: readonly Point[]): Step[] {
  return smooth([from, ...points], false, 0.8).slice(1) as Step[];
}
