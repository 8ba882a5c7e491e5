import type { Role } from '@core/shop';
import { randomUUID } from 'node:crypto';
import type { Database, Writer } from '@data/db';
import { addUser } from '@data/people/users';
import * as schema from '@data/schema';
import { betterAuth } from 'better-auth';
import { drizzleAdapter } from 'better-auth/adapters/drizzle';
import type { Actor } from './context';
import { isPracticeShop } from './origin';
import { SHORTEST_PASSWORD } from './password';

const IDLE_S = 12 * 60 * 60;
const LONGEST_MS = 30 * 24 * 60 * 60 * 1000;

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
        endedAt: { type: 'date', required: false, input: false },
      },
    },
    // Twelve hours without a request end a session; so do thirty days, whatever was asked in them.
    session: { expiresIn: IDLE_S, updateAge: 15 * 60 },
    // Tries are counted in limits.ts, by account and by address, in the database.
    rateLimit: { enabled: false },
    telemetry: { enabled: false },
    advanced: {
      // Cookies are a host's whatever the port: whoever signs in to the practice shop stays signed in to the real one.
      ...(isPracticeShop() ? { cookiePrefix: 'practice' } : {}),
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
  const { id, name, email, role, shopId, endedAt } = found.user as typeof found.user & {
    role: Actor['role'];
    shopId: string;
    endedAt?: Date | null;
  };
  const age = Date.now() - new Date(found.session.createdAt).getTime();
  if (endedAt || age > LONGEST_MS) return undefined;
  return { id, name, email, role, shopId, sessionId: found.session.id };
}

export interface NewUser {
  readonly shopId: string;
  readonly name: string;
  readonly email: string;
  readonly password: string;
  readonly role: Role;
  readonly inTraining?: boolean;
}

/** Makes an account; only the owner's use cases and the demo call it. */
export async function createUser(tx: Writer, signIn: SignIn, user: NewUser): Promise<string> {
  const context = await signIn.$context;
  const id = randomUUID();
  const at = new Date();
  await addUser(
    tx,
    {
      id,
      name: user.name,
      email: user.email.toLowerCase(),
      emailVerified: true,
      role: user.role,
      shopId: user.shopId,
      inTraining: user.inTraining ?? false,
      updatedAt: at,
    },
    {
      id: randomUUID(),
      accountId: id,
      providerId: 'credential',
      userId: id,
      password: await context.password.hash(user.password),
      updatedAt: at,
    },
  );
  return id;
}
