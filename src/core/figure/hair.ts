import { ellipse, mirrored, type Path, type Point, smooth, type Step } from '../path';
import type { Frame } from './frame';

export const HAIR = ['up', 'down', 'short', 'covered'] as const;
/** How the hair is worn; unknown is drawn short. */
export type Hair = (typeof HAIR)[number];

/** Half of the head's breadth, and its height. */
export const headSize = ({ body, y }: Frame): readonly [half: number, high: number] => [
  body.headGirth * 0.136,
  y.chin - y.crown,
];

/** Hair that is seen; what is kept covered is under `coverOf`. */
type Seen = Exclude<Hair, 'covered'>;

/** Hair behind the head and before it. */
export interface HairShape {
  readonly behind?: Path | undefined;
  readonly before?: Path | undefined;
}

/** The hair as it is worn, around the head of a frame. */
export function hairOf(frame: Frame, hair: Seen = 'short'): HairShape {
  const { y, neckHalf } = frame;
  const [half, high] = headSize(frame);
  const out = half * 1.1;
  const top = y.crown - high * 0.05;
  const low = y.crown + high * (hair === 'short' ? 0.46 : 0.6);
  // Parted a little to one side; the forehead stays free.
  const before: Path = [
    ['M', -out * 0.96, low],
    ['C', -out * 1.1, y.crown + high * 0.22, -out * 0.76, top, 0, top],
    ['C', out * 0.76, top, out * 1.1, y.crown + high * 0.22, out * 0.96, low],
    [
      'C',
      half * 0.97,
      y.crown + high * 0.4,
      half * 0.84,
      y.crown + high * 0.3,
      half * 0.5,
      y.crown + high * 0.25,
    ],
    [
      'C',
      half * 0.1,
      y.crown + high * 0.21,
      -half * 0.16,
      y.crown + high * 0.19,
      -half * 0.34,
      y.crown + high * 0.13,
    ],
    ['C', -half * 0.62, y.crown + high * 0.24, -half * 0.92, y.crown + high * 0.36, -out * 0.96, low],
    ['Z'],
  ];
  if (hair === 'short') return { before };
  if (hair === 'up') {
    const bun = high * 0.15;
    return {
      before,
      behind: smooth(
        [
          [-bun * 1.1, top - bun * 0.2],
          [-bun * 0.8, top - bun * 1.15],
          [0, top - bun * 1.5],
          [bun * 0.8, top - bun * 1.15],
          [bun * 1.1, top - bun * 0.2],
          [0, top + bun * 0.5],
        ],
        true,
      ),
    };
  }
  const side: Point[] = [
    [out * 0.9, y.crown + high * 0.12],
    [out * 1.12, y.crown + high * 0.42],
    [out * 1.1, y.chin - high * 0.06],
    [out * 1.22, y.neck - 20],
    [out * 1.06, y.neck + high * 0.22],
    [neckHalf * 0.5, y.neck + high * 0.16],
  ];
  return { before, behind: smooth([[0, top], ...side, ...mirrored(side).reverse()], true, 0.9) };
}

export interface HairBehind {
  readonly cap: Path;
  /** A knot, or what falls over the neck. */
  readonly over?: Path;
  /** Strands on it, as lines. */
  readonly strands: readonly Path[];
}

