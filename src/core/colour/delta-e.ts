import type { Lab } from './lab';

const RAD = Math.PI / 180;
const POW25_7 = 25 ** 7;

const pow7 = (x: number): number => {
  const x2 = x * x;
  return x2 * x2 * x2 * x;
};

/**
 * CIEDE2000 colour difference, kL = kC = kH = 1. About 1 is a just noticeable difference.
 * Source: Sharma, Wu & Dalal, "The CIEDE2000 color-difference formula: implementation notes,
 * supplementary test data, and mathematical observations", Color Res. Appl. 30 (2005).
 */
export function deltaE(p: Lab, q: Lab): number {
  const meanC7 = pow7((Math.hypot(p.a, p.b) + Math.hypot(q.a, q.b)) / 2);
  const g = 0.5 * (1 - Math.sqrt(meanC7 / (meanC7 + POW25_7)));
  const a1 = (1 + g) * p.a;
  const a2 = (1 + g) * q.a;
  const c1 = Math.hypot(a1, p.b);
  const c2 = Math.hypot(a2, q.b);
  const h1 = angle(a1, p.b);
  const h2 = angle(a2, q.b);

  const deltaL = q.l - p.l;
  const deltaC = c2 - c1;
  const grey = c1 * c2 === 0;
  let turn = grey ? 0 : h2 - h1;
  if (turn > 180) turn -= 360;
  else if (turn < -180) turn += 360;
  const deltaH = 2 * Math.sqrt(c1 * c2) * Math.sin((turn / 2) * RAD);

  const meanL = (p.l + q.l) / 2;
  const meanC = (c1 + c2) / 2;
  const sum = h1 + h2;
  const meanH = grey
    ? sum
    : Math.abs(h1 - h2) <= 180
      ? sum / 2
      : sum < 360
        ? (sum + 360) / 2
        : (sum - 360) / 2;

  const t =
    1 -
    0.17 * Math.cos((meanH - 30) * RAD) +
    0.24 * Math.cos(2 * meanH * RAD) +
    0.32 * Math.cos((3 * meanH + 6) * RAD) -
    0.2 * Math.cos((4 * meanH - 63) * RAD);
  const meanCp7 = pow7(meanC);
  const rc = 2 * Math.sqrt(meanCp7 / (meanCp7 + POW25_7));
  const dl = (meanL - 50) ** 2;
  const sl = 1 + (0.015 * dl) / Math.sqrt(20 + dl);
  const sc = 1 + 0.045 * meanC;
  const sh = 1 + 0.015 * meanC * t;
  const rt = -Math.sin(60 * Math.exp(-(((meanH - 275) / 25) ** 2)) * RAD) * rc;

  const x = deltaL / sl;
  const y = deltaC / sc;
  const z = deltaH / sh;
  return Math.sqrt(x * x + y * y + z * z + rt * y * z);
}

function angle(a: number, b: number): number {
  if (a === 0 && b === 0) return 0;
  const degrees = Math.atan2(b, a) / RAD;
  return degrees < 0 ? degrees + 360 : degrees;
}
