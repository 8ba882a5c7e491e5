import { deltaE, lab, labToHex } from '../../colour';
import { type Box, lines } from '../../path';
import type { Fabric } from '../../piece';
import type { Gradient, Item, Panel } from '../display';

/** How deep the sides of a panel fall into shadow, by how its cloth takes light. Chosen by eye, no source. */
const DEPTH: Readonly<Record<'matt' | 'soft' | 'sheen' | 'sparkle', number>> = {
  matt: 0.24,
  soft: 0.28,
  sheen: 0.34,
  sparkle: 0.26,
};
const DEEPER: Partial<Record<Fabric['texture'], number>> = { velvet: 0.44, leather: 0.38, satin: 0.38 };

/** Shade and light across a panel, from one side to the other: shares of the full depth. */
const SHADE: readonly (readonly [at: number, share: number])[] = [
  [0, 1],
  [0.14, 0.55],
  [0.34, 0.16],
  [0.5, 0],
  [0.66, 0],
  [0.82, 0.34],
  [1, 1],
];
const GLOW: readonly (readonly [at: number, share: number])[] = [
  [0, 0],
  [0.3, 0],
  [0.57, 1],
  [0.84, 0],
  [1, 0],
];

const along = (profile: typeof SHADE, t: number): number => {
  for (let i = 1; i < profile.length; i++) {
    const [from, a] = profile[i - 1] as readonly [number, number];
    const [to, b] = profile[i] as readonly [number, number];
    if (t <= to) return a + ((b - a) * (t - from)) / (to - from);
  }
  return 0;
};

const STEPS = 24;
const PLACES = Array.from({ length: STEPS }, (_, i) => (i + 0.5) / STEPS);
const SHADES = PLACES.map((t) => along(SHADE, t));
const GLOWS = PLACES.map((t) => along(GLOW, t));

type Rgb = readonly [number, number, number];
const rgb = (hex: string): Rgb => [
  parseInt(hex.slice(1, 3), 16) / 255,
  parseInt(hex.slice(3, 5), 16) / 255,
  parseInt(hex.slice(5, 7), 16) / 255,
];
// Transfer of IEC 61966-2-1.
const linear = (v: number): number => (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
const gamma = (v: number): number => (v <= 0.0031308 ? v * 12.92 : 1.055 * v ** (1 / 2.4) - 0.055);
const hexOf = (parts: readonly number[]): string =>
  `#${parts
    .map((v) =>
      Math.round(Math.min(1, Math.max(0, v)) * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;

/** A colour under a light: how strong its shadow is, and what it glows with. */
export interface Lit {
  readonly shadow: number;
  readonly glow: number;
  readonly glowHex: string;
}

/** Mean in linear light of a plain panel under a light. */
export function meanUnder(hex: string, { shadow, glow, glowHex }: Lit): string {
  const [own, bright] = [rgb(hex), rgb(glowHex)];
  const sum = [0, 0, 0];
  for (let i = 0; i < STEPS; i++) {
    const [dark, light] = [shadow * (SHADES[i] as number), glow * (GLOWS[i] as number)];
    for (let c = 0; c < 3; c++) {
      const lit = (own[c] as number) * (1 - light) + (bright[c] as number) * light;
      sum[c] = (sum[c] as number) + linear(lit * (1 - dark));
    }
  }
  return hexOf(sum.map((v) => gamma(v / STEPS)));
}

const kept = new Map<string, Lit>();
const MOST_KEPT = 2000;

/**
 * The light that leaves the mean of a plain panel where its colour is (ΔE about 1): as deep as its cloth takes it, less
 * where nothing is left to glow with (white).
 */
export function litOf(hex: string, { texture, finish }: Pick<Fabric, 'texture' | 'finish'>): Lit {
  const depth = DEEPER[texture] ?? DEPTH[finish];
  const key = `${hex} ${depth}`;
  const before = kept.get(key);
  if (before) return before;
  const own = lab(hex);
  const glowHex = labToHex({ ...own, l: Math.min(98, own.l + 26) });
  let best: Lit = { shadow: 0, glow: 0, glowHex };
  for (let shadow = depth; shadow > 0.02; shadow *= 0.82) {
    let [lo, hi] = [0, 0.95];
    for (let i = 0; i < 12; i++) {
      const middle = (lo + hi) / 2;
      if (lab(meanUnder(hex, { shadow, glow: middle, glowHex })).l < own.l) lo = middle;
      else hi = middle;
    }
    const lit = { shadow, glow: hi, glowHex };
    if (deltaE(lab(meanUnder(hex, lit)), own) <= 1.2) {
      best = lit;
      break;
    }
  }
  if (kept.size >= MOST_KEPT) kept.clear();
  kept.set(key, best);
  return best;
}

/** Where glow or shade bends: between these both go straight, and so does what they make of a colour, to one step of 255. */
const BENDS = [...new Set([...SHADE, ...GLOW].map(([at]) => at))].sort((a, b) => a - b);

/** Across the box of a panel; across a line where the panel stands aslant; over each leg by itself. */
type Across = Panel['light'];

/** A colour under a light, as one gradient across a box: what a plain panel is filled with. */
export function litFill(hex: string, { shadow, glow, glowHex }: Lit, box: Box, across?: Across): Gradient {
  const [own, bright] = [rgb(hex), rgb(glowHex)];
  const under = (at: number): string => {
    const [light, left] = [glow * along(GLOW, at), 1 - shadow * along(SHADE, at)];
    return hexOf(own.map((v, c) => (v * (1 - light) + (bright[c] as number) * light) * left));
  };
  return gradient(
    box,
    across,
    BENDS.map((at) => [at, under(at), 1]),
  );
}

/** The same light by itself, to lie over a cloth that is not plain: an overlay of the box, which the caller clips. */
export function lightOver({ shadow, glow, glowHex }: Lit, box: Box, across?: Across): Item[] {
  const { x, y, w, h } = box;
  const path = lines(
    [
      [x - 2, y - 2],
      [x + w + 2, y - 2],
      [x + w + 2, y + h + 2],
      [x - 2, y + h + 2],
    ],
    true,
  );
  // Two, as light falls: one gradient of both would bend the colour on its way between their stops.
  return [
    GLOW.map(([at, share]) => [at, glowHex, share * glow] as const),
    SHADE.map(([at, share]) => [at, '#000000', share * shadow] as const),
  ].map((stops) => ({ kind: 'path', path, fill: gradient(box, across, stops) }));
}

function gradient({ x, w }: Box, across: Across, stops: Gradient['stops']): Gradient {
  const whole = [
    [x, 0],
    [x + w, 0],
  ] as const;
  if (across !== 'legs') {
    const [from, to] = across ?? whole;
    return { from, to, stops };
  }
  const half = (by: number): Gradient['stops'] =>
    stops.map(([at, hex, opacity]) => [by + at / 2, hex, opacity]);
  return { from: whole[0], to: whole[1], stops: [...half(0), ...half(0.5)] };
}
