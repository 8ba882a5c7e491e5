import type { Body } from './body';
import { landmarksOf } from './landmarks';

/** Girth levels of the trunk, from the neck down. */
export type Level = 'bust' | 'waist' | 'hip';

/**
 * What a garment is drawn on. Coordinates in mm: x to the right from the middle, y downwards with
 * the floor at 0 (so heights are negative). A flat is drawn on a usual body laid flat; a worn piece
 * on the client's own body seen from the front.
 */
export interface Frame {
  readonly flat: boolean;
  readonly body: Body;
  readonly y: {
    readonly crown: number;
    readonly chin: number;
    readonly neck: number;
    readonly tip: number;
    readonly underarm: number;
    readonly bust: number;
    readonly waist: number;
    readonly hip: number;
    readonly crotch: number;
    readonly knee: number;
    readonly calf: number;
    readonly ankle: number;
    readonly wrist: number;
    readonly elbow: number;
  };
  readonly neckHalf: number;
  readonly shoulderHalf: number;
  /** Half of the width at which a girth of the garment shows at a level, mm. */
  half(girth: number, level: Level): number;
  /** Half of the body's own front width at a level. */
  readonly own: Readonly<Record<Level, number>>;
  /** Width of a sleeve or leg of a given girth. */
  tube(girth: number): number;
  /** Middle line of a leg (positive side) at height y. */
  legX(y: number): number;
  /** The arm as a line from the shoulder tip, unit vector. */
  readonly arm: { readonly dx: number; readonly dy: number };
}

/**
 * Breadth over girth of the trunk seen from the front, halved: a trunk is an ellipse about 1.3 to 1.5
 * times as broad as deep. Common practice of pattern drawing, from memory.
 */
const FRONT: Readonly<Record<Level, number>> = { bust: 0.166, waist: 0.172, hip: 0.18 };

/** Frame of a body: flat for the rail, worn for the figure. */
export function frameOf(body: Body, flat: boolean): Frame {
  const marks = landmarksOf(body);
  const own = {
    bust: body.bust * FRONT.bust,
    waist: body.waist * FRONT.waist,
    hip: body.hip * FRONT.hip,
  };
  const slope = flat ? 0.42 : 0.135;
  const arm = { dx: Math.sin(slope), dy: Math.cos(slope) };
  const thighX = own.hip * 0.5;
  // A flat is laid with its legs a little apart, so that each leg reads as one.
  const ankleX = flat ? own.hip * 0.64 : Math.max(60, own.hip * 0.4);
  return {
    flat,
    body,
    y: {
      crown: -marks.crown,
      chin: -marks.chin,
      neck: -marks.shoulderPoint,
      tip: -marks.shoulderTip,
      underarm: -marks.underarm,
      bust: -marks.bust,
      waist: -marks.waist,
      hip: -marks.hip,
      crotch: -marks.crotch,
      knee: -marks.knee,
      calf: -marks.calf,
      ankle: -marks.ankle,
      wrist: -marks.wrist,
      elbow: -marks.elbow,
    },
    neckHalf: body.heightMm * 0.04,
    shoulderHalf: body.shoulderWidth / 2,
    half: (girth, level) => (flat ? girth / 4 : Math.max(own[level] + 3, girth * FRONT[level])),
    own,
    tube: (girth) => (flat ? girth / 2 : girth * 0.37),
    legX: (y) => {
      const t = Math.min(1, Math.max(0, (-y - marks.ankle) / (marks.crotch - marks.ankle)));
      return ankleX + (thighX - ankleX) * t;
    },
    arm,
  };
}
