import { circle, lines, type Path, smooth } from '../path';
import type { Zone } from '../piece';
import type { BodyMeasure } from './body';
import type { Frame } from './frame';

/** How a measure is taken: where the tape lies on the figure, and how to hold it. */
export interface MeasureGuide {
  readonly path: Path;
  readonly how: string;
}

const ring = (half: number, y: number): Path =>
  smooth([
    [-half, y],
    [0, y + half * 0.12],
    [half, y],
  ]);

/** Where the tape lies for each body measure (ISO 8559-1 names), drawn on the client's own figure. */
export function guideOf(frame: Frame, measure: BodyMeasure): MeasureGuide {
  const { y, own, shoulderHalf, arm, body } = frame;
  const side = Math.max(own.hip, shoulderHalf) + 60;
  const reach = (along: number): readonly [number, number] => [
    shoulderHalf + 14 + arm.dx * along,
    y.tip + 20 + arm.dy * along,
  ];
  const guides: { readonly [name in BodyMeasure]: MeasureGuide } = {
    heightMm: {
      path: lines([
        [side, y.crown],
        [side, 0],
      ]),
      how: 'Without shoes, back to a wall, from the crown to the floor.',
    },
    bust: { path: ring(own.bust, y.bust), how: 'Round the fullest part, tape level, breathing easily.' },
    waist: {
      path: ring(own.waist, y.waist),
      how: 'Round the natural waist, where a tied string comes to rest.',
    },
    hip: { path: ring(own.hip, y.hip), how: 'Round the fullest part, feet together.' },
    shoulderWidth: {
      path: lines([
        [-shoulderHalf, y.tip],
        [shoulderHalf, y.tip],
      ]),
      how: 'Across the back, from shoulder bone to shoulder bone.',
    },
    backWaistLength: {
      path: lines([
        [0, y.neck],
        [0, y.waist],
      ]),
      how: 'From the bone at the nape down to the waist.',
    },
    armLength: {
      path: lines([reach(0), reach(body.armLength)]),
      how: 'From the shoulder bone over the bent elbow to the wrist bone.',
    },
    insideLegLength: {
      path: lines([
        [6, y.crotch],
        [frame.legX(0) - 40, 0],
      ]),
      how: 'On the inside, from the fork to the floor; a book held level helps.',
    },
    waistHeight: {
      path: lines([
        [side, y.waist],
        [side, 0],
      ]),
      how: 'At the side, from the waist straight down to the floor.',
    },
    footLength: {
      path: lines([
        [frame.legX(0) - 30, 4],
        [frame.legX(0) + 90, 4],
      ]),
      how: 'Heel to longest toe, standing on a sheet of paper.',
    },
    headGirth: {
      path: ring(body.headGirth * 0.137, y.crown + (y.chin - y.crown) * 0.3),
      how: 'Round the forehead, above the ears.',
    },
    upperArm: {
      path: ring(40, (y.tip + y.elbow) / 2).map((step) => shifted(step, shoulderHalf + 24)),
      how: 'Round the fullest part of the upper arm, hanging.',
    },
    thigh: {
      path: ring(body.thigh * 0.15, y.crotch + 40).map((step) => shifted(step, frame.legX(y.crotch + 40))),
      how: 'Round the fullest part, just below the fork.',
    },
    calf: {
      path: ring(body.calf * 0.15, y.calf).map((step) => shifted(step, frame.legX(y.calf))),
      how: 'Round the fullest part of the lower leg.',
    },
    neck: {
      path: ring(frame.neckHalf, (y.chin + y.neck) / 2),
      how: 'Round the base, a finger inside the tape.',
    },
    handGirth: {
      path: ring(34, y.wrist + 60).map((step) => shifted(step, reach(body.armLength)[0])),
      how: 'Round the palm at the knuckles, without the thumb.',
    },
    wristGirth: {
      path: ring(22, y.wrist).map((step) => shifted(step, reach(body.armLength)[0])),
      how: 'Round the wrist bone.',
    },
    fingerMm: {
      path: ring(8, y.wrist + 150).map((step) => shifted(step, reach(body.armLength)[0])),
      how: 'Round the finger, at the knuckle the ring goes over.',
    },
  };
  return guides[measure];
}

const shifted = (step: Path[number], by: number): Path[number] =>
  step.map((value, i) => (i > 0 && i % 2 === 1 ? (value as number) + by : value)) as unknown as Path[number];

const box = (left: number, top: number, right: number, bottom: number): Path =>
  lines(
    [
      [left, top],
      [right, top],
      [right, bottom],
      [left, bottom],
    ],
    true,
  );

/** A zone of the body on the figure, to be tapped; both sides of a pair are one zone. */
export function zonePath(frame: Frame, zone: Zone): Path {
  const { y, own, shoulderHalf, arm, neckHalf } = frame;
  const both = (path: Path): Path => [
    ...path,
    ...path.map(
      (step) => step.map((v, i) => (i > 0 && i % 2 === 1 ? -(v as number) : v)) as unknown as Path[number],
    ),
  ];
  const armPart = (from: number, to: number): Path => {
    const at = (h: number, out: number): readonly [number, number] => [
      shoulderHalf + 4 + arm.dx * (h - y.tip) + out,
      h,
    ];
    return both(lines([at(from, -6), at(from, 52), at(to, 46), at(to, -6)], true));
  };
  const legPart = (from: number, to: number, half: number): Path =>
    both(box(frame.legX(from) - half, from, frame.legX(to) + half, to));
  switch (zone) {
    case 'head':
      return circle([0, (y.crown + y.chin) / 2], (y.chin - y.crown) / 2);
    case 'neck':
      return box(-neckHalf, y.chin - 8, neckHalf, y.neck + 26);
    case 'shoulders':
      return both(box(neckHalf, y.neck, shoulderHalf, y.tip + 50));
    case 'upper-arms':
      return armPart(y.tip + 50, y.elbow);
    case 'lower-arms':
      return armPart(y.elbow, y.wrist);
    case 'chest':
      return box(-own.bust, y.tip + 50, own.bust, y.bust + 60);
    case 'midriff':
      return box(-own.waist, y.bust + 60, own.waist, y.waist + 40);
    case 'back':
      return both(box(shoulderHalf + 70, y.tip, shoulderHalf + 130, y.waist));
    case 'seat':
      return box(-own.hip, y.waist + 40, own.hip, y.crotch);
    case 'thighs':
      return legPart(y.crotch, y.knee - 50, own.hip * 0.42);
    case 'knees':
      return legPart(y.knee - 50, y.knee + 50, own.hip * 0.36);
    case 'calves':
      return legPart(y.knee + 50, y.ankle - 50, own.hip * 0.34);
    case 'ankles':
      return legPart(y.ankle - 50, y.ankle + 20, own.hip * 0.26);
    case 'feet':
      return legPart(y.ankle + 20, 0, own.hip * 0.3);
  }
}
