import type { Frame } from '../figure';
import { mirrorPath, openFront, type Path, type Point, smooth, type Step } from '../path';
import type { Worn } from '../piece';
import type { Sketch } from './display';
import { legOf } from './lower/leg';
import { skirtBelow } from './lower/skirt';
import { upperEdge } from './upper/neckline';
import { cornerOf } from './upper/shoulder';
import { sleeveLaid, sleeveOf } from './upper/sleeve';
import { follow, type Lines } from './lines';
import { joined } from './upper/upper';

/** Dresses and jumpsuits: one outline from shoulder to hem. */
export function wholeSketch(frame: Frame, worn: Worn): Sketch {
  const { measures, piece } = worn;
  const edge = upperEdge(frame, worn);
  const { underarm } = cornerOf(frame, worn);
  const asSkirt = worn.slot === 'bottom';
  const straight = piece.cut.silhouette === 'shift' || piece.cut.silhouette === 'straight';
  const waist: Point = [
    straight
      ? (underarm[0] + frame.half(measures.hip ?? 1060, 'hip')) / 2
      : frame.half(measures.waist ?? 820, 'waist'),
    frame.y.waist,
  ];
  const hip: Point = [frame.half(measures.hip ?? 1060, 'hip'), frame.y.hip];
  const marks: Lines = edge.lines.map((path) => ({ kind: 'seam', path }));
  const bodice = follow(underarm, [
    [(underarm[0] + waist[0]) / 2 - (straight ? 0 : 4), (underarm[1] + waist[1]) / 2],
    waist,
  ]);
  const dots: Sketch['dots'][number][] = [];
  const falls: Path[] = [];
  let below: readonly Step[];
  if (worn.facts.legs) {
    const shape = legOf(frame, worn, hip);
    below = [...follow(waist, [hip]), ...shape.path];
    marks.push({
      kind: 'seam',
      path: [
        ['M', 0, frame.y.waist],
        ['L', 0, frame.y.crotch],
      ],
    });
    marks.push({ kind: 'fold', path: shape.middle }, { kind: 'fold', path: mirrorPath(shape.middle) });
  } else {
    const hem = Math.min(frame.y.neck + (measures.length ?? 1050), frame.flat ? Infinity : 0);
    const skirt = skirtBelow(frame, worn, waist, hip, hem);
    below = skirt.right;
    marks.push(...skirt.marks);
    falls.push(...skirt.falls);
  }
  const cutAt = (half: Path): Path =>
    asSkirt ? [['M', 0, waist[1] + 8], ['L', waist[0], waist[1]], ...below] : [...half, ...bodice, ...below];
  const detail =
    piece.cut.waistDetail ?? (worn.facts.legs || piece.cut.silhouette === 'fit-and-flare' ? 'seam' : 'none');
  if (detail !== 'none' && !asSkirt && worn.slot !== 'layer') waistLines(marks, dots, detail, waist);
  const open = worn.slot === 'layer';
  const panels: Sketch['panels'][number][] = open
    ? openFront(cutAt(edge.right), 50).map((path) => ({ path }))
    : [{ path: joined(cutAt(edge.right), edge.oneSided ? cutAt(edge.left) : cutAt(edge.right)) }];
  if (!asSkirt) panels.push(...edge.collars.map((path) => ({ path })));
  const sleeve = edge.sleeves && !asSkirt ? sleeveOf(frame, worn) : undefined;
  if (sleeve) {
    for (const side of edge.oneSided ? [1] : [1, -1]) {
      const laid = sleeveLaid(sleeve, side, worn);
      panels.unshift(laid.panel);
      marks.push(...laid.marks);
    }
  }
  if (piece.cut.neckline === 'collar' && !asSkirt && !open) {
    const low = frame.y.neck + 95;
    marks.push({
      kind: 'seam',
      path: [
        ['M', 0, low],
        ['L', 0, frame.y.waist + 60],
      ],
    });
    for (let y = low + 30; y < frame.y.waist; y += 80) dots.push({ x: 0, y, r: 5.5 });
  }
  return { panels, lines: marks, falls, dots };
}

function waistLines(
  marks: Lines,
  dots: { x: number; y: number; r: number; tone?: 'main' | 'metal' | 'second' }[],
  detail: string,
  waist: Point,
): void {
  const across = (dy: number): Path =>
    smooth([
      [-waist[0], waist[1] + dy],
      [0, waist[1] + dy + 8],
      [waist[0], waist[1] + dy],
    ]);
  marks.push({ kind: 'seam', path: across(0) });
  if (detail === 'tie') {
    marks.push({ kind: 'seam', path: across(30) });
    marks.push({
      kind: 'edge',
      path: smooth([
        [waist[0] * 0.3, waist[1] + 30],
        [waist[0] * 0.5, waist[1] + 110],
        [waist[0] * 0.42, waist[1] + 210],
      ]),
    });
    marks.push({
      kind: 'edge',
      path: smooth([
        [waist[0] * 0.26, waist[1] + 30],
        [waist[0] * 0.3, waist[1] + 120],
        [waist[0] * 0.18, waist[1] + 190],
      ]),
    });
    dots.push({ x: waist[0] * 0.28, y: waist[1] + 22, r: 17, tone: 'main' });
  }
  if (detail === 'elastic') {
    marks.push({ kind: 'seam', path: across(26) });
    for (let x = -waist[0] + 12; x < waist[0]; x += 16)
      marks.push({
        kind: 'fold',
        path: [
          ['M', x, waist[1] + 2],
          ['L', x, waist[1] + 30],
        ],
      });
  }
}
