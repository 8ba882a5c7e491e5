import { type Fault, pathText } from './faults';

/** Longest key of a record, characters. */
const KEY_MOST = 200;
const DEEP_MOST = 40;

/** True for a text that can be kept and shown: no NUL, no half of a surrogate pair. */
const isKeepable = (text: string): boolean => !text.includes('\u0000') && text.isWellFormed();

/**
 * Texts and keys of a request that no database keeps, wherever they stand in it: each field by its path. This is the one
 * place where text is refused for what it is made of; how long it may be, each schema says.
 */
export function unkeepable(value: unknown, path: readonly PropertyKey[] = []): Fault[] {
  if (typeof value === 'string')
    return isKeepable(value)
      ? []
      : [{ path: pathText(path) || '(whole)', message: 'holds a character that cannot be kept' }];
  if (value === null || typeof value !== 'object') return [];
  if (path.length > DEEP_MOST) return [{ path: pathText(path.slice(0, 4)), message: 'nested too deep' }];
  if (Array.isArray(value)) return value.flatMap((each, i) => unkeepable(each, [...path, i]));
  return Object.entries(value).flatMap(([key, each]) =>
    isKeepable(key) && key.length <= KEY_MOST
      ? unkeepable(each, [...path, key])
      : [{ path: pathText(path) || '(whole)', message: 'has a field name that cannot be kept' }],
  );
}
