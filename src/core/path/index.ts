import type { Box, Path, Point, Step } from './step';

export type { Box, Path, Point, Step };
export { svgPath } from './svg-path';

/** Straight lines through points. */
export const lines = (points: readonly Point[], closed = false): Path => [
  ...points.map(([x, y], i) => [i === 0 ? 'M' : 'L', x, y] as const),
  ...(closed ? [['Z'] as const] : []),
];

const K = 0.5523;

/** A circle as four cubic Béziers. */
export const circle = (at: Point, r: number): Step[] => ellipse(at, r, r);

/** An ellipse as four cubic Béziers. */
export const ellipse = ([x, y]: Point, rx: number, ry: number): Step[] => [
  ['M', x + rx, y],
  ['C', x + rx, y + ry * K, x + rx * K, y + ry, x, y + ry],
  ['C', x - rx * K, y + ry, x - rx, y + ry * K, x - rx, y],
  ['C', x - rx, y - ry * K, x - rx * K, y - ry, x, y - ry],
  ['C', x + rx * K, y - ry, x + rx, y - ry * K, x + rx, y],
  ['Z'],
];

/** A smooth line through points: Catmull-Rom as cubic Béziers; `tension` 0 straight .. 1 loose. */
export function smooth(points: readonly Point[], closed = false, tension = 1): Path {
  const n = points.length;
  const first = points[0];
  if (!first || n < 2) return [];
  const at = (i: number): Point => points[closed ? (i + n) % n : Math.min(n - 1, Math.max(0, i))] ?? first;
  const path: Step[] = [['M', first[0], first[1]]];
  for (let i = 0; i < (closed ? n : n - 1); i++) {
    const [p0, p1, p2, p3] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const k = tension / 6;
    path.push([
      'C',
      p1[0] + (p2[0] - p0[0]) * k,
      p1[1] + (p2[1] - p0[1]) * k,
      p2[0] - (p3[0] - p1[0]) * k,
      p2[1] - (p3[1] - p1[1]) * k,
      p2[0],
      p2[1],
    ]);
  }
  if (closed) path.push(['Z']);
  return path;
}

/** A closed path from its right half (top to bottom), mirrored about x = 0. */
export function symmetric(rightHalf: Path): Path {
  const back = reverse(mirrorPath(rightHalf));
  const [first, ...rest] = back;
  if (!first) return [];
  const join: Step = ['L', first[1] as number, first[2] as number];
  return [...rightHalf, join, ...rest, ['Z']];
}

/**
 * A garment worn open: its right half moved off the middle, and its mirror image. The half must start
 * and end on x = 0.
 */
export function openFront(rightHalf: Path, gap: number): [Path, Path] {
  const last = rightHalf.length - 1;
  const half = rightHalf.map((step, i): Step => {
    if (i === 0 && step[0] === 'M') return ['M', gap, step[2]];
    if (i !== last || step[0] === 'Z') return step;
    return [...step.slice(0, -2), gap, step[step.length - 1]] as unknown as Step;
  });
  const closed: Path = [...half, ['Z']];
  return [closed, mirrorPath(closed)];
}

/** Points on the other side of the middle line. */
export const mirrored = (points: readonly Point[]): Point[] => points.map(([x, y]) => [-x, y]);

/** Mirror image about x = 0. */
export const mirrorPath = (path: Path): Path =>
  path.map(
    (step) => step.map((value, i) => (i > 0 && i % 2 === 1 ? -(value as number) : value)) as unknown as Step,
  );

export const movePath = (path: Path, dx: number, dy: number): Path =>
  path.map(
    (step) => step.map((v, i) => (i === 0 ? v : (v as number) + (i % 2 === 1 ? dx : dy))) as unknown as Step,
  );

/** The same open path walked from its end. */
export function reverse(path: Path): Path {
  const ends: Point[] = [];
  for (const step of path)
    if (step[0] !== 'Z') ends.push([step[step.length - 2] as number, step[step.length - 1] as number]);
  const last = ends[ends.length - 1];
  if (!last) return [];
  const out: Step[] = [['M', last[0], last[1]]];
  for (let i = path.length - 1; i > 0; i--) {
    const step = path[i];
    const to = ends[i - 1];
    if (!step || !to || step[0] === 'Z') continue;
    if (step[0] === 'C') out.push(['C', step[3], step[4], step[1], step[2], to[0], to[1]]);
    else if (step[0] === 'Q') out.push(['Q', step[1], step[2], to[0], to[1]]);
    else out.push(['L', to[0], to[1]]);
  }
  return out;
}

/** Closed rings of straight segments, curves cut into `cuts` pieces; for areas and boxes. */
export function flatten(path: Path, cuts = 8): Point[][] {
  const rings: Point[][] = [];
  let ring: Point[] = [];
  let [x, y] = [0, 0];
  for (const step of path) {
    switch (step[0]) {
      case 'M':
        if (ring.length > 2) rings.push(ring);
        ring = [[step[1], step[2]]];
        break;
      case 'L':
        ring.push([step[1], step[2]]);
        break;
      case 'Q':
        for (let i = 1; i <= cuts; i++) {
          const t = i / cuts;
          const u = 1 - t;
          ring.push([
            u * u * x + 2 * u * t * step[1] + t * t * step[3],
            u * u * y + 2 * u * t * step[2] + t * t * step[4],
          ]);
        }
        break;
      case 'C':
        for (let i = 1; i <= cuts; i++) {
          const t = i / cuts;
          const u = 1 - t;
          const [a, b, c, d] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
          ring.push([
            a * x + b * step[1] + c * step[3] + d * step[5],
            a * y + b * step[2] + c * step[4] + d * step[6],
          ]);
        }
        break;
      case 'Z':
        break;
    }
    if (step[0] !== 'Z') [x, y] = [step[step.length - 2] as number, step[step.length - 1] as number];
  }
  if (ring.length > 2) rings.push(ring);
  return rings;
}

/** Smallest box around paths; empty when there is nothing. */
export function boxOf(paths: readonly Path[]): Box {
  let [left, top, right, bottom] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const path of paths) {
    for (const ring of flatten([...path, ['Z']], 6).concat(openPoints(path))) {
      for (const [x, y] of ring) {
        left = Math.min(left, x);
        right = Math.max(right, x);
        top = Math.min(top, y);
        bottom = Math.max(bottom, y);
      }
    }
  }
  return left > right ? { x: 0, y: 0, w: 0, h: 0 } : { x: left, y: top, w: right - left, h: bottom - top };
}

const openPoints = (path: Path): Point[][] => [
  path.flatMap((step) =>
    step[0] === 'Z' ? [] : [[step[step.length - 2] as number, step[step.length - 1] as number] as Point],
  ),
];
