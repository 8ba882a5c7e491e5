import type { Lab } from './lab';

const RAD = Math.PI / 180;
const POW25_7 = 25 ** 7;
/** Fixed turns of the T term, as cosines and sines: 30°, 6° and 63°. */
const [C30, S30] = [Math.cos(30 * RAD), Math.sin(30 * RAD)];
const [C6, S6] = [Math.cos(6 * RAD), Math.sin(6 * RAD)];
const [C63, S63] = [Math.cos(63 * RAD), Math.sin(63 * RAD)];
/** Blue, round which the rotation term turns. */
const [C275, S275] = [Math.cos(275 * RAD), Math.sin(275 * RAD)];
const PER_25_DEGREES = 1 / (25 * RAD);

/** Share of chroma that the seventh powers keep: √(c⁷ / (c⁷ + 25⁷)). */
function seventh(c: number): number {
  const c2 = c * c;
  const c7 = c2 * c2 * c2 * c;
  return Math.sqrt(c7 / (c7 + POW25_7));
}

/**
 * CIEDE2000 colour difference, kL = kC = kH = 1. About 1 is a just noticeable difference.
 * Source: Sharma, Wu & Dalal, "The CIEDE2000 color-difference formula: implementation notes,
 * supplementary test data, and mathematical observations", Color Res. Appl. 30 (2005).
 *
 * The mean hue is the direction of the sum of the two hue vectors, which is the paper's mean in all its
 * cases; so the cosines of T follow from one vector by double angles, and angles themselves are taken only
 * where the paper's blue rotation needs them, or where the two hues stand opposite and have no sum.
 */
export function deltaE(p: Lab, q: Lab): number {
  if (p.l === q.l && p.a === q.a && p.b === q.b) return 0;
  const meanRaw = (Math.sqrt(p.a * p.a + p.b * p.b) + Math.sqrt(q.a * q.a + q.b * q.b)) / 2;
  const stretch = 1.5 - 0.5 * seventh(meanRaw);
  const a1 = stretch * p.a;
  const a2 = stretch * q.a;
  const c1 = Math.sqrt(a1 * a1 + p.b * p.b);
  const c2 = Math.sqrt(a2 * a2 + q.b * q.b);
  const meanC = (c1 + c2) / 2;
  const grey = c1 === 0 || c2 === 0;

  // Mean hue as a unit vector (x, y); a grey has no hue and the other's counts.
  let x = grey ? a1 + a2 : a1 * c2 + a2 * c1;
  let y = grey ? p.b + q.b : p.b * c2 + q.b * c1;
  const size = Math.sqrt(x * x + y * y);
  if (size > 1e-7 * (grey ? 1 : c1 * c2)) {
    const by = 1 / size;
    x *= by;
    y *= by;
  } else {
    const mean = (degrees(a1, p.b) + degrees(a2, q.b)) / 2;
    x = Math.cos(mean * RAD);
    y = Math.sin(mean * RAD);
  }
  const cos2 = x * x - y * y;
  const sin2 = 2 * x * y;
  const cos3 = cos2 * x - sin2 * y;
  const sin3 = sin2 * x + cos2 * y;
  const cos4 = cos2 * cos2 - sin2 * sin2;
  const sin4 = 2 * sin2 * cos2;
  const t =
    1 -
    0.17 * (x * C30 + y * S30) +
    0.24 * cos2 +
    0.32 * (cos3 * C6 - sin3 * S6) -
    0.2 * (cos4 * C63 + sin4 * S63);

  // 2 √(c1 c2) sin(Δh / 2), with the sign of the turn from the first hue to the second.
  const apart = Math.max(0, 2 * (c1 * c2 - a1 * a2 - p.b * q.b));
  const deltaH = grey ? 0 : a1 * q.b - a2 * p.b >= 0 ? Math.sqrt(apart) : -Math.sqrt(apart);

  const dl = ((p.l + q.l) / 2 - 50) ** 2;
  const light = (q.l - p.l) / (1 + (0.015 * dl) / Math.sqrt(20 + dl));
  const chromatic = (c2 - c1) / (1 + 0.045 * meanC);
  const hue = deltaH / (1 + 0.015 * meanC * t);
  const sum = light * light + chromatic * chromatic + hue * hue;
  // Beyond 90° from blue (275°) the rotation moves the sum by at most 5e-6 of it and is left out: below 2e-4 in ΔE.
  const near = x * C275 + y * S275;
  if (near < 0) return Math.sqrt(sum);
  const off = Math.atan((y * C275 - x * S275) / near) * PER_25_DEGREES;
  const turn = -Math.sin(60 * RAD * Math.exp(-off * off)) * 2 * seventh(meanC);
  return Math.sqrt(Math.max(0, sum + turn * chromatic * hue));
}

function degrees(a: number, b: number): number {
  const angle = Math.atan2(b, a) / RAD;
  return angle < 0 ? angle + 360 : angle;
}
