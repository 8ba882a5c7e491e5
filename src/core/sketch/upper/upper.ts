import type { Frame } from '../../figure';
import { mirrorPath, openFront, type Path, type Point, reverse, type Step, symmetric } from '../../path';
import type { Worn } from '../../piece';
import type { Sketch } from '../display';
import { frontOf } from './front';
import { backHem, frontHems, hasTails, TAIL } from './hems';
import { follow, type Lines } from '../lines';
import { upperEdge } from './neckline';
import { cornerOf } from './shoulder';
import { sleeveLaid, sleeveOf } from './sleeve';
import { topDetails } from './top-details';

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
  // A tail is longer in the middle: its side ends higher.
  const side = sideSeam(frame, worn, hasTails(worn) ? hem - TAIL : hem);
  const hemX = side[side.length - 1]?.[0] ?? underarm[0];
  const seam = follow(underarm, side);
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
    const hems = frontHems(frame, worn, hemX, hem);
    const right: Path = [...edge.right, ...seam, ...hems.right];
    const left: Path = [...edge.left, ...seam, ...hems.left];
    if (frame.flat && !edge.oneSided) panels.push({ path: backNeck(edge.right), under: true, inside: true });
    panels.push(...backHem(worn, frame, hemX, hem));
    const open = worn.slot === 'layer';
    if (open) panels.push(...openFront(right, 46).map((path) => ({ path })));
    else panels.push({ path: joined(right, left) });
    panels.push(...edge.collars.map((path) => ({ path })));
    if (!open) {
      const details = topDetails(frame, worn, hem, hemX);
      marks.push(...details.lines);
      dots.push(...details.dots);
    }
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
