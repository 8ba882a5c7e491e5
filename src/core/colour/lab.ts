import { converter, formatHex, parse } from 'culori';

/** A colour in CIELAB, D65 white: `l` 0..100, `a` and `b` about −128..127. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

const toLab65 = converter('lab65');
const toLinear = converter('lrgb');
const memo = new Map<string, Lab>();

const HEX = /^#[0-9a-f]{6}$/i;

/** True for `#rrggbb`, the only spelling of a colour that files and the database hold. */
export const isHex = (text: string): boolean => HEX.test(text);

/**
 * CIELAB (D65) of an sRGB hex. Throws on what is no colour: hexes are checked at the boundary.
 * Results are kept, because a pool of pieces asks for the same few hundred colours again and again.
 */
export function lab(hex: string): Lab {
  const known = memo.get(hex);
  if (known) return known;
  const colour = isHex(hex) ? parse(hex) : undefined;
  if (!colour) throw new RangeError(`${hex}: not a colour`);
  const { l, a, b } = toLab65(colour);
  const found: Lab = { l, a, b };
  if (memo.size > 20_000) memo.clear();
  memo.set(hex, found);
  return found;
}

/** sRGB hex of a CIELAB (D65) colour, clipped into the gamut. */
export const labToHex = ({ l, a, b }: Lab): string => formatHex({ mode: 'lab65', l, a, b });

/** Chroma C* of a CIELAB colour. */
export const chroma = ({ a, b }: Lab): number => Math.hypot(a, b);

/** Hue angle of a CIELAB colour in degrees, 0..360; 0 for a grey. */
export const hue = ({ a, b }: Lab): number => {
  if (Math.abs(a) < 1e-9 && Math.abs(b) < 1e-9) return 0;
  const angle = (Math.atan2(b, a) * 180) / Math.PI;
  return angle < 0 ? angle + 360 : angle;
};

/** Smallest angle between two hues, 0..180 degrees. */
export const hueApart = (one: number, other: number): number => {
  const gap = Math.abs(one - other) % 360;
  return gap > 180 ? 360 - gap : gap;
};

/**
 * The one colour that several shares melt into, averaged in linear light (what the eye does with a
 * pattern too small to see). `shares` need not add to 1; an empty list is refused.
 */
export function average(parts: readonly { readonly hex: string; readonly share: number }[]): string {
  const total = parts.reduce((sum, part) => sum + part.share, 0);
  if (total <= 0) throw new RangeError('average: no shares');
  let [r, g, b] = [0, 0, 0];
  for (const part of parts) {
    const linear = toLinear(parse(part.hex));
    if (!linear) throw new RangeError(`${part.hex}: not a colour`);
    r += (linear.r * part.share) / total;
    g += (linear.g * part.share) / total;
    b += (linear.b * part.share) / total;
  }
  return formatHex({ mode: 'lrgb', r, g, b });
}
