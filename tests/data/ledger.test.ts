import { disagreements } from '@data/check';
import { box, boxLine, client, garment, user, variant } from '@data/schema';
import { HABITS, loadPast } from '@data/demo/past';
import { LEDGER_BY } from '@core/ledger';
import { eq, isNull } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
beforeAll(async () => {
  await loadPast(shop.db, new Date());
  owner = await callerOf(shop.origin, 'owner');
});

/** Every decided piece of a closed box, plainly, to be counted again. */
const decided = async () =>
  (
    await shop.db
      .select({ box, line: boxLine, variant, garment, client, user })
      .from(boxLine)
      .innerJoin(box, eq(box.id, boxLine.boxId))
      .innerJoin(variant, eq(variant.id, boxLine.variantId))
      .innerJoin(garment, eq(garment.id, variant.garmentId))
      .innerJoin(client, eq(client.id, box.clientId))
      .innerJoin(user, eq(user.id, box.stylistId))
      .where(isNull(boxLine.removedAt))
  ).filter(({ box: of, line }) => of.state === 'closed' && line.decision !== 'undecided');
const ask = async (by: (typeof LEDGER_BY)[number], more: object = {}) => {
  const { answer, status, problem } = await owner.call('ledger', { by, ...more });
  if (status !== 200) throw new Error(problem.title);
  return answer;
};

