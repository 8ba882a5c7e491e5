import type { Frame } from '../figure';
import { lines, type Path, type Point, smooth, type Step } from '../path';
import type { Worn } from '../piece';

/** The upper edge of one half of a garment, from centre front outwards to the underarm. */
export interface UpperEdge {
  /** Right half, starting at centre front. */
  readonly right: Path;
  /** Left half as if it were a right one; the caller mirrors it. */
  readonly left: Path;
  /** The neckline's own lines: ribs, collar leaves, folds. */
  readonly lines: readonly Path[];
  /** Closed shapes on top of the body: collar leaves, a roll. */
  readonly collars: readonly Path[];
  /** True where a sleeve can be set in. */
  readonly sleeves: boolean;
  readonly oneSided: boolean;
}

interface Corner {
  readonly tip: Point;
  readonly underarm: Point;
}

/** Depth below the shoulder point, mm; common practice of pattern drawing. */
const DEPTH: Readonly<Record<string, number>> = {
  crew: 85,
  high: 20,
  roll: 10,
  v: 210,
  scoop: 165,
  square: 150,
  boat: 42,
  collar: 95,
  wrap: 260,
  cowl: 150,
  illusion: 80,
};

/** Where the shoulder seam ends and the side seam begins. */
export function cornerOf(frame: Frame, worn: Worn): Corner {
  const { measures } = worn;
  const half = (measures.shoulder ?? frame.shoulderHalf * 2) / 2;
  const slope = (frame.y.tip - frame.y.neck) / frame.shoulderHalf;
  const tip: Point = [half, frame.y.neck + slope * half * 0.96];
  const loose = Math.max(0, (measures.upperArm ?? 340) - 320) * 0.22;
  return { tip, underarm: [frame.half(measures.bust ?? 960, 'bust'), frame.y.underarm + 14 + loose] };
}

/**
 * The shoulder seam from the neck to its tip: it dips a little where the neck runs into it and rounds off over the
 * bone; tailoring holds it straighter.
 */
export function shoulderTo(from: Point, tip: Point, structure: number): Step {
  const [dx, dy] = [tip[0] - from[0], tip[1] - from[1]];
  const soft = structure >= 2 ? 0.35 : 1;
  return [
    'C',
    from[0] + dx * 0.36,
    from[1] + dy * 0.36 + 5 * soft,
    tip[0] - Math.max(10, dx * 0.22),
    tip[1] - 7 * soft - dy * 0.12,
    tip[0],
    tip[1] + 3,
  ];
}

/** The armhole from shoulder tip to underarm. */
export const armhole = ({ tip, underarm }: Corner): Step[] => [
  ['C', tip[0] - 26, tip[1] + 70, tip[0] - 24, underarm[1] - 50, underarm[0], underarm[1]],
];

export function upperEdge(frame: Frame, worn: Worn): UpperEdge {
  const { cut } = worn.piece;
  const corner = cornerOf(frame, worn);
  const kind = cut.neckline ?? 'crew';
  const n = frame.y.neck;
  const strappy = cut.strap === 'thin' || cut.strap === 'wide';
  if (kind === 'strapless' || kind === 'halter' || (strappy && kind !== 'one-shoulder')) {
    return strapped(frame, worn, corner, kind === 'halter');
  }
  const depth = cut.necklineDepthMm ?? DEPTH[kind] ?? 85;
  const neckX = neckWidth(kind, frame, corner);
  const neckY = n + (neckX / corner.tip[0]) * (corner.tip[1] - n) * 0.8;
  const inner = necklinePath(kind, neckX, neckY, n + depth);
  const half: Path = [
    ...inner,
    shoulderTo([neckX, neckY], corner.tip, worn.piece.structure),
    ...armhole(corner),
  ];
  const base = { right: half, left: half, sleeves: true, oneSided: false };
  if (kind === 'one-shoulder') return oneShoulder(frame, corner);
  return { ...base, ...trim(kind, neckX, neckY, n + depth, frame, worn.effects.collar === 'up') };
}

function neckWidth(kind: string, frame: Frame, corner: Corner): number {
  const near = frame.neckHalf * 1.22;
  if (kind === 'boat') return corner.tip[0] * 0.8;
  if (kind === 'square') return Math.min(corner.tip[0] * 0.66, near * 1.75);
  if (kind === 'scoop') return Math.min(corner.tip[0] * 0.62, near * 1.6);
  if (kind === 'cowl') return near * 1.5;
  return near;
}

function necklinePath(kind: string, x: number, y: number, low: number): Step[] {
  switch (kind) {
    case 'v':
    case 'wrap':
      return [
        ['M', 0, low],
        ['L', x, y],
      ];
    case 'square':
      return [
        ['M', 0, low],
        ['L', x * 0.96, low],
        ['L', x, y],
      ];
    case 'boat':
      return [
        ['M', 0, low],
        ['Q', x * 0.7, low - 2, x, y],
      ];
    case 'scoop':
      return [
        ['M', 0, low],
        ['C', x * 0.7, low, x * 0.98, low - (low - y) * 0.4, x, y],
      ];
    case 'cowl':
      return [
        ['M', 0, low],
        ['C', x * 0.34, low, x * 0.7, y + 44, x, y],
      ];
    case 'collar':
      return [
        ['M', 0, low],
        ['L', x * 0.95, y],
      ];
    default:
      return [
        ['M', 0, low],
        ['C', x * 0.6, low, x * 0.96, low - (low - y) * 0.46, x, y],
      ];
  }
}

