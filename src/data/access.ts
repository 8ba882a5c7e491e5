import { sql } from 'drizzle-orm';
import type { Database } from './db';

/** Schemas of the shop: its tables, which migrations were run, and the queue of jobs. */
const SCHEMAS = ['public', 'drizzle', 'graphile_worker'] as const;
/** Written once and read: not even the app changes or deletes a row of these. */
export const APPEND_ONLY = [
  'audit',
  'credit_note',
  'payment',
  'receipt',
  'stock_movement',
  'voucher_movement',
] as const;

export interface Roles {
  /** Role the app and its workers sign in with. */
  readonly app?: string | undefined;
  /** Role backups are read with. */
  readonly backup?: string | undefined;
}

/**
 * Gives the app what it needs and no more: no DDL, no TRUNCATE, and of the append-only tables only new rows; the backup
 * reads. Run by the owner of the schema after every migration. Roles that are the owner itself are left as they are.
 */
export async function grantAccess(db: Database, { app, backup }: Roles): Promise<void> {
  const own = await db.execute<{ me: string }>(sql`select current_user as me`);
  const me = own.rows[0]?.me;
  const run = (statement: string): Promise<unknown> => db.execute(sql.raw(statement));
  const named = (role: string): string => `"${role.replaceAll('"', '""')}"`;
  const there = await db.execute<{ name: string }>(
    sql`select nspname as name from pg_namespace where nspname in ('public', 'drizzle', 'graphile_worker')`,
  );
  for (const schema of SCHEMAS.filter((name) => there.rows.some((row) => row.name === name))) {
    if (app && app !== me) {
      const role = named(app);
      await run(`grant usage on schema ${schema} to ${role}`);
      const may = schema === 'drizzle' ? 'select' : 'select, insert, update, delete';
      await run(`grant ${may} on all tables in schema ${schema} to ${role}`);
      await run(`grant usage, select on all sequences in schema ${schema} to ${role}`);
      await run(`grant execute on all functions in schema ${schema} to ${role}`);
    }
    if (backup && backup !== me) {
      const role = named(backup);
      await run(`grant usage on schema ${schema} to ${role}`);
      await run(`grant select on all tables in schema ${schema} to ${role}`);
      await run(`grant select on all sequences in schema ${schema} to ${role}`);
    }
  }
  // A database of the release before has not all of them yet; it is granted anew when it is brought up to this one.
  const kept = await db.execute<{ name: string }>(
    sql`select tablename as name from pg_tables where schemaname = 'public'`,
  );
  if (app && app !== me)
    for (const table of APPEND_ONLY.filter((each) => kept.rows.some(({ name }) => name === each)))
      await run(`revoke update, delete, truncate on ${table} from ${named(app)}`);
}

/** The role a database address signs in with. */
export const roleOf = (url: string | undefined): string | undefined =>
  url === undefined ? undefined : decodeURIComponent(new URL(url).username) || undefined;
