import type { Body, Frame } from '../figure';
import type { FitPoint } from './ease';
import type { FitVerdict } from './fit';
import type { PointFit } from './size';
import { easeWords, pointWords } from './words';

/** Where a size is close or roomy on the figure: a line across, from the body out to the cloth. All in mm. */
export interface FitMark {
  readonly point: FitPoint;
  readonly verdict: FitVerdict;
  /** As in a frame: downwards, the floor at 0. */
  readonly y: number;
  /** Middle of what is measured, to the right of the figure's middle. */
  readonly x: number;
  readonly bodyHalf: number;
  /** Half of the cloth as seen from in front, laid round evenly. */
  readonly clothHalf: number;
  readonly words: string;
}

/** Seen from in front a round of cloth is its girth over π: what it is more than the body shows by half on each side. */
const seenHalf = (easeMm: number): number => easeMm / Math.PI / 2;

/** The points of a fit as marks on the figure, from the top down. */
export function fitMarks(points: readonly PointFit[], frame: Frame, body: Body): FitMark[] {
  const { y, own, shoulderHalf, arm } = frame;
  const armAt = (height: number): number => shoulderHalf + 24 + arm.dx * (height - y.tip);
  const thighAt = y.crotch + 40;
  const at: Readonly<Record<FitPoint, readonly [height: number, x: number, half: number]>> = {
    shoulder: [y.tip, 0, shoulderHalf],
    bust: [y.bust, 0, own.bust],
    'upper arm': [(y.tip + y.elbow) / 2, armAt((y.tip + y.elbow) / 2), body.upperArm / Math.PI / 2],
    waist: [y.waist, 0, own.waist],
    hip: [y.hip, 0, own.hip],
    thigh: [thighAt, frame.legX(thighAt), body.thigh / Math.PI / 2],
    sleeve: [y.wrist, armAt(y.wrist), 30],
    length: [y.ankle, 0, own.hip],
  };
  return points
    .map((point): FitMark => {
      const [height, x, half] = at[point.point];
      const lengthwise = point.point === 'sleeve' || point.point === 'shoulder' || point.point === 'length';
      const ease = lengthwise ? point.easeMm / 2 : seenHalf(point.easeMm);
      return {
        point: point.point,
        verdict: point.verdict,
        y: height,
        x,
        bodyHalf: half,
        clothHalf: half + ease,
        words: `${pointWords(point)} at the ${point.point}: ${easeWords(point)}`,
      };
    })
    .sort((a, b) => a.y - b.y);
}
