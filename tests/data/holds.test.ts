import { ledgerDisagreements } from '@data/ledger';
import { box, boxLine, client, garment, hold, stockBalance, variant } from '@data/schema';
import { and, eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshDatabase, type TestDatabase } from '../support/database';
import { type Caller, callerOf, startServer, type TestServer } from '../support/server';

let base: TestDatabase;
let servers: TestServer[];
let callers: Caller[];

beforeAll(async () => {
  base = await freshDatabase();
  servers = await Promise.all([startServer(base.url), startServer(base.url)]);
  callers = await Promise.all(servers.map(({ origin }) => callerOf(origin)));
});
afterAll(async () => {
  await Promise.all(servers.map((server) => server.stop()));
  await base.close();
});

/** A variant with exactly so many units on the shelf. */
async function withUnits(
  units: number,
  skip = 0,
): Promise<{ variantId: string; garmentId: string; title: string }> {
  const rows = await base.db
    .select({ variantId: variant.id, garmentId: variant.garmentId, title: garment.title })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .innerJoin(
      stockBalance,
      and(
        eq(stockBalance.variantId, variant.id),
        eq(stockBalance.place, 'shelf'),
        eq(stockBalance.qty, units),
      ),
    )
    .orderBy(variant.sku)
    .limit(1)
    .offset(skip);
  if (!rows[0]) throw new Error(`no variant with ${units}`);
  return rows[0];
}

async function newBoxes(count: number): Promise<string[]> {
  const [person] = await base.db.select().from(client).limit(1);
  const made: string[] = [];
  for (let i = 0; i < count; i++)
    made.push((await callers[0]!.call('start-box', { clientId: person!.id })).answer.id);
  return made;
}

const shelf = async (variantId: string): Promise<number> => {
  const [row] = await base.db
    .select()
    .from(stockBalance)
    .where(and(eq(stockBalance.variantId, variantId), eq(stockBalance.place, 'shelf')));
  return row?.qty ?? 0;
};

describe('two servers, many writers, one unit', () => {
  it('gives it to exactly one, every round; the others are told who has it and what is nearest', async () => {
    const boxes = await newBoxes(16);
    for (let round = 0; round < 3; round++) {
      const { variantId, title } = await withUnits(1, round % 4);
      const answers = await Promise.all(
        boxes.map((boxId, i) => callers[i % 2]!.call('hold-line', { boxId, variantId })),
      );
      const won = answers.filter(({ status }) => status === 200);
      expect(won).toHaveLength(1);
      for (const lost of answers.filter(({ status }) => status !== 200)) {
        expect(lost.status).toBe(409);
        expect(lost.problem.title).toContain(title);
        expect(lost.problem.title).toMatch(/Box \d+ for .+ has it until \d{4}/);
        expect(lost.problem.title).toMatch(/Nearest on the shelf|No other size/);
        expect(lost.problem.faults[0]?.path).toBe('variantId');
      }
      expect(await shelf(variantId)).toBe(0);
      const winner = won[0]!.answer;
      const line = winner.lines.find((each) => each.variantId === variantId)!;
      expect((await callers[1]!.call('release-line', { boxId: winner.id, lineId: line.id })).status).toBe(
        200,
      );
      expect(await shelf(variantId)).toBe(1);
    }
    expect(await ledgerDisagreements(base.db)).toEqual([]);
  });

  it('moves once what is sent twice with one key, also at the same time', async () => {
    const [boxId] = await newBoxes(1);
    const { variantId } = await withUnits(4);
    const twice = await Promise.all(
      [0, 1, 0, 1].map((i) => callers[i]!.call('hold-line', { boxId: boxId!, variantId }, 'one-key')),
    );
    expect(twice.map(({ status }) => status)).toEqual([200, 200, 200, 200]);
    expect(await shelf(variantId)).toBe(3);
    const lines = await base.db.select().from(boxLine).where(eq(boxLine.boxId, boxId!));
    expect(lines).toHaveLength(1);
    const other = await withUnits(2);
    expect(
      (await callers[0]!.call('hold-line', { boxId: boxId!, variantId: other.variantId }, 'one-key')).status,
    ).toBe(409);
  });

  it('gives an expired hold to the next who asks', async () => {
    const [first, second] = await newBoxes(2);
    const { variantId } = await withUnits(1);
    expect((await callers[0]!.call('hold-line', { boxId: first!, variantId })).status).toBe(200);
    await base.db
      .update(hold)
      .set({ expiresAt: sql`now() - interval '1 minute'` })
      .where(and(eq(hold.variantId, variantId), eq(hold.state, 'active')));
    expect((await callers[1]!.call('hold-line', { boxId: second!, variantId })).status).toBe(200);
    // The first box learns of it where it matters: it cannot be packed.
    const letter = (await callers[0]!.call('draft-letter', { boxId: first! })).answer.letter;
    const [row] = await base.db.select().from(box).where(eq(box.id, first!));
    const saved = await callers[0]!.call('save-letter', { boxId: first!, version: row!.version, letter });
    const packed = await callers[0]!.call('move-box', {
      boxId: first!,
      version: saved.answer.version,
      to: 'packed',
    });
    expect(packed.status).toBe(409);
    expect(packed.problem.faults[0]).toMatchObject({ path: 'lines[0]' });
    expect(packed.problem.title).toContain('not held any more');
    expect(await ledgerDisagreements(base.db)).toEqual([]);
  });
});

describe('a server killed with -9 in the middle', () => {
  it('loses and doubles nothing, and the box goes on where it stood', async () => {
    const doomed = await startServer(base.url);
    const caller = await callerOf(doomed.origin);
    const boxes = await newBoxes(12);
    const { variantId } = await withUnits(3, 2);
    const storm = boxes.map((boxId) =>
      caller.call('hold-line', { boxId, variantId }).then(
        ({ status }) => status,
        () => 0,
      ),
    );
    await new Promise((done) => setTimeout(done, 25));
    await doomed.stop('SIGKILL');
    await Promise.all(storm);
    await new Promise((done) => setTimeout(done, 400));
    expect(await ledgerDisagreements(base.db)).toEqual([]);
    const holds = await base.db
      .select()
      .from(hold)
      .where(and(eq(hold.variantId, variantId), eq(hold.state, 'active')));
    expect((await shelf(variantId)) + holds.length).toBe(3);
    const again = await callers[0]!.call('hold-line', { boxId: boxes[0]!, variantId });
    expect([200, 409]).toContain(again.status);
  });
});
