import { type Path, type Point, smooth } from '../../path';
import type { Worn } from '../../piece';

/** A point of a shoe, mm: along it from the heel, across it (away is more), up from the floor. */
export type Solid = readonly [along: number, across: number, up: number];

/** A shoe that is set down is looked at from before and above: how far it is turned, and how far above, radians. */
const TURNED = { cos: Math.cos(0.6), sin: Math.sin(0.6) };
const ABOVE = { cos: Math.cos(0.34), sin: Math.sin(0.34) };

/** Where a point of a shoe is seen, mm: right, and down. */
export const seenAt = ([along, across, up]: Solid): Point => [
  along * TURNED.cos + across * TURNED.sin,
  -up * ABOVE.cos + (along * TURNED.sin - across * TURNED.cos) * ABOVE.sin,
];
export const seen = (points: readonly Solid[]): Point[] => points.map(seenAt);

/** Values along a shoe, heel 0 to toe 1, as they are between those that are given. */
type Along = readonly (readonly [at: number, value: number])[];
export function along(table: Along, at: number): number {
  const next = table.findIndex(([place]) => place >= at);
  if (next <= 0) return (next < 0 ? table.at(-1) : table[0])?.[1] ?? 0;
  const [[a, from], [b, to]] = [table[next - 1], table[next]] as [Along[number], Along[number]];
  const part = (at - a) / (b - a);
  return from + (to - from) * part * part * (3 - 2 * part);
}

/** Half the width of a last, mm, as lasts are cut for a foot of 260 mm; from memory. Before the ball by the toe. */
const HALF: Along = [
  [0, 15],
  [0.04, 26],
  [0.13, 33],
  [0.28, 32],
  [0.42, 34],
  [0.58, 44],
  [0.69, 47],
];
const TOE: Readonly<Record<string, Along>> = {
  round: [
    [0.8, 45],
    [0.89, 38],
    [0.95, 28],
    [0.985, 16],
    [1, 5],
  ],
  almond: [
    [0.8, 42],
    [0.89, 31],
    [0.95, 19],
    [0.985, 10],
    [1, 3],
  ],
  pointed: [
    [0.8, 37],
    [0.89, 22],
    [0.95, 11],
    [1, 2],
  ],
  square: [
    [0.8, 45],
    [0.89, 42],
    [0.95, 39],
    [0.985, 35],
    [1, 30],
  ],
};
const TOE_LENGTH: Readonly<Record<string, number>> = { pointed: 26, almond: 12, square: 4, open: -4 };
/** The heel stands under this much of the sole; the ball begins to touch the ground here. */
export const HEEL_END = 0.25;
const BALL = 0.66;

/** The measures of a shoe as it stands, and its surface. */
export interface ShoeForm {
  readonly long: number;
  readonly heel: number;
  readonly plate: number;
  /** Half its width at a place. */
  readonly half: (at: number) => number;
  /** The height of the bed the foot stands on. */
  readonly bed: (at: number) => number;
  /** A point of the upper at a place: 0 at the near edge of the bed, 1 at the far one; `high`: of its crest over the bed. */
  readonly over: (at: number, part: number, high: number) => Solid;
}

export function shoeForm({ measures, piece, facts }: Worn): ShoeForm {
  const toe = piece.cut.toe ?? 'round';
  const long = (measures.lengthFlat ?? 260) + (TOE_LENGTH[toe] ?? 0);
  const heel = Math.max(4, measures.heel ?? 15);
  const plate = Math.min(heel, measures.platform ?? (facts.drawn.shoe === 'trainer' ? 18 : 4));
  const table = [...HALF, ...(TOE[toe] ?? (TOE.round as Along))];
  const half = (at: number): number => along(table, at);
  const bed = (at: number): number =>
    along(
      [
        [0.18, heel],
        [BALL, plate],
      ],
      at,
    ) +
    // A toe is sprung a little.
    6 * Math.max(0, (at - 0.8) / 0.2) ** 2;
  const over = (at: number, part: number, high: number): Solid => {
    const turn = Math.PI * part;
    const side = -Math.cos(turn);
    return [
      at * long,
      Math.sign(side) * Math.abs(side) ** 0.85 * half(at),
      bed(at) + high * Math.sin(turn) ** 0.7,
    ];
  };
  return { long, heel, plate, half, bed, over };
}

/** Both edges of a shoe at a place, near and far, so high and `more` to each side. */
export const edges = ({ long, half }: ShoeForm, at: number, up: number, more = 0): [Solid, Solid] => [
  [at * long, -half(at) - more, up],
  [at * long, half(at) + more, up],
];

/** So many places from one to another. */
export const places = (from: number, to: number, count: number): number[] =>
  Array.from({ length: count + 1 }, (_, i) => from + ((to - from) * i) / count);

/** Columns a form is looked at in for its outline, and points between two of its own. */
const COLUMNS = 36;
const BETWEEN = 6;

/** Steps of a few tenths that come of looking in columns are no part of the form. */
const evened = (points: readonly Point[]): Point[] =>
  points.map(([x, y], i) => {
    const [before, after] = [points[i - 1], points[i + 1]];
    return before && after ? [x, (before[1] + 2 * y + after[1]) / 4] : [x, y];
  });

/** The outline of a form that is given by its sections, one beside the other, as it is seen. */
export function outlineOf(sections: readonly (readonly Solid[])[]): Path {
  const flat = sections.map(seen);
  const [left, right] = flat
    .flat()
    .reduce(([lo, hi], [x]) => [Math.min(lo, x), Math.max(hi, x)], [Infinity, -Infinity]);
  const above: Point[] = [];
  const below: Point[] = [];
  // What is seen is sections and the way between them: straight lines, looked at in columns.
  const look = ([ax, ay]: Point, [bx, by]: Point): void => {
    for (let n = 0; n < BETWEEN; n++) {
      const [x, y] = [ax + ((bx - ax) * n) / BETWEEN, ay + ((by - ay) * n) / BETWEEN];
      // Narrow at both ends, where a form turns away.
      const turn = Math.acos(1 - (2 * (x - left)) / (right - left)) / Math.PI;
      const column = Math.min(COLUMNS - 1, Math.floor(turn * COLUMNS));
      if (y < (above[column]?.[1] ?? Infinity)) above[column] = [x, y];
      if (y > (below[column]?.[1] ?? -Infinity)) below[column] = [x, y];
    }
  };
  flat.forEach((section, i) => {
    const next = flat[i + 1] ?? section;
    section.forEach((point, k) => {
      look(point, section[k + 1] ?? point);
      look(point, next[Math.min(k, next.length - 1)] ?? point);
    });
  });
  // A column nothing fell into is left out.
  const there = (column: readonly Point[]): Point[] => evened(column.filter(() => true));
  return smooth([...there(above), ...there(below).reverse()], true, 0.5);
}

/** The outline of a form that is given by rings, one under the other: its sides, and its foot. */
export function shaftOf(rings: readonly (readonly Solid[])[]): Path {
  const flat = rings.map((ring) => seen(ring));
  const end = (ring: readonly Point[], side: 1 | -1): Point =>
    ring.reduce((a, b) => (side * b[0] > side * a[0] ? b : a));
  const foot = (flat.at(-1) ?? []).reduce((a, b) => (b[1] > a[1] ? b : a));
  const head = (flat[0] ?? []).reduce((a, b) => (b[1] < a[1] ? b : a));
  return smooth(
    [head, ...flat.map((ring) => end(ring, 1)), foot, ...flat.map((ring) => end(ring, -1)).reverse()],
    true,
    0.6,
  );
}
