import type pg from 'pg';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { databasePool } from './database';

/** Window in which tries are counted, seconds. */
const WINDOW_S = 600;

/** So many points of a key in a window, counted in the database for every server of the shop. */
const limiter = (pool: pg.Pool, keyPrefix: string, points: number): RateLimiterPostgres =>
  new RateLimiterPostgres({
    storeClient: pool,
    storeType: 'pool',
    tableName: 'rate_limit',
    // The table comes with the migrations; the app may not make one.
    tableCreated: true,
    clearExpiredByTimeout: false,
    keyPrefix,
    points,
    duration: WINDOW_S,
  });

const LIMITS = {
  /** Wrong passwords of one account from one address. */
  pair: 8,
  /** Wrong passwords from one address, whatever the accounts: trying one password on many is limited too. */
  address: 24,
  /** Wrong passwords of one account from anywhere: beyond them it is slowed, and never locked. */
  account: 6,
  /** Private links that do not exist, from one address. */
  link: 8,
  /** Wrong passwords of an owner who asks for the whole shop. */
  archive: 8,
  /** Pictures that are none, sent through one private link. */
  picture: 10,
} as const;
export type Limit = keyof typeof LIMITS;

const made = new Map<Limit, RateLimiterPostgres>();
function limitOf(name: Limit): RateLimiterPostgres {
  const known = made.get(name);
  if (known) return known;
  const fresh = limiter(databasePool(), name, LIMITS[name]);
  made.set(name, fresh);
  return fresh;
}

const keyOf = (key: string): string => key.toLowerCase().slice(0, 200);

/** True when a key has no points left in its window. */
export async function isSpent(name: Limit, key: string): Promise<boolean> {
  const now = await limitOf(name).get(keyOf(key));
  return now !== null && now.consumedPoints >= LIMITS[name];
}

/** Takes a point of a key; answers how many were taken in this window. */
export async function spend(name: Limit, key: string): Promise<number> {
  try {
    return (await limitOf(name).consume(keyOf(key))).consumedPoints;
  } catch (error) {
    if (error instanceof RateLimiterRes) return error.consumedPoints;
    throw error;
  }
}

export async function forgive(name: Limit, key: string): Promise<void> {
  await limitOf(name).delete(keyOf(key));
}

/** How long an account is made to wait after so many wrong passwords, ms: longer with each, never for good. */
export const slowedMs = (wrong: number): number =>
  wrong <= LIMITS.account ? 0 : Math.min(4000, 250 * 2 ** (wrong - LIMITS.account - 1));

/** Points an account has taken in its window. */
export async function takenBy(name: Limit, key: string): Promise<number> {
  return (await limitOf(name).get(keyOf(key)))?.consumedPoints ?? 0;
}
