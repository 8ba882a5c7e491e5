import type { FitVerdict } from './size';

/** European shoe size of a foot length in mm: the Paris point of 6.667 mm and 15 mm of room. Common practice. */
export const euShoeSize = (footMm: number): number => Math.round(((footMm + 15) / 6.667) * 2) / 2;

/** British size: the barleycorn of 8.467 mm, counted from 25. Common practice. */
export const ukShoeSize = (footMm: number): number => Math.round(((footMm + 15) / 8.467 - 25) * 2) / 2;

/** American sizes are counted from the British one: men one more, women two. Common practice. */
export const usShoeSize = (footMm: number, counted: 'men' | 'women'): number =>
  ukShoeSize(footMm) + (counted === 'men' ? 1 : 2);

/** How a shoe of a European size fits a foot. */
export function shoeFit(size: number, footMm: number): FitVerdict {
  const off = size - euShoeSize(footMm);
  if (off <= -1) return 'too small';
  if (off < 0) return 'close';
  if (off <= 0.5) return 'right';
  return off <= 1 ? 'roomy' : 'too big';
}

/** Hat size of a head: its girth in cm, and the diameter in inches as some makers count, to the eighth. */
export const hatSize = (girthMm: number): { readonly cm: number; readonly inches: number } => ({
  cm: Math.round(girthMm / 5) / 2,
  inches: Math.round((girthMm / 25.4 / Math.PI) * 8) / 8,
});

/** How a hat marked in cm sits on a head. */
export function hatFit(sizeCm: number, girthMm: number): FitVerdict {
  const off = sizeCm - girthMm / 10;
  if (off < -1) return 'too small';
  if (off < -0.25) return 'close';
  if (off <= 1) return 'right';
  return off <= 1.5 ? 'roomy' : 'too big';
}
