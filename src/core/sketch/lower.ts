import type { Frame } from '../figure';
import { lines, mirrorPath, type Path, type Point, smooth, type Step, symmetric } from '../path';
import type { Leg, Worn } from '../piece';
import type { Sketch } from './display';
import { follow, type Lines } from './lines';

const leg = (kind: Leg | undefined, thigh: number, opening: number): number => {
  switch (kind) {
    case 'skinny':
      return Math.min(thigh * 0.66, opening * 1.5);
    case 'slim':
      return thigh * 0.72;
    case 'bootcut':
      return Math.min(thigh * 0.74, opening * 0.92);
    case 'flare':
      return Math.min(thigh * 0.72, opening * 0.66);
    case 'wide':
      return opening * 1.02;
    case 'barrel':
      return thigh * 1.08;
    default:
      return thigh * 0.5 + opening * 0.45;
  }
};

/** Top of the waistband in the frame: crotch less the front rise, or the waist. */
function waistbandY(frame: Frame, worn: Worn): number {
  const { rise } = worn.measures;
  return rise === undefined ? frame.y.waist : Math.max(frame.y.crotch - rise, frame.y.waist - 40);
}

interface LegShape {
  /** From the hip down the outside, round the hem and up the inside to the crotch (right half). */
  readonly path: readonly Step[];
  readonly hem: number;
  readonly outer: Point;
  readonly inner: Point;
  readonly middle: Path;
}

/** Right leg of trousers from the hip point on; shared by trousers, jeans, leggings, shorts, jumpsuits. */
export function legOf(frame: Frame, worn: Worn, hip: Point): LegShape {
  const { measures, piece } = worn;
  const thigh = measures.thigh ?? 600;
  // Tucked into a boot, the leg is folded to its shaft.
  const tucked = worn.effects.leg === 'in the boot' && !frame.flat;
  const opening = tucked ? 190 : (measures.legOpening ?? 360);
  const cuff = worn.effects.leg === 'cuffed' ? 60 : 0;
  const inseam = (measures.inseam ?? 780) - cuff;
  const hem = Math.min(frame.y.crotch + inseam, frame.flat ? Infinity : tucked ? frame.y.ankle : -2);
  const kneeGirth = leg(piece.cut.leg ?? worn.facts.leg, thigh, opening);
  const width = (y: number): number => {
    const girth =
      y < frame.y.knee
        ? mix(thigh, kneeGirth, (y - frame.y.crotch) / (frame.y.knee - frame.y.crotch))
        : mix(
            kneeGirth,
            opening,
            (y - frame.y.knee) / (tucked ? 110 : Math.max(1, frame.y.crotch + inseam - frame.y.knee)),
          );
    // At the crotch the two legs share the hip: neither is drawn wider than its half.
    const most = y <= frame.y.crotch + 1 ? hip[0] - 4 : y < frame.y.knee - 1 ? hip[0] * 1.02 : Infinity;
    return Math.min(frame.tube(girth), most);
  };
  const edge = (y: number): { outer: Point; inner: Point } => {
    const w = width(y);
    const x = Math.max(frame.legX(y), w / 2 + 3);
    return { outer: [x + w / 2, y], inner: [Math.max(2, x - w / 2), y] };
  };
  const short = hem < frame.y.knee + 40;
  const mid = short ? (frame.y.crotch + hem) / 2 : frame.y.knee;
  const [atCrotch, atMid, atHem] = [edge(frame.y.crotch), edge(mid), edge(hem)];
  const crotchOuter: Point = [
    Math.max(hip[0] * (kneeGirth < thigh * 0.76 ? 0.94 : 0.975), atCrotch.outer[0]),
    frame.y.crotch,
  ];
  const outer = follow(hip, [crotchOuter, atMid.outer, atHem.outer]);
  const inner = smooth([atHem.inner, atMid.inner, [3, frame.y.crotch + 12]], false, 0.6).slice(1);
  return {
    path: [
      ...outer,
      [
        'C',
        atHem.outer[0] - (atHem.outer[0] - atHem.inner[0]) * 0.2,
        hem + 11,
        atHem.inner[0] + (atHem.outer[0] - atHem.inner[0]) * 0.2,
        hem + 11,
        atHem.inner[0],
        hem,
      ],
      ...inner,
      ['L', 0, frame.y.crotch],
    ],
    hem,
    outer: atHem.outer,
    inner: atHem.inner,
    middle: smooth([
      [(hip[0] + 6) / 2, frame.y.hip],
      [(atMid.outer[0] + atMid.inner[0]) / 2, mid],
      [(atHem.outer[0] + atHem.inner[0]) / 2, hem - 8],
    ]),
  };
}

