import { execFile, spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, statSync } from 'node:fs';
import { request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { audit, client, rateLimit } from '@data/schema';
import { passwordFault } from '@server/password';
import { ownPath } from '@server/origin';
import { errorFacts } from '@server/log';
import { eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { SECRET } from '../support/database';
import { openShop } from '../support/open-shop';
import { callerOf, freePort, signInCookie, startServer } from '../support/server';
import { until } from '../support/until';
import { sure } from '../support/sure';

const shop = openShop();

const tryIn = (origin: string, email: string, password: string, headers: Record<string, string> = {}) =>
  fetch(`${origin}/sign-in`, {
    method: 'POST',
    redirect: 'manual',
    headers: { origin, 'content-type': 'application/x-www-form-urlencoded', ...headers },
    body: new URLSearchParams({ email, password }),
  });

/** A bare request: fetch sets the host itself. */
const bare = (origin: string, path: string, headers: Record<string, string>, method = 'GET') =>
  new Promise<{ status: number; headers: Record<string, string | string[] | undefined> }>((done, fail) => {
    const { hostname, port } = new URL(origin);
    const sent = request({ hostname, port, path, method, headers }, (answer) => {
      answer.resume();
      answer.on('end', () => done({ status: answer.statusCode ?? 0, headers: answer.headers }));
    });
    sent.on('error', fail);
    sent.end();
  });

describe('signing in', () => {
  it('spraying many accounts from one address is stopped, whatever it says of itself', async () => {
    const server = await startServer(shop.base.url);
    try {
      let last = 0;
      let says = '';
      for (let i = 0; i < 45 && !says.includes('Too many'); i++) {
        const answer = await tryIn(server.origin, `person${i}@heronroom.invalid`, 'Password-1234', {
          'x-forwarded-for': `10.1.1.${i}`,
          'x-ivory-client': `10.2.2.${i}`,
        });
        last = i;
        says = await answer.text();
      }
      expect(says).toContain('Too many tries');
      expect(last).toBeGreaterThan(20);
    } finally {
      await server.stop();
      await shop.db.delete(rateLimit);
    }
  });

  it('an account that is tried from many places is slowed and never locked, behind a proxy by its last hop', async () => {
    const server = await startServer(shop.base.url, undefined, { TRUST_PROXY: '1' });
    const { origin } = server;
    const email = 'stylist@heronroom.invalid';
    try {
      // The first value is the client's own to choose; the last is what the proxy added.
      for (let i = 0; i < 9; i++)
        await tryIn(origin, email, 'wrong-wrong-wrong', { 'x-forwarded-for': `1.2.3.${i}, 203.0.113.5` });
      const stopped = await tryIn(origin, email, 'heron-stylist-demo', {
        'x-forwarded-for': '9.9.9.9, 203.0.113.5',
      });
      expect([stopped.status, await stopped.text()]).toEqual([
        401,
        expect.stringContaining('Too many tries'),
      ]);
      const began = Date.now();
      const own = await tryIn(origin, email, 'heron-stylist-demo', { 'x-forwarded-for': '203.0.113.77' });
      expect(own.status).toBe(303);
      expect(Date.now() - began).toBeGreaterThan(200);
    } finally {
      await server.stop();
      await shop.db.delete(rateLimit);
    }
  });

  it('who came, who failed and who left is in the audit, without the password', async () => {
    const cookie = await signInCookie(shop.origin, 'packer@heronroom.invalid', 'heron-packer-demo');
    await tryIn(shop.origin, 'packer@heronroom.invalid', 'not-this-one-at-all');
    await fetch(`${shop.origin}/sign-out`, {
      method: 'POST',
      redirect: 'manual',
      headers: { cookie, origin: shop.origin },
    });
    const rows = await shop.db.select().from(audit).where(eq(audit.entity, 'user'));
    expect(new Set(rows.map(({ action }) => action))).toEqual(
      new Set(['sign in', 'sign-in failed', 'sign out']),
    );
    expect(JSON.stringify(rows)).not.toContain('not-this-one');
    const after = await fetch(`${shop.origin}/clients`, { headers: { cookie }, redirect: 'manual' });
    expect(after.status).toBe(302);
  });

  it('common passwords are refused, and what somebody makes of their own name', () => {
    for (const weak of [
      'password1234',
      '123456789012',
      'qwertyuiop12',
      'aaaaaaaaaaaa',
      'iloveyou1234',
      'heronroom123',
    ])
      expect(passwordFault(weak, ['The Heron Room']), weak).toMatch(/tried first/);
    expect(passwordFault('short', [])).toContain('at least 12');
    expect(passwordFault('heather slate kettle nine', ['The Heron Room'])).toBeUndefined();
  });

  it('goes on only to a path of ours', () => {
    for (const [wanted, goes] of [
      ['/clients?x=1', '/clients?x=1'],
      ['//evil.invalid', '/'],
      ['/\\evil.invalid', '/'],
      ['/\t/evil.invalid', '/'],
      ['https://evil.invalid', '/'],
      ['/api/erase-client', '/'],
      ['/sign-out', '/'],
      [null, '/'],
    ] as const)
      expect(ownPath(wanted), String(wanted)).toBe(goes);
  });
});

describe('every answer', () => {
  it('carries the hardening headers, and personal pages are kept nowhere', async () => {
    const { cookie } = shop.stylist;
    const [person] = await shop.db.select().from(client).limit(1);
    for (const path of [
      '/',
      '/clients',
      `/clients/${sure(person).id}`,
      '/stockroom',
      '/nothing-here',
      '/health',
      '/sign-in',
      '/favicon.svg',
    ]) {
      const { headers } = await fetch(shop.origin + path, { headers: { cookie }, redirect: 'manual' });
      for (const name of [
        'x-content-type-options',
        'x-frame-options',
        'referrer-policy',
        'content-security-policy',
        'permissions-policy',
        'cross-origin-opener-policy',
      ])
        expect(headers.get(name), `${path} ${name}`).not.toBeNull();
      if (path !== '/favicon.svg') expect(headers.get('cache-control'), path).toBe('no-store');
    }
    const refused = await fetch(`${shop.origin}/api/start-box`, { method: 'POST', body: '{}' });
    expect([refused.status, refused.headers.get('x-content-type-options')]).toEqual([403, 'nosniff']);
  });

  it('no picture is made for anybody, and no other name or scheme is ours', async () => {
    expect((await fetch(`${shop.origin}/_image?href=/favicon.svg&w=40000&f=png`)).status).toBe(404);
    const { cookie } = shop.stylist;
    expect((await bare(shop.origin, '/', { host: 'evil.invalid', cookie })).status).toBe(421);
    expect((await bare(shop.origin, '/clients', { host: new URL(shop.origin).host, cookie })).status).toBe(
      200,
    );
    const port = new URL(shop.origin).port;
    expect((await bare(shop.origin, '/sign-in', { host: `localhost:${port}` })).status).toBe(200);
  });

  it('behind https: strict transport, secure cookies, and only that origin writes', async () => {
    const server = await startServer(shop.base.url, undefined, { SITE_URL: 'https://rail.example' });
    try {
      const page = await bare(server.origin, '/sign-in', { host: 'rail.example' });
      expect([page.status, page.headers['strict-transport-security']]).toEqual([
        200,
        expect.stringContaining('max-age='),
      ]);
      const other = await bare(
        server.origin,
        '/sign-out',
        { host: 'rail.example', origin: 'http://rail.example', 'content-length': '0' },
        'POST',
      );
      expect(other.status).toBe(403);
    } finally {
      await server.stop();
    }
  });

  it('bodies are capped by call, before they are read', async () => {
    const big = 'x'.repeat(400_000);
    const note = await shop.stylist.call('save-client', {
      name: 'Big',
      measures: {},
      profile: {},
      notes: big,
    });
    expect([note.status, note.problem.title]).toEqual([
      413,
      'That is too large: up to 256 kB can be sent at once.',
    ]);
    const packer = await callerOf(shop.origin, 'packer');
    expect((await packer.call('import-stock', { csv: big, take: 'check' })).status).toBe(403);
  });
});

describe('the log', () => {
  it('holds codes and no person: neither parameters nor messages of the database', () => {
    const inner = Object.assign(new Error('Key (email)=(una@loft.invalid) already exists.'), {
      code: '23505',
      detail: 'Key (email)=(una@loft.invalid)',
      table: 'client',
      constraint: 'client_email',
    });
    const error = Object.assign(
      new Error('Failed query: insert … params: una@loft.invalid', { cause: inner }),
      {
        query: 'insert into "client" ("email") values ($1)',
        params: ['una@loft.invalid'],
      },
    );
    const facts = JSON.stringify(errorFacts(error));
    expect(facts).not.toContain('una@loft');
    expect(JSON.parse(facts)).toMatchObject({ code: '23505', table: 'client', constraint: 'client_email' });
    expect(JSON.stringify(errorFacts(new Error('x\u001b[2J\u2028forged')))).not.toMatch(/[\u001b\u2028]/);
  });
});

const exec = promisify(execFile);

describe('a server and a worker that die', () => {
  it('are started again, are told of by /health, and their log is theirs alone and kept', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'ivory-rail-keep-'));
    const port = await freePort();
    const origin = `http://127.0.0.1:${port}`;
    const keeper = spawn('node', ['bin/keep.mjs', folder], {
      env: {
        ...process.env,
        DATABASE_URL: shop.base.url,
        AUTH_SECRET: SECRET,
        HOST: '127.0.0.1',
        PORT: String(port),
        NODE_ENV: 'production',
      },
      stdio: 'ignore',
    });
    const health = (): Promise<{ worker?: string; workerAt?: string }> =>
      fetch(`${origin}/health`).then(
        async (answer) => (answer.ok ? ((await answer.json()) as { worker?: string }) : {}),
        () => ({}),
      );
    const pids = async (what: string): Promise<number[]> =>
      (
        await exec('pgrep', ['-P', String(keeper.pid), '-f', what]).then(
          ({ stdout }) => stdout,
          () => '',
        )
      )
        .split('\n')
        .filter(Boolean)
        .map(Number);
    try {
      await until('a server and a worker', async () => (await health()).worker === 'works');
      for (const what of ['serve.mjs', 'work.ts']) {
        const [pid] = await pids(what);
        process.kill(sure(pid), 'SIGKILL');
        await until(`${what} again`, async () => {
          const [now] = await pids(what);
          return now !== undefined && now !== pid;
        });
      }
      await until('both answer again', async () => (await health()).worker === 'works');
      const log = join(folder, 'server.log');
      expect(statSync(log).mode & 0o777).toBe(0o600);
      expect(readFileSync(log, 'utf8')).toContain('"msg":"server ended; it is started again"');
    } finally {
      keeper.kill('SIGTERM');
      await until('nothing left', () => keeper.exitCode !== null || keeper.signalCode !== null);
    }
  });
});
