import type { Frame } from '../../figure';
import { lines, type Point } from '../../path';
import type { Worn } from '../../piece';
import type { Lines } from '../lines';

/** Top of the waistband in the frame: crotch less the front rise, or the waist. */
function waistbandY(frame: Frame, worn: Worn): number {
  const { rise } = worn.measures;
  return rise === undefined ? frame.y.waist : Math.max(frame.y.crotch - rise, frame.y.waist - 40);
}

/** Where a waistband ends at the side, and the hip below it (right half). */
export function waistline(frame: Frame, worn: Worn): { top: Point; hip: Point } {
  const { measures } = worn;
  const y = waistbandY(frame, worn);
  const t = Math.min(1, Math.max(0, (y - frame.y.waist) / (frame.y.hip - frame.y.waist)));
  const waist = frame.half(measures.waist ?? 760, 'waist');
  const hip = frame.half(measures.hip ?? 1020, 'hip');
  const body = frame.own.waist + (frame.own.hip - frame.own.waist) * t * 0.8;
  return { top: [frame.flat ? waist : Math.max(waist, body + 2), y], hip: [hip, frame.y.hip] };
}

/** Cloth drawn together by an elastic, all along a waistband `band` mm deep. */
export function gathers(marks: Lines, top: Point, band: number): void {
  for (let x = -top[0] + 14; x < top[0] - 8; x += 18) {
    marks.push({
      kind: 'fold',
      path: lines([
        [x, top[1] + band * 0.2 + 6],
        [x, top[1] + band],
      ]),
    });
  }
}
