import type { Frame } from '../figure';
import {
  lines,
  mirrorPath,
  openFront,
  type Path,
  type Point,
  reverse,
  smooth,
  type Step,
  symmetric,
} from '../path';
import { isTucked, type Worn } from '../piece';
import type { Sketch } from './display';
import { frontOf } from './front';
import { follow, type Lines } from './lines';
import { cornerOf, upperEdge } from './neckline';
import { sleeveLaid, sleeveOf } from './sleeve';

/** Height (y) of the hem of an upper piece in its frame, tucks applied. */
function upperHem(frame: Frame, worn: Worn): number {
  const length = worn.measures.length ?? 640;
  const natural = frame.y.neck + length;
  const { tuck, waist } = worn.effects;
  if (!frame.flat && (tuck === 'full' || waist === 'knotted')) return Math.min(natural, frame.y.waist + 6);
  return natural;
}

/** Side seam from underarm to hem: the points a garment passes at waist and hip, where it reaches them. */
function sideSeam(frame: Frame, worn: Worn, hem: number): Point[] {
  const { measures } = worn;
  const { underarm } = cornerOf(frame, worn);
  const bust = underarm[0];
  const cinched = worn.effects.waist === 'belted';
  const waist = cinched ? frame.half(frame.body.waist + 40, 'waist') : frame.half(waistOf(worn), 'waist');
  const hip = frame.half(measures.hip ?? measures.bust ?? 980, 'hip');
  const at = (y: number): number => {
    if (y <= frame.y.waist)
      return bust + (waist - bust) * clamp((y - underarm[1]) / (frame.y.waist - underarm[1]));
    if (y <= frame.y.hip)
      return waist + (hip - waist) * clamp((y - frame.y.waist) / (frame.y.hip - frame.y.waist));
    return (
      hip + (hemHalf(frame, worn, hip) - hip) * clamp((y - frame.y.hip) / Math.max(1, hem - frame.y.hip))
    );
  };
  const stops = [frame.y.waist, frame.y.hip].filter((y) => y < hem - 25);
  return [...stops.map((y): Point => [at(y), y]), [at(hem), hem]];
}

/** Girth at the waist: tailoring that nobody measured there is drawn shaped, as it is cut. */
function waistOf({ measures, origins, piece }: Worn): number {
  const usual = measures.waist ?? (measures.bust ?? 960) - 40;
  return piece.structure >= 2 && origins.waist === 'defaulted' ? usual - 90 : usual;
}

const clamp = (t: number): number => Math.min(1, Math.max(0, t));

function hemHalf(frame: Frame, worn: Worn, hip: number): number {
  const wide = worn.measures.hemWidth;
  return wide === undefined ? hip : Math.max(frame.flat ? 0 : frame.own.hip * 0.9, frame.half(wide, 'hip'));
}

