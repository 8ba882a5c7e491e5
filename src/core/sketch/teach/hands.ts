import type { Path, Point } from '../../path';
import type { Drawing, Item } from '../display';

const HAND = '#0f5148';

/** Where a hand goes: an arrow from one point to another, bowed to the side by `bow` mm. */
export function arrow(from: Point, to: Point, bow = 0): Item[] {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long = Math.hypot(dx, dy) || 1;
  const [nx, ny] = [-dy / long, dx / long];
  const middle: Point = [(from[0] + to[0]) / 2 + nx * bow, (from[1] + to[1]) / 2 + ny * bow];
  const [ex, ey] = [to[0] - middle[0], to[1] - middle[1]];
  const end = Math.hypot(ex, ey) || 1;
  const [ux, uy] = [ex / end, ey / end];
  const wing = (side: 1 | -1): Point => [to[0] - ux * 26 - side * uy * 15, to[1] - uy * 26 + side * ux * 15];
  const shaft: Path = [
    ['M', ...from],
    ['Q', ...middle, to[0] - ux * 20, to[1] - uy * 20],
  ];
  const head: Path = [['M', ...to], ['L', ...wing(1)], ['L', ...wing(-1)], ['Z']];
  return [
    { kind: 'path', path: shaft, stroke: '#ffffff', strokeMm: 13, opacity: 0.85 },
    { kind: 'path', path: shaft, stroke: HAND, strokeMm: 7 },
    { kind: 'path', path: head, fill: HAND, stroke: '#ffffff', strokeMm: 3 },
  ];
}

/** A dot where a corner or an end is taken hold of. */
export const hold = ([x, y]: Point): Item => ({
  kind: 'path',
  path: [
    ['M', x - 15, y],
    ['C', x - 15, y - 20, x + 15, y - 20, x + 15, y],
    ['C', x + 15, y + 20, x - 15, y + 20, x - 15, y],
    ['Z'],
  ],
  fill: HAND,
  stroke: '#ffffff',
  strokeMm: 4,
});

/** A part of the drawing, mm. */
export interface Region {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}

/** The part of the figure a lesson is about. */
export const within = ({ x, y, w, h }: Region, items: readonly Item[]): Drawing => ({
  box: { x, y, w, h },
  items: [
    {
      kind: 'clip',
      path: [['M', x, y], ['L', x + w, y], ['L', x + w, y + h], ['L', x, y + h], ['Z']],
      items,
    },
  ],
});
