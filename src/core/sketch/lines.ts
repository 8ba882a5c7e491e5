import { mirrorPath, type Path, type Point, smooth, type Step } from '../path';
import type { Sketch } from './display';

/** Lines drawn on a panel: seams, folds, marks. */
export type Lines = { kind: Sketch['lines'][number]['kind']; path: Path; under?: boolean }[];

/** A side seam as curves, following the points from where the path stands. */
export function follow(from: Point, points: readonly Point[]): Step[] {
  return smooth([from, ...points], false, 0.8).slice(1) as Step[];
}

/** Draws a line on the right and its mirror image on the left. */
export type Mirrored = (path: Path, kind?: Lines[number]['kind']) => void;

/** What is drawn twice, onto these lines; `usual`: what it is where nothing else is said. */
export const mirrored =
  (onto: Lines, usual: Lines[number]['kind']): Mirrored =>
  (path, kind = usual) => {
    onto.push({ kind, path }, { kind, path: mirrorPath(path) });
  };

/** The hollow beside a fold, from where it begins to the hem, `wide` mm at its foot; the light comes from the left. */
export function fall([x0, y0]: Point, [x1, y1]: Point, wide: number): Path {
  const [mx, my] = [x0 + (x1 - x0) * 0.42, y0 + (y1 - y0) * 0.5];
  return [
    ['M', x0, y0],
    ['Q', mx, my, x1 - wide * 0.3, y1],
    ['Q', x1 + wide * 0.2, y1 + 3, x1 + wide * 0.7, y1 + 6],
    ['Q', mx + wide * 0.36, my, x0, y0],
    ['Z'],
  ];
}