describe('the Ledger', () => {
  it('of an invented year agrees with stock, holds, money and receipts', async () => {
    expect(await disagreements(shop.db)).toEqual([]);
    expect(await loadPast(shop.db, new Date())).toBe(0);
  });

  it('counts what a plain recount counts, whatever it is sorted by', async () => {
    const all = await decided();
    const keys = {
      kind: ({ garment: g }) => g.category,
      label: ({ garment: g }) => g.label,
      size: ({ variant: v }) => v.size,
      client: ({ client: c }) => c.id,
      stylist: ({ user: u }) => u.id,
    } satisfies Partial<Record<(typeof LEDGER_BY)[number], (row: (typeof all)[number]) => string>>;
    for (const [by, keyOf] of Object.entries(keys) as [
      keyof typeof keys,
      (row: (typeof all)[number]) => string,
    ][]) {
      const counted = new Map<string, [number, number, number]>();
      for (const row of all) {
        const [sent, kept, minor] = counted.get(keyOf(row)) ?? [0, 0, 0];
        const isKept = row.line.decision === 'keep';
        const price = row.line.priceMinor ?? row.garment.priceMinor;
        counted.set(keyOf(row), [sent + 1, kept + (isKept ? 1 : 0), minor + (isKept ? price : 0)]);
      }
      const { rows, all: sums } = await ask(by);
      expect(
        new Map(rows.map(({ key, sent, kept, keptMinor }) => [key, [sent, kept, keptMinor]])),
        by,
      ).toEqual(counted);
      expect(sums.sent).toBe(all.length);
    }
    for (const by of LEDGER_BY) {
      const { rows, all: sums } = await ask(by);
      expect(sums.sent, by).toBe(all.length);
      if (by !== 'occasion')
        expect(
          rows.reduce((sum, { sent }) => sum + sent, 0),
          by,
        ).toBe(all.length);
      for (const { low, rate, high } of rows)
        expect(0 <= low && low < rate && rate < high && high <= 1).toBe(true);
    }
  });

  it('finds the habits the year was made of: a label that runs small, too much navy, and what is dear', async () => {
    const label = await ask('label');
    const small = sure(label.rows.find(({ key }) => key === HABITS.smallLabel));
    expect(small.high).toBeLessThan(label.mean);
    const { lines } = (await owner.call('ledger-lines', { by: 'label', key: HABITS.smallLabel })).answer;
    expect(lines).toHaveLength(small.sent);
    const back = lines.filter(({ kept, number }) => !kept && number <= 90);
    expect(back.every(({ reason }) => reason === 'too small')).toBe(true);
    const colour = await ask('colour');
    const navy = sure(colour.rows.find(({ key }) => key === 'navy'));
    expect(navy.high).toBeLessThan(colour.mean);
    const price = await ask('price');
    const dear = price.rows.filter(({ key }) => Number(key) >= 4);
    expect(dear.length).toBeGreaterThan(0);
    const [kept, sent] = dear.reduce(([k, n], row) => [k + row.kept, n + row.sent], [0, 0]);
    expect(kept / sent).toBeLessThan(price.mean);
    const { rows } = await ask('stylist');
    const all = await decided();
    const navyOf = (id: string): number => {
      const own = all.filter((row) => row.user.id === id);
      return own.filter(({ garment: g }) => g.mainL < 32 && g.mainB < -4).length / own.length;
    };
    const [owners, stylists] = ['owner', 'stylist'].map(
      (role) => sure(all.find((row) => row.user.role === role)).user.id,
    );
    expect(navyOf(sure(owners))).toBeGreaterThan(2 * navyOf(sure(stylists)));
    const rateOf = (id: string | undefined): number => sure(rows.find(({ key }) => key === id)).rate;
    expect(rateOf(owners)).toBeLessThan(rateOf(stylists));
  });

  it('keeps to the days it is asked for, and opens exactly the pieces behind a row', async () => {
    const day = (ago: number): string => new Date(Date.now() - ago * 86_400_000).toISOString().slice(0, 10);
    const within = await ask('kind', { from: day(120), to: day(30) });
    const [ever, later] = [await ask('kind'), await ask('kind', { from: day(-2) })];
    expect(within.all.sent).toBeGreaterThan(50);
    expect(within.all.sent).toBeLessThan(ever.all.sent);
    expect(later.all.sent).toBe(0);
    for (const by of ['price', 'month', 'occasion'] as const)
      for (const row of (await ask(by)).rows.slice(0, 3)) {
        const { lines } = (await owner.call('ledger-lines', { by, key: row.key })).answer;
        expect([lines.length, lines.filter(({ kept }) => kept).length]).toEqual([
          Math.min(200, row.sent),
          row.sent > 200 ? lines.filter(({ kept }) => kept).length : row.kept,
        ]);
      }
    expect((await owner.call('ledger', { from: 'yesterday' })).status).toBe(422);
    const odd = await owner.call('ledger-lines', { by: 'label', key: "x' or 1=1 --" });
    expect(odd.answer.lines).toEqual([]);
  });

  it('shows a stylist her own rate alone, and a packer nothing', async () => {
    const { rows } = (await shop.stylist.call('ledger', { by: 'stylist' })).answer;
    expect(rows).toHaveLength(1);
    const others = (await ask('stylist')).rows.find(({ key }) => key !== sure(rows[0]).key);
    const spied = await shop.stylist.call('ledger-lines', { by: 'stylist', key: sure(others).key });
    expect(spied.answer.lines).toEqual([]);
    const packer = await callerOf(shop.origin, 'packer');
    for (const name of ['ledger', 'ledger-buyer'] as const)
      expect((await packer.call(name, {})).status).toBe(403);
    expect((await packer.call('ledger-lines', { key: 'x' })).status).toBe(403);
    const page = await fetch(`${shop.origin}/ledger`, { headers: { cookie: packer.cookie } });
    expect(page.status).toBe(403);
  });

  it('tells a buyer what is kept each time, never, which sizes go, and how long things lie', async () => {
    const { always, never, sizes, ages, unmet } = (await owner.call('ledger-buyer', {})).answer;
    const all = await decided();
    const of = (id: string) => all.filter((row) => row.garment.id === id);
    for (const { garmentId, sent } of always)
      expect([of(garmentId).length, of(garmentId).every(({ line }) => line.decision === 'keep')]).toEqual([
        sent,
        true,
      ]);
    for (const { garmentId, sent } of never)
      expect([of(garmentId).length, of(garmentId).some(({ line }) => line.decision === 'keep')]).toEqual([
        sent,
        false,
      ]);
    expect(always.length + never.length).toBeGreaterThan(0);
    const m = sure(sizes.find(({ size }) => size === 'M'));
    expect(m.sent).toBe(all.filter(({ variant: v }) => v.size === 'M').length);
    expect(ages.reduce((sum, { units }) => sum + units, 0)).toBeGreaterThan(100);
    expect(Array.isArray(unmet)).toBe(true);
  });

  it('says how likely a piece is kept, judged on what it had not seen, and Pull uses it only where it is better', async () => {
    const all = await decided();
    const { cases, model } = (await owner.call('ledger-chance', {})).answer;
    const { brier, isBetter, judgedOn, bins } = sure(model);
    expect(cases).toBe(all.length);
    expect(judgedOn).toBe(all.length - Math.floor(all.length * 0.7));
    expect(bins.reduce((sum, { count }) => sum + count, 0)).toBe(judgedOn);
    expect(isBetter).toBe(brier.model < brier.shop && brier.model < brier.client);
    // The year was made of habits: there is something to be learned.
    expect(isBetter).toBe(true);
    const [open] = await shop.db.select().from(box).where(eq(box.state, 'combining')).limit(1);
    const { rows } = (await shop.stylist.call('pull-list', { boxId: sure(open).id })).answer;
    expect(rows.length).toBeGreaterThan(0);
    for (const { chance } of rows) {
      expect(sure(chance).chance).toBeGreaterThan(0);
      expect(sure(chance).chance).toBeLessThan(1);
      expect(sure(chance).because.length).toBeLessThanOrEqual(3);
    }
    const planned = (await shop.stylist.call('plan-candidates', { boxId: sure(open).id })).answer;
    expect(planned.candidates.every(({ keep }) => keep !== undefined)).toBe(true);
    expect((await (await callerOf(shop.origin, 'packer')).call('ledger-chance', {})).status).toBe(403);
  });
});
