import { connect, type Connection } from '@data/db';
import { ledgerDisagreements } from '@data/ledger';
import { boxLine, hold, stockBalance } from '@data/schema';
import { and, eq, inArray } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ownCluster, type OwnCluster } from '../support/cluster';
import { fill } from '../support/database';
import { openShop } from '../support/open-shop';
import { newBoxes, onShelf } from '../support/shelf';
import { type Caller, callerOf, startServer, type TestServer } from '../support/server';

const idsOnShelf = async (db: Connection['db'], least: number, most: number): Promise<string[]> =>
  (await onShelf(db, least, most)).map(({ variantId }) => variantId);

/** `FAULT_ROUNDS=200 bin/test` goes the whole way, about two minutes; every run goes a part of it. */
const ROUNDS = Number(process.env.FAULT_ROUNDS ?? 50);
const WRITERS = 40;

describe(`${WRITERS} writers on two servers after one unit, ${ROUNDS} rounds`, () => {
  const shop = openShop(2);

  it('exactly one hold each, no deadlock left unretried, balances are the movements', async () => {
    const { db } = shop.base;
    const boxes = await newBoxes(db, shop.callers[0]!, WRITERS);
    const single = await idsOnShelf(db, 1, 1);
    expect(single.length).toBeGreaterThan(20);
    const statuses = new Map<number, number>();
    for (let round = 0; round < ROUNDS; round++) {
      const variantId = single[round % single.length]!;
      const answers = await Promise.all(
        boxes.map((boxId, i) => shop.callers[i % 2]!.call('hold-line', { boxId, variantId })),
      );
      for (const { status } of answers) statuses.set(status, (statuses.get(status) ?? 0) + 1);
      const won = answers.filter(({ status }) => status === 200);
      expect(won, `round ${round}`).toHaveLength(1);
      const line = won[0]!.answer.lines.find((each) => each.variantId === variantId)!;
      const back = await shop.callers[round % 2]!.call('release-line', {
        boxId: won[0]!.answer.id,
        lineId: line.id,
      });
      expect(back.status).toBe(200);
    }
    expect([...statuses].sort()).toEqual([
      [200, ROUNDS],
      [409, ROUNDS * (WRITERS - 1)],
    ]);
    expect(await ledgerDisagreements(db)).toEqual([]);
  }, 600_000);
});

describe('PostgreSQL crashed and started again under load', () => {
  let cluster: OwnCluster;
  let connection: Connection;
  let servers: TestServer[];
  let callers: Caller[];

  beforeAll(async () => {
    cluster = ownCluster();
    connection = connect(cluster.url, 4);
    await fill(connection.db, 'demo');
    servers = await Promise.all([startServer(cluster.url), startServer(cluster.url)]);
    callers = await Promise.all(servers.map(({ origin }) => callerOf(origin)));
  });
  afterAll(async () => {
    await Promise.all(servers.map((server) => server.stop()));
    await connection.close();
    cluster.stop();
  });

  it('loses no hold that was answered, doubles none, and serves again by itself', async () => {
    const { db } = connection;
    const boxes = await newBoxes(db, callers[0]!, 10);
    const variants = await idsOnShelf(db, 3, 5);
    const before = await db
      .select()
      .from(stockBalance)
      .where(and(eq(stockBalance.place, 'shelf'), inArray(stockBalance.variantId, variants)));
    const held: { boxId: string; variantId: string }[] = [];
    let refusedByCrash = 0;
    let stop = false;
    const writer = async (boxId: string, i: number): Promise<void> => {
      for (let k = 0; !stop; k++) {
        const variantId = variants[(i * 7 + k) % variants.length]!;
        const said = await callers[i % 2]!.call('hold-line', { boxId, variantId }).then(
          ({ status }) => status,
          () => 0,
        );
        if (said === 200) held.push({ boxId, variantId });
        else if (said !== 409) refusedByCrash++;
        // A person sees the message and tries again a moment later.
        if (said !== 200) await new Promise((done) => setTimeout(done, 50));
      }
    };
    const storm = boxes.map(writer);
    await new Promise((done) => setTimeout(done, 1200));
    const beforeCrash = held.length;
    cluster.crash();
    await new Promise((done) => setTimeout(done, 2500));
    stop = true;
    await Promise.all(storm);
    expect(beforeCrash).toBeGreaterThan(0);
    expect(refusedByCrash).toBeGreaterThan(0);
    expect(held.length).toBeGreaterThan(beforeCrash);
    expect(await ledgerDisagreements(db)).toEqual([]);
    const holds = await db
      .select({ boxId: boxLine.boxId, variantId: hold.variantId })
      .from(hold)
      .innerJoin(boxLine, eq(boxLine.id, hold.boxLineId))
      .where(and(eq(hold.state, 'active'), inArray(boxLine.boxId, boxes)));
    const there = new Set(holds.map(({ boxId, variantId }) => `${boxId} ${variantId}`));
    expect(there.size).toBe(holds.length);
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
  }, 120_000);
});
