import { type Path, smooth } from '../path';
import type { Frame } from './frame';

/** The figure as closed paths in mm: faceless, calm, changing with height and girths. */
export interface FigureOutline {
  readonly trunk: Path;
  readonly arms: readonly [Path, Path];
  readonly head: Path;
  /** The short hair line is left out: the figure is nobody in particular. */
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
    [neckHalf * 0.76, y.chin - 24],
    [neckHalf * 0.8, y.neck - 24],
    [neckHalf * 1.2, y.neck + 2],
    [shoulderHalf * 0.62, y.neck + (y.tip - y.neck) * 0.55],
    [shoulderHalf * 0.94, y.tip - 4],
    [shoulderHalf, y.tip + 26],
    [Math.max(own.bust * 1.0, shoulderHalf * 0.84), y.underarm + 4],
    [own.bust, y.bust],
    [own.waist * 1.02, y.waist - (y.waist - y.bust) * 0.3],
    [own.waist, y.waist],
    [own.waist + (own.hip - own.waist) * 0.66, y.waist + (y.hip - y.waist) * 0.5],
    [own.hip, y.hip],
    [own.hip * 0.99, y.crotch],
    [leg((y.crotch + y.knee) / 2) + thigh * 0.84, (y.crotch + y.knee) / 2],
    [leg(y.knee) + knee * 0.92, kneeUp],
    [leg(y.knee) + knee * 0.86, kneeDown],
    [leg(y.calf) + calf, y.calf - 20],
    [leg(y.ankle) + ankle * 1.02, y.ankle - 40],
    [leg(y.ankle) + ankle * 1.05, y.ankle + 10],
    [leg(y.ankle) + foot, -10],
    [leg(y.ankle) + foot * 0.9, 0],
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
  const headHalf = body.headGirth * 0.137;
  const headHigh = y.chin - y.crown;
  const head = smooth(
    [
      [0, y.crown],
      [headHalf * 0.72, y.crown + headHigh * 0.1],
      [headHalf, y.crown + headHigh * 0.38],
      [headHalf * 0.9, y.crown + headHigh * 0.68],
      [headHalf * 0.5, y.chin - headHigh * 0.05],
      [0, y.chin + 2],
      [-headHalf * 0.5, y.chin - headHigh * 0.05],
      [-headHalf * 0.9, y.crown + headHigh * 0.68],
      [-headHalf, y.crown + headHigh * 0.38],
      [-headHalf * 0.72, y.crown + headHigh * 0.1],
    ],
    true,
  );
  return { trunk, arms: [armOutline(frame, 1), armOutline(frame, -1)], head, width: own.hip };
}

function armOutline(frame: Frame, side: 1 | -1): Path {
  const { body, y, shoulderHalf, arm } = frame;
  const wide = body.upperArm * 0.16;
  const start: Point = [shoulderHalf - wide * 1.02, y.tip + 18];
  const length = body.armLength;
  const at = (along: number, across: number): Point => [
    side * (start[0] + arm.dx * along + arm.dy * across),
    start[1] + arm.dy * along - arm.dx * across,
  ];
  return smooth(
    [
      at(-6, 0.1 * wide),
      at(length * 0.1, wide * 0.96),
      at(length * 0.3, wide * 0.98),
      at(length * 0.56, wide * 0.72),
      at(length * 0.68, wide * 0.74),
      at(length, wide * 0.44),
      at(length * 1.1, wide * 0.62),
      at(length * 1.22, wide * 0.5),
      at(length * 1.31, wide * 0.1),
      at(length * 1.24, -wide * 0.34),
      at(length * 1.1, -wide * 0.44),
      at(length, -wide * 0.4),
      at(length * 0.68, -wide * 0.66),
      at(length * 0.56, -wide * 0.66),
      at(length * 0.25, -wide * 0.8),
      at(length * 0.08, -wide * 0.6),
    ],
    true,
  );
}
