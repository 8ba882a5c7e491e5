import { randomUUID } from 'node:crypto';
import type { Input } from '@contracts/calls';
import { connect, type Connection } from '@data/db';
import { disagreements } from '@data/check';
import { boxLine, hold, stockBalance } from '@data/schema';
import { and, eq, inArray, type SQL, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownCluster, type OwnCluster } from '../support/cluster';
import { fill } from '../support/database';
import { openShop } from '../support/open-shop';
import { newBoxes, onShelf } from '../support/shelf';
import { type Caller, callerOf, type Said, startServer, type TestServer } from '../support/server';
import { until } from '../support/until';
import { sure } from '../support/sure';

const idsOnShelf = async (db: Connection['db'], least: number, most: number): Promise<string[]> =>
  (await onShelf(db, least, most)).map(({ variantId }) => variantId);

/** `FAULT_ROUNDS=200 bin/test` goes the whole way, about two minutes; every run goes a part of it. */
const ROUNDS = Number(process.env.FAULT_ROUNDS ?? 14);
const WRITERS = 40;

/** Told to come back later, a screen sends the same call again with the same key; so does this. */
async function held(caller: Caller, input: Input<'hold-line'>): Promise<Said<'hold-line'>> {
  const key = randomUUID();
  let said: Said<'hold-line'> | undefined;
  await until('an answer to a hold', async () => {
    said = await caller.call('hold-line', input, key);
    return said.status !== 503;
  });
  return sure(said);
}

describe(`${WRITERS} writers on two servers after one unit, ${ROUNDS} rounds`, () => {
  const shop = openShop(2);

  it('exactly one hold each, no deadlock left unretried, balances are the movements', async () => {
    const { db } = shop.base;
    const boxes = await newBoxes(db, sure(shop.callers[0]), WRITERS);
    const single = await idsOnShelf(db, 1, 1);
    expect(single.length).toBeGreaterThan(20);
    const statuses = new Map<number, number>();
    for (let round = 0; round < ROUNDS; round++) {
      const variantId = sure(single[round % single.length]);
      const answers = await Promise.all(
        boxes.map((boxId, i) => held(sure(shop.callers[i % 2]), { boxId, variantId })),
      );
      for (const { status } of answers) statuses.set(status, (statuses.get(status) ?? 0) + 1);
      const won = answers.filter(({ status }) => status === 200);
      expect(won, `round ${round}`).toHaveLength(1);
      const line = sure(sure(won[0]).answer.lines.find((each) => each.variantId === variantId));
      const back = await sure(shop.callers[round % 2]).call('release-line', {
        boxId: sure(won[0]).answer.id,
        lineId: line.id,
      });
      expect(back.status).toBe(200);
    }
    expect([...statuses].sort()).toEqual([
      [200, ROUNDS],
      [409, ROUNDS * (WRITERS - 1)],
    ]);
    expect(await disagreements(db)).toEqual([]);
  }, 600_000);
});

describe('PostgreSQL crashed and started again under load', () => {
  let cluster: OwnCluster;
  let connection: Connection;
  let servers: TestServer[];
  let callers: Caller[];

  beforeAll(async () => {
    cluster = await ownCluster();
    connection = connect(cluster.adminUrl, 4);
    await fill(connection, 'demo', cluster.appUrl);
    // Once more before anybody works on it: what was made as the superuser goes to the owner of the schema.
    await cluster.start();
    servers = await Promise.all([startServer(cluster.appUrl), startServer(cluster.appUrl)]);
    callers = await Promise.all(servers.map(({ origin }) => callerOf(origin)));
  });
  afterAll(async () => {
    await Promise.all(servers.map((server) => server.stop()));
    await connection.close();
    await cluster.remove();
  });

  it('loses no hold that was answered, doubles none, says so meanwhile, and serves again by itself', async () => {
    const { db } = connection;
    const boxes = await newBoxes(db, sure(callers[0]), 10);
    const variants = await idsOnShelf(db, 3, 5);
    const before = await db
      .select()
      .from(stockBalance)
      .where(and(eq(stockBalance.place, 'shelf'), inArray(stockBalance.variantId, variants)));
    const held: { boxId: string; variantId: string }[] = [];
    const refused: Said<'hold-line'>[] = [];
    let stop = false;
    const writer = async (boxId: string, i: number): Promise<void> => {
      for (let k = 0; !stop; k++) {
        const variantId = sure(variants[(i * 7 + k) % variants.length]);
        const said = await sure(callers[i % 2]).call('hold-line', { boxId, variantId });
        if (said.status === 200) held.push({ boxId, variantId });
        else if (said.status !== 409) refused.push(said);
        // A person sees the message and tries again a moment later.
        if (said.status !== 200) await new Promise((done) => setTimeout(done, 50));
      }
    };
    const storm = Promise.all(boxes.map(writer));
    await until('some holds before the crash', () => held.length > 5);
    await cluster.crash();
    await until('callers who are told that the database is gone', () => refused.length > 5);
    const page = await fetch(`${sure(servers[0]).origin}/`, {
      headers: { cookie: sure(callers[0]).cookie },
      redirect: 'manual',
    });
    expect([page.status, page.headers.get('retry-after')]).toEqual([503, '5']);
    expect(await page.text()).toContain('The database is not answering just now');
    const health = await fetch(`${sure(servers[0]).origin}/health`);
    expect([health.status, await health.json()]).toEqual([
      503,
      { database: 'does not answer', worker: 'unknown' },
    ]);
    const atCrash = held.length;
    await cluster.start();
    await until('holds after it came back', () => held.length > atCrash + 5);
    stop = true;
    await storm;
    expect([...new Set(refused.map(({ status }) => status))]).toEqual([503]);
    expect(sure(refused[0]).problem.title).toContain('The database is not answering just now');
    expect(servers.map(({ isAlive }) => isAlive())).toEqual([true, true]);
    expect(await disagreements(db)).toEqual([]);
    const holds = await db
      .select({ boxId: boxLine.boxId, variantId: hold.variantId })
      .from(hold)
      .innerJoin(boxLine, eq(boxLine.id, hold.boxLineId))
      .where(and(eq(hold.state, 'active'), inArray(boxLine.boxId, boxes)));
    const there = new Set(holds.map(({ boxId, variantId }) => `${boxId} ${variantId}`));
    expect(held.filter(({ boxId, variantId }) => !there.has(`${boxId} ${variantId}`))).toEqual([]);
    for (const { variantId, locationId, qty } of before) {
      const rows = await db
        .select()
        .from(stockBalance)
        .where(and(eq(stockBalance.variantId, variantId), eq(stockBalance.locationId, locationId)));
      const at = (place: string): number => rows.find((row) => row.place === place)?.qty ?? 0;
      const own = holds.filter((each) => each.variantId === variantId).length;
      expect(qty - at('shelf'), variantId).toBe(own);
    }
  });
});

