import type { Frame } from '../../figure';
import { mirrorPath, type Path, type Point, reverse, type Step } from '../../path';
import { type Worn } from '../../piece';
import type { Panel } from '../display';
import type { Lines } from '../lines';
import { cuffOf, foldsOf, ribsOf } from './sleeve-marks';
import { hanging, type Tube, tubeOf } from './sleeve-tube';
import { sleevePart } from '../parts';
import { armhole } from './shoulder';

export interface SleeveSketch {
  readonly panel: Path;
  readonly cuff: Path;
  /** Of a knitted cuff. */
  readonly ribs: readonly Path[];
  readonly folds: readonly Path[];
  /** How far the sleeve stands away from upright, radians; laid flat it is drawn as if it hung. */
  readonly turn: number;
  /** Across the tube, for its light: from the left. */
  readonly light: readonly [Point, Point];
}

/**
 * Right sleeve from shoulder tip along the arm, or undefined for none. The caller mirrors it, and says whether an arm is in it.
 */
export function sleeveOf(
  frame: Frame,
  worn: Worn,
  arm: 'in it' | 'free' = worn.effects.arms === 'free' ? 'free' : 'in it',
): SleeveSketch | undefined {
  const kind = worn.piece.cut.sleeve ?? worn.facts.sleeve;
  if (kind === 'none') return undefined;
  const tube = tubeOf(frame, worn, { hangs: arm === 'free' && !frame.flat, isLong: kind === 'long' });
  const { at, length, drift, upper, end, dx, dy } = tube;
  const across: readonly [Point, Point] = [
    at(length * 0.5, drift + 8),
    at(length * 0.5, drift - mix(upper, end, 0.5)),
  ];
  return {
    panel: panelOf(tube, isSeenThrough(worn)),
    cuff: cuffOf(tube),
    ribs: ribsOf(tube),
    folds: foldsOf(tube, worn, kind === 'long' && worn.effects.sleeves === undefined),
    light: across[0][0] < across[1][0] ? across : [across[1], across[0]],
    turn: frame.flat ? 0 : Math.atan2(dx, dy),
  };
}

/** Cloth through which it is seen how far a sleeve goes on under the body. */
const isSeenThrough = ({ piece: { fabric } }: Worn): boolean => fabric.sheer !== 'opaque' && !fabric.lined;

/** The outline: over the shoulder and down the arm, round the hem, up the inside, and on under the body, or along its armhole. */
function panelOf(tube: Tube, seenThrough: boolean): Path {
  const { at, tip, underarm, length, drift, head, cuffOut, cuffIn } = tube;
  // A body that is fuller than the sleeve hides its end anyway.
  const ends = seenThrough && underarm[0] < at(underarm[1] - tip[1], drift)[0] - 8;
  const hemEnd = ends && tube.short ? hemAtArmhole(tube) : cuffIn;
  return [
    ['M', tip[0] - 12, tip[1] + 1],
    // Over the bone of the shoulder and down the arm.
    ['C', ...overBone(tube), ...at(Math.min(96, length * 0.4), drift + head * 0.9)],
    ...outside(tube),
    ['Q', ...hanging(tube, cuffOut, hemEnd), ...hemEnd],
    ...(ends ? upArmhole(tube) : underBody(tube)),
    ['Z'],
  ];
}

/** Up the inside to the side seam, and on along the armhole. */
function upArmhole(tube: Tube): Step[] {
  const { tip, underarm, short } = tube;
  const meet: Point = [underarm[0] - 3, underarm[1] + 3];
  const armholeUp = reverse([['M', tip[0], tip[1] + 3], ...armhole(tube)]).slice(1) as Step[];
  return [...(short ? [['L', ...meet] as const] : inside(tube, meet)), ['L', ...underarm], ...armholeUp];
}

/** Where the hem of a short sleeve ends that is not seen within its armhole. */
const hemAtArmhole = ({ tip, underarm, cuffIn }: Tube): Point => [
  Math.max(cuffIn[0], underarm[0] - 2, cuffIn[1] < underarm[1] + 4 ? tip[0] - 18 : 0),
  Math.max(cuffIn[1], underarm[1] + 4),
];

/**
 * Up the inside to where the sleeve meets the body, at the side seam, or at the arm's own inside where the body is fuller than
 * the arm; and on under the body, never so far that an open front shows it.
 */
