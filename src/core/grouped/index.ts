/** Rows by a key, in the order they came. */
export function grouped<T, K>(rows: readonly T[], keyOf: (row: T) => K): Map<K, T[]> {
  const found = new Map<K, T[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const before = found.get(key);
    if (before) before.push(row);
    else found.set(key, [row]);
  }
  return found;
}
