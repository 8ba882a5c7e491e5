import { disagreements } from '@data/check';
import { box, boxLine, hold, stockBalance } from '@data/schema';
import { and, eq, sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { callerOf, startServer } from '../support/server';
import { newBoxes, onShelf, shelfOf } from '../support/shelf';
import { until } from '../support/until';
import { sure } from '../support/sure';

const shop = openShop(2);

/** A size with exactly so many units on the shelf. */
async function withUnits(units: number, skip = 0) {
  const found = (await onShelf(shop.base.db, units))[skip];
  if (!found) throw new Error(`no variant with ${units}`);
  return found;
}

const shelf = (variantId: string): Promise<number> => shelfOf(shop.base.db, variantId);
const boxesFor = (count: number): Promise<string[]> => newBoxes(shop.base.db, sure(shop.callers[0]), count);

describe('two servers, many writers, one unit', () => {
  it('gives it to exactly one, every round; the others are told who has it and what is nearest', async () => {
    const boxes = await boxesFor(16);
    for (let round = 0; round < 3; round++) {
      const { variantId, title } = await withUnits(1, round % 4);
      const answers = await Promise.all(
        boxes.map((boxId, i) => sure(shop.callers[i % 2]).call('hold-line', { boxId, variantId })),
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
      const winner = sure(won[0]).answer;
      const line = sure(winner.lines.find((each) => each.variantId === variantId));
      expect(
        (await sure(shop.callers[1]).call('release-line', { boxId: winner.id, lineId: line.id })).status,
      ).toBe(200);
      expect(await shelf(variantId)).toBe(1);
    }
    expect(await disagreements(shop.base.db)).toEqual([]);
  });

  it('moves once what is sent twice with one key, also at the same time', async () => {
    const [boxId] = await boxesFor(1);
    const { variantId } = await withUnits(4);
    const twice = await Promise.all(
      [0, 1, 0, 1].map((i) =>
        sure(shop.callers[i]).call('hold-line', { boxId: sure(boxId), variantId }, 'one-key'),
      ),
    );
    expect(twice.map(({ status }) => status)).toEqual([200, 200, 200, 200]);
    expect(await shelf(variantId)).toBe(3);
    const lines = await shop.base.db
      .select()
      .from(boxLine)
      .where(eq(boxLine.boxId, sure(boxId)));
    expect(lines).toHaveLength(1);
    const other = await withUnits(2);
    expect(
      (
        await sure(shop.callers[0]).call(
          'hold-line',
          { boxId: sure(boxId), variantId: other.variantId },
          'one-key',
        )
      ).status,
    ).toBe(409);
  });

  it('gives an expired hold to the next who asks', async () => {
    const [first, second] = await boxesFor(2);
    const { variantId } = await withUnits(1);
    expect((await sure(shop.callers[0]).call('hold-line', { boxId: sure(first), variantId })).status).toBe(
      200,
    );
    await shop.base.db
      .update(hold)
      .set({ expiresAt: sql`now() - interval '1 minute'` })
      .where(and(eq(hold.variantId, variantId), eq(hold.state, 'active')));
    expect((await sure(shop.callers[1]).call('hold-line', { boxId: sure(second), variantId })).status).toBe(
      200,
    );
    // The first box learns of it where it matters: it cannot be packed.
    const letter = (await sure(shop.callers[0]).call('draft-letter', { boxId: sure(first) })).answer.letter;
    const [row] = await shop.base.db
      .select()
      .from(box)
      .where(eq(box.id, sure(first)));
    const saved = await sure(shop.callers[0]).call('save-letter', {
      boxId: sure(first),
      version: sure(row).version,
      letter,
    });
    const packed = await sure(shop.callers[0]).call('move-box', {
      boxId: sure(first),
      version: saved.answer.version,
      to: 'packed',
    });
    expect(packed.status).toBe(409);
    expect(packed.problem.faults[0]).toMatchObject({ path: 'lines[0]' });
    expect(packed.problem.title).toContain('not held any more');
    expect(await disagreements(shop.base.db)).toEqual([]);
  });
});

describe('a server killed with -9 in the middle', () => {
  it('loses and doubles nothing, and the box goes on where it stood', async () => {
    const doomed = await startServer(shop.base.url);
    const caller = await callerOf(doomed.origin);
    const boxes = await boxesFor(8);
    const { variantId } = await withUnits(3, 2);
    /** Callers that stand in the middle of taking a unit: before the lock that this test holds. */
    const waiting = async (): Promise<number> => {
      const found = await shop.base.db.execute<{ n: number }>(sql`
        select count(*)::int as n from pg_stat_activity
        where datname = current_database() and usename = 'ivory_app' and wait_event_type = 'Lock'`);
      return sure(found.rows[0]).n;
    };
    let storm: Promise<unknown> = Promise.resolve();
    await shop.base.db.transaction(async (tx) => {
      await tx.select().from(stockBalance).where(eq(stockBalance.variantId, variantId)).for('update');
      storm = Promise.all(
        boxes.map((boxId) =>
          caller.call('hold-line', { boxId, variantId }).then(
            ({ status }) => status,
            () => 0,
          ),
        ),
      );
      await until('callers in the middle of taking a unit', async () => (await waiting()) >= 4);
      await doomed.stop('SIGKILL');
    });
    await storm;
    await until('nobody left of the dead server', async () => (await waiting()) === 0);
    await until('books that agree', async () => (await disagreements(shop.base.db)).length === 0);
    const holds = await shop.base.db
      .select()
      .from(hold)
      .where(and(eq(hold.variantId, variantId), eq(hold.state, 'active')));
    expect((await shelf(variantId)) + holds.length).toBe(3);
    const again = await sure(shop.callers[0]).call('hold-line', { boxId: sure(boxes[0]), variantId });
    expect([200, 409]).toContain(again.status);
    expect(await disagreements(shop.base.db)).toEqual([]);
  });
});
