/** Most that ordinary clothes can do, clo: beyond it shelter and movement count, not another coat. */
export const CLOTHES_MOST_CLO = 3.5;
/** Heat that may be lost before a person is truly cold, Wh/m². ISO 11079 uses 40 for the start of strain. */
const DEBT_WH = 40;
const MET_W = 58.15;

/**
 * Insulation of the still air on the clothes, clo, by wind in m/s: 1 / (0.61 + 1.9 √v). Burton & Edholm, "Man in
 * a Cold Environment" (1955).
 */
export const airLayer = (windMs: number): number => 1 / (0.61 + 1.9 * Math.sqrt(Math.max(0.1, windMs)));

/**
 * Clothing wanted out of doors, clo: the heat that must stay, (33 − t) / (0.155 × 0.75 × met × 58.15), less the
 * layer of air. Burton & Edholm (1955): a mean skin of 33 °C, a quarter of the heat lost by breath and vapour.
 */
export const requiredClo = (airC: number, windMs: number, met: number): number =>
  Math.max(0, (33 - airC) / (0.155 * 0.75 * met * MET_W) - airLayer(windMs));

/** Minutes until the clothes given are too little; Infinity where they are enough. */
export function minutesWarm(airC: number, windMs: number, met: number, clo: number): number {
  const loss = (33 - airC) / (0.155 * (clo + airLayer(windMs))) - 0.75 * met * MET_W;
  return loss <= 0 ? Infinity : (DEBT_WH / loss) * 60;
}