/** Tops, knits, layers: everything that hangs from the shoulder and ends above the floor. */
export function upperSketch(frame: Frame, worn: Worn): Sketch {
  const { facts, effects } = worn;
  const edge = upperEdge(frame, worn);
  const hem = upperHem(frame, worn);
  const { underarm } = cornerOf(frame, worn);
  const side = sideSeam(frame, worn, hem);
  const hemX = side[side.length - 1]?.[0] ?? underarm[0];
  const seam = follow(underarm, side);
  const tails = facts.drawn.hem === 'tails';
  const isLayer = facts.slot === 'layer';
  const marks: Lines = isLayer ? [] : edge.lines.map((path) => ({ kind: 'seam', path }));
  const panels: Sketch['panels'][number][] = [];
  const dots: Sketch['dots'][number][] = [];

  if (isLayer) {
    const front = frontOf(frame, worn, side, seam, hem);
    panels.push(...front.panels);
    marks.push(...front.lines);
    dots.push(...front.dots);
  } else {
    const closeHem: Step[] =
      tails && !isTucked(worn) && effects.waist !== 'knotted'
        ? [['C', hemX * 0.98, hem - 70, hemX * 0.7, hem, 0, hem]]
        : frontDip(effects, hemX, hem, frame);
    const legs: Step[] | undefined =
      facts.staysIn && frame.flat
        ? [
            ['C', hemX * 0.78, hem + 40, hemX * 0.34, hem + 70, 34, hem + 168],
            ['L', 0, hem + 168],
          ]
        : undefined;
    const right: Path = [...edge.right, ...seam, ...(legs ?? closeHem)];
    const left: Path = [
      ...edge.left,
      ...seam,
      ...(legs ?? (effects.tuck === 'half' ? plainHem(hem) : closeHem)),
    ];
    if (frame.flat && !edge.oneSided) panels.push({ path: backNeck(edge.right), under: true, inside: true });
    panels.push(...backHem(worn, frame, hemX, hem));
    const open = worn.slot === 'layer';
    if (open) panels.push(...openFront(right, 46).map((path) => ({ path })));
    else panels.push({ path: joined(right, left) });
    panels.push(...edge.collars.map((path) => ({ path })));
    if (!open) marks.push(...topDetails(frame, worn, hem, hemX, dots));
  }
  if (edge.sleeves) {
    const sides = edge.oneSided ? [1] : [1, -1];
    for (const sgn of sides) {
      // Half on, the sleeve at the right of the drawing hangs empty.
      const hangs = effects.arms === 'one free' && sgn === 1;
      const sleeve = sleeveOf(frame, worn, hangs ? 'free' : undefined);
      if (sleeve) {
        const laid = sleeveLaid(sleeve, sgn, worn);
        panels.unshift(laid.panel);
        marks.push(...laid.marks);
      }
    }
  }
  return { panels, lines: marks, dots };
}

/** Right half, then the left half walked back: one closed outline. */
export function joined(right: Path, left: Path): Path {
  if (right === left) return symmetric(right);
  const back = reverse(mirrorPath(left)).slice(1);
  return [...right, ...back, ['Z']];
}

const plainHem = (hem: number): Step[] => [['L', 0, hem]];

/** The fronts of a knotted shirt: up to the knot at the waist, with two short ends. */
function knottedHem(hemX: number, hem: number): Step[] {
  return [
    ['Q', hemX * 0.6, hem + 6, 34, hem - 22],
    ['L', 52, hem + 78],
    ['L', 12, hem + 6],
    ['L', 0, hem - 4],
  ];
}

/** The inside of a back hem that is cut longer than the front. */
function backHem(worn: Worn, frame: Frame, hemX: number, hem: number): Sketch['panels'][number][] {
  const { length, lengthBack } = worn.measures;
  if (length === undefined || lengthBack === undefined || lengthBack < length + 12) return [];
  const low = Math.min(hem + lengthBack - length, frame.flat ? Infinity : 0);
  const path = symmetric([
    ['M', 0, hem - 40],
    ['L', hemX * 0.98, hem - 40],
    ['L', hemX * 0.98, low - 20],
    ['Q', hemX * 0.6, low, 0, low],
  ]);
  return [{ path, under: true, inside: true }];
}

/** A front tuck lifts the middle of the hem to the waistband. */
function frontDip({ tuck, waist }: Worn['effects'], hemX: number, hem: number, frame: Frame): Step[] {
  if (waist === 'knotted') return knottedHem(hemX, hem);
  if (tuck !== 'front' && tuck !== 'half')
    return [['C', hemX * 0.86, hem + 9, hemX * 0.44, hem + 13, 0, hem + 13]];
  const up = Math.min(hem, frame.y.waist - 10);
  const fall = hem - up;
  // Cloth pulled into the band: two soft falls, and the waistband between them.
  return [
    ['C', hemX * 0.92, hem + 10, hemX * 0.76, hem - fall * 0.06, hemX * 0.64, hem - fall * 0.26],
    ['C', hemX * 0.52, up + fall * 0.52, hemX * 0.46, up + fall * 0.16, hemX * 0.3, up + 8],
    ['Q', hemX * 0.14, up + 1, 0, up + 3],
  ];
}

