import { mirrored, type Path, type Point, smooth, symmetric } from '../path';
import type { Frame } from './frame';
import { headSize } from './hair';

/** The figure as closed paths in mm: faceless, calm, changing with height and girths. */
export interface FigureOutline {
  readonly trunk: Path;
  readonly arms: readonly [Path, Path];
  readonly head: Path;
  /** The neck where the chin keeps the light from it; whoever paints it keeps it to the trunk. */
  readonly neckShade: Path;
  /** Plain linen where nothing is worn yet: above, and below. */
  readonly base: { readonly above: Path; readonly below: Path };
  /** Short marks of the body: collar bones, knees. */
  readonly marks: readonly Path[];
  readonly width: number;
}

/** Half of a leg's width at its landmarks, mm. */
function legHalves({ body, own }: Frame) {
  const calf = body.calf * 0.155;
  return {
    calf,
    thigh: Math.min(body.thigh * 0.155, own.hip * 0.52),
    knee: calf * 0.98,
    ankle: calf * 0.6,
  };
}

/** The outside of the right leg, from the crotch down. */
function legOutside(frame: Frame): Point[] {
  const { y, own } = frame;
  const { calf, thigh, knee, ankle } = legHalves(frame);
  const leg = (at: number) => frame.legX(at);
  return [
    [own.hip * 0.985, y.crotch],
    [leg((y.crotch + y.knee) / 2) + thigh * 0.85, (y.crotch + y.knee) / 2],
    [leg(y.knee) + knee * 0.94, y.knee - 60],
    [leg(y.knee) + knee * 0.83, y.knee + 45],
    [leg(y.calf) + calf * 1.02, y.calf - 26],
    [leg((y.calf + y.ankle) / 2) + calf * 0.76, (y.calf + y.ankle) / 2],
    [leg(y.ankle) + ankle * 0.94, y.ankle - 34],
    [leg(y.ankle) + ankle * 1.04, y.ankle + 14],
  ];
}

/** The inside of the right leg, from the ankle up. */
function legInside(frame: Frame): Point[] {
  const { y } = frame;
  const { calf, thigh, knee, ankle } = legHalves(frame);
  const leg = (at: number) => frame.legX(at);
  return [
    [leg(y.ankle) - ankle * 0.85, y.ankle + 5],
    [leg(y.ankle) - ankle * 0.82, y.ankle - 40],
    [leg(y.calf) - calf * 0.86, y.calf - 30],
    [leg(y.knee) - knee * 0.76, y.knee + 45],
    [leg(y.knee) - knee * 0.8, y.knee - 40],
    [Math.max(7, leg((y.crotch + y.knee) / 2) - thigh * 0.86), (y.crotch + y.knee) / 2],
    [4, y.crotch + 16],
  ];
}

/** The right leg where cloth lies on it: its points from the crotch to a height, outside and inside, both downwards. */
export function legTo(frame: Frame, end: number): { readonly outside: Point[]; readonly inside: Point[] } {
  const above = ([, at]: Point): boolean => at < end - 30;
  return {
    outside: legOutside(frame).slice(1).filter(above),
    inside: legInside(frame).reverse().slice(1).filter(above),
  };
}

/** The slope of the right shoulder: from where the neck runs into it to the bone. */
function shoulderLine({ y, neckHalf, shoulderHalf }: Frame): readonly Point[] {
  return [
    [neckHalf * 1.26, y.neck + 1],
    [shoulderHalf * 0.62, y.neck + (y.tip - y.neck) * 0.5],
    [shoulderHalf * 0.9, y.tip - 7],
  ];
}

/** How high (y) the shoulder is so far from the middle, mm: where a seam lies on it. */
export function shoulderAt(frame: Frame, x: number): number {
  const points = shoulderLine(frame);
  const beyond = points.findIndex(([at]) => at >= x);
  const next = beyond < 0 ? points.length - 1 : Math.max(1, beyond);
  const [[x0, y0], [x1, y1]] = [points[next - 1], points[next]] as [Point, Point];
  return y0 + ((y1 - y0) * (Math.max(x, x0) - x0)) / (x1 - x0);
}

/** Outline of the body in a frame; the feet stand on y = 0. */
export function outlineOf(frame: Frame): FigureOutline {
  const { y, own, body, neckHalf, shoulderHalf } = frame;
  const { knee } = legHalves(frame);
  const foot = body.footLength * 0.2;
  const leg = (at: number) => frame.legX(at);
  const outer: Point[] = [
    // Its beginning lies behind the jaw.
    [neckHalf * 0.7, y.chin - (y.chin - y.crown) * 0.24],
    [neckHalf * 0.74, (y.chin + y.neck) / 2 - 8],
    [neckHalf * 0.86, y.neck - 22],
    ...shoulderLine(frame),
    [shoulderHalf * 0.995, y.tip + 18],
    [shoulderHalf * 0.97, y.tip + 60],
    [Math.max(own.bust * 0.985, shoulderHalf * 0.82), y.underarm + 6],
    [own.bust, y.bust],
    [own.bust * 0.55 + own.waist * 0.46, y.bust + (y.waist - y.bust) * 0.46],
    [own.waist, y.waist - 8],
    [own.waist * 1.005, y.waist + 14],
    [own.waist + (own.hip - own.waist) * 0.66, y.waist + (y.hip - y.waist) * 0.52],
    [own.hip, y.hip],
    ...legOutside(frame),
    [leg(y.ankle) + foot * 0.98, -14],
    [leg(y.ankle) + foot * 0.92, 0],
  ];
  const inner: Point[] = [
    [leg(y.ankle) - foot * 0.52, 0],
    [leg(y.ankle) - foot * 0.6, -12],
    ...legInside(frame),
  ];
  const half = [...outer, ...inner];
  const trunk = smooth([...half, ...mirrored(half).reverse()], true, 0.85);
  return {
    trunk,
    arms: [armOutline(frame, 1), armOutline(frame, -1)],
    head: headOf(frame),
    neckShade: [
      ['M', -neckHalf, y.chin - 40],
      ['L', neckHalf, y.chin - 40],
      ['L', neckHalf, y.neck - 26],
      ['Q', 0, y.neck + 14, -neckHalf, y.neck - 26],
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
  return smooth([[0, y.crown], ...side, [0, y.chin + 1], ...mirrored(side).reverse()], true, 0.95);
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
