import type { Frame } from '../../figure';
import { lines, type Path, type Point, smooth } from '../../path';
import { isTucked, type Worn } from '../../piece';
import type { Sketch } from '../display';
import type { Lines } from '../lines';

interface Top {
  readonly frame: Frame;
  readonly worn: Worn;
  readonly hem: number;
  /** Half of the hem. */
  readonly hemX: number;
  /** The lowest point of the neckline. */
  readonly neckLow: number;
}

interface Details {
  readonly lines: Lines;
  readonly dots: Sketch['dots'];
}

const seam = (...points: readonly Point[]): Lines[number] => ({ kind: 'seam', path: lines(points) });

/** What a top has on it: placket, pocket, ribs, throat, the folds of its tuck, and its buttons. */
export function topDetails(frame: Frame, worn: Worn, hem: number, hemX: number): Details {
  const top = { frame, worn, hem, hemX, neckLow: frame.y.neck + (worn.piece.cut.necklineDepthMm ?? 95) };
  const { effects } = worn;
  const buttons = placket(top);
  return {
    lines: [
      ...buttons.lines,
      ...ribs(top),
      ...throat(top),
      ...gathers(top),
      ...(isTucked(worn) ? tuckFolds(effects.tuck, frame, hemX) : []),
      ...staysIn(top),
      ...belted(top),
    ],
    dots: [
      ...buttons.dots,
      ...(effects.waist === 'knotted' ? [{ x: 0, y: hem - 6, r: 18, tone: 'main' as const }] : []),
    ],
  };
}

/** Buttons down the whole front or its top, and the pocket that goes with a shirt's. */
function placket({ frame, worn, hem, neckLow }: Top): Details {
  const { drawn } = worn.facts;
  const marks: Lines = [];
  const dots: Sketch['dots'][number][] = [];
  if (
    drawn.placket === 'full' ||
    (drawn.placket === 'with a collar' && worn.piece.cut.neckline === 'collar')
  ) {
    marks.push(seam([-14, neckLow - 6], [-14, hem - 4]), seam([14, neckLow - 6], [14, hem - 4]));
    for (let y = neckLow + 26; y < hem - 40; y += 86) dots.push({ x: 0, y, r: 5.5 });
    if (drawn.chestPocket) {
      const px = -frame.own.bust * 0.66;
      marks.push({
        kind: 'seam',
        path: lines(
          [
            [px, frame.y.bust - 46],
            [px + 92, frame.y.bust - 46],
            [px + 92, frame.y.bust + 44],
            [px + 46, frame.y.bust + 62],
            [px, frame.y.bust + 44],
          ],
          true,
        ),
      });
    }
  }
  if (drawn.placket === 'short') {
    marks.push(seam([-15, neckLow - 8], [-15, neckLow + 90], [15, neckLow + 90], [15, neckLow - 8]));
    [20, 60].forEach((d) => dots.push({ x: 0, y: neckLow + d, r: 5 }));
  }
  return { lines: marks, dots };
}

/** The band of a knit at its hem, or the stitching of a turned one. */
function ribs({ worn, hem, hemX }: Top): Lines {
  const { drawn } = worn.facts;
  const across = (y: number, half: number, kind: 'seam' | 'stitch'): Lines[number] => ({
    kind,
    path: smooth([
      [-half, y],
      [0, y + 5],
      [half, y],
    ]),
  });
  const marks: Lines = [];
  if (drawn.ribs) {
    const { band, pitch, as } = drawn.ribs;
    marks.push(across(hem - band, hemX * 0.99, 'seam'));
    for (let x = -hemX + 12; x < hemX - 4; x += pitch)
      marks.push({
        kind: as,
        path: lines([
          [x, hem - band + 6],
          [x, hem - (as === 'fold' ? 3 : -2)],
        ]),
      });
  }
  if (drawn.hem === 'turned') marks.push(across(hem - 20, hemX * 0.98, 'stitch'));
  return marks;
}

function throat({ worn: { facts, piece }, neckLow }: Top): Lines {
  const { drawn } = facts;
  if (drawn.throat === 'v') return [seam([-20, neckLow + 17], [0, neckLow + 48], [20, neckLow + 17])];
  const tied = drawn.throat === 'tie' && (piece.cut.neckline === undefined || piece.cut.neckline === 'crew');
  return tied ? neckTie(neckLow) : [];
}

const gathers = ({ worn, hem, hemX }: Top): Lines =>
  worn.facts.drawn.gathered
    ? [-0.5, -0.2, 0.2, 0.5].map((x) => ({
        kind: 'fold' as const,
        path: smooth([
          [hemX * x, hem - 6],
          [hemX * x * 0.9, hem - 130],
        ]),
      }))
    : [];

/** What stays in by itself goes on below the waistband, between the legs. */
const staysIn = ({ worn, frame, hem, hemX }: Top): Lines =>
  worn.facts.staysIn && !frame.flat
    ? [-1, 1].map((side) => ({
        kind: 'seam' as const,
        path: smooth([
          [side * hemX, hem - 30],
          [side * 40, hem + 6],
        ]),
      }))
    : [];

const belted = ({ worn, frame }: Top): Lines =>
  worn.effects.waist === 'belted'
    ? [
        {
          kind: 'edge',
          path: smooth([
            [-frame.own.waist, frame.y.waist],
            [0, frame.y.waist + 6],
            [frame.own.waist, frame.y.waist],
          ]),
        },
      ]
    : [];

/** Cloth pulled into the band: short folds that fan out from it. */
function tuckFolds(tuck: Worn['effects']['tuck'], frame: Frame, hemX: number): Lines {
  const y = frame.y.waist - (tuck === 'full' ? -2 : 12);
  const at =
    tuck === 'full'
      ? [-0.72, -0.4, -0.12, 0.16, 0.44, 0.74]
      : tuck === 'half'
        ? [0.08, 0.2]
        : [-0.2, -0.08, 0.08, 0.2];
  return at.map((t) => ({
    kind: 'fold' as const,
    path: smooth([
      [hemX * t, y],
      [hemX * t * 1.12, y - 34],
      [hemX * t * 1.36, y - 74 - Math.abs(t) * 20],
    ]),
  }));
}

/** A slit at the throat with two ties: what tells a blouse from a tee. */
function neckTie(low: number): Lines {
  const tie = (side: 1 | -1): Path =>
    smooth([
      [side * 3, low + 2],
      [side * 26, low + 30],
      [side * 20, low + 92],
      [side * 34, low + 150],
    ]);
  return [
    {
      kind: 'seam',
      path: lines([
        [0, low],
        [0, low + 96],
      ]),
    },
    { kind: 'edge', path: tie(1) },
    { kind: 'edge', path: tie(-1) },
  ];
}
