import type { Frame } from '../../figure';
import { lines, type Path, type Point, smooth, type Step, symmetric } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { fall, follow, type Lines, mirrored } from '../lines';
import { gathers, waistline } from './waistline';

/** Half of the hem of a skirt: its hem girth, which a full skirt folds away into depth. */
function skirtHemHalf(frame: Frame, worn: Worn, hipHalf: number, length: number): number {
  const hem = worn.measures.hemWidth ?? 1300;
  const spread = hipHalf + length * 0.46;
  const plain = frame.flat ? hem / 4 : hem * 0.19;
  return Math.max(hipHalf * 0.72, Math.min(spread, plain));
}

/** A skirt, from its waistband to its hem. */
export function skirtSketch(frame: Frame, worn: Worn): Sketch {
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
  const both = mirrored(marks, 'fold');
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
