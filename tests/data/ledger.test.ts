import { SQL, sqlState } from '@data/db';
import { disagreements } from '@data/check';
import { moveStock, NothingThere } from '@data/stock/ledger';
import { stockBalance, stockMovement, variant } from '@data/schema';
import { and, eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshDatabase, type TestDatabase } from '../support/database';
import { onShelf } from '../support/shelf';

let base: TestDatabase;
let unit: { variantId: string; locationId: string };

beforeAll(async () => {
  base = await freshDatabase();
  const [row] = await onShelf(base.db, 2, 99);
  if (!row) throw new Error('no stock');
  unit = { variantId: row.variantId, locationId: row.locationId };
});
afterAll(() => base.close());

const qty = async (place: 'shelf' | 'held'): Promise<number> => {
  const [row] = await base.db
    .select()
    .from(stockBalance)
    .where(and(eq(stockBalance.variantId, unit.variantId), eq(stockBalance.place, place)));
  return row?.qty ?? 0;
};

describe('the ledger', () => {
  it('keeps balances and movements equal after a year of demo boxes', async () => {
    expect(await disagreements(base.db)).toEqual([]);
  });

  it('is checked by something that can fail', async () => {
    await base.db
      .update(stockBalance)
      .set({ qty: sql`${stockBalance.qty} + 1` })
      .where(and(eq(stockBalance.variantId, unit.variantId), eq(stockBalance.place, 'shelf')));
    expect(await disagreements(base.db)).toHaveLength(1);
    await base.db
      .update(stockBalance)
      .set({ qty: sql`${stockBalance.qty} - 1` })
      .where(and(eq(stockBalance.variantId, unit.variantId), eq(stockBalance.place, 'shelf')));
  });

  it('moves a unit and refuses to give what is not there, with nothing written', async () => {
    const before = await qty('shelf');
    await base.db.transaction((tx) => moveStock(tx, { ...unit, qty: 1, cause: 'hold' }));
    expect([await qty('shelf'), await qty('held')]).toEqual([before - 1, 1]);
    await expect(
      base.db.transaction((tx) => moveStock(tx, { ...unit, qty: before, cause: 'hold' })),
    ).rejects.toThrow(NothingThere);
    expect([await qty('shelf'), await qty('held')]).toEqual([before - 1, 1]);
    await base.db.transaction((tx) => moveStock(tx, { ...unit, qty: 1, cause: 'release' }));
    expect(await disagreements(base.db)).toEqual([]);
  });

  it('is refused by the database itself below zero, not only by the code', async () => {
    const broken = base.db
      .update(stockBalance)
      .set({ qty: -1 })
      .where(and(eq(stockBalance.variantId, unit.variantId), eq(stockBalance.place, 'shelf')));
    await expect(broken).rejects.toSatisfy((error) => sqlState(error) === SQL.check);
  });

  it.each(['stock_movement', 'payment', 'audit'])('cannot be rewritten: %s', async (table) => {
    await expect(base.db.execute(sql.raw(`update ${table} set at = now()`))).rejects.toSatisfy(
      (error) => sqlState(error) === '23001',
    );
    await expect(base.db.execute(sql.raw(`delete from ${table}`))).rejects.toSatisfy(
      (error) => sqlState(error) === '23001',
    );
  });

  it('holds no number of its own: every variant of the demo came in by a movement', async () => {
    const [counts] = await base.db.select({ variants: sql<number>`count(*)::int` }).from(variant);
    const [moved] = await base.db
      .select({ variants: sql<number>`count(distinct ${stockMovement.variantId})::int` })
      .from(stockMovement);
    expect(counts?.variants).toBeGreaterThan(400);
    expect(moved?.variants).toBeGreaterThan(300);
  });
});
