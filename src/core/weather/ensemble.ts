import type { Worn } from '../piece';

/**
 * Insulation of what is worn, clo: 0.835 × sum + 0.161. ISO 9920:2007, summation for whole ensembles. Undefined
 * without a top and a bottom, or a whole piece.
 */
export function ensembleClo(pieces: readonly Worn[]): number | undefined {
  const slots = new Set(pieces.map((worn) => worn.slot));
  if (!slots.has('whole') && !(slots.has('top') && slots.has('bottom'))) return undefined;
  const sum = pieces.reduce((total, worn) => total + worn.clo, 0);
  return Math.round((0.835 * sum + 0.161) * 1000) / 1000;
}
