import type { Worn } from '../piece';
import { measure } from '../piece';
import type { Body } from './body';
import { type HemLandmark, landmarkAt, landmarksOf, type Landmarks } from './landmarks';

export interface Hem {
  readonly piece: string;
  /** Height above the floor in mm, in the shoes of the look. */
  readonly heightMm: number;
  readonly landmark: HemLandmark;
  /** Trousers only: inside leg + heel − inseam. Negative: it drags. */
  readonly clearanceMm?: number;
  /** True when the hem rests on the category's usual measure: drawn, but nothing is judged by it. */
  readonly defaulted: boolean;
}

/** Lift of the look's shoes: the heel in mm, 0 barefoot. */
export const liftOf = (pieces: readonly Worn[]): number =>
  pieces.find((worn) => worn.slot === 'shoes')?.measures.heel ?? 0;

/** Height above the floor, barefoot, from which a worn piece hangs; undefined where nothing hangs. */
export function hangHeight(worn: Worn, marks: Landmarks): number | undefined {
  // Knotted in front it ends nowhere.
  if (worn.effects.as === 'round the shoulders') return undefined;
  switch (worn.facts.shape) {
    case 'upper':
    case 'whole':
      return worn.slot === 'bottom'
        ? marks.waist
        : worn.piece.cut.neckline === 'strapless'
          ? marks.bust + 70
          : marks.shoulderPoint;
    case 'lower': {
      const rise = measure(worn, 'rise');
      return rise ? Math.min(marks.crotch + rise.mm, marks.waist + 40) : marks.waist;
    }
    case 'drape':
      return worn.facts.slot === 'scarf' ? undefined : marks.shoulderPoint;
    default:
      return undefined;
  }
}

/** Hem of one worn piece, barefoot height in mm; undefined for what has none. */
export function hemHeight(worn: Worn, marks: Landmarks): number | undefined {
  const inseam = measure(worn, 'inseam');
  if (inseam && (worn.facts.shape === 'lower' || worn.facts.legs)) {
    return worn.effects.leg === 'cuffed' ? marks.crotch - inseam.mm + 60 : marks.crotch - inseam.mm;
  }
  const from = hangHeight(worn, marks);
  const length = measure(worn, 'length');
  if (from === undefined || !length) return undefined;
  const strapless = worn.piece.cut.neckline === 'strapless';
  const below = from - length.mm + (strapless ? marks.shoulderPoint - from : 0);
  return tuckedHem(worn, below, marks);
}

/** A full tuck or a knot brings the hem to the waistband; a half or front tuck takes a little up. */
function tuckedHem(worn: Worn, below: number, marks: Landmarks): number {
  const { tuck, waist } = worn.effects;
  if (tuck === 'full' || waist === 'knotted') return Math.max(below, marks.waist);
  if (tuck === 'front' || tuck === 'half') return below + 20;
  return below;
}

/** Every hem of a look, in the shoes worn, in the order of the pieces. */
export function hemsOf(pieces: readonly Worn[], body: Body): Hem[] {
  const marks = landmarksOf(body);
  const lift = liftOf(pieces);
  const hems: Hem[] = [];
  for (const worn of pieces) {
    const barefoot = hemHeight(worn, marks);
    if (barefoot === undefined) continue;
    const inseam = measure(worn, 'inseam');
    const isLeg = worn.facts.legs !== 'short' && worn.facts.legs !== 'close' && inseam !== undefined;
    const decisive = inseam ?? measure(worn, 'length');
    hems.push({
      piece: worn.piece.id,
      heightMm: Math.round(barefoot + lift),
      landmark: landmarkAt(barefoot, marks),
      ...(isLeg ? { clearanceMm: Math.round(body.insideLegLength + lift - inseam.mm) } : {}),
      defaulted: decisive?.origin === 'defaulted',
    });
  }
  return hems;
}
