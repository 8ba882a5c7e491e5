/** Logarithm of the gamma function by Lanczos' series (g = 5, six terms); good to 2e-10. Source: Lanczos 1964. */
function logGamma(x: number): number {
  const terms = [
    76.18009172947146, -86.50532032941677, 24.01409824083091, -1.231739572450155, 0.001208650973866179,
    -0.000005395239384953,
  ];
  let sum = 1.000000000190015;
  terms.forEach((term, i) => (sum += term / (x + 1 + i)));
  const t = x + 5.5;
  return Math.log((2.5066282746310007 * sum) / x) - t + (x + 0.5) * Math.log(t);
}

const STEPS = 300;
const TINY = 1e-300;

/** The continued fraction of the incomplete beta function by Lentz's way. Source: Abramowitz & Stegun 26.5.8. */
function fraction(x: number, a: number, b: number): number {
  const kept = (value: number): number => (Math.abs(value) < TINY ? TINY : value);
  let c = 1;
  let d = 1 / kept(1 - ((a + b) * x) / (a + 1));
  let h = d;
  for (let m = 1; m < STEPS; m++) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    for (const term of [even, odd]) {
      d = 1 / kept(1 + term * d);
      c = kept(1 + term / c);
      h *= c * d;
    }
    if (Math.abs(c * d - 1) < 1e-13) break;
  }
  return h;
}

/** Chance that a share drawn from Beta(a, b) is at most `x`, 0 to 1. */
export function betaBelow(x: number, a: number, b: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  const front = Math.exp(logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log(1 - x));
  // The fraction runs fast on one side of the mean only.
  return x < (a + 1) / (a + b + 2)
    ? (front * fraction(x, a, b)) / a
    : 1 - (front * fraction(1 - x, b, a)) / b;
}

/** The share below which a draw from Beta(a, b) lies with chance `p`. */
export function betaQuantile(p: number, a: number, b: number): number {
  let [low, high] = [0, 1];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (betaBelow(middle, a, b) < p) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
