import type { Frame } from '../../figure';
import { lines, type Path, type Point, smooth } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { follow, type Lines } from '../lines';

/** A big square or oblong tied round the body: as a skirt, a dress, or a halter top. */
export function tiedClothSketch(frame: Frame, worn: Worn): Sketch {
  if (worn.slot === 'top') return halter(frame, worn);
  const dress = worn.slot === 'whole';
  const top = dress ? frame.y.underarm - 24 : frame.y.waist - 4;
  const length = worn.measures.length ?? 900;
  const hem = Math.min(top + length, frame.flat ? Infinity : -6);
  const hip = frame.half((frame.body.hip ?? 990) + 120, 'hip');
  const waist = frame.half(frame.body.waist + 24, 'waist');
  const bust = frame.half(frame.body.bust + 20, 'bust');
  const start: Point = dress ? [bust, top] : [waist, top];
  const via: Point[] = dress
    ? [
        [(bust + waist) / 2 + 6, (top + frame.y.waist) / 2],
        [waist + 16, frame.y.waist],
      ]
    : [];
  const below: Point[] = hem > frame.y.hip + 30 ? [[hip, frame.y.hip]] : [];
  const end: Point = [hip * 1.02, hem];
  const side = follow(start, [...via, ...below, end]);
  const right: Path = [['M', 0, top + 8], ['L', start[0], top], ...side, ['L', 0, hem + 10]];
  const mirrored = follow(
    [-start[0], top],
    [...via, ...below, end].map(([x, y]): Point => [-x, y]),
  );
  // One corner hangs lower: the cloth is wrapped, not sewn.
  const outline: Path = [
    ...right,
    ['L', -end[0] * 0.72, hem + 46],
    ['L', -end[0], hem - 10],
    ...backTo(mirrored, [-start[0], top]),
    ['Z'],
  ];
  const knot: Point = [-start[0] * 0.55, top + 16];
  const marks: Lines = [
    { kind: 'seam', path: smooth([knot, [-end[0] * 0.3, (top + hem) / 2], [-end[0] * 0.72, hem + 44]]) },
    {
      kind: 'fold',
      path: smooth([
        [knot[0] + 8, knot[1] + 10],
        [end[0] * 0.1, top + length * 0.4],
        [end[0] * 0.5, hem - 12],
      ]),
    },
    {
      kind: 'fold',
      path: smooth([
        [knot[0] + 4, knot[1] + 14],
        [-end[0] * 0.1, top + length * 0.5],
        [end[0] * 0.06, hem - 6],
      ]),
    },
  ];
  const tail = lines(
    [
      [knot[0] - 6, knot[1]],
      [knot[0] - 34, knot[1] + 96],
      [knot[0] - 4, knot[1] + 110],
      [knot[0] + 10, knot[1] + 6],
    ],
    true,
  );
  return {
    panels: [{ path: outline }, { path: tail }],
    lines: marks,
    dots: [{ x: knot[0], y: knot[1], r: 17, tone: 'main' }],
  };
}

/** The steps of an open path walked back to where it started. */
function backTo(steps: readonly Path[number][], start: Point): Path {
  const ends: Point[] = [
    start,
    ...steps.map((step): Point => [step[step.length - 2] as number, step[step.length - 1] as number]),
  ];
  return ends
    .slice(0, -1)
    .reverse()
    .map(([x, y]) => ['L', x, y] as const);
}

function halter(frame: Frame, worn: Worn): Sketch {
  // Unfolded, the lower edge hangs free of the waist.
  const loose = worn.piece.volume === 'full';
  const hem = Math.min(frame.y.waist + (loose ? 130 : 30), frame.y.underarm + (worn.measures.length ?? 420));
  const neck = frame.neckHalf * 0.9;
  const bust = frame.half(frame.body.bust + 10, 'bust');
  const waist = loose ? bust + 4 : frame.half(frame.body.waist + 16, 'waist');
  const right: Path = [
    ['M', 0, frame.y.underarm - 30],
    ['L', neck, frame.y.neck - 6],
    ['L', neck + 16, frame.y.neck - 2],
    ['C', neck + 34, frame.y.underarm - 60, bust - 20, frame.y.underarm - 10, bust, frame.y.underarm + 26],
    ...follow(
      [bust, frame.y.underarm + 26],
      [
        [waist, frame.y.waist - 20],
        [waist + (loose ? 26 : 4), hem],
      ],
    ),
    ['L', 0, hem + 40],
  ];
  const left = right.map(
    (step) => step.map((v, i) => (i > 0 && i % 2 === 1 ? -(v as number) : v)) as unknown as Path[number],
  );
  return {
    panels: [{ path: [...right, ['Z']] }, { path: [...left, ['Z']] }],
    lines: [
      {
        kind: 'fold',
        path: smooth([
          [neck, frame.y.neck + 20],
          [bust * 0.4, frame.y.bust + 20],
          [6, hem],
        ]),
      },
      {
        kind: 'fold',
        path: smooth([
          [-neck, frame.y.neck + 20],
          [-bust * 0.4, frame.y.bust + 20],
          [-6, hem],
        ]),
      },
    ],
    dots: [],
  };
}
