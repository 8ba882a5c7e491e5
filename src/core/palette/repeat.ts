import type { Mask } from './ground';
import type { LabPicture } from './pixels';

/** A repeat found along one axis: its length in pixels and how strongly it comes back, 0..1. */
export interface Repeat {
  readonly px: number;
  readonly strength: number;
}

/**
 * Length after which the cloth looks the same again along an axis, by autocorrelation of the lightness over
 * the piece. The first peak that is as good as the best one counts: twice the repeat comes back as well.
 */
export function repeatAlong(
  { width, height, lab }: LabPicture,
  mask: Mask,
  axis: 'x' | 'y',
): Repeat | undefined {
  const most = Math.floor((axis === 'x' ? width : height) / 3);
  const values = new Float32Array(most + 1);
  let [sum, sum2, n] = [0, 0, 0];
  for (let p = 0; p < mask.length; p++) {
    if (mask[p] === 0) continue;
    const l = lab[p * 3] as number;
    sum += l;
    sum2 += l * l;
    n++;
  }
  if (n < 400) return undefined;
  const mean = sum / n;
  const variance = sum2 / n - mean * mean;
  if (variance < 4) return undefined;
  // What is no piece deviates by nothing, so that no pixel has to be asked for itself.
  const off = new Float32Array(mask.length);
  for (let p = 0; p < mask.length; p++) if (mask[p] === 1) off[p] = (lab[p * 3] as number) - mean;
  for (let lag = 1; lag <= most; lag++) {
    const shift = axis === 'x' ? lag : lag * width;
    const end = axis === 'x' ? width - lag : width;
    const rows = axis === 'x' ? height : height - lag;
    let product = 0;
    let pairs = 0;
    for (let y = 0; y < rows; y++) {
      for (let p = y * width; p < y * width + end; p++) {
        product += (off[p] as number) * (off[p + shift] as number);
        pairs += (mask[p] as number) & (mask[p + shift] as number);
      }
    }
    values[lag] = pairs < n / 12 ? -1 : product / pairs / variance;
  }
  const peaks: Repeat[] = [];
  let dipped = 1;
  for (let lag = 2; lag < most; lag++) {
    const [before, here, after] = [
      values[lag - 1] as number,
      values[lag] as number,
      values[lag + 1] as number,
    ];
    dipped = Math.min(dipped, here);
    // A peak counts when it stands clear of the dip before it: a slow shade across the piece has none.
    if (here >= before && here > after && here - dipped > 0.25 && here > 0.2)
      peaks.push({ px: lag + between(before, here, after), strength: here });
  }
  const best = Math.max(0, ...peaks.map(({ strength }) => strength));
  return peaks.find(({ strength }) => strength >= best * 0.85);
}

/** Where between whole pixels the top of a parabola through three points lies. */
function between(before: number, here: number, after: number): number {
  const bend = before - 2 * here + after;
  return bend >= 0 ? 0 : Math.max(-0.5, Math.min(0.5, (before - after) / (2 * bend)));
}
