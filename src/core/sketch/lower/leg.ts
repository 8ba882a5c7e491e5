import { type Frame, legTo } from '../../figure';
import { type Path, type Point, smooth, type Step } from '../../path';
import type { Leg, Worn } from '../../piece';
import { follow } from '../lines';

/** Girth at the knee of a shape of leg, mm, from the thigh and the opening. */
const kneeGirthOf = (kind: Leg | undefined, thigh: number, opening: number): number => {
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

export interface LegShape {
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
  const kneeGirth = kneeGirthOf(piece.cut.leg ?? worn.facts.leg, thigh, opening);
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
  const leg = frame.flat ? { outside: [], inside: [] } : legTo(frame, hem);
  const outside = over([crotchOuter, atMid.outer, atHem.outer], leg.outside, 1);
  const inside = over([[3, frame.y.crotch + 12], atMid.inner, atHem.inner], leg.inside, -1);
  const outer = follow(hip, outside);
  const inner = smooth([...inside].reverse(), false, 0.6).slice(1);
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

/** Cloth lies on the leg and never in it, mm. */
const ON_SKIN = 2.5;

/** An edge of cloth, downwards, led round the points of the leg that it would cut into; `side`: 1 the outside, -1 the inside. */
function over(edge: readonly Point[], leg: readonly Point[], side: 1 | -1): Point[] {
  const lay = ([x, y]: Point): Point[] => {
    const at = edge.findIndex(([, below]) => below >= y);
    const [a, b] = [edge[at - 1], edge[at]];
    if (!a || !b) return [];
    const cloth = mix(a[0], b[0], (y - a[1]) / Math.max(1, b[1] - a[1]));
    const skin = x + side * ON_SKIN;
    return (skin - cloth) * side > 0 ? [[Math.max(1.5, skin), y]] : [];
  };
  const led = leg.flatMap(lay);
  // A point of the edge close to one that it is led round would only dent it.
  const kept = edge.filter(
    (point, i) => i === 0 || i === edge.length - 1 || !led.some(([, y]) => Math.abs(y - point[1]) < 70),
  );
  return [...kept, ...led].sort((one, other) => one[1] - other[1]);
}

const mix = (a: number, b: number, t: number): number => a + (b - a) * Math.min(1, Math.max(0, t));
