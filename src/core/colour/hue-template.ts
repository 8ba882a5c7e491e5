import { parse } from 'culori';

/** Sectors of a hue template: middle and width in degrees, at rotation 0. */
type Template = readonly (readonly [middle: number, width: number])[];

/**
 * Hue templates of Cohen-Or, Sorkine, Gal, Leyvand & Xu, "Color harmonization", ACM Trans. Graph. 25 (2006),
 * figure 3, without N (greys): sector widths as the paper gives them.
 */
export const HUE_TEMPLATES: Readonly<Record<string, Template>> = {
  i: [[0, 18]],
  V: [[0, 93.6]],
  L: [
    [0, 18],
    [90, 79.2],
  ],
  I: [
    [0, 18],
    [180, 18],
  ],
  T: [[0, 180]],
  Y: [
    [0, 93.6],
    [180, 18],
  ],
  X: [
    [0, 93.6],
    [180, 93.6],
  ],
};

/** A colour weighed by what it takes: hue in HSV degrees, saturation 0..1, area 0..1. */
export interface HueWeight {
  readonly hue: number;
  readonly weight: number;
}

/** HSV hue and saturation of a hex; hue 0 for a grey. */
export function hsv(hex: string): { readonly hue: number; readonly saturation: number } {
  const { r = 0, g = 0, b = 0 } = (parse(hex) as { r: number; g: number; b: number } | undefined) ?? {};
  const [most, least] = [Math.max(r, g, b), Math.min(r, g, b)];
  const d = most - least;
  if (d === 0) return { hue: 0, saturation: 0 };
  const turn = most === r ? ((g - b) / d + 6) % 6 : most === g ? (b - r) / d + 2 : (r - g) / d + 4;
  return { hue: turn * 60, saturation: d / most };
}

const arc = (a: number, b: number): number => {
  const gap = Math.abs(a - b) % 360;
  return gap > 180 ? 360 - gap : gap;
};

/** Distance of a hue from a template turned by `turn`: 0 inside a sector, else to the nearest border. */
export const hueDistance = (hue: number, template: Template, turn: number): number =>
  Math.min(...template.map(([middle, width]) => Math.max(0, arc(hue, middle + turn) - width / 2)));

/**
 * Mean distance in degrees to the nearest template over all turns, weighted by saturation × area, as the paper
 * weighs it. The half-circle T is let in only with three or more hues: it would forgive any two.
 */
export function harmonyDistance(colours: readonly HueWeight[]): {
  readonly template: string;
  readonly degrees: number;
} {
  const total = colours.reduce((sum, { weight }) => sum + weight, 0);
  if (total <= 0) return { template: 'N', degrees: 0 };
  let best = { template: 'N', degrees: Infinity };
  for (const [name, template] of Object.entries(HUE_TEMPLATES)) {
    if (name === 'T' && colours.length < 3) continue;
    for (let turn = 0; turn < 360; turn++) {
      const degrees =
        colours.reduce((sum, { hue, weight }) => sum + weight * hueDistance(hue, template, turn), 0) / total;
      if (degrees < best.degrees - 1e-9) best = { template: name, degrees };
    }
  }
  return best;
}
