import type { Frame } from '../../figure';
import { lines, type Path, type Point, smooth, symmetric } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { type LegShape, legOf } from './leg';
import { fall, follow, type Lines, mirrored, type Mirrored } from '../lines';
import { gathers, waistline } from './waistline';

/** Trousers, jeans, leggings and shorts. */
export function trouserSketch(frame: Frame, worn: Worn): Sketch {
  const { band, fly, pockets, creased, hemStitch } = worn.facts.drawn.trousers ?? { band: 40 };
  const { top, hip } = waistline(frame, worn);
  const shape = legOf(frame, worn, hip);
  const curve = follow(top, [[top[0] + (hip[0] - top[0]) * 0.6, (top[1] + hip[1]) / 2], hip]);
  const right: Path = [
    ['M', 0, top[1] + 9],
    ['Q', top[0] * 0.6, top[1] + 7, top[0], top[1]],
    ...curve,
    ...shape.path,
  ];
  const marks: Lines = [];
  const both = mirrored(marks, 'seam');
  both(
    smooth([
      [0, top[1] + band + 9],
      [top[0] * 0.6, top[1] + band + 7],
      [top[0] + 4, top[1] + band],
    ]),
  );
  marks.push({
    kind: 'seam',
    path: lines([
      [0, top[1] + band + 9],
      [0, frame.y.crotch],
    ]),
  });
  const dots: Sketch['dots'][number][] = [];
  if (fly) {
    const low = frame.y.crotch - 70;
    marks.push({
      kind: 'stitch',
      path: smooth([
        [26, top[1] + band + 8],
        [26, low - 40],
        [2, low],
      ]),
    });
    dots.push({ x: 0, y: top[1] + band * 0.55 + 6, r: 6.5, tone: fly === 'rivet' ? 'metal' : 'main' });
    [0.42, 0.82].forEach((x) =>
      both(
        lines([
          [top[0] * x, top[1] + 4],
          [top[0] * x, top[1] + band + 6],
        ]),
        'seam',
      ),
    );
  }
  if (pockets === 'scooped')
    both(
      smooth([
        [top[0] * 0.5, top[1] + band + 6],
        [top[0] * 0.56, top[1] + band + 60],
        [hip[0] * 0.97, top[1] + band + 92],
      ]),
    );
  if (hemStitch !== undefined)
    both(
      lines([
        [shape.outer[0] - 2, shape.hem - hemStitch],
        [shape.inner[0] + 2, shape.hem - hemStitch],
      ]),
      'stitch',
    );
  if (pockets === 'slant') {
    both(
      lines([
        [top[0] * 0.72, top[1] + band + 5],
        [hip[0] * 0.98, top[1] + band + 150],
      ]),
    );
    if (creased || worn.effects.press === 'pressed') both(shape.middle, 'fold');
    if (worn.piece.cut.waistDetail === 'pleat')
      [0.34, 0.5].forEach((x) =>
        both(
          lines([
            [top[0] * x, top[1] + band + 8],
            [top[0] * x + 10, top[1] + band + 120],
          ]),
          'fold',
        ),
      );
    if (worn.piece.cut.waistDetail === 'elastic') gathers(marks, top, band);
  }
  if (worn.effects.leg === 'cuffed')
    both(
      lines([
        [shape.outer[0], shape.hem - 44],
        [shape.inner[0], shape.hem - 44],
      ]),
    );
  if (!frame.flat) legFolds(frame, worn, shape, hip, both);
  return {
    panels: [{ path: symmetric(right), light: 'legs' }],
    lines: marks,
    falls: frame.flat ? [] : legFalls(frame, shape, hip),
    dots,
  };
}

/** A wide leg falls in two soft folds from the thigh. */
function legFalls(frame: Frame, { outer, inner, hem }: LegShape, hip: Point): Path[] {
  const wide = outer[0] - inner[0];
  if (wide < WIDE_LEG || hem < frame.y.knee + 160) return [];
  return [
    [0.26, 0.24, 150],
    [0.66, 0.62, 90],
  ].flatMap(([from = 0, to = 0, below = 0]) =>
    [1, -1].map((side) =>
      fall(
        [side * hip[0] * from, frame.y.crotch + below],
        [side * (inner[0] + wide * to), hem - 4],
        Math.min(30, wide * 0.13),
      ),
    ),
  );
}
/** From this width at the hem, mm, laid flat, a leg has cloth to fall. */
const WIDE_LEG = 205;

/** Where a worn leg gives: from the crotch, at the knee, and on the shoe when it is long. */
function legFolds(
  frame: Frame,
  worn: Worn,
  { outer, inner, hem }: LegShape,
  hip: Point,
  both: Mirrored,
): void {
  if (worn.facts.legs === 'close') return;
  const soft = worn.piece.fabric.weight !== 'heavy';
  const y = frame.y.crotch;
  both(
    smooth([
      [8, y - 4],
      [hip[0] * 0.3, y + 14],
      [hip[0] * 0.56, y + 12],
    ]),
    'fold',
  );
  if (hem > frame.y.knee + 120) {
    const x = frame.legX(frame.y.knee);
    both(
      smooth([
        [x - 34, frame.y.knee + 4],
        [x - 6, frame.y.knee + 14],
        [x + 24, frame.y.knee + 6],
      ]),
      'fold',
    );
  }
  // Resting on the shoe, a long leg breaks once.
  if (soft && hem > -24)
    both(
      smooth([
        [inner[0] + 6, hem - 44],
        [(outer[0] + inner[0]) / 2, hem - 34],
        [outer[0] - 10, hem - 62],
      ]),
      'fold',
    );
}
