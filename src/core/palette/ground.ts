import { type Cluster, kMeans, nearest } from './cluster';
import type { LabPicture } from './pixels';

/** Which pixels are the piece (1) and which the ground it lies on (0). */
export type Mask = Uint8Array;

/** Groups of ground colours told apart along the border. */
const GROUND_GROUPS = 4;

/**
 * Sets the ground aside: the colours along the border are grouped, and everything like one of them that
 * hangs together with the border is ground. What is left is cleaned of specks and of the thin edge where the
 * two melt. When hardly anything is left the piece fills the picture, and all of it counts.
 */
export function pieceMask(picture: LabPicture): Mask {
  const { width, height, lab } = picture;
  const rim = borderOf(width, height, Math.max(2, Math.round(Math.min(width, height) * 0.02)));
  const groups = kMeans(lab, rim, GROUND_GROUPS).filter(({ count }) => count > rim.length * 0.03);
  const reach = groups.map((group) => spreadOf(lab, rim, groups, group));
  const isGround = (pixel: number): boolean => {
    const at = nearest(lab, pixel, groups);
    const group = groups[at] as Cluster;
    const d = Math.hypot(
      // Shade on the ground moves lightness more than colour.
      ((lab[pixel * 3] as number) - group.l) * 0.7,
      (lab[pixel * 3 + 1] as number) - group.a,
      (lab[pixel * 3 + 2] as number) - group.b,
    );
    return d <= (reach[at] as number);
  };
  const mask = new Uint8Array(width * height).fill(1);
  flood(rim, width, height, mask, isGround);
  const cleaned = largest(
    shrink(grow(shrink(mask, width, height), width, height), width, height),
    width,
    height,
  );
  const kept = cleaned.reduce((sum, on) => sum + on, 0);
  return kept < width * height * 0.02 ? new Uint8Array(width * height).fill(1) : cleaned;
}

function borderOf(width: number, height: number, rim: number): number[] {
  const out: number[] = [];
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++)
      if (x < rim || y < rim || x >= width - rim || y >= height - rim) out.push(y * width + x);
  return out;
}

/** How far pixels of a ground group usually lie from its middle, with room to spare. */
function spreadOf(
  lab: Float32Array,
  rim: readonly number[],
  groups: readonly Cluster[],
  group: Cluster,
): number {
  const own = rim.filter((pixel) => groups[nearest(lab, pixel, groups)] === group);
  const far = own
    .map((p) =>
      Math.hypot(
        ((lab[p * 3] as number) - group.l) * 0.7,
        (lab[p * 3 + 1] as number) - group.a,
        (lab[p * 3 + 2] as number) - group.b,
      ),
    )
    .sort((p, q) => p - q);
  return Math.min(14, Math.max(4, (far[Math.floor(far.length * 0.9)] ?? 0) * 1.6 + 1.5));
}

function flood(
  from: readonly number[],
  width: number,
  height: number,
  mask: Mask,
  isGround: (pixel: number) => boolean,
): void {
  const queue = from.filter((pixel) => {
    if (mask[pixel] === 0 || !isGround(pixel)) return false;
    mask[pixel] = 0;
    return true;
  });
  while (queue.length > 0) {
    const pixel = queue.pop() as number;
    for (const next of around(pixel, width, height)) {
      if (mask[next] === 0 || !isGround(next)) continue;
      mask[next] = 0;
      queue.push(next);
    }
  }
}

function around(pixel: number, width: number, height: number): number[] {
  const [x, y] = [pixel % width, Math.floor(pixel / width)];
  const out: number[] = [];
  if (x > 0) out.push(pixel - 1);
  if (x < width - 1) out.push(pixel + 1);
  if (y > 0) out.push(pixel - width);
  if (y < height - 1) out.push(pixel + width);
  return out;
}

/** Takes a pixel off every edge of the piece. */
export function shrink(mask: Mask, width: number, height: number): Mask {
  return mask.map((on, pixel) =>
    on === 1 && around(pixel, width, height).every((next) => mask[next] === 1) ? 1 : 0,
  );
}

function grow(mask: Mask, width: number, height: number): Mask {
  return mask.map((on, pixel) =>
    on === 1 || around(pixel, width, height).some((next) => mask[next] === 1) ? 1 : 0,
  );
}

/** The largest part that hangs together, and every other of at least a tenth of it (a pair of shoes). */
function largest(mask: Mask, width: number, height: number): Mask {
  const label = new Int32Array(mask.length).fill(-1);
  const sizes: number[] = [];
  for (let start = 0; start < mask.length; start++) {
    if (mask[start] === 0 || label[start] !== -1) continue;
    const mark = sizes.length;
    const queue = [start];
    label[start] = mark;
    let size = 0;
    while (queue.length > 0) {
      const pixel = queue.pop() as number;
      size++;
      for (const next of around(pixel, width, height)) {
        if (mask[next] === 0 || label[next] !== -1) continue;
        label[next] = mark;
        queue.push(next);
      }
    }
    sizes.push(size);
  }
  const most = Math.max(0, ...sizes);
  return mask.map((on, pixel) => (on === 1 && (sizes[label[pixel] as number] ?? 0) >= most / 10 ? 1 : 0));
}