/** The inside of the back neck, seen through the neckline of a flat: from the back edge to the front one. */
function backNeck(edge: Path): Path {
  const [start, curve] = edge;
  const corner =
    curve && curve[0] !== 'Z' ? ([curve[curve.length - 2], curve[curve.length - 1]] as Point) : undefined;
  if (!start || !curve || !corner || Math.abs(corner[0]) < 5) return [];
  const [x, y] = corner;
  return symmetric([
    ['M', 0, y + 16],
    ['Q', x * 0.6, y + 13, x, y],
    ...(reverse([start, curve]).slice(1) as Step[]),
  ]);
}

function topDetails(
  frame: Frame,
  worn: Worn,
  hem: number,
  hemX: number,
  dots: Sketch['dots'][number][],
): Lines {
  const { piece } = worn;
  const { drawn } = worn.facts;
  const marks: Lines = [];
  const neckLow = frame.y.neck + (piece.cut.necklineDepthMm ?? 95);
  const across = (y: number, half: number, kind: 'seam' | 'stitch' = 'stitch'): void => {
    marks.push({
      kind,
      path: smooth([
        [-half, y],
        [0, y + 5],
        [half, y],
      ]),
    });
  };
  if (drawn.placket === 'full' || (drawn.placket === 'with a collar' && piece.cut.neckline === 'collar')) {
    marks.push(
      {
        kind: 'seam',
        path: lines([
          [-14, neckLow - 6],
          [-14, hem - 4],
        ]),
      },
      {
        kind: 'seam',
        path: lines([
          [14, neckLow - 6],
          [14, hem - 4],
        ]),
      },
    );
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
    marks.push({
      kind: 'seam',
      path: lines([
        [-15, neckLow - 8],
        [-15, neckLow + 90],
        [15, neckLow + 90],
        [15, neckLow - 8],
      ]),
    });
    [20, 60].forEach((d) => dots.push({ x: 0, y: neckLow + d, r: 5 }));
  }
  if (drawn.ribs) {
    const { band, pitch, as } = drawn.ribs;
    across(hem - band, hemX * 0.99, 'seam');
    for (let x = -hemX + 12; x < hemX - 4; x += pitch)
      marks.push({
        kind: as,
        path: lines([
          [x, hem - band + 6],
          [x, hem - (as === 'fold' ? 3 : -2)],
        ]),
      });
  }
  if (drawn.hem === 'turned') across(hem - 20, hemX * 0.98);
  if (drawn.throat === 'v')
    marks.push({
      kind: 'seam',
      path: lines([
        [-20, neckLow + 17],
        [0, neckLow + 48],
        [20, neckLow + 17],
      ]),
    });
  if (drawn.throat === 'tie' && (piece.cut.neckline === undefined || piece.cut.neckline === 'crew'))
    marks.push(...neckTie(neckLow));
  if (drawn.gathered) {
    for (const x of [-0.5, -0.2, 0.2, 0.5])
      marks.push({
        kind: 'fold',
        path: smooth([
          [hemX * x, hem - 6],
          [hemX * x * 0.9, hem - 130],
        ]),
      });
  }
  if (isTucked(worn)) marks.push(...tuckFolds(worn.effects.tuck, frame, hemX));
  if (worn.facts.staysIn && !frame.flat)
    marks.push(
      {
        kind: 'seam',
        path: smooth([
          [-hemX, hem - 30],
          [-40, hem + 6],
        ]),
      },
      {
        kind: 'seam',
        path: smooth([
          [hemX, hem - 30],
          [40, hem + 6],
        ]),
      },
    );
  if (worn.effects.waist === 'knotted') dots.push({ x: 0, y: hem - 6, r: 18, tone: 'main' });
  if (worn.effects.waist === 'belted')
    marks.push({
      kind: 'edge',
      path: smooth([
        [-frame.own.waist, frame.y.waist],
        [0, frame.y.waist + 6],
        [frame.own.waist, frame.y.waist],
      ]),
    });
  return marks;
}

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
