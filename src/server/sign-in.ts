import { randomUUID } from 'node:crypto';
import type { Database, Writer } from '@data/db';
import * as schema from '@data/schema';
import { betterAuth } from 'better-auth';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import { sql } from 'drizzle-orm';
import type { Actor } from './context';

export const SHORTEST_PASSWORD = 12;
const TRY_WINDOW_MS = 10 * 60_000;
const MOST_TRIES = 8;

/**
 * Sign-in by e-mail and password. None of the library's own endpoints is mounted: pages call it on the
 * server, so there is no open sign-up and nothing else to reach from outside.
 */
export function signInOf(db: Database, secret: string, origin: string) {
  return betterAuth({
    baseURL: origin,
    secret,
    database: drizzleAdapter(db, {
      provider: 'pg',
      schema: {
        user: schema.user,
        session: schema.session,
        account: schema.account,
        verification: schema.verification,
      },
    }),
    emailAndPassword: { enabled: true, disableSignUp: true, minPasswordLength: SHORTEST_PASSWORD },
    user: {
      additionalFields: {
        role: { type: 'string', required: true, input: false },
        shopId: { type: 'string', required: true, input: false },
      },
    },
    session: { expiresIn: 60 * 60 * 24 * 14 },
    // Tries are counted below, per account and socket address, in the database.
    rateLimit: { enabled: false },
    telemetry: { enabled: false },
    advanced: {
      useSecureCookies: origin.startsWith('https:'),
      defaultCookieAttributes: { sameSite: 'lax', httpOnly: true },
    },
    logger: { disabled: true },
  });
}

export type SignIn = ReturnType<typeof signInOf>;

/** Who sends a request, or undefined. */
export async function actorOf(signIn: SignIn, headers: Headers): Promise<Actor | undefined> {
  const found = await signIn.api.getSession({ headers });
  if (!found) return undefined;
  const { id, name, role, shopId } = found.user as typeof found.user & {
    role: Actor['role'];
    shopId: string;
  };
  return { id, name, role, shopId };
}

export interface NewUser {
  readonly shopId: string;
  readonly name: string;
  readonly email: string;
  readonly password: string;
  readonly role: schema.Role;
}

/** Makes an account; only the owner's use cases and the demo call it. */
export async function createUser(tx: Writer, signIn: SignIn, user: NewUser): Promise<string> {
  const context = await signIn.$context;
  const id = randomUUID();
  const at = new Date();
  await tx.insert(schema.user).values({
    id,
    name: user.name,
    email: user.email.toLowerCase(),
    emailVerified: true,
    role: user.role,
    shopId: user.shopId,
    updatedAt: at,
  });
  await tx.insert(schema.account).values({
    id: randomUUID(),
    accountId: id,
    providerId: 'credential',
    userId: id,
    password: await context.password.hash(user.password),
    updatedAt: at,
  });
  return id;
}

/**
 * Counts a try at signing in for an account from a socket address. False once there were too many in
 * ten minutes; the count is in the database, so that several servers share it.
 */
export async function mayTry(db: Writer, email: string, address: string, now: Date): Promise<boolean> {
  const key = `${email.toLowerCase()}|${address}`.slice(0, 300);
  const result = await db.execute<{ count: number }>(sql`
    insert into sign_in_try (key, count, window_start_ms) values (${key}, 1, ${now.getTime()})
    on conflict (key) do update set
      count = case when sign_in_try.window_start_ms < ${now.getTime() - TRY_WINDOW_MS} then 1 else sign_in_try.count + 1 end,
      window_start_ms = case when sign_in_try.window_start_ms < ${now.getTime() - TRY_WINDOW_MS} then ${now.getTime()} else sign_in_try.window_start_ms end
    returning count`);
  return Number(result.rows[0]?.count ?? 1) <= MOST_TRIES;
}

/** Forgets the tries of an account after it signed in. */
export async function clearTries(db: Writer, email: string, address: string): Promise<void> {
  await db.execute(
    sql`delete from sign_in_try where key = ${`${email.toLowerCase()}|${address}`.slice(0, 300)}`,
  );
}
