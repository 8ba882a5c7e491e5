import type { Frame } from '../../figure';
import { type Step, symmetric } from '../../path';
import { isTucked, type Worn } from '../../piece';
import type { Panel } from '../display';

/** Straight to the middle. */
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

/** How much higher the hem of a shirt is at its side than in the middle, mm; common practice of pattern drawing. */
export const TAIL = 80;

/** A hem that is rounded up to the side seams. */
export const hasTails = (worn: Worn): boolean =>
  worn.facts.drawn.hem === 'tails' && !isTucked(worn) && worn.effects.waist !== 'knotted';

/** The hem of the front, from the side seam to the middle, of each half: tails, a tuck, a knot, or round the body. */
export function frontHems(
  frame: Frame,
  worn: Worn,
  hemX: number,
  hem: number,
): { readonly right: Step[]; readonly left: Step[] } {
  const { facts, effects } = worn;
  if (facts.staysIn && frame.flat) {
    const legs: Step[] = [
      ['C', hemX * 0.78, hem + 40, hemX * 0.34, hem + 70, 34, hem + 168],
      ['L', 0, hem + 168],
    ];
    return { right: legs, left: legs };
  }
  const right: Step[] = hasTails(worn)
    ? [
        ['C', hemX * 0.93, hem - TAIL * 0.3, hemX * 0.8, hem, hemX * 0.36, hem],
        ['L', 0, hem],
      ]
    : frontDip(effects, hemX, hem, frame);
  return { right, left: effects.tuck === 'half' ? plainHem(hem) : right };
}

/** The inside of a back hem that is cut longer than the front. */
export function backHem(worn: Worn, frame: Frame, hemX: number, hem: number): Panel[] {
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