function underBody(tube: Tube): Step[] {
  const { at, tip, underarm, length, upper, end, drift, dx, short } = tube;
  const furthest = tip[0] * 0.46;
  const within = Math.min(
    underarm[0],
    at(0, drift - upper)[0] + dx * (underarm[1] - tip[1]) + 4,
    short ? at(length, drift - end)[0] + 6 : Infinity,
  );
  const meet: Point = [Math.max(within, furthest), underarm[1] + 6];
  return [
    ...inside(tube, meet),
    ['L', Math.max(meet[0] - 44, furthest), meet[1] - 16],
    ['L', Math.max(Math.min(tip[0] - 56, meet[0] - 20), furthest), (tip[1] + underarm[1]) / 2],
  ];
}

/** How the head of a sleeve is led from the seam to the arm: round itself, and where a shoulder reaches out further, close over that. */
const overBone = ({ at, bone: [x, y], over, head }: Tube): readonly [number, number, number, number] =>
  over < 8
    ? [...at(0, head * 0.7), ...at(26, head + 3)]
    : [x - 16, y - 6 - head * 0.5, x + head * 0.5, y + 12 - head * 0.3];

/** Down the outside to the hem. */
function outside({ at, length, end, drift, head, cuffDepth, cuffOut, gathered, ribs }: Tube): Step[] {
  if (ribs)
    return [
      [
        'C',
        ...at(length * 0.46, drift + head * 0.5 + 5),
        ...at(length * 0.72, drift + 4),
        ...at(length - cuffDepth - 10, drift + 3),
      ],
      ['Q', ...at(length - cuffDepth + 4, drift + 2), ...at(length - cuffDepth + 2, drift - end * 0.05)],
      ['L', ...cuffOut],
    ];
  if (!gathered)
    return [
      [
        'C',
        ...at(length * 0.46, drift + head * 0.5 + 5),
        ...at(length * 0.72, drift + 2),
        cuffOut[0],
        cuffOut[1],
      ],
    ];
  return [
    [
      'C',
      ...at(length * 0.5, drift + 12),
      ...at(length * 0.8, drift + 26),
      ...at(length - cuffDepth, drift + 4),
    ],
    ['Q', ...at(length - cuffDepth * 0.4, drift - end * 0.12), cuffOut[0], cuffOut[1]],
  ];
}

/** Up the inside from the hem to where the sleeve meets the body. */
function inside(tube: Tube, meet: Point): Step[] {
  const { at, underarm, length, upper, end, drift, cuffDepth, short, gathered, ribs } = tube;
  if (gathered)
    return [
      [
        'Q',
        ...at(length - cuffDepth * 0.4, drift - end * 0.9),
        ...at(length - cuffDepth, drift - end * 1.02),
      ],
      ['C', ...at(length * 0.8, drift - end - 16), ...at(length * 0.5, drift - end), meet[0], meet[1]],
    ];
  if (short) return [['Q', ...at(length * 0.7, drift - mix(upper, end, 0.6)), meet[0] + 2, underarm[1] + 8]];
  const band: Step[] = ribs
    ? [
        ['L', ...at(length - cuffDepth + 2, drift - end * 0.96)],
        [
          'Q',
          ...at(length - cuffDepth + 4, drift - end - 2),
          ...at(length - cuffDepth - 10, drift - end - 1),
        ],
      ]
    : [];
  return [
    ...band,
    [
      'C',
      ...at(length * 0.82, drift - end + 1),
      ...at(length * 0.66, drift - mix(upper, end, 0.66)),
      ...at(length * 0.54, drift - mix(upper, end, 0.52) + 5),
    ],
    ['C', ...at(length * 0.42, drift - upper * 0.92), ...at(length * 0.3, drift - upper), meet[0], meet[1]],
  ];
}

const mix = (a: number, b: number, t: number): number => a + (b - a) * t;

/** A sleeve on its side of the piece, 1 the right of the drawing: its panel and its marks, all under the body. */
export function sleeveLaid(
  { panel, cuff, ribs, folds, light, turn }: SleeveSketch,
  side: number,
  worn: Worn,
): { readonly panel: Panel; readonly marks: Lines } {
  const flip = (path: Path): Path => (side === 1 ? path : mirrorPath(path));
  return {
    panel: {
      path: flip(panel),
      under: true,
      part: sleevePart(worn),
      turn: -side * turn,
      light: side === 1 ? light : flipLight(light),
    },
    marks: [
      { kind: 'seam', path: flip(cuff), under: true },
      ...ribs.map((path) => ({ kind: worn.facts.drawn.ribs?.as ?? 'stitch', path: flip(path), under: true })),
      ...folds.map((path) => ({ kind: 'fold' as const, path: flip(path), under: true })),
    ],
  };
}

/** The light of the left sleeve: it still comes from the left. */
const flipLight = (light: readonly [Point, Point]): readonly [Point, Point] => [
  [-light[1][0], light[1][1]],
  [-light[0][0], light[0][1]],
];