function trim(
  kind: string,
  x: number,
  y: number,
  low: number,
  frame: Frame,
  up: boolean,
): Pick<UpperEdge, 'lines' | 'collars'> {
  const both = (path: readonly Point[]): Path =>
    smooth([
      ...path
        .slice(1)
        .map(([px, py]): Point => [-px, py])
        .reverse(),
      ...path,
    ]);
  switch (kind) {
    case 'crew':
      return {
        lines: [
          both([
            [0, low + 19],
            [x * 0.66, low - 6],
            [x + 15, y + 8],
          ]),
        ],
        collars: [],
      };
    case 'high':
    case 'roll': {
      const tall = kind === 'roll' ? 86 : 42;
      const wide = frame.neckHalf * (kind === 'roll' ? 1.28 : 1.16);
      const roll: Path = [
        ['M', -x * 1.02, y + 2],
        ['C', -wide * 1.12, y - tall * 0.2, -wide * 1.1, y - tall * 0.8, -wide * 0.96, y - tall],
        ['Q', 0, y - tall + 13, wide * 0.96, y - tall],
        ['C', wide * 1.1, y - tall * 0.8, wide * 1.12, y - tall * 0.2, x * 1.02, y + 2],
        ['C', x * 0.8, low * 0.7 + y * 0.3, x * 0.4, low + 4, 0, low + 6],
        ['C', -x * 0.4, low + 4, -x * 0.8, low * 0.7 + y * 0.3, -x * 1.02, y + 2],
        ['Z'],
      ];
      const fold: Path[] =
        kind === 'roll'
          ? [
              smooth([
                [-wide * 1.06, y - tall * 0.44],
                [0, y - tall * 0.28],
                [wide * 1.06, y - tall * 0.44],
              ]),
            ]
          : [];
      return { lines: fold, collars: [roll] };
    }
    case 'collar': {
      if (up) return standing(x, y, low);
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
    }
    case 'cowl':
      return {
        lines: [40, 90, 150].map((d, i) =>
          both([
            [0, low + d],
            [x * (0.6 + i * 0.14), low + d * 0.62 - 10],
            [x * (1.02 + i * 0.12), y + 16 + i * 24],
          ]),
        ),
        collars: [],
      };
    case 'wrap':
      return {
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
      };
    case 'v':
      return {
        lines: [
          lines([
            [-x - 12, y + 8],
            [0, low + 22],
            [x + 12, y + 8],
          ]),
        ],
        collars: [],
      };
    case 'illusion':
      return {
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
      };
    default:
      return { lines: [], collars: [] };
  }
}

/** A collar turned up: it stands round the neck, open in front. */
function standing(x: number, y: number, low: number): Pick<UpperEdge, 'lines' | 'collars'> {
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

/** Strapless, thin or wide straps, and the halter: an edge over the bust and what holds it. */
function strapped(frame: Frame, worn: Worn, { underarm }: Corner, halter: boolean): UpperEdge {
  const { cut } = worn.piece;
  const strap = halter ? 'wide' : (cut.strap ?? 'none');
  const top = frame.y.underarm - 34;
  const mid = cut.necklineDepthMm ? frame.y.neck + cut.necklineDepthMm : top + 26;
  const wide = strap === 'wide' ? 42 : 12;
  const x = halter ? frame.neckHalf * 0.9 : Math.min(frame.shoulderHalf * 0.7, underarm[0] * 0.72);
  const neckY = halter ? frame.y.neck - 10 : frame.y.neck + (frame.y.tip - frame.y.neck) * 0.5;
  const bare: Path = [
    ['M', 0, mid],
    ['C', x * 0.5, mid - 6, x * 0.8, top - 4, x, top - 8],
    ['L', x + wide, top - 8],
    ['C', x + wide + 30, top + 20, underarm[0] - 6, underarm[1] - 26, underarm[0], underarm[1]],
  ];
  const held: Path = [
    ['M', 0, mid],
    ['C', x * 0.4, mid - 10, x * 0.8, top, x * (halter ? 1.02 : 1), halter ? neckY + 60 : top],
    ['L', x, neckY],
    ['L', x + wide, neckY + (halter ? 4 : wide * 0.3)],
    ['L', x + wide + (halter ? 4 : 2), halter ? neckY + 70 : top],
    ['C', x + wide + 20, top + 30, underarm[0] - 10, underarm[1] - 26, underarm[0], underarm[1]],
  ];
  const half = strap === 'none' ? bare : held;
  return { right: half, left: half, lines: [], collars: [], sleeves: false, oneSided: false };
}

function oneShoulder(frame: Frame, corner: Corner): UpperEdge {
  const low = frame.y.underarm - 30;
  const { underarm, tip } = corner;
  const right: Path = [
    ['M', 0, (low + frame.y.neck + 40) / 2],
    ['L', frame.neckHalf * 1.25, frame.y.neck + 12],
    shoulderTo([frame.neckHalf * 1.25, frame.y.neck + 12], tip, 1),
    ...armhole(corner),
  ];
  const left: Path = [
    ['M', 0, (low + frame.y.neck + 40) / 2],
    ['C', underarm[0] * 0.4, low - 20, underarm[0] * 0.8, low + 10, underarm[0], underarm[1]],
  ];
  return { right, left, lines: [], collars: [], sleeves: true, oneSided: true };
}
