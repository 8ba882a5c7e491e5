import { pino } from 'pino';
import { sqlState } from '@data/db';

/** Fields that are never written, wherever they stand. */
const REDACTED = [
  'params',
  'parameters',
  'detail',
  'where',
  'email',
  'password',
  'token',
  'cookie',
  'authorization',
];

export const log = pino({
  level: process.env.LOG_LEVEL ?? 'info',
  base: null,
  redact: {
    paths: [...REDACTED.map((name) => `error.${name}`), ...REDACTED.map((name) => `*.*.${name}`)],
    censor: '[not written]',
  },
});

/** So much of a statement says which one it was; its values are parameters and stand apart. */
const STATEMENT_MOST = 160;

/**
 * What is written of an error: its kind, PostgreSQL's code, table and constraint, and which statement it was. Never a
 * parameter, and of a database error no message either, since it repeats values.
 */
export function errorFacts(error: unknown): Record<string, unknown> {
  const state = sqlState(error);
  const inner = deepest(error);
  const query = (error as { query?: unknown } | null)?.query;
  if (state !== undefined || typeof query === 'string') {
    const { table, constraint, column } = inner as Record<string, unknown>;
    return {
      name: nameOf(error),
      code: state ?? (inner as { code?: unknown }).code,
      table,
      constraint,
      column,
      statement: typeof query === 'string' ? query.slice(0, STATEMENT_MOST) : undefined,
    };
  }
  return error instanceof Error
    ? { name: error.name, message: plain(error.message), stack: plain(error.stack ?? '') }
    : { name: nameOf(error) };
}

const nameOf = (error: unknown): string => (error instanceof Error ? error.name : typeof error);

function deepest(error: unknown): object {
  let at: unknown = error;
  while (at instanceof Error && at.cause instanceof Error) at = at.cause;
  return at !== null && typeof at === 'object' ? at : {};
}

/** Control characters made visible, so that no line is forged and no terminal is driven. */
const plain = (text: string): string =>
  text.replace(
    /[\u0000-\u0008\u000b-\u001f\u007f-\u009f\u2028\u2029]/g,
    (sign) => `\\u${sign.charCodeAt(0).toString(16).padStart(4, '0')}`,
  );
