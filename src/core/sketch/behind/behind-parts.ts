import type { Frame } from '../../figure';
import { lines, mirrorPath, type Path, smooth } from '../../path';
import type { LineKind, Panel, Sketch } from '../display';

/** What is laid on a back: panels over it, lines, small solid things. */
export interface Details {
  readonly panels: readonly Panel[];
  readonly lines: Sketch['lines'];
  readonly dots: Sketch['dots'];
}

type Line = Sketch['lines'][number];

/** A line of a weight. */
export const line = (path: Path, kind: LineKind = 'seam'): Line => ({ kind, path });
/** The same on both sides. */
export const pair = (path: Path, kind: LineKind = 'seam'): Line[] => [
  line(path, kind),
  line(mirrorPath(path), kind),
];
/** Straight down, from one height to another. */
export const down = (x: number, from: number, to: number): Path =>
  lines([
    [x, from],
    [x, to],
  ]);
/** A line across, hanging a little in the middle. */
export const across = (y: number, half: number, sag = 6): Path =>
  smooth([
    [-half, y],
    [0, y + sag],
    [half, y],
  ]);

/** A collar as it lies behind: over its stand, down to the seam of the neck. */
export function collarBehind({ y, neckHalf }: Frame, tall: number): Panel {
  const n = neckHalf;
  return {
    path: [
      ['M', -n * 1.36, y.neck + 14],
      ['C', -n * 1.2, y.neck - tall * 0.4, -n * 1.04, y.neck - tall * 0.86, -n * 0.92, y.neck - tall],
      ['Q', 0, y.neck - tall - 8, n * 0.92, y.neck - tall],
      ['C', n * 1.04, y.neck - tall * 0.86, n * 1.2, y.neck - tall * 0.4, n * 1.36, y.neck + 14],
      ['Q', 0, y.neck + 38, -n * 1.36, y.neck + 14],
      ['Z'],
    ],
  };
}

/** A drop left open below the neck. */
export const keyhole = ({ y }: Frame): Line[] => [
  line(
    smooth(
      [
        [0, y.neck + 36],
        [26, y.neck + 96],
        [0, y.neck + 136],
        [-26, y.neck + 96],
      ],
      true,
    ),
    'edge',
  ),
];
