import type { Frame } from '../../figure';
import { lines, type Path, type Point, smooth } from '../../path';

/** What finishes a neckline. */
export interface Trim {
  /** The neckline's own lines: ribs, collar leaves, folds. */
  readonly lines: readonly Path[];
  /** Closed shapes on top of the body: collar leaves, a roll. */
  readonly collars: readonly Path[];
}

/** A neckline, mm: half its width, the height of its side and of its lowest point. */
interface Neck {
  readonly x: number;
  readonly y: number;
  readonly low: number;
  readonly frame: Frame;
}

/** A line from the middle outwards, and its mirror image. */
const both = (path: readonly Point[]): Path =>
  smooth([
    ...path
      .slice(1)
      .map(([px, py]): Point => [-px, py])
      .reverse(),
    ...path,
  ]);

const crew = ({ x, y, low }: Neck): Trim => ({
  lines: [
    both([
      [0, low + 19],
      [x * 0.66, low - 6],
      [x + 15, y + 8],
    ]),
  ],
  collars: [],
});

/** A band that stands up the neck; a roll is taller, and folded over. */
const rising =
  (rolled: boolean) =>
  ({ x, y, low, frame }: Neck): Trim => {
    const tall = rolled ? 86 : 42;
    const wide = frame.neckHalf * (rolled ? 1.28 : 1.16);
    const roll: Path = [
      ['M', -x * 1.02, y + 2],
      ['C', -wide * 1.12, y - tall * 0.2, -wide * 1.1, y - tall * 0.8, -wide * 0.96, y - tall],
      ['Q', 0, y - tall + 13, wide * 0.96, y - tall],
      ['C', wide * 1.1, y - tall * 0.8, wide * 1.12, y - tall * 0.2, x * 1.02, y + 2],
      ['C', x * 0.8, low * 0.7 + y * 0.3, x * 0.4, low + 4, 0, low + 6],
      ['C', -x * 0.4, low + 4, -x * 0.8, low * 0.7 + y * 0.3, -x * 1.02, y + 2],
      ['Z'],
    ];
    const fold = smooth([
      [-wide * 1.06, y - tall * 0.44],
      [0, y - tall * 0.28],
      [wide * 1.06, y - tall * 0.44],
    ]);
    return { lines: rolled ? [fold] : [], collars: [roll] };
  };

const shirtCollar = ({ x, y, low }: Neck): Trim => {
  const leaf = (side: 1 | -1): Path => [
    ['M', side * x * 0.72, y - 28],
    ['Q', side * (x + 6), y - 18, side * (x + 12), y + 2],
    ['Q', side * (x + 20), y + 26, side * (x + 17), y + 50],
    ['Q', side * (x * 0.62 + 12), y + 50, side * 36, low + 34],
    ['Q', side * 22, low + 8, side * 3, low - 8],
    ['Q', side * x * 0.5, y + 14, side * x * 0.72, y - 28],
    ['Z'],
  ];
  const stand = smooth([
    [-x * 0.7, y - 26],
    [0, y - 4],
    [x * 0.7, y - 26],
  ]);
  return { lines: [stand], collars: [leaf(1), leaf(-1)] };
};

const cowl = ({ x, y, low }: Neck): Trim => ({
  lines: [40, 90, 150].map((d, i) =>
    both([
      [0, low + d],
      [x * (0.6 + i * 0.14), low + d * 0.62 - 10],
      [x * (1.02 + i * 0.12), y + 16 + i * 24],
    ]),
  ),
  collars: [],
});

const wrap = ({ x, y, low }: Neck): Trim => ({
  lines: [
    lines([
      [0, low],
      [-x * 1.5, low + 150],
    ]),
    lines([
      [-6, low - 16],
      [x * 0.98, y + 10],
    ]),
  ],
  collars: [],
});

const pointed = ({ x, y, low }: Neck): Trim => ({
  lines: [
    lines([
      [-x - 12, y + 8],
      [0, low + 22],
      [x + 12, y + 8],
    ]),
  ],
  collars: [],
});

const illusion = ({ x, low }: Neck): Trim => ({
  lines: [
    smooth([
      [-x * 3.2, low + 100],
      [-x * 1.4, low + 52],
      [0, low + 86],
      [x * 1.4, low + 52],
      [x * 3.2, low + 100],
    ]),
  ],
  collars: [],
});

/** A collar turned up: it stands round the neck, open in front. */
function standing({ x, y, low }: Neck): Trim {
  const leaf = (side: 1 | -1): Path =>
    lines(
      [
        [side * x * 0.78, y - 84],
        [side * (x + 22), y - 58],
        [side * (x + 14), y + 4],
        [side * 6, low - 2],
        [side * x * 0.5, y - 20],
      ],
      true,
    );
  return {
    lines: [
      smooth([
        [-x * 0.78, y - 84],
        [0, y - 60],
        [x * 0.78, y - 84],
      ]),
    ],
    collars: [leaf(1), leaf(-1)],
  };
}

const TRIMS: Readonly<Record<string, (neck: Neck) => Trim>> = {
  crew,
  high: rising(false),
  roll: rising(true),
  collar: shirtCollar,
  cowl,
  wrap,
  v: pointed,
  illusion,
};

/** How a kind of neckline is finished; `up`: its collar is turned up. */
export function trimOf(kind: string, neck: Neck, up: boolean): Trim {
  if (kind === 'collar' && up) return standing(neck);
  return TRIMS[kind]?.(neck) ?? { lines: [], collars: [] };
}
