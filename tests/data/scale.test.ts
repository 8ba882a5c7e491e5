import { connect, type Connection } from '@data/db';
import { ledgerDisagreements } from '@data/ledger';
import { box, user } from '@data/schema';
import type { Actor } from '@server/context';
import { pullList } from '@server/box/pull-list';
import { fillStockroom } from '@server/demo/scale';
import { stockList } from '@server/stock/list';
import { perform, type UseCase } from '@server/use-case';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshDatabase, type TestDatabase } from '../support/database';

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
  boxId = open!.id;
  actor = { id: stylist!.id, name: stylist!.name, role: 'stylist', shopId: open!.shopId };
});
afterAll(async () => {
  await told.close();
  await base.close();
});

/** Statements a question takes, and its answer. */
async function ask<U extends UseCase<never>>(called: U, input: unknown) {
  statements = [];
  const answer = await perform(called as unknown as UseCase<'pull-list'>, {
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
      expect(count, JSON.stringify(input)).toBe(before[i]!.count);
      expect(answer.rows.length).toBeGreaterThanOrEqual(before[i]!.answer.rows.length);
    }
    expect(await ledgerDisagreements(base.db)).toEqual([]);
  });
});