const mix = (a: number, b: number, t: number): number => a + (b - a) * Math.min(1, Math.max(0, t));

/** Trousers, jeans, leggings, shorts and skirts. */
export function lowerSketch(frame: Frame, worn: Worn): Sketch {
  return worn.facts.skirted ? skirtSketch(frame, worn) : trouserSketch(frame, worn);
}

function waistline(frame: Frame, worn: Worn): { top: Point; hip: Point } {
  const { measures } = worn;
  const y = waistbandY(frame, worn);
  const t = Math.min(1, Math.max(0, (y - frame.y.waist) / (frame.y.hip - frame.y.waist)));
  const waist = frame.half(measures.waist ?? 760, 'waist');
  const hip = frame.half(measures.hip ?? 1020, 'hip');
  const body = frame.own.waist + (frame.own.hip - frame.own.waist) * t * 0.8;
  return { top: [frame.flat ? waist : Math.max(waist, body + 2), y], hip: [hip, frame.y.hip] };
}

function trouserSketch(frame: Frame, worn: Worn): Sketch {
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
  const both = (path: Path, kind: 'seam' | 'stitch' | 'fold' = 'seam'): void => {
    marks.push({ kind, path }, { kind, path: mirrorPath(path) });
  };
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
  both: (path: Path, kind: 'fold') => void,
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

function gathers(marks: Lines, top: Point, band: number): void {
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

/** Half of the hem of a skirt: its hem girth, which a full skirt folds away into depth. */
function skirtHemHalf(frame: Frame, worn: Worn, hipHalf: number, length: number): number {
  const hem = worn.measures.hemWidth ?? 1300;
  const spread = hipHalf + length * 0.46;
  const plain = frame.flat ? hem / 4 : hem * 0.19;
  return Math.max(hipHalf * 0.72, Math.min(spread, plain));
}

function skirtSketch(frame: Frame, worn: Worn): Sketch {
  const { top, hip } = waistline(frame, worn);
  const length = worn.measures.length ?? 680;
  const hem = Math.min(top[1] + length, frame.flat ? Infinity : 0);
  const { marks, right, falls } = skirtBelow(frame, worn, top, hip, hem);
  const band = worn.piece.cut.waistDetail === 'elastic' ? 44 : 32;
  const bandLine = smooth([
    [-top[0] - 3, top[1] + band],
    [0, top[1] + band + 9],
    [top[0] + 3, top[1] + band],
  ]);
  marks.unshift({ kind: 'seam', path: bandLine });
  if (worn.piece.cut.waistDetail === 'elastic') gathers(marks, top, band);
  return {
    panels: [
      { path: symmetric([['M', 0, top[1] + 9], ['Q', top[0] * 0.6, top[1] + 7, top[0], top[1]], ...right]) },
    ],
    lines: marks,
    falls,
    dots: [],
  };
}

/** A hem that rises and falls with the folds above it, from the side to the middle. */
function wavyHem([x, y]: Point, low: number, folds: number): Step[] {
  const steps: Step[] = [];
  // Nearer to the middle the hem hangs lower.
  const at = (t: number): number => low + (y - low) * t ** 1.6;
  for (let i = 0; i < folds; i++) {
    const [from, to] = [1 - i / folds, 1 - (i + 1) / folds];
    const middle = (from + to) / 2;
    const near = (t: number, share: number): number => x * (t + (middle - t) * share);
    // Down over the roll of the fold, up into the hollow beside it.
    steps.push([
      'C',
      near(from, 0.4),
      at(from) + 1,
      near(from, 0.55),
      at(middle) + 10,
      x * middle,
      at(middle) + 9,
    ]);
    steps.push(['C', near(to, 0.45), at(middle) + 8, near(to, 0.36), at(to) - 2, x * to, at(to)]);
  }
  return steps;
}

/** From a waist point over the hip to the hem of a skirt or dress (right half), with its folds. */
export function skirtBelow(
  frame: Frame,
  worn: Worn,
  waist: Point,
  hip: Point,
  hem: number,
): { right: Step[]; marks: Lines; falls: Path[] } {
  const { cut } = worn.piece;
  const length = hem - waist[1];
  const half = skirtHemHalf(frame, worn, hip[0], length);
  const kind = cut.silhouette ?? (half > hip[0] * 1.5 ? 'full' : 'a-line');
  const shortSkirt = hem < hip[1] + 40;
  const flared = kind === 'full' || kind === 'fit-and-flare';
  const via: Point[] = shortSkirt
    ? []
    : flared
      ? [
          [waist[0] + (half - waist[0]) * 0.3, waist[1] + length * 0.22],
          [waist[0] + (half - waist[0]) * 0.66, waist[1] + length * 0.58],
        ]
      : [hip];
  const pencil = kind === 'pencil' || kind === 'straight';
  const end: Point = [pencil ? Math.min(half, hip[0] * 0.94) : half, hem];
  const dip = flared ? 20 : kind === 'bias' ? 16 : 8;
  const folds = flared ? 3 : kind === 'a-line' && half > hip[0] * 1.18 ? 2 : 0;
  const right: Step[] = [
    ...follow(waist, [...via, end]),
    ...(folds > 0
      ? wavyHem(end, hem + dip, folds)
      : ([['C', end[0] * 0.84, hem + dip * 0.8, end[0] * 0.44, hem + dip, 0, hem + dip]] as const)),
  ];
  const marks: Lines = [];
  const falls: Path[] = [];
  const both = (path: Path, line: 'seam' | 'fold' = 'fold'): void => {
    marks.push({ kind: line, path }, { kind: line, path: mirrorPath(path) });
  };
  if (cut.waistDetail === 'pleat') {
    for (const x of [0.12, 0.34, 0.56, 0.78])
      both(
        lines([
          [waist[0] * x, waist[1] + 36],
          [end[0] * x, hem + dip * 0.8],
        ]),
      );
  } else if (flared || (kind === 'a-line' && half > hip[0] * 1.18)) {
    for (let i = 0; i < folds; i++)
      for (const side of [1, -1] as const) {
        const x = (i + (side === 1 ? 0.98 : 0.02)) / folds;
        if (x > 0.94 || (side === -1 && x < 0.1)) continue;
        falls.push(
          fall(
            [waist[0] * x * side, waist[1] + length * (i % 2 === 0 ? 0.2 : 0.34)],
            [end[0] * x * side, hem + dip * 0.6],
            30,
          ),
        );
      }
  } else if (kind === 'bias') {
    both(
      smooth([
        [end[0] * 0.8, hem - 10],
        [end[0] * 0.2, hem - length * 0.5],
        [waist[0] * 0.5, waist[1] + 90],
      ]),
    );
  } else if (pencil) {
    both(
      lines([
        [waist[0] * 0.5, waist[1] + 34],
        [waist[0] * 0.56, waist[1] + 130],
      ]),
    );
    if (worn.piece.facts.vent)
      marks.push({
        kind: 'seam',
        path: lines([
          [0, hem - 150],
          [0, hem + 6],
        ]),
      });
  }
  return { right, marks, falls };
}

/** The hollow beside a fold, from where it begins to the hem, `wide` mm at its foot; the light comes from the left. */
function fall([x0, y0]: Point, [x1, y1]: Point, wide: number): Path {
  const [mx, my] = [x0 + (x1 - x0) * 0.42, y0 + (y1 - y0) * 0.5];
  return [
    ['M', x0, y0],
    ['Q', mx, my, x1 - wide * 0.3, y1],
    ['Q', x1 + wide * 0.2, y1 + 3, x1 + wide * 0.7, y1 + 6],
    ['Q', mx + wide * 0.36, my, x0, y0],
    ['Z'],
  ];
}
