import './zod-words';
import type { z } from 'zod';

/** One thing wrong with what was sent: where, and in words. */
export interface Fault {
  readonly path: string;
  readonly message: string;
}

/** The one shape in which the API says no. */
export interface Problem {
  readonly type: string;
  readonly title: string;
  readonly status: number;
  readonly faults: readonly Fault[];
  /** Of a write over something newer: what is there now, in the shape of the call’s own input. */
  readonly current?: Readonly<Record<string, unknown>> | undefined;
}

/** `pieces[2].colours[0].hex` */
export const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, key) =>
      typeof key === 'number' ? `${text}[${key}]` : text ? `${text}.${String(key)}` : String(key),
    '',
  );

/** Zod's issues as faults; unions are opened so that the field itself is named. */
export function faultsOf(error: z.ZodError, prefix = ''): Fault[] {
  return error.issues.flatMap((issue) => {
    const own = pathText(issue.path);
    // Of the whole of one value among several: "[1]", not "[1].".
    const path = own ? prefix + own : prefix.replace(/\.$/, '');
    if (issue.code === 'unrecognized_keys') {
      return issue.keys.map((key) => ({ path: path ? `${path}.${key}` : key, message: 'not a known field' }));
    }
    return [{ path: path || '(whole)', message: issue.message }];
  });
}
