import { colourName, deltaE, labToHex } from '../colour';
import type { Pattern, Swatch } from '../piece';
import { type Cluster, kMeans, melt, nearest } from './cluster';
import { type Mask, pieceMask, shrink } from './ground';
import { apart2, type LabPicture, labPicture, type Picture } from './pixels';
import { type Repeat, repeatAlong } from './repeat';

/** Colours of a photo with their shares, and a guess at its pattern; every part of it is to be looked at. */
export interface Palette {
  /** One to six, largest first; shares add to 1. */
  readonly colours: readonly Swatch[];
  readonly pattern: Pattern;
  /** Share of the picture that is the piece, 0..1. */
  readonly pieceShare: number;
}

const MOST_COLOURS = 6;
/** Below this share a group is a line, a button or a shadow. */
const LEAST_SHARE = 0.035;

/**
 * Palette of a photographed piece. `heightMm` is how tall the piece is thought to be (from its category): it
 * turns a repeat in pixels into millimetres. Pure; a fixed seed makes it repeatable.
 */
export function paletteOf(picture: Picture, heightMm: number): Palette {
  const small = labPicture(picture);
  const { width, height, lab } = small;
  const mask = pieceMask(small);
  // The outline of a piece is where light and ground mix: a few pixels of it do not count.
  const inner = shrink(shrink(mask, width, height), width, height);
  const [all, inside] = [pixelsOf(mask), pixelsOf(inner)];
  const pixels = inside.length > 200 ? inside : all;
  const flat = pixels.filter((p) => isFlat(small, p));
  const firm = flat.length > pixels.length * 0.25 ? flat : pixels;
  const across = repeatAlong(small, inner, 'y');
  const along = repeatAlong(small, inner, 'x');
  // Every nth pixel is enough to find the groups; all of them are counted.
  const groups = kMeans(lab, everyNth(firm, 5000), 10);
  const most = (across ?? along) ? SHADOW_MOST.regular : SHADOW_MOST.plain;
  const melted = melt(groups, (p, q) => deltaE(p, q) < 5 || isShadow(p, q, most))
    .map(({ cluster }) => cluster)
    .sort((p, q) => q.count - p.count);
  const real = melted.filter((group) => !isBetween(group, melted, pixels.length));
  const groupHome = groups.map((group) => homeOfGroup(group, real, most));
  const own = real.map((): number[] => []);
  for (const pixel of pixels) {
    const home = groupHome[nearest(lab, pixel, groups)] ?? -1;
    own[home >= 0 ? home : nearest(lab, pixel, real)]?.push(pixel);
  }
  const isFirm = new Uint8Array(mask.length);
  for (const pixel of firm) isFirm[pixel] = 1;
  const found = own
    .map((members) => ({
      middle: brightMiddle(
        lab,
        members.filter((p) => isFirm[p] === 1),
      ),
      count: members.length,
    }))
    .filter(({ count }) => count >= pixels.length * LEAST_SHARE)
    .sort((p, q) => q.count - p.count)
    .slice(0, MOST_COLOURS);
  const total = found.reduce((sum, { count }) => sum + count, 0);
  const colours = found.map(({ middle, count }): Swatch => {
    const hex = labToHex(middle);
    return { hex, share: count / total, name: colourName(hex) };
  });
  const pieceHeight = heightOf(mask, width);
  return {
    colours: sharesToOne(colours),
    pattern: guessPattern(
      found.map(({ middle }) => middle),
      colours,
      { across, along },
      heightMm / pieceHeight,
    ),
    pieceShare: all.length / mask.length,
  };
}

const pixelsOf = (mask: Mask): number[] => {
  const out: number[] = [];
  mask.forEach((on, pixel) => on === 1 && out.push(pixel));
  return out;
};

/** A pixel whose neighbours look the same: it lies inside a colour, not between two. */
function isFlat({ width, lab }: LabPicture, pixel: number): boolean {
  for (const next of [pixel - 1, pixel + 1, pixel - width, pixel + width])
    if (next >= 0 && next * 3 < lab.length && apart2(lab, pixel, next) > 36) return false;
  return true;
}

/** How large a shadow may be beside its colour: less where a regular pattern says that both are cloth. */
const SHADOW_MOST = { regular: 0.18, plain: 0.35 } as const;

/**
 * True when `q` is `p` in shadow. Shadow takes the same part of all light, so (L* + 16, a*, b*) shrinks towards
 * the origin: CIELAB is a cube root of light.
 */
