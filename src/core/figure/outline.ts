import { ellipse, type Path, smooth, symmetric } from '../path';
import type { Frame } from './frame';

export const HAIR = ['up', 'down', 'short', 'covered'] as const;
/** How the hair is worn; unknown is drawn short. */
export type Hair = (typeof HAIR)[number];

/** The figure as closed paths in mm: faceless, calm, changing with height and girths. */
export interface FigureOutline {
  readonly trunk: Path;
  readonly arms: readonly [Path, Path];
  readonly head: Path;
  /** The neck where the chin keeps the light from it. */
  readonly neckShade: Path;
  /** Plain linen where nothing is worn yet: above, and below. */
  readonly base: { readonly above: Path; readonly below: Path };
  /** Short marks of the body: collar bones, knees. */
  readonly marks: readonly Path[];
  readonly width: number;
}

type Point = readonly [number, number];
const mirror = (points: readonly Point[]): Point[] => points.map(([x, y]) => [-x, y]);

/** Outline of the body in a frame; the feet stand on y = 0. */
export function outlineOf(frame: Frame): FigureOutline {
  const { y, own, body, neckHalf, shoulderHalf } = frame;
  const calf = body.calf * 0.155;
  const thigh = Math.min(body.thigh * 0.155, own.hip * 0.52);
  const knee = calf * 0.98;
  const ankle = calf * 0.6;
  const foot = body.footLength * 0.2;
  const leg = (at: number) => frame.legX(at);
  const kneeUp = y.knee - 40;
  const kneeDown = y.knee + 45;
  const outer: Point[] = [
    // Its beginning lies behind the jaw.
    [neckHalf * 0.7, y.chin - (y.chin - y.crown) * 0.24],
    [neckHalf * 0.74, (y.chin + y.neck) / 2 - 8],
    [neckHalf * 0.86, y.neck - 22],
    [neckHalf * 1.26, y.neck + 1],
    [shoulderHalf * 0.62, y.neck + (y.tip - y.neck) * 0.5],
    [shoulderHalf * 0.9, y.tip - 7],
    [shoulderHalf * 0.995, y.tip + 18],
    [shoulderHalf * 0.97, y.tip + 60],
    [Math.max(own.bust * 0.985, shoulderHalf * 0.82), y.underarm + 6],
    [own.bust, y.bust],
    [own.bust * 0.55 + own.waist * 0.46, y.bust + (y.waist - y.bust) * 0.46],
    [own.waist, y.waist - 8],
    [own.waist * 1.005, y.waist + 14],
    [own.waist + (own.hip - own.waist) * 0.66, y.waist + (y.hip - y.waist) * 0.52],
    [own.hip, y.hip],
    [own.hip * 0.985, y.crotch],
    [leg((y.crotch + y.knee) / 2) + thigh * 0.85, (y.crotch + y.knee) / 2],
    [leg(y.knee) + knee * 0.94, kneeUp - 20],
    [leg(y.knee) + knee * 0.83, kneeDown],
    [leg(y.calf) + calf * 1.02, y.calf - 26],
    [leg((y.calf + y.ankle) / 2) + calf * 0.76, (y.calf + y.ankle) / 2],
    [leg(y.ankle) + ankle * 0.94, y.ankle - 34],
    [leg(y.ankle) + ankle * 1.04, y.ankle + 14],
    [leg(y.ankle) + foot * 0.98, -14],
    [leg(y.ankle) + foot * 0.92, 0],
  ];
  const inner: Point[] = [
    [leg(y.ankle) - foot * 0.52, 0],
    [leg(y.ankle) - foot * 0.6, -12],
    [leg(y.ankle) - ankle * 0.85, y.ankle + 5],
    [leg(y.ankle) - ankle * 0.82, y.ankle - 40],
    [leg(y.calf) - calf * 0.86, y.calf - 30],
    [leg(y.knee) - knee * 0.76, kneeDown],
    [leg(y.knee) - knee * 0.8, kneeUp],
    [Math.max(7, leg((y.crotch + y.knee) / 2) - thigh * 0.86), (y.crotch + y.knee) / 2],
    [4, y.crotch + 16],
  ];
  const half = [...outer, ...inner];
  const trunk = smooth([...half, ...mirror(half).reverse()], true, 0.85);
  return {
    trunk,
    arms: [armOutline(frame, 1), armOutline(frame, -1)],
    head: headOf(frame),
    neckShade: [
      ['M', -neckHalf * 0.7, y.chin - 40],
      ['L', neckHalf * 0.7, y.chin - 40],
      ['L', neckHalf * 0.76, y.neck - 24],
      ['Q', 0, y.neck + 10, -neckHalf * 0.76, y.neck - 24],
      ['Z'],
    ],
    base: {
      above: symmetric([
        ['M', 0, y.underarm + 4],
        ['Q', own.bust * 0.6, y.underarm - 12, own.bust * 0.97, y.underarm + 2],
        ['L', own.bust, y.bust],
        ['L', own.bust * 0.7 + own.waist * 0.3, y.bust + (y.waist - y.bust) * 0.34],
        ['Q', own.bust * 0.5, y.bust + (y.waist - y.bust) * 0.4, 0, y.bust + (y.waist - y.bust) * 0.42],
      ]),
      below: symmetric([
        ['M', 0, y.waist + (y.hip - y.waist) * 0.52],
        [
          'Q',
          own.hip * 0.6,
          y.waist + (y.hip - y.waist) * 0.5,
          own.waist + (own.hip - own.waist) * 0.62,
          y.waist + (y.hip - y.waist) * 0.46,
        ],
        ['Q', own.hip * 1.01, y.hip - 40, own.hip, y.hip],
        ['L', own.hip * 0.985, y.crotch - 6],
        ['L', own.hip * 0.95, y.crotch + 60],
        ['Q', own.hip * 0.5, y.crotch + 72, 8, y.crotch + 62],
        ['L', 5, y.crotch + 18],
        ['L', 0, y.crotch + 16],
      ]),
    },
    marks: [1, -1].flatMap((side): Path[] => [
      smooth([
        [side * neckHalf * 0.34, y.neck + 26],
        [side * neckHalf * 1.3, y.neck + 30],
        [side * shoulderHalf * 0.66, y.neck + 20],
      ]),
      smooth([
        [side * (leg(y.knee) - knee * 0.42), y.knee + 12],
        [side * leg(y.knee), y.knee + 22],
        [side * (leg(y.knee) + knee * 0.4), y.knee + 10],
      ]),
    ]),
    width: own.hip,
  };
}

