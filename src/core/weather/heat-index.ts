/**
 * Heat index in °C of air temperature (°C) and humidity (%). Regression of Rothfusz (1990), US National Weather
 * Service technical attachment SR 90-23, without its small adjustments; it holds from 27 °C and 40 %. Below, the
 * air temperature itself is given back.
 */
export function heatIndex(airC: number, humidityPct: number): number {
  if (airC < 27 || humidityPct < 40) return airC;
  const t = airC * 1.8 + 32;
  const r = humidityPct;
  const f =
    -42.379 +
    2.04901523 * t +
    10.14333127 * r -
    0.22475541 * t * r -
    6.83783e-3 * t * t -
    5.481717e-2 * r * r +
    1.22874e-3 * t * t * r +
    8.5282e-4 * t * r * r -
    1.99e-6 * t * t * r * r;
  return (f - 32) / 1.8;
}
