import type pg from 'pg';
import { connect, type Connection } from '@data/db';

let open: Connection | undefined;

function connection(): Connection {
  if (!open) {
    const url = process.env.DATABASE_URL;
    if (!url) throw new Error('DATABASE_URL is not set: start with bin/start.');
    open = connect(url, undefined, undefined, Number(process.env.DB_WAIT_MS) || undefined);
  }
  return open;
}

/** The one pool of this server process, on DATABASE_URL. */
export const database = (): Connection['db'] => connection().db;

/** The same pool, for libraries that speak to PostgreSQL by themselves. */
export const databasePool = (): pg.Pool => connection().pool;
