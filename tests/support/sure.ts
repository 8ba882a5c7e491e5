/** A value that has to be there; says what was not, where a test would go on with nothing. */
export function sure<T>(value: T | null | undefined, what = 'what the test needs'): T {
  if (value === null || value === undefined) throw new Error(`${what} is not there`);
  return value;
}