/** `FAULT_ROUNDS=60 bin/test` goes sixty; every run goes a part of it. */
const LOSSES = Number(process.env.FAULT_ROUNDS ?? 12);

describe(`connections lost in use, ${LOSSES} times`, () => {
  const shop = openShop();

  it('end their request and nothing else: the process lives, each caller is told, stock and holds agree', async () => {
    const { db } = shop.base;
    const boxes = await newBoxes(db, shop.stylist, 6);
    const [size] = await onShelf(db, 4, 9);
    let stop = false;
    const statuses = new Map<number, number>();
    const tally = (status: number): void => void statuses.set(status, (statuses.get(status) ?? 0) + 1);
    /** As a screen does it: told to try again, it sends the same call with the same key, so that nothing is done twice. */
    const untilDone = async <N extends 'hold-line' | 'release-line'>(name: N, input: Input<N>) => {
      const key = randomUUID();
      for (;;) {
        const said = await shop.stylist.call(name, input, key);
        tally(said.status);
        if (said.status !== 503) return said;
      }
    };
    const storm = Promise.all(
      boxes.map(async (boxId) => {
        while (!stop) {
          const taken = await untilDone('hold-line', { boxId, variantId: sure(size).variantId });
          for (const { id: lineId } of taken.status === 200 ? taken.answer.lines : [])
            await untilDone('release-line', { boxId, lineId });
        }
      }),
    );
    const endOne = async (which: SQL): Promise<number> => {
      const ended = await db.execute(sql`
        select pg_terminate_backend(pid) from pg_stat_activity
        where usename = 'ivory_app' and datname = current_database() and ${which} limit 1`);
      return ended.rows.length;
    };
    try {
      for (let round = 0; round < LOSSES; round++) {
        const seen = (statuses.get(503) ?? 0) + 1;
        const isTold = (): boolean => (statuses.get(503) ?? 0) >= seen;
        if (round % 2 === 0)
          // A named point: the app waits in the middle of a transaction for a row this test holds.
          await db.transaction(async (tx) => {
            // One row and no more: whoever holds one lock and waits for none is in no deadlock.
            await tx.execute(sql`
              select 1 from stock_balance where variant_id = ${sure(size).variantId} and place = 'shelf'
              order by qty desc limit 1 for update`);
            await until('a connection ended inside a statement', async () =>
              Boolean(await endOne(sql`wait_event_type = 'Lock'`)),
            );
            await until('a caller who is told', isTold);
          });
        // One between two statements may have committed before the end reaches it: then nobody is to be told.
        else
          await until('a caller who is told, between two statements', async () => {
            await endOne(sql`state in ('active', 'idle in transaction')`);
            return isTold();
          });
      }
    } finally {
      stop = true;
      await storm;
    }
    expect(sure(shop.servers[0]).isAlive()).toBe(true);
    expect([...statuses.keys()].filter((status) => ![200, 404, 409, 503].includes(status))).toEqual([]);
    expect(await disagreements(db)).toEqual([]);
  }, 300_000);
});
