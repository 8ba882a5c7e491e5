/** Rows by a key, in the order they came. */
export function grouped<T>(rows: readonly T[], keyOf: (row: T) => string): Map<string, T[]> {
  const found = new Map<string, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const before = found.get(key);
    if (before) before.push(row);
    else found.set(key, [row]);
  }
  return found;
}
