/** The middle value; 0 of none. */
export const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** Share of pairs of a look to be sent and one to be changed that the score puts in this order; ties count half. */
export function areaUnderCurve(loved: readonly number[], changed: readonly number[]): number {
  let sum = 0;
  for (const one of loved) for (const other of changed) sum += one > other ? 1 : one === other ? 0.5 : 0;
  return sum / (loved.length * changed.length);
}
