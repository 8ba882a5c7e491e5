/** A field two people changed since both read it, or one that only the other changed. */
export interface MergedField {
  /** `profile.limits.heelMaxMm`. */
  readonly path: string;
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface Merge<T> {
  /** What only I changed is mine, what only they changed is theirs; where both did, it is mine until somebody chooses. */
  readonly merged: T;
  /** Changed by them alone. */
  readonly taken: readonly MergedField[];
  /** Changed by both, to different values. */
  readonly clashes: readonly MergedField[];
}

type Plain = Readonly<Record<string, unknown>>;
const isPlain = (value: unknown): value is Plain =>
  value !== null && typeof value === 'object' && !Array.isArray(value);
/** Whether two plain records say the same, whatever the order of their fields. */
export const same = (a: unknown, b: unknown): boolean => canonical(a) === canonical(b);

/** Order of fields does not matter, nor does a field that is absent and one that is undefined or null. */
function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join()}]`;
  if (!isPlain(value)) return JSON.stringify(value ?? null);
  return `{${Object.keys(value)
    .filter((key) => value[key] !== undefined && value[key] !== null)
    .sort()
    .map((key) => `${key}:${canonical(value[key])}`)
    .join()}}`;
}

const isWords = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((each) => typeof each === 'string');

/** Lists of words both changed: what either added is in, what either took out is out. Nobody's allergy is lost. */
function wordsOfBoth(base: unknown, mine: unknown, theirs: unknown): readonly string[] | undefined {
  const before = base ?? [];
  if (!isWords(before) || !isWords(mine) || !isWords(theirs)) return undefined;
  const stays = before.filter((word) => mine.includes(word) && theirs.includes(word));
  return [...new Set([...stays, ...mine, ...theirs])].filter(
    (word) => !before.includes(word) || stays.includes(word),
  );
}

/**
 * Merges two changes of one record field by field, given what both began with. Lists of words are merged
 * word by word; other lists are one field. Fields of `theirs`
 * that mine does not have are left out.
 */
export function mergeFields<T extends Plain>(base: Plain, mine: T, theirs: Plain): Merge<T> {
  const taken: MergedField[] = [];
  const clashes: MergedField[] = [];
  const merge = (before: Plain, own: Plain, other: Plain, prefix: string): Plain => {
    const merged: Record<string, unknown> = { ...own };
    for (const key of new Set([...Object.keys(own), ...(prefix ? Object.keys(other) : [])])) {
      const path = prefix ? `${prefix}.${key}` : key;
      const [b, m, t] = [before[key], own[key], other[key]];
      if (same(m, t) || (!prefix && !(key in other))) continue;
      if (isPlain(m) && isPlain(t)) merged[key] = merge(isPlain(b) ? b : {}, m, t, path);
      else if (same(b, m)) {
        merged[key] = t;
        taken.push({ path, mine: m, theirs: t });
      } else if (!same(b, t)) {
        const both = wordsOfBoth(b, m, t);
        if (both) {
          merged[key] = both;
          taken.push({ path, mine: m, theirs: both });
        } else clashes.push({ path, mine: m, theirs: t });
      }
    }
    return merged;
  };
  return { merged: merge(base, mine, theirs, '') as T, taken, clashes };
}

/** A merged record with the fields put to theirs that somebody chose so. */
export function withTheirs<T extends Plain>(merged: T, chosen: readonly MergedField[]): T {
  return chosen.reduce<T>((now, { path, theirs }) => put(now, path.split('.'), theirs) as T, merged);
}

function put(record: Plain, [key = '', ...rest]: readonly string[], value: unknown): Plain {
  const inner = record[key];
  return { ...record, [key]: rest.length === 0 ? value : put(isPlain(inner) ? inner : {}, rest, value) };
}
