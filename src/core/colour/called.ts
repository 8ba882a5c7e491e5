import { deltaEHex } from './delta-e-hex';
import { chroma, hue, hueApart, lab } from './lab';

/** What one of the wide words takes in: hues in degrees (from may be above to: over 360), chroma and L* of CIELAB. */
interface Wide {
  readonly hue: readonly [from: number, to: number];
  readonly chroma?: readonly [least: number, most: number];
  readonly l?: readonly [least: number, most: number];
}

/** "Green" is bottle green and sage as well; "rust" is rust. From memory, chosen by eye on the names of the house. */
const WIDE: Readonly<Record<string, Wide>> = {
  green: { hue: [112, 190], chroma: [10, 140] },
  blue: { hue: [205, 296], chroma: [8, 140] },
  purple: { hue: [294, 342], chroma: [12, 140] },
  pink: { hue: [338, 28], chroma: [9, 90], l: [48, 97] },
  red: { hue: [352, 42], chroma: [30, 140], l: [15, 55] },
  orange: { hue: [42, 72], chroma: [45, 140], l: [45, 85] },
  brown: { hue: [35, 85], chroma: [8, 45], l: [10, 52] },
  yellow: { hue: [76, 112], chroma: [30, 140], l: [60, 98] },
  grey: { hue: [0, 360], chroma: [0, 8], l: [25, 86] },
  white: { hue: [0, 360], chroma: [0, 9], l: [92, 101] },
  black: { hue: [0, 360], chroma: [0, 10], l: [0, 16] },
};

const within = (value: number, [least, most]: readonly [number, number]): boolean =>
  value >= least && value <= most;
const isHue = (h: number, [from, to]: readonly [number, number]): boolean =>
  from <= to ? within(h, [from, to]) : h >= from || h <= to;

/** ΔE within which a colour goes by a name that means one colour; and, of one hue, a little more. */
const NEAR = 10;
const SISTER = { deltaE: 16, hue: 14, chroma: 20 } as const;

/** True where somebody would call a colour by a name: a wide word by its hues, any other by how near it is. */
export function isCalled(hex: string, named: { readonly name: string; readonly hex: string }): boolean {
  const apart = deltaEHex(hex, named.hex);
  if (apart < NEAR) return true;
  const colour = lab(hex);
  const wide = WIDE[named.name];
  if (wide)
    return (
      isHue(hue(colour), wide.hue) &&
      within(chroma(colour), wide.chroma ?? [0, 200]) &&
      within(colour.l, wide.l ?? [0, 101])
    );
  const asked = lab(named.hex);
  return (
    apart < SISTER.deltaE &&
    chroma(colour) > 10 &&
    chroma(asked) > 10 &&
    Math.abs(chroma(colour) - chroma(asked)) < SISTER.chroma &&
    hueApart(hue(colour), hue(asked)) < SISTER.hue
  );
}