/** The hair seen from behind: the whole head, a knot on it, or down over the neck. */
export function hairBehind(frame: Frame, hair: Seen = 'short'): HairBehind {
  const { y, neckHalf } = frame;
  const [half, high] = headSize(frame);
  const out = half * 1.08;
  const top = y.crown - high * 0.05;
  const nape = y.crown + high * (hair === 'up' ? 0.8 : 0.86);
  const side: Point[] = [
    [out * 0.66, top + high * 0.03],
    [out, y.crown + high * 0.24],
    [out * 1.02, y.crown + high * 0.5],
    [out * 0.84, y.crown + high * 0.72],
    [neckHalf * 0.74, nape],
  ];
  const cap = smooth([[0, top], ...side, [0, nape + 4], ...mirrored(side).reverse()], true, 0.95);
  if (hair === 'up') {
    const [at, r] = [y.crown + high * 0.24, high * 0.19];
    const coil = smooth([
      [-r * 0.8, at + r * 0.2],
      [-r * 0.1, at - r * 0.5],
      [r * 0.6, at],
      [r * 0.1, at + r * 0.5],
    ]);
    const drawn = [-0.7, 0.7].map((t): Path =>
      smooth([
        [neckHalf * t * 0.8, nape - 6],
        [out * t, y.crown + high * 0.56],
        [r * t, at + r * 0.7],
      ]),
    );
    return { cap, over: ellipse([0, at], r * 1.12, r), strands: [coil, ...drawn] };
  }
  if (hair === 'short') {
    const strands = [-0.62, -0.2, 0.24, 0.66].map((t): Path =>
      smooth([
        [out * t * 0.3, top + high * 0.16],
        [out * t, y.crown + high * 0.46],
        [neckHalf * t * 0.9, nape - 8],
      ]),
    );
    return { cap, strands };
  }
  const fall: Point[] = [
    [out * 0.62, top + high * 0.03],
    [out * 1.02, y.crown + high * 0.24],
    [out * 1.08, y.chin - high * 0.12],
    [out * 1.16, y.neck + high * 0.04],
    [out * 0.98, y.neck + high * 0.34],
    [out * 0.5, y.neck + high * 0.52],
  ];
  const low = y.neck + high * 0.56;
  return {
    cap,
    over: smooth([[0, top], ...fall, [0, low], ...mirrored(fall).reverse()], true, 0.95),
    strands: [-0.74, -0.4, -0.08, 0.3, 0.66].map((t): Path =>
      smooth([
        [out * t * 0.4, top + high * 0.14],
        [out * t, y.chin],
        [out * t * 0.94, low - high * (0.12 + Math.abs(t) * 0.1)],
      ]),
    ),
  };
}

/** A plain cloth over hair that is kept covered: behind the head, then round the face and over the neck. */
export function coverOf(frame: Frame): { readonly behind: Path; readonly before: readonly Path[] } {
  const { y, neckHalf } = frame;
  const [half, high] = headSize(frame);
  const out = half * 1.12;
  const top = y.crown - high * 0.05;
  const jaw = y.chin - high * 0.2;
  const round: Point[] = [
    [out * 0.68, top + high * 0.03],
    [out, y.crown + high * 0.24],
    [out * 1.02, jaw],
    [neckHalf * 1.5, y.neck - 8],
    [neckHalf * 1.2, y.neck + 26],
  ];
  const behind = smooth([[0, top], ...round, [0, y.neck + 40], ...mirrored(round).reverse()], true, 0.95);
  const face: Step[] = [
    ['C', half * 0.94, y.crown + high * 0.5, half * 0.72, y.crown + high * 0.21, 0, y.crown + high * 0.2],
    ['C', -half * 0.72, y.crown + high * 0.21, -half * 0.94, y.crown + high * 0.5, -half * 0.86, jaw],
  ];
  const brow: Path = [
    ['M', -out, jaw],
    ['C', -out * 1.08, y.crown + high * 0.18, -out * 0.74, top, 0, top],
    ['C', out * 0.74, top, out * 1.08, y.crown + high * 0.18, out, jaw],
    ['L', half * 0.86, jaw],
    ...face,
    ['Z'],
  ];
  const neck: Path = [
    ['M', -out, jaw],
    ['L', -half * 0.86, jaw],
    ['C', -half * 0.7, y.chin - high * 0.02, -half * 0.3, y.chin + high * 0.03, 0, y.chin + high * 0.03],
    ['C', half * 0.3, y.chin + high * 0.03, half * 0.7, y.chin - high * 0.02, half * 0.86, jaw],
    ['L', out, jaw],
    ['C', out, y.chin + high * 0.1, neckHalf * 1.5, y.neck - 14, neckHalf * 1.36, y.neck + 20],
    ['Q', 0, y.neck + 64, -neckHalf * 1.36, y.neck + 20],
    ['C', -neckHalf * 1.5, y.neck - 14, -out, y.chin + high * 0.1, -out, jaw],
    ['Z'],
  ];
  return { behind, before: [neck, brow] };
}
