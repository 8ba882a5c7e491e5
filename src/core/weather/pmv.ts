/** What PMV is worked out from. Temperatures in °C, air speed in m/s, humidity in %, insulation in clo. */
export interface Climate {
  readonly airC: number;
  readonly radiantC: number;
  readonly airMs: number;
  readonly humidityPct: number;
  readonly met: number;
  readonly clo: number;
}

/**
 * Predicted mean vote, −3 cold to +3 hot. ISO 7730:2005, annex D; external work 0. The standard holds within
 * 10–30 °C, up to 2 clo and 4 met: `holdsPmv` says so, and nothing is claimed outside.
 */
export function pmv({ airC, radiantC, airMs, humidityPct, met, clo }: Climate): number {
  const vapour = humidityPct * 10 * Math.exp(16.6536 - 4030.183 / (airC + 235));
  const icl = 0.155 * clo;
  const m = met * 58.15;
  const fcl = icl <= 0.078 ? 1 + 1.29 * icl : 1.05 + 0.645 * icl;
  const hcForced = 12.1 * Math.sqrt(airMs);
  const [ta, tr] = [airC + 273, radiantC + 273];
  const p1 = icl * fcl;
  const p2 = p1 * 3.96;
  const p3 = p1 * 100;
  const p4 = p1 * ta;
  const p5 = 308.7 - 0.028 * m + p2 * (tr / 100) ** 4;
  let xn = (ta + (35.5 - airC) / (3.5 * (6.45 * icl + 0.1))) / 100;
  let xf = xn / 2;
  let hc = hcForced;
  for (let i = 0; i < 150 && Math.abs(xn - xf) > 0.00015; i++) {
    xf = (xf + xn) / 2;
    hc = Math.max(hcForced, 2.38 * Math.abs(100 * xf - ta) ** 0.25);
    xn = (p5 + p4 * hc - p2 * xf ** 4) / (100 + p3 * hc);
  }
  const surfaceC = 100 * xn - 273;
  const skin = 3.05e-3 * (5733 - 6.99 * m - vapour);
  const sweat = m > 58.15 ? 0.42 * (m - 58.15) : 0;
  const breath = 1.7e-5 * m * (5867 - vapour);
  const dry = 0.0014 * m * (34 - airC);
  const radiation = 3.96 * fcl * (xn ** 4 - (tr / 100) ** 4);
  const convection = fcl * hc * (surfaceC - airC);
  return (0.303 * Math.exp(-0.036 * m) + 0.028) * (m - skin - sweat - breath - dry - radiation - convection);
}

/** Whether ISO 7730 speaks of these conditions at all. */
export const holdsPmv = ({ airC, clo, met }: Pick<Climate, 'airC' | 'clo' | 'met'>): boolean =>
  airC >= 10 && airC <= 30 && clo <= 2 && met <= 4 && met >= 0.8;
