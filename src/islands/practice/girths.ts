import type { Measures } from '@core/piece';
import type { BodyMeasures } from '@core/figure';

const SHOWN = [
  ['Bust', 'bust'],
  ['Waist', 'waist'],
  ['Hip', 'hip'],
] as const;

/** The girths of a garment or a figure that a size is chosen by, mm. */
export const girthsOf = (measures: Measures | BodyMeasures): (readonly [string, number])[] =>
  SHOWN.flatMap(([label, name]) => {
    const mm = measures[name];
    return mm === undefined ? [] : [[label, mm] as const];
  });
