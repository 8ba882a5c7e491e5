import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import * as schema from './schema';

export type Database = NodePgDatabase<typeof schema>;
/** A transaction, or the database itself: whatever a repository function may read and write through. */
export type Reader = Pick<Database, 'select' | 'selectDistinctOn' | 'query' | 'execute'>;
export type Writer = Reader & Pick<Database, 'insert' | 'update' | 'delete'>;

export interface Connection {
  readonly db: Database;
  readonly close: () => Promise<void>;
}

/**
 * Opens a pool on a PostgreSQL address. An idle connection that breaks is dropped, not thrown. `onQuery` is told of
 * every statement.
 */
export function connect(url: string, max = 10, onQuery?: (statement: string) => void): Connection {
  // Many short statements on few cores: starting helpers and compiling costs more than it saves.
  const options = '-c max_parallel_workers_per_gather=0 -c jit=off';
  const pool = new pg.Pool({ connectionString: url, max, connectionTimeoutMillis: 10_000, options });
  pool.on('error', () => undefined);
  const logger = onQuery && { logQuery: onQuery };
  return { db: drizzle(pool, { schema, logger }), close: () => pool.end() };
}

/** Brings the database to the newest migration; safe to run from several servers at once. */
export async function migrateDatabase(db: Database, folder: string): Promise<void> {
  await migrate(db, { migrationsFolder: folder });
}

/** PostgreSQL's own code of an error (`23514`), wherever the driver wrapped it. */
export function sqlState(error: unknown): string | undefined {
  let at: unknown = error;
  for (let depth = 0; depth < 5 && at !== null && typeof at === 'object'; depth++) {
    const { code, cause } = at as { code?: unknown; cause?: unknown };
    if (typeof code === 'string' && /^[0-9A-Z]{5}$/.test(code)) return code;
    at = cause;
  }
  return undefined;
}

export const SQL = { check: '23514', unique: '23505', deadlock: '40P01', serialization: '40001' } as const;