function isShadow(p: Cluster, q: Cluster, most: number): boolean {
  const light = (p.l + 16) ** 2 + p.a ** 2 + p.b ** 2;
  const by = ((p.l + 16) * (q.l + 16) + p.a * q.a + p.b * q.b) / light;
  const off = Math.hypot(q.l + 16 - by * (p.l + 16), q.a - by * p.a, q.b - by * p.b);
  return by > 0.68 && by < 1.06 && off < 4 && q.count < p.count * most;
}

/** A small group halfway between two larger ones is where they meet, not a colour. */
function isBetween(group: Cluster, all: readonly Cluster[], pixels: number): boolean {
  if (group.count > pixels * 0.1) return false;
  const larger = all.filter(({ count }) => count > group.count * 1.5);
  return larger.some((p, i) =>
    larger.slice(i + 1).some((q) => {
      const [dl, da, db] = [q.l - p.l, q.a - p.a, q.b - p.b];
      const t =
        ((group.l - p.l) * dl + (group.a - p.a) * da + (group.b - p.b) * db) / (dl * dl + da * da + db * db);
      const off = Math.hypot(group.l - p.l - t * dl, group.a - p.a - t * da, group.b - p.b - t * db);
      return t > 0.15 && t < 0.85 && off < 12;
    }),
  );
}

/** The colour that a group is, or is a shadow of; −1 for none. */
const homeOfGroup = (group: Cluster, real: readonly Cluster[], most: number): number =>
  real.findIndex((p) => deltaE(p, group) < 5 || isShadow(p, group, most));

const everyNth = (pixels: readonly number[], most: number): number[] => {
  const step = Math.max(1, Math.floor(pixels.length / most));
  return pixels.filter((_, i) => i % step === 0);
};

/** The middle of a colour in its own light: of its pixels the lighter ones, because folds only take away. */
function brightMiddle(lab: Float32Array, own: readonly number[]): { l: number; a: number; b: number } {
  const level = (channel: number, at: number): number => {
    const sorted = Float32Array.from(own, (p) => lab[p * 3 + channel] as number).sort();
    return sorted[Math.floor((sorted.length - 1) * at)] ?? 0;
  };
  return { l: level(0, 0.55), a: level(1, 0.5), b: level(2, 0.5) };
}

function heightOf(mask: Mask, width: number): number {
  let [top, bottom] = [Infinity, -Infinity];
  mask.forEach((on, pixel) => {
    if (on === 0) return;
    const y = Math.floor(pixel / width);
    top = Math.min(top, y);
    bottom = Math.max(bottom, y);
  });
  return Math.max(1, bottom - top + 1);
}

/** Shares to whole hundredths that still add to 1: what rounding leaves goes to the largest. */
function sharesToOne(colours: readonly Swatch[]): Swatch[] {
  const rounded = colours.map((swatch) => ({ ...swatch, share: Math.round(swatch.share * 100) / 100 }));
  const rest = 1 - rounded.reduce((sum, { share }) => sum + share, 0);
  return rounded.map((swatch, i) =>
    i === 0 ? { ...swatch, share: Math.round((swatch.share + rest) * 100) / 100 } : swatch,
  );
}

function guessPattern(
  middles: readonly { l: number; a: number; b: number }[],
  colours: readonly Swatch[],
  { across, along }: { readonly across: Repeat | undefined; readonly along: Repeat | undefined },
  mmPerPx: number,
): Pattern {
  const [main, ...rest] = middles;
  if (!main || rest.length === 0) return { kind: 'solid', repeatMm: 10, contrast: 0 };
  const contrast =
    Math.round(Math.min(1, Math.max(...rest.map((other) => deltaE(main, other))) / 90) * 100) / 100;
  const mm = (repeat: Repeat): number => Math.max(2, Math.round(repeat.px * mmPerPx));
  if (across && along) {
    // A check has bands, so its second colour is broad; a dot leaves most of the ground alone.
    const kind = (colours[0]?.share ?? 0) > 0.72 ? 'dot' : 'check';
    return { kind, repeatMm: mm(across.strength >= along.strength ? across : along), contrast };
  }
  if (across) return { kind: 'stripe', direction: 'across', repeatMm: mm(across), contrast };
  if (along) return { kind: 'stripe', direction: 'along', repeatMm: mm(along), contrast };
  return { kind: 'abstract', repeatMm: 80, contrast };
}
