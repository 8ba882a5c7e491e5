import { type Frame, shoulderAt } from '../../figure';
import type { Point, Step } from '../../path';
import type { Worn } from '../../piece';

export interface Corner {
  readonly tip: Point;
  readonly underarm: Point;
}

/** Where the shoulder seam ends and the side seam begins. */
export function cornerOf(frame: Frame, worn: Worn): Corner {
  const { measures } = worn;
  const half = (measures.shoulder ?? frame.shoulderHalf * 2) / 2;
  const slope = (frame.y.tip - frame.y.neck) / frame.shoulderHalf;
  const tip: Point = [half, frame.y.neck + slope * half * 0.96];
  const loose = Math.max(0, (measures.upperArm ?? 340) - 320) * 0.22;
  return { tip, underarm: [frame.half(measures.bust ?? 960, 'bust'), frame.y.underarm + 14 + loose] };
}

/** Thickness of cloth on a shoulder, mm. */
const CLOTH = 3;

/** Where (y) a shoulder seam begins at the neck: as it is cut where it is laid flat, and on the shoulder where somebody wears it; `over`: cloths that lie there. */
export const seamFrom = (frame: Frame, x: number, cut: number, over = 1): number =>
  frame.flat ? cut : Math.min(cut, shoulderAt(frame, x) - CLOTH * over);

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
