import type { LengthUnit } from '../words';

export type { LengthUnit };

/**
 * Says so when a height seems to have been typed in the other unit: "168 in" is nobody, 168 cm somebody.
 * Undefined when it stands.
 */
export function heightDoubt(value: number, unit: LengthUnit): string | undefined {
  if (unit === 'in' && value >= 120 && value <= 220) return `${value} in? That looks like ${value} cm.`;
  if (unit === 'cm' && value >= 48 && value <= 86) return `${value} cm? That looks like ${value} in.`;
  if (unit === 'cm' && value >= 1.2 && value <= 2.2) return `${value} cm? That looks like ${value} m.`;
  if (unit === 'cm' && value >= 1200 && value <= 2200) return `${value} cm? That looks like ${value} mm.`;
  return undefined;
}

/** Bust, waist and hip of a usual size, mm: EN 13402-3 mid-range of the letter codes, women; from memory. */
const USUAL: Readonly<Record<string, readonly [number, number, number]>> = {
  XS: [780, 620, 860],
  S: [860, 700, 940],
  M: [940, 780, 1010],
  L: [1020, 860, 1080],
  XL: [1130, 985, 1180],
  XXL: [1250, 1115, 1290],
};
export const USUAL_SIZES = Object.keys(USUAL);

/** Girths to start from when only a usual size is known; to be marked as estimated. */
export function girthsOfSize(size: string): { bust: number; waist: number; hip: number } | undefined {
  const found = USUAL[size.trim().toUpperCase()];
  return found && { bust: found[0], waist: found[1], hip: found[2] };
}
