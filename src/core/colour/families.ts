import { chroma, hue, lab } from './lab';

const between = (x: number, lo: number, hi: number): boolean => x >= lo && x <= hi;

/**
 * Wardrobe neutral: a colour that goes with everything (black, grey, white, navy, tan, cream).
 * Common practice; the bounds are the house's own and stand in docs/rules.md. Denim is a matter of
 * cloth and is decided by the piece, not here.
 */
export function isNeutral(hex: string): boolean {
  const colour = lab(hex);
  const c = chroma(colour);
  const h = hue(colour);
  if (c < 12) return true;
  if (colour.l < 25 && c < 15) return true;
  if (between(h, 250, 310) && colour.l < 35 && c < 45) return true;
  if (between(h, 45, 110)) return colour.l > 80 ? c < 20 : colour.l >= 25 && c < 40;
  return false;
}

/** Pale: L* > 85. */
export const isPale = (hex: string): boolean => lab(hex).l > 85;

/** Warm hues run from red through yellow to yellow-green; the rest are cool. Neutral greys are neither. */
export function warmth(hex: string): 'warm' | 'cool' | 'none' {
  const colour = lab(hex);
  if (chroma(colour) < 12) return 'none';
  const h = hue(colour);
  return h < 115 || h > 345 ? 'warm' : 'cool';
}
