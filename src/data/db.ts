import { readMigrationFiles } from 'drizzle-orm/migrator';
import { drizzle, type NodePgDatabase } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import { sql } from 'drizzle-orm';
import pg from 'pg';
import * as schema from './schema';

export type Database = NodePgDatabase<typeof schema>;
/** A transaction, or the database itself: whatever a repository function may read and write through. */
export type Reader = Pick<Database, 'select' | 'selectDistinctOn' | 'query' | 'execute'>;
export type Writer = Reader & Pick<Database, 'insert' | 'update' | 'delete'>;

export interface Connection {
  readonly db: Database;
  readonly pool: pg.Pool;
  readonly close: () => Promise<void>;
}

/** How long a caller waits for a connection before it is told that the database does not answer, ms. */
const CONNECT_MS = 5_000;

/**
 * Opens a pool on a PostgreSQL address. A connection that breaks, idle or in use, ends what was done on it and nothing
 * else. `onQuery` is told of every statement; `waitMs`: how long a caller waits for a connection.
 */
export function connect(
  url: string,
  max = 10,
  onQuery?: (statement: string) => void,
  waitMs = CONNECT_MS,
): Connection {
  // Many short statements on few cores: starting helpers and compiling costs more than it saves.
  const options = '-c max_parallel_workers_per_gather=0 -c jit=off';
  const pool = new pg.Pool({ connectionString: url, max, connectionTimeoutMillis: waitMs, options });
  pool.on('error', () => undefined);
  // The pool listens while a connection is idle; in use its query is refused all the same, and nobody else listens.
  pool.on('connect', (client) => client.on('error', () => undefined));
  const logger = onQuery && { logQuery: onQuery };
  return { db: drizzle(pool, { schema, logger }), pool, close: () => pool.end() };
}

/** The last migration before they were made one; a database that had it holds all that the first two files make. */
const SQUASHED_AT = 1795667897526;

/** Brings the database to the newest migration; safe to run from several servers at once. */
export async function migrateDatabase(db: Database, folder: string): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.execute(sql`select pg_advisory_xact_lock(hashtext('ivory-rail migrations'))`);
    await takeBaseline(tx as unknown as Database, folder);
    await migrate(tx as unknown as Database, { migrationsFolder: folder });
  });
}

/** A database of the migrations before they were squashed is given the row of the file that stands for them. */
async function takeBaseline(db: Database, folder: string): Promise<void> {
  const there = await db.execute<{ there: boolean }>(
    sql`select to_regclass('drizzle.__drizzle_migrations') is not null as there`,
  );
  if (!there.rows[0]?.there) return;
  const rows = await db.execute<{ hash: string; at: string }>(
    sql`select hash, created_at as at from drizzle.__drizzle_migrations order by created_at desc`,
  );
  const [last] = rows.rows;
  if (!last) return;
  if (Number(last.at) < SQUASHED_AT)
    throw new Error(
      'This database is older than the last release before the migrations were made one. Start that release once, then this one.',
    );
  const baseline = readMigrationFiles({ migrationsFolder: folder }).filter(
    ({ folderMillis }) => folderMillis <= SQUASHED_AT,
  );
  for (const { hash, folderMillis } of baseline)
    if (!rows.rows.some((row) => row.hash === hash))
      await db.execute(
        sql`insert into drizzle.__drizzle_migrations (hash, created_at) values (${hash}, ${folderMillis})`,
      );
}

/** The codes of an error and of its causes, PostgreSQL's (`23514`) and the system's (`ECONNREFUSED`), outermost first. */
function codesOf(error: unknown): string[] {
  const codes: string[] = [];
  let at: unknown = error;
  for (let depth = 0; depth < 6 && at !== null && typeof at === 'object'; depth++) {
    const { code, cause } = at as { code?: unknown; cause?: unknown };
    if (typeof code === 'string') codes.push(code);
    at = cause;
  }
  return codes;
}

/** PostgreSQL's own code of an error (`23514`), wherever the driver wrapped it. */
export const sqlState = (error: unknown): string | undefined =>
  codesOf(error).find((code) => /^[0-9A-Z]{5}$/.test(code));

const GONE = [/^08/, /^57P0[1-5]$/, /^ECONN/, /^EPIPE$/, /^ETIMEDOUT$/, /^ENOTFOUND$/, /^53300$/];
const GONE_WORDS =
  /connection terminated|timeout exceeded when trying to connect|client has encountered a connection error|not queryable|server closed the connection|cannot use a pool after/i;

/** True when the database itself was not to be reached: nothing is wrong with what was asked. */
export function isUnreachable(error: unknown): boolean {
  if (codesOf(error).some((code) => GONE.some((pattern) => pattern.test(code)))) return true;
  let at: unknown = error;
  for (let depth = 0; depth < 6 && at instanceof Error; depth++) {
    if (GONE_WORDS.test(at.message)) return true;
    at = at.cause;
  }
  return false;
}

export const SQL = {
  check: '23514',
  unique: '23505',
  foreignKey: '23503',
  deadlock: '40P01',
  serialization: '40001',
} as const;
