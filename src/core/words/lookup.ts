/**
 * A table asked by what somebody wrote. Without it "constructor" and "toString" are in every table: what an object of the language
 * has is no word of ours.
 */
export const lookup =
  <T>(table: Readonly<Record<string, T>>) =>
  (name: string): T | undefined =>
    Object.hasOwn(table, name) ? table[name] : undefined;
