/** A set with one more in it, or without the one that was. */
export function toggled<T>(set: ReadonlySet<T>, one: T): ReadonlySet<T> {
  const made = new Set(set);
  if (!made.delete(one)) made.add(one);
  return made;
}

/** The one so many steps on from another, and no further than the ends; undefined of an empty list. */
export const stepped = <T>(all: readonly T[], at: number, by: number): T | undefined =>
  all[Math.min(all.length - 1, Math.max(0, at + by))];
