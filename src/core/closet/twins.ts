import { deltaE, deltaEHex, lab } from '../colour';
import type { Piece } from '../piece';

/** Below this two colours are one to the eye that owns both (rule U2). */
export const TWIN_DELTA_E = 6;

/** The details of a cut that make two pieces of one kind different things to wear. */
const CUT_KEYS = ['neckline', 'sleeve', 'silhouette', 'leg', 'rise', 'toe'] as const;

/** In how many details two cuts differ, of those both say something of. */
export const cutsApart = (a: Piece, b: Piece): number =>
  CUT_KEYS.filter((key) => a.cut[key] !== b.cut[key] && a.cut[key] !== undefined && b.cut[key] !== undefined)
    .length;

/** Same kind, cut and volume in nearly the same colour. */
export function isTwin(a: Piece, b: Piece, within = TWIN_DELTA_E): boolean {
  const [one, other] = [a.colours[0], b.colours[0]];
  return (
    a.id !== b.id &&
    a.category === b.category &&
    a.volume === b.volume &&
    a.pattern.kind === b.pattern.kind &&
    one !== undefined &&
    other !== undefined &&
    cutsApart(a, b) === 0 &&
    deltaE(lab(one.hex), lab(other.hex)) < within
  );
}

/** Below this two colours of one cut are twins rather than sisters. */
const SISTER_APART = 10;

/** Same kind, cut and cloth pattern in another colour. */
export function isSister(a: Piece, b: Piece): boolean {
  const [one, other] = [a.colours[0]?.hex, b.colours[0]?.hex];
  return (
    one !== undefined &&
    other !== undefined &&
    deltaEHex(one, other) >= SISTER_APART &&
    isTwin({ ...a, colours: b.colours }, b)
  );
}

/** Pairs of twins in a closet, each pair once. */
export function twinsIn(pieces: readonly Piece[]): (readonly [Piece, Piece])[] {
  return pieces.flatMap((a, i) =>
    pieces.slice(i + 1).flatMap((b) => (isTwin(a, b) ? [[a, b] as const] : [])),
  );
}
