import { armHalf, type Frame } from '../../figure';
import type { Point } from '../../path';
import type { Worn } from '../../piece';
import { cornerOf } from './shoulder';

/** A sleeve along its arm, mm: what its outline, its cuff and its folds are drawn from. */
export interface Tube {
  /** A point so far along the arm, and so far across it, outwards. */
  readonly at: (along: number, across: number) => Point;
  readonly dx: number;
  readonly dy: number;
  readonly tip: Point;
  readonly underarm: Point;
  readonly length: number;
  /** Across at the arm, and at the hem. */
  readonly upper: number;
  readonly end: number;
  /** How far it stands off the arm. */
  readonly drift: number;
  /** How much of that is for a shoulder that reaches out further than the seam. */
  readonly over: number;
  /** The bone of the shoulder. */
  readonly bone: Point;
  /** How high its head rises. */
  readonly head: number;
  readonly cuffDepth: number;
  readonly cuffOut: Point;
  readonly cuffIn: Point;
  /** How much lower the nearer side of a hem is seen. */
  readonly dip: number;
  readonly short: boolean;
  readonly gathered: boolean;
  /** The band of a knit at the wrist. */
  readonly ribs: Worn['facts']['drawn']['ribs'];
}

/** From the outside of an arm to the inside of its forearm, of half the width of the upper arm. */
const FOREARM = 1.68;

/** A sleeve from its measures and its cut; `hangs`: empty, outside the arm. */
export function tubeOf(
  frame: Frame,
  worn: Worn,
  { hangs, isLong }: { readonly hangs: boolean; readonly isLong: boolean },
): Tube {
  const { piece, measures, effects } = worn;
  const { tip, underarm } = cornerOf(frame, worn);
  const rolled = effects.sleeves !== undefined;
  const elbow = frame.body.armLength * 0.56 + 40;
  const length = rolled ? Math.min(elbow, measures.sleeve ?? 600) : (measures.sleeve ?? 600);
  const volume =
    piece.cut.sleeveVolume ??
    worn.facts.drawn.sleeveVolume ??
    (piece.volume === 'full' ? 'easy' : piece.volume);
  // Whatever was measured, an arm that is in it fits into it.
  const wears = !frame.flat && !hangs;
  const upper = Math.max(frame.tube(measures.upperArm ?? 340), wears ? armHalf(frame) * 2 + 8 : 0);
  const taper = { close: 0.62, easy: 0.7, full: 1.12 }[volume];
  const short = length < 300;
  const end = Math.max(
    frame.tube(175),
    upper * (short ? 0.86 : rolled ? 0.74 : taper),
    wears ? armHalf(frame) * FOREARM : 0,
  );
  // Laid flat, a short sleeve stands out by itself.
  const angle = hangs ? 0.2 : frame.flat && short ? 0.78 : frame.flat && volume === 'full' ? 0.6 : undefined;
  const { dx, dy } = angle === undefined ? frame.arm : { dx: Math.sin(angle), dy: Math.cos(angle) };
  // Outward normal of the arm line.
  const [nx, ny] = [dy, -dx];
  const at = (along: number, across: number): Point => [
    tip[0] + dx * along + nx * across,
    tip[1] + dy * along + ny * across,
  ];
  // On the figure the sleeve stands off the arm a little; a shoulder wider than the seam is under the cloth as well.
  const over = wears ? Math.max(0, frame.shoulderHalf + 2 - tip[0]) * dy : 0;
  const drift = frame.flat ? 0 : 4 + over;
  const gathered = volume === 'full' && !short;
  // A rib holds the wrist; the sleeve falls a little over it.
  const ribs = isLong && !rolled && !gathered ? worn.facts.drawn.ribs : undefined;
  const [out, inner] = gathered ? [0.26, 0.78] : ribs ? [0.07, 0.94] : [0, 1];
  return {
    at,
    dx,
    dy,
    tip,
    underarm,
    length,
    upper,
    end,
    drift,
    over,
    bone: [frame.shoulderHalf, frame.y.tip],
    head: volume === 'full' ? 24 : piece.structure >= 2 ? 11 : 6,
    cuffDepth: ribs ? Math.min(ribs.band, 60) : isLong || rolled ? 34 : 16,
    cuffOut: at(length, drift - end * out),
    cuffIn: at(length, drift - end * inner),
    // A hem goes round the arm: the nearer side is seen lower.
    dip: (Math.min(14, end * 0.1) + (short ? 3 : 0)) * 1.6,
    short,
    gathered,
    ribs,
  };
}

/** Between two points of a hem, hanging. */
export const hanging = ({ dx, dy, dip }: Tube, a: Point, b: Point): Point => [
  (a[0] + b[0]) / 2 + dx * dip,
  (a[1] + b[1]) / 2 + dy * dip,
];
