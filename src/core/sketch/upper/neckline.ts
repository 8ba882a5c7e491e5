import type { Frame } from '../../figure';
import type { Path, Step } from '../../path';
import type { Worn } from '../../piece';
import { type Trim, trimOf } from './neckline-trim';
import { armhole, type Corner, cornerOf, seamFrom, shoulderTo } from './shoulder';

/** The upper edge of one half of a garment, from centre front outwards to the underarm. */
export interface UpperEdge extends Trim {
  /** Right half, starting at centre front. */
  readonly right: Path;
  /** Left half as if it were a right one; the caller mirrors it. */
  readonly left: Path;
  /** True where a sleeve can be set in. */
  readonly sleeves: boolean;
  readonly oneSided: boolean;
}

/** Depth below the shoulder point, mm; common practice of pattern drawing. */
const DEPTH: Readonly<Record<string, number>> = {
  crew: 85,
  high: 20,
  roll: 10,
  v: 210,
  scoop: 165,
  square: 150,
  boat: 42,
  collar: 95,
  wrap: 260,
  cowl: 150,
  illusion: 80,
};

export function upperEdge(frame: Frame, worn: Worn): UpperEdge {
  const { cut } = worn.piece;
  const corner = cornerOf(frame, worn);
  const kind = cut.neckline ?? 'crew';
  const n = frame.y.neck;
  const strappy = cut.strap === 'thin' || cut.strap === 'wide';
  if (kind === 'strapless' || kind === 'halter' || (strappy && kind !== 'one-shoulder')) {
    return strapped(frame, worn, corner, kind === 'halter');
  }
  const depth = cut.necklineDepthMm ?? DEPTH[kind] ?? 85;
  const neckX = neckWidth(kind, frame, corner);
  const neckY = seamFrom(frame, neckX, n + (neckX / corner.tip[0]) * (corner.tip[1] - n) * 0.8);
  const inner = necklinePath(kind, neckX, neckY, n + depth);
  const half: Path = [
    ...inner,
    shoulderTo([neckX, neckY], corner.tip, worn.piece.structure),
    ...armhole(corner),
  ];
  const base = { right: half, left: half, sleeves: true, oneSided: false };
  if (kind === 'one-shoulder') return oneShoulder(frame, corner);
  return {
    ...base,
    ...trimOf(kind, { x: neckX, y: neckY, low: n + depth, frame }, worn.effects.collar === 'up'),
  };
}

function neckWidth(kind: string, frame: Frame, corner: Corner): number {
  const near = frame.neckHalf * 1.22;
  if (kind === 'boat') return corner.tip[0] * 0.8;
  if (kind === 'square') return Math.min(corner.tip[0] * 0.66, near * 1.75);
  if (kind === 'scoop') return Math.min(corner.tip[0] * 0.62, near * 1.6);
  if (kind === 'cowl') return near * 1.5;
  return near;
}

function necklinePath(kind: string, x: number, y: number, low: number): Step[] {
  switch (kind) {
    case 'v':
    case 'wrap':
      return [
        ['M', 0, low],
        ['L', x, y],
      ];
    case 'square':
      return [
        ['M', 0, low],
        ['L', x * 0.96, low],
        ['L', x, y],
      ];
    case 'boat':
      return [
        ['M', 0, low],
        ['Q', x * 0.7, low - 2, x, y],
      ];
    case 'scoop':
      return [
        ['M', 0, low],
        ['C', x * 0.7, low, x * 0.98, low - (low - y) * 0.4, x, y],
      ];
    case 'cowl':
      return [
        ['M', 0, low],
        ['C', x * 0.34, low, x * 0.7, y + 44, x, y],
      ];
    case 'collar':
      return [
        ['M', 0, low],
        ['L', x * 0.95, y],
      ];
    default:
      return [
        ['M', 0, low],
        ['C', x * 0.6, low, x * 0.96, low - (low - y) * 0.46, x, y],
      ];
  }
}

/** Strapless, thin or wide straps, and the halter: an edge over the bust and what holds it. */
function strapped(frame: Frame, worn: Worn, { underarm }: Corner, halter: boolean): UpperEdge {
  const { cut } = worn.piece;
  const strap = halter ? 'wide' : (cut.strap ?? 'none');
  const top = frame.y.underarm - 34;
  const mid = cut.necklineDepthMm ? frame.y.neck + cut.necklineDepthMm : top + 26;
  const wide = strap === 'wide' ? 42 : 12;
  const x = halter ? frame.neckHalf * 0.9 : Math.min(frame.shoulderHalf * 0.7, underarm[0] * 0.72);
  const neckY = halter ? frame.y.neck - 10 : frame.y.neck + (frame.y.tip - frame.y.neck) * 0.5;
  const bare: Path = [
    ['M', 0, mid],
    ['C', x * 0.5, mid - 6, x * 0.8, top - 4, x, top - 8],
    ['L', x + wide, top - 8],
    ['C', x + wide + 30, top + 20, underarm[0] - 6, underarm[1] - 26, underarm[0], underarm[1]],
  ];
  const held: Path = [
    ['M', 0, mid],
    ['C', x * 0.4, mid - 10, x * 0.8, top, x * (halter ? 1.02 : 1), halter ? neckY + 60 : top],
    ['L', x, neckY],
    ['L', x + wide, neckY + (halter ? 4 : wide * 0.3)],
    ['L', x + wide + (halter ? 4 : 2), halter ? neckY + 70 : top],
    ['C', x + wide + 20, top + 30, underarm[0] - 10, underarm[1] - 26, underarm[0], underarm[1]],
  ];
  const half = strap === 'none' ? bare : held;
  return { right: half, left: half, lines: [], collars: [], sleeves: false, oneSided: false };
}

function oneShoulder(frame: Frame, corner: Corner): UpperEdge {
  const low = frame.y.underarm - 30;
  const { underarm, tip } = corner;
  const right: Path = [
    ['M', 0, (low + frame.y.neck + 40) / 2],
    ['L', frame.neckHalf * 1.25, frame.y.neck + 12],
    shoulderTo([frame.neckHalf * 1.25, frame.y.neck + 12], tip, 1),
    ...armhole(corner),
  ];
  const left: Path = [
    ['M', 0, (low + frame.y.neck + 40) / 2],
    ['C', underarm[0] * 0.4, low - 20, underarm[0] * 0.8, low + 10, underarm[0], underarm[1]],
  ];
  return { right, left, lines: [], collars: [], sleeves: true, oneSided: true };
}
