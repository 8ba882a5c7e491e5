import type { Fault } from './faults';

export type JsonValues =
  | { readonly ok: true; readonly values: readonly unknown[]; readonly many: boolean }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** The values of a file: one, an array of them, or JSON lines. */
export function jsonValues(text: string): JsonValues {
  const body = text.replace(/^\uFEFF/, '').trim();
  if (body === '') return { ok: false, faults: [{ path: '(file)', message: 'the file is empty' }] };
  try {
    const value: unknown = JSON.parse(body);
    return Array.isArray(value)
      ? { ok: true, values: value, many: true }
      : { ok: true, values: [value], many: false };
  } catch (error) {
    const rows = body.split(/\r?\n/).filter((row) => row.trim() !== '');
    if (rows.length < 2)
      return { ok: false, faults: [{ path: '(file)', message: `not JSON: ${(error as Error).message}` }] };
    const values: unknown[] = [];
    for (const [i, row] of rows.entries()) {
      try {
        values.push(JSON.parse(row));
      } catch (bad) {
        return { ok: false, faults: [{ path: `[${i}]`, message: `not JSON: ${(bad as Error).message}` }] };
      }
    }
    return { ok: true, values, many: true };
  }
}

/** Where a fault of one value among several stands. */
export const prefixOf = (i: number, many: boolean): string => (many ? `[${i}].` : '');