/** Half of the head's breadth, and its height. */
const headSize = ({ body, y }: Frame): readonly [half: number, high: number] => [
  body.headGirth * 0.136,
  y.chin - y.crown,
];

function headOf(frame: Frame): Path {
  const { y } = frame;
  const [half, high] = headSize(frame);
  const side: Point[] = [
    [half * 0.62, y.crown + high * 0.045],
    [half * 0.93, y.crown + high * 0.2],
    [half, y.crown + high * 0.42],
    [half * 0.95, y.crown + high * 0.6],
    [half * 0.76, y.crown + high * 0.8],
    [half * 0.42, y.chin - high * 0.045],
  ];
  return smooth([[0, y.crown], ...side, [0, y.chin + 1], ...mirror(side).reverse()], true, 0.95);
}

/** Hair behind the head and before it; nothing where it is covered. */
export interface HairShape {
  readonly behind?: Path | undefined;
  readonly before?: Path | undefined;
}

/** The hair as it is worn, around the head of a frame. */
export function hairOf(frame: Frame, hair: Hair = 'short'): HairShape {
  if (hair === 'covered') return {};
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
  return { before, behind: smooth([[0, top], ...side, ...mirror(side).reverse()], true, 0.9) };
}

/** Half the width of an upper arm seen from the front, mm. */
export const armHalf = ({ body }: Frame): number => body.upperArm * 0.16;

/** A point of the right arm as it hangs: mm `along` it from the shoulder, mm `across` it, outwards positive. */
export function onArm(frame: Frame, along: number, across: number): Point {
  const { y, shoulderHalf, arm } = frame;
  return [
    shoulderHalf - armHalf(frame) * 1.02 + arm.dx * along + arm.dy * across,
    y.tip + 18 + arm.dy * along - arm.dx * across,
  ];
}

function armOutline(frame: Frame, side: 1 | -1): Path {
  const wide = armHalf(frame);
  const length = frame.body.armLength;
  const at = (along: number, across: number): Point => {
    const [x, y] = onArm(frame, along, across);
    return [side * x, y];
  };
  return smooth(
    [
      at(-10, 0.2 * wide),
      at(length * 0.06, wide * 0.88),
      at(length * 0.2, wide),
      at(length * 0.42, wide * 0.84),
      at(length * 0.56, wide * 0.76),
      at(length * 0.67, wide * 0.8),
      at(length * 0.86, wide * 0.58),
      at(length, wide * 0.44),
      at(length * 1.07, wide * 0.54),
      at(length * 1.16, wide * 0.5),
      at(length * 1.28, wide * 0.24),
      at(length * 1.31, wide * 0.02),
      at(length * 1.27, -wide * 0.16),
      at(length * 1.18, -wide * 0.26),
      at(length * 1.155, -wide * 0.52),
      at(length * 1.09, -wide * 0.56),
      at(length * 1.02, -wide * 0.38),
      at(length * 0.86, -wide * 0.5),
      at(length * 0.67, -wide * 0.66),
      at(length * 0.56, -wide * 0.64),
      at(length * 0.42, -wide * 0.7),
      at(length * 0.2, -wide * 0.84),
      at(length * 0.06, -wide * 0.62),
    ],
    true,
  );
}

export interface HairBehind {
  readonly cap: Path;
  /** A knot, or what falls over the neck. */
  readonly over?: Path;
  /** Strands on it, as lines. */
  readonly strands: readonly Path[];
}

/** The hair seen from behind: the whole head, a knot on it, or down over the neck; nothing where it is covered. */
export function hairBehind(frame: Frame, hair: Hair = 'short'): HairBehind | undefined {
  if (hair === 'covered') return undefined;
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
  const cap = smooth([[0, top], ...side, [0, nape + 4], ...mirror(side).reverse()], true, 0.95);
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
    over: smooth([[0, top], ...fall, [0, low], ...mirror(fall).reverse()], true, 0.95),
    strands: [-0.74, -0.4, -0.08, 0.3, 0.66].map((t): Path =>
      smooth([
        [out * t * 0.4, top + high * 0.14],
        [out * t, y.chin],
        [out * t * 0.94, low - high * (0.12 + Math.abs(t) * 0.1)],
      ]),
    ),
  };
}
