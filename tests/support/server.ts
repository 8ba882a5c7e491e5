import { type ChildProcess, spawn } from 'node:child_process';
import { createServer } from 'node:net';
import type { Answer, Input, CallName } from '@contracts/calls';
import type { Problem } from '@contracts/faults';
import type { TalliedBox } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { DEMO_USERS } from '@server/demo/users';
import { SECRET } from './database';
import { PATIENT_MS } from './database';

export const freePort = (): Promise<number> =>
  new Promise((done) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address();
      probe.close(() => done(typeof address === 'object' && address ? address.port : 0));
    });
  });

export interface TestServer {
  readonly origin: string;
  /** The process lives. */
  readonly isAlive: () => boolean;
  readonly stop: (signal?: NodeJS.Signals) => Promise<void>;
}

/** The built server on a free port, on a test's own database. */
export async function startServer(
  databaseUrl: string,
  wantedPort?: number,
  environment: Readonly<Record<string, string>> = {},
): Promise<TestServer> {
  const port = wantedPort ?? (await freePort());
  const child: ChildProcess = spawn('node', ['bin/serve.mjs'], {
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      AUTH_SECRET: SECRET,
      HOST: '127.0.0.1',
      PORT: String(port),
      NODE_ENV: 'production',
      LOG_LEVEL: 'silent',
      DB_WAIT_MS: String(PATIENT_MS),
      ...environment,
    },
    stdio: 'ignore',
  });
  const origin = `http://127.0.0.1:${port}`;
  for (let i = 0; i < 150; i++) {
    if (
      await fetch(`${origin}/health`).then(
        (answer) => answer.ok,
        () => false,
      )
    )
      break;
    if (child.exitCode !== null) throw new Error('the server did not start');
    await new Promise((done) => setTimeout(done, 100));
  }
  return {
    origin,
    isAlive: () => child.exitCode === null && child.signalCode === null,
    stop: (signal = 'SIGTERM') =>
      new Promise((done) => {
        if (child.exitCode !== null || child.signalCode !== null) return done();
        child.once('exit', () => done());
        child.kill(signal);
      }),
  };
}

/** The view of those who dress the client; a test that asked as one of them got no other. */
export function whole<V extends TalliedBox>(view: V | PackView): V {
  if (view.sees !== 'all') throw new Error('this is the view of a packer');
  return view;
}

export type Role = (typeof DEMO_USERS)[number]['role'];

/** Signs in through the form and gives back the cookie. */
export async function signInCookie(origin: string, email: string, password: string): Promise<string> {
  const answer = await fetch(`${origin}/sign-in`, {
    method: 'POST',
    redirect: 'manual',
    headers: { origin, 'content-type': 'application/x-www-form-urlencoded' },
    body: new URLSearchParams({ email, password }),
  });
  if (answer.status !== 303) throw new Error(`sign-in answered ${answer.status}`);
  return answer.headers
    .getSetCookie()
    .map((cookie) => cookie.split(';')[0])
    .join('; ');
}

export interface Said<N extends CallName> {
  readonly status: number;
  readonly answer: Answer<N>;
  readonly problem: Problem;
}

export interface Caller {
  readonly origin: string;
  readonly cookie: string;
  readonly call: <N extends CallName>(name: N, input: Input<N>, key?: string) => Promise<Said<N>>;
}

/** A person of the demo shop, talking to the API as the screens do. */
export async function callerOf(origin: string, role: Role = 'stylist'): Promise<Caller> {
  const user = DEMO_USERS.find((each) => each.role === role);
  if (!user) throw new Error(`no ${role}`);
  return callerWith(origin, await signInCookie(origin, user.email, user.password));
}

/** Whoever holds a cookie, talking to the API as the screens do. */
export function callerWith(origin: string, cookie: string): Caller {
  return {
    origin,
    cookie,
    call: async (name, input, key) => {
      const response = await fetch(`${origin}/api/${name}`, {
        method: 'POST',
        headers: {
          origin,
          cookie,
          'content-type': 'application/json',
          ...(key ? { 'idempotency-key': key } : {}),
        },
        body: JSON.stringify(input),
      });
      const body = (await response.json()) as never;
      return { status: response.status, answer: body, problem: body };
    },
  };
}
