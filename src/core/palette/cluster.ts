import { seeded } from '../chance';

/** A group of pixels: its middle in CIELAB and how many belong to it. */
export interface Cluster {
  readonly l: number;
  readonly a: number;
  readonly b: number;
  readonly count: number;
}

const distance2 = (lab: Float32Array, p: number, c: { l: number; a: number; b: number }): number =>
  ((lab[p * 3] as number) - c.l) ** 2 +
  ((lab[p * 3 + 1] as number) - c.a) ** 2 +
  ((lab[p * 3 + 2] as number) - c.b) ** 2;

/** Index of the nearest middle to a pixel. */
export function nearest(lab: Float32Array, pixel: number, middles: readonly Cluster[]): number {
  let [best, at] = [Infinity, 0];
  for (let i = 0; i < middles.length; i++) {
    const d = distance2(lab, pixel, middles[i] as Cluster);
    if (d < best) [best, at] = [d, i];
  }
  return at;
}

/**
 * k-means in CIELAB with k-means++ seeding (Arthur & Vassilvitskii 2007) from a fixed seed: the same picture
 * gives the same groups. Empty groups are left out; the largest comes first.
 */
export function kMeans(lab: Float32Array, pixels: readonly number[] | Int32Array, k: number): Cluster[] {
  if (pixels.length === 0) return [];
  const random = seeded(20240229);
  const middleOf = (p: number): Cluster => ({
    l: lab[p * 3] as number,
    a: lab[p * 3 + 1] as number,
    b: lab[p * 3 + 2] as number,
    count: 0,
  });
  let middles = [middleOf(pixels[Math.floor(random() * pixels.length)] as number)];
  const far = new Float64Array(pixels.length).fill(Infinity);
  while (middles.length < k) {
    const newest = middles[middles.length - 1] as Cluster;
    let total = 0;
    for (let i = 0; i < pixels.length; i++) {
      far[i] = Math.min(far[i] as number, distance2(lab, pixels[i] as number, newest));
      total += far[i] as number;
    }
    if (total < 1) break;
    let at = random() * total;
    let chosen = pixels.length - 1;
    for (let i = 0; i < pixels.length; i++) {
      at -= far[i] as number;
      if (at <= 0) {
        chosen = i;
        break;
      }
    }
    middles.push(middleOf(pixels[chosen] as number));
  }
  for (let round = 0; round < 24; round++) {
    const sums = middles.map(() => [0, 0, 0, 0] as [number, number, number, number]);
    for (const pixel of pixels) {
      const sum = sums[nearest(lab, pixel, middles)] as [number, number, number, number];
      sum[0] += lab[pixel * 3] as number;
      sum[1] += lab[pixel * 3 + 1] as number;
      sum[2] += lab[pixel * 3 + 2] as number;
      sum[3]++;
    }
    let moved = 0;
    const next = sums.map(([l, a, b, count], i): Cluster => {
      const before = middles[i] as Cluster;
      if (count === 0) return { ...before, count };
      const made = { l: l / count, a: a / count, b: b / count, count };
      moved = Math.max(moved, Math.hypot(made.l - before.l, made.a - before.a, made.b - before.b));
      return made;
    });
    middles = next;
    if (moved < 0.05) break;
  }
  return middles.filter(({ count }) => count > 0).sort((p, q) => q.count - p.count);
}

/**
 * Melts groups that are one colour in different light: nearly the same, or of one hue and chroma while only
 * the light differs. `same` says which pairs are.
 */
export function melt(
  groups: readonly Cluster[],
  same: (p: Cluster, q: Cluster) => boolean,
): { readonly cluster: Cluster; readonly of: readonly number[] }[] {
  const out: { cluster: Cluster; of: number[] }[] = [];
  groups.forEach((group, i) => {
    const home = out.find(({ cluster }) => same(cluster, group));
    if (!home) {
      out.push({ cluster: group, of: [i] });
      return;
    }
    const count = home.cluster.count + group.count;
    const mean = (key: 'l' | 'a' | 'b'): number =>
      (home.cluster[key] * home.cluster.count + group[key] * group.count) / count;
    home.cluster = { l: mean('l'), a: mean('a'), b: mean('b'), count };
    home.of.push(i);
  });
  return out;
}
