import { connect, type Connection } from '@data/db';
import { disagreements } from '@data/check';
import { box, garment, stockBalance, user, variant } from '@data/schema';
import type { PullRow } from '@contracts/pull/pull-row';
import type { Actor } from '@server/context';
import { pullList } from '@server/box/pull-list';
import { fillStockroom } from '@data/demo/scale';
import { stockList } from '@server/stock/list';
import { perform, type Served } from '@server/use-case';
import { and, eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshDatabase, type TestDatabase } from '../support/database';
import { sure } from '../support/sure';

let base: TestDatabase;
let told: Connection;
let statements: string[] = [];
let actor: Actor;
let boxId: string;

beforeAll(async () => {
  base = await freshDatabase();
  told = connect(base.url, 2, (statement) => statements.push(statement));
  const [open] = await base.db.select().from(box).where(eq(box.number, 104));
  const [stylist] = await base.db.select().from(user).where(eq(user.role, 'stylist'));
  boxId = sure(open).id;
  actor = { id: sure(stylist).id, name: sure(stylist).name, role: 'stylist', shopId: sure(open).shopId };
});
afterAll(async () => {
  await told.close();
  await base.close();
});

/** Statements a question takes, and its answer; asked twice, as garments are read once in a version and remembered. */
async function ask<U extends Served<never>>(called: U, input: unknown) {
  await askOnce(called, input);
  return askOnce(called, input);
}

async function askOnce<U extends Served<never>>(called: U, input: unknown) {
  statements = [];
  const answer = await perform(called as unknown as Served<'pull-list'>, {
    db: told.db,
    actor,
    input,
    now: new Date(),
  });
  return { count: statements.length, answer: answer as unknown as { rows: readonly unknown[] } };
}

describe('a stockroom that grows', () => {
  it('takes no statement more for 3,000 garments than for 169, in pull and in the stockroom', async () => {
    const inputs = [
      [pullList, { boxId }],
      [pullList, { boxId, categories: ['blazer', 'jacket'] }],
      [stockList, {}],
      [stockList, { search: 'blazer', sort: 'shelf', down: true }],
    ] as const;
    const before = [];
    for (const [called, input] of inputs) before.push(await ask(called as never, input));
    expect(await fillStockroom(base.db, 3000)).toBe(3000 - 169);
    expect(await fillStockroom(base.db, 3000)).toBe(0);
    for (const [i, [called, input]] of inputs.entries()) {
      const { count, answer } = await ask(called as never, input);
      expect(count, JSON.stringify(input)).toBe(sure(before[i]).count);
      expect(answer.rows.length).toBeGreaterThanOrEqual(sure(before[i]).answer.rows.length);
    }
    expect(await disagreements(base.db)).toEqual([]);
  });

  it('remembers garments by their version: whatever changes one of its sizes is seen at once', async () => {
    const listed = async (title: string) =>
      (await askOnce(pullList as never, { boxId, search: title, fitsOnly: false })).answer
        .rows[0] as unknown as PullRow;
    const title = 'Warden blazer, oat';
    const first = await listed(title);
    const cold = statements.length;
    await listed(title);
    expect(statements.length).toBeLessThanOrEqual(cold);
    const [size] = await base.db.select().from(variant).where(eq(variant.id, first.variantId));
    const { rows: before } = await base.db.execute<{ at: string }>(
      sql`select xmin::text || ctid::text as at from garment where id = ${first.garmentId}`,
    );
    await base.db
      .update(variant)
      .set({ measures: { ...sure(size).measures, length: { mm: 777, origin: 'given' } } })
      .where(eq(variant.id, first.variantId));
    const { rows: after } = await base.db.execute<{ at: string }>(
      sql`select xmin::text || ctid::text as at from garment where id = ${first.garmentId}`,
    );
    expect(sure(after[0]).at).not.toBe(sure(before[0]).at);
    expect((await listed(title)).piece.measures.length).toBe(777);
    await base.db.update(garment).set({ priceMinor: 12_345 }).where(eq(garment.id, first.garmentId));
    expect((await listed(title)).piece.priceMinor).toBe(12_345);
    // Units are never remembered.
    await base.db
      .update(stockBalance)
      .set({ qty: sql`${stockBalance.qty} + 5` })
      .where(and(eq(stockBalance.variantId, first.variantId), eq(stockBalance.place, 'shelf')));
    expect((await listed(title)).free).toBe(first.free + 5);
  });
});
