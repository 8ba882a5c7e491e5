import { problemOfBox } from '@contracts/plan/box-problem';
import { disagreements } from '@data/check';
import {
  box,
  boxAsk,
  boxLine,
  client,
  garment,
  look,
  payment,
  shop as shopTable,
  user,
  variant,
} from '@data/schema';
import { loadPast } from '@data/demo/past';
import { HABITS } from '@data/demo/past-habits';
import { LEDGER_BY, PRICE_BANDS, type UnmetBy } from '@core/ledger';
import { CATEGORY, type Category } from '@core/piece';
import { readAsk } from '@core/reading';
import { eq, inArray, isNull } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { shopDay } from '../support/days';
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
    const [{ zone } = { zone: 'UTC' }] = await shop.db.select({ zone: shopTable.zone }).from(shopTable);
    const keys = {
      kind: ({ garment: g }) => g.category,
      label: ({ garment: g }) => g.label,
      size: ({ variant: v }) => v.size,
      client: ({ client: c }) => c.id,
      price: ({ line, garment: g }) =>
        String(PRICE_BANDS.filter((band) => band <= (line.priceMinor ?? g.priceMinor)).length),
      month: ({ box: b }) =>
        new Intl.DateTimeFormat('en-CA', { timeZone: zone, year: 'numeric', month: '2-digit' }).format(
          sure(b.closedAt),
        ),
      stylist: ({ user: u }) => u.id,
      year: ({ box: b }) => String(sure(b.closedAt).getFullYear()),
      cut: ({ garment: { attributes } }) => {
        const { cut, volume } = attributes as {
          cut?: { silhouette?: string; leg?: string };
          volume?: string;
        };
        return cut?.silhouette ?? (cut?.leg && `${cut.leg} leg`) ?? volume ?? '';
      },
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
    const { reasons, boxes, daysToOut, daysToTally } = await ask('kind');
    const back = all.filter(({ line }) => line.decision !== 'keep' || line.cameBackAt);
    for (const { reason, count } of reasons)
      expect(count, String(reason)).toBe(back.filter(({ line }) => line.reason === reason).length);
    const closed = [...new Map(all.map(({ box: b }) => [b.id, b])).values()];
    const median = (days: number[]): number => {
      const sorted = days.sort((a, b) => a - b);
      const at = (sorted.length - 1) / 2;
      return (sure(sorted[Math.floor(at)]) + sure(sorted[Math.ceil(at)])) / 2;
    };
    const days = (from: Date | null, to: Date | null): number =>
      (sure(to).getTime() - sure(from).getTime()) / 86_400_000;
    expect(boxes).toBe(closed.length);
    expect(daysToOut).toBeCloseTo(median(closed.map((b) => days(b.createdAt, b.outAt))), 0);
    expect(daysToTally).toBeCloseTo(median(closed.map((b) => days(b.outAt, b.closedAt))), 0);
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
    const day = (ago: number): string => shopDay(Date.now() - ago * 86_400_000);
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
    // Asks that nothing was sent for, plainly again, by whatever they are sorted.
    const lines = await shop.db.select({ askId: boxLine.askId, removedAt: boxLine.removedAt }).from(boxLine);
    const met = new Set(
      lines.flatMap(({ askId, removedAt }) => (removedAt === null && askId ? [askId] : [])),
    );
    const [one] = await shop.db.select({ id: box.id }).from(box).where(eq(box.state, 'closed')).limit(1);
    const wishes = ['a green wool coat, under 200', 'green wool coat under 200', 'a size 12 dress'];
    await shop.db
      .insert(boxAsk)
      .values(wishes.map((words, i) => ({ boxId: sure(one).id, position: 10 + i, ask: readAsk(words) })));
    const asks = (
      await shop.db
        .select({ ask: boxAsk, state: box.state })
        .from(boxAsk)
        .innerJoin(box, eq(box.id, boxAsk.boxId))
    )
      .filter(
        ({ ask: each, state }) =>
          ['out', 'tallying', 'closed'].includes(state) && !met.has(each.id) && each.ask.text.trim() !== '',
      )
      .map(({ ask: each }) => each.ask);
    const by = async (unmetBy: UnmetBy) =>
      new Map(
        (await owner.call('ledger-buyer', { unmetBy })).answer.unmet.map(({ key, count }) => [key, count]),
      );
    expect((await by('kind')).get('coat')).toBe(asks.filter(({ kinds }) => kinds[0] === 'coat').length);
    expect((await by('colour')).get('green')).toBe(
      asks.filter(({ colours = [] }) => colours[0]?.name === 'green').length,
    );
    expect((await by('size')).get('12')).toBe(asks.filter(({ size }) => size?.label === '12').length);
    expect([...(await by('price')).values()].reduce((sum, n) => sum + n, 0)).toBe(asks.length);
    const coats = sure(
      (await owner.call('ledger-buyer', { unmetBy: 'kind' })).answer.unmet.find(({ key }) => key === 'coat'),
    );
    expect(coats.worthMinor).toBeGreaterThanOrEqual(40_000);
    expect(unmet.every(({ name }) => name !== '')).toBe(true);
    // The year had something that was asked for and never there.
    expect(unmet.map(({ key }) => key)).toEqual(expect.arrayContaining([...HABITS.missing]));
  });

  it('names what hangs here and fits nobody on the books, and opens what came back for a reason', async () => {
    const fits = async () => (await owner.call('ledger-fits-nobody', {})).answer;
    const before = await fits();
    expect(before.clients).toBeGreaterThan(0);
    // A dress in sizes that nobody known has: the first by its title that is measured at the bust.
    const dresses = await shop.db
      .select({ garment, measures: variant.measures })
      .from(garment)
      .innerJoin(variant, eq(variant.garmentId, garment.id))
      .where(eq(garment.category, 'dress'))
      .orderBy(garment.title, variant.sku);
    const dress = dresses.find(({ measures }) => measures.bust)?.garment;
    const sizes = await shop.db
      .select()
      .from(variant)
      .where(eq(variant.garmentId, sure(dress).id));
    expect(before.garments.some(({ garmentId }) => garmentId === sure(dress).id)).toBe(false);
    for (const [i, { id, measures }] of sizes.entries())
      await shop.db
        .update(variant)
        .set({
          size: String(60 + 2 * i),
          measures: Object.fromEntries(
            Object.entries(measures).map(([name, each]) => [
              name,
              { mm: Math.round(sure(each).mm * 1.8), origin: 'measured' as const },
            ]),
          ),
        })
        .where(eq(variant.id, id));
    await shop.db
      .update(garment)
      .set({ version: sure(dress).version + 1 })
      .where(eq(garment.id, sure(dress).id));
    const found = (await fits()).garments.find(({ garmentId }) => garmentId === sure(dress).id);
    expect(found).toBeDefined();
    const back = async (reason: 'too small' | null) =>
      (await owner.call('ledger-back', { reason })).answer.lines;
    const { reasons } = await ask('kind');
    for (const reason of ['too small', null] as const)
      expect((await back(reason)).length).toBe(reasons.find((each) => each.reason === reason)?.count ?? 0);
    expect((await back('too small')).every(({ kept, reason }) => !kept && reason === 'too small')).toBe(true);
    expect((await owner.call('ledger-back', { reason: 'cursed' } as never)).status).toBe(422);
  });

  it('says how a label runs, what the app reads its sizes as, and since when', async () => {
    const { labels } = (await owner.call('ledger-sizes', {})).answer;
    const all = await decided();
    const own = labels.filter(({ label }) => label === HABITS.smallLabel);
    expect(own.length).toBeGreaterThan(0);
    for (const { kind, points, since } of own) {
      const rows = all.filter(
        ({ garment: g }) => g.label === HABITS.smallLabel && CATEGORY[g.category as Category].label === kind,
      );
      const small = rows.filter(({ line }) => line.reason === 'too small');
      const told = small.length + rows.filter(({ line }) => line.decision === 'keep').length;
      const [point] = points;
      expect(sure(point).count).toBe(told);
      // By hand: the mean in sizes, shrunk by five decisions.
      expect(sure(point).steps).toBeCloseTo((-small.length / told) * (told / (told + 5)));
      const [first] = small.map(({ box: b }) => shopDay(sure(b.closedAt))).sort();
      expect(since).toBe(first);
    }
    expect(sure(sure(labels[0]).points[0]).steps).toBeLessThan(0);
  });

  it('says what is with clients now, what of it is late, and what kept pieces brought beyond their cost', async () => {
    const all = await decided();
    const costed = all.filter(
      ({ line, garment: g }) => line.decision === 'keep' && line.netMinor !== null && g.costMinor !== null,
    );
    const { money } = await ask('kind');
    expect(money.costed).toBe(costed.length);
    expect(money.marginMinor).toBe(
      costed.reduce((sum, { line, garment: g }) => sum + Number(line.netMinor) - Number(g.costMinor), 0),
    );
    const out = (
      await shop.db
        .select({ box, line: boxLine, garment })
        .from(boxLine)
        .innerJoin(box, eq(box.id, boxLine.boxId))
        .innerJoin(variant, eq(variant.id, boxLine.variantId))
        .innerJoin(garment, eq(garment.id, variant.garmentId))
        .where(isNull(boxLine.removedAt))
    ).filter(
      ({ box: b, line }) =>
        ['out', 'tallying'].includes(b.state) && line.parcelNo !== null && line.decision === 'undecided',
    );
    expect(out.length).toBeGreaterThan(0);
    const worth = (rows: typeof out): number =>
      rows.reduce((sum, { line, garment: g }) => sum + (line.priceMinor ?? g.priceMinor), 0);
    expect(money.outMinor).toBe(worth(out));
    // Which of the demo's boxes are late hangs on the weekday; here none is, then one.
    await shop.db
      .update(box)
      .set({ returnBy: '2099-01-01' })
      .where(inArray(box.state, ['out', 'tallying']));
    expect((await ask('kind')).money.lateMinor).toBe(0);
    const [late] = out;
    await shop.db
      .update(box)
      .set({ returnBy: '2020-01-01' })
      .where(eq(box.id, sure(late).box.id));
    expect((await ask('kind')).money.lateMinor).toBe(
      worth(out.filter(({ box: b }) => b.id === sure(late).box.id)),
    );
  });

  it('adds a day up to the cent: by way, by rate of tax, and back the way it was paid', async () => {
    const taken = await shop.db
      .select({ payment, number: box.number })
      .from(payment)
      .innerJoin(box, eq(box.id, payment.boxId));
    const [{ zone } = { zone: 'UTC' }] = await shop.db.select({ zone: shopTable.zone }).from(shopTable);
    const dayOf = (at: Date): string => new Intl.DateTimeFormat('en-CA', { timeZone: zone }).format(at);
    const days = [...new Set(taken.map(({ payment: each }) => dayOf(each.at)))];
    const all = await decided();
    for (const day of days.slice(0, 25)) {
      const { answer } = await owner.call('day-close', { day });
      const sum = (rows: readonly { payment: { amountMinor: number } }[]): number =>
        rows.reduce((total, row) => total + row.payment.amountMinor, 0);
      for (const { way, feeMinor, chargeMinor, refundMinor } of answer.ways) {
        const of = (kind: string) =>
          sum(taken.filter(({ payment: p }) => dayOf(p.at) === day && p.way === way && p.kind === kind));
        expect([feeMinor, chargeMinor, refundMinor], day).toEqual([of('fee'), of('charge'), of('refund')]);
      }
      // Charged is what was kept, less the fees that were paid before.
      const charged = answer.ways.reduce((total, { chargeMinor }) => total + chargeMinor, 0);
      const kept = answer.rates.reduce((total, { netMinor }) => total + netMinor, 0);
      expect(charged, day).toBe(kept - answer.feeCreditMinor);
      const closed = all.filter(({ box: b }) => dayOf(sure(b.closedAt)) === day);
      expect(answer.boxes).toBe(new Set(closed.map(({ box: b }) => b.id)).size);
    }
    expect((await owner.call('day-close', { day: '1999-01-01' })).answer).toMatchObject({
      ways: [],
      rates: [],
      boxes: 0,
    });
    expect((await owner.call('day-close', { day: 'today' } as never)).status).toBe(422);
    const packer = await callerOf(shop.origin, 'packer');
    expect((await packer.call('day-close', {})).status).toBe(403);
  });

  it('puts the rules on trial: finds the one that is wrong, about what it is wrong, and changes it on that', async () => {
    const { looks, unknown, rules } = (await owner.call('ledger-rules', {})).answer;
    // Plainly again: every saved look of a closed box, what was said against it, and what of it was kept.
    const all = await decided();
    const kept = new Map(all.map(({ line }) => [`line:${line.id}`, line.decision === 'keep']));
    const rows = (await shop.db.select().from(look)).flatMap(({ against, overrules, pieces }) => {
      const told = pieces.flatMap(({ ref }) => kept.get(ref) ?? []);
      return told.length > 0 && against
        ? [{ against, overrules, share: told.filter(Boolean).length / told.length }]
        : [];
    });
    expect([looks, unknown]).toEqual([rows.length, 0]);
    for (const { rule, against, silent, aside } of rules) {
      const own = rows.filter((row) => row.against.includes(rule));
      expect([against.looks, silent.looks], rule).toEqual([own.length, rows.length - own.length]);
      expect(aside).toBe(own.filter(({ overrules }) => overrules.some((over) => over.rule === rule)).length);
    }
    const { proposals } = (await owner.call('ledger-proposals', {})).answer;
    expect(Object.keys(proposals)).toEqual([HABITS.wrongRule]);

    const replayed = async (then?: object) => {
      const asked = await owner.call('ledger-replay', {
        rule: HABITS.wrongRule,
        ...(then ? { then: { rule: HABITS.wrongRule, ...then } } : {}),
      } as never);
      if (asked.status !== 200) throw new Error(asked.problem.title);
      return asked.answer;
    };
    const proposed = await replayed();
    expect(proposed.proposal).toMatchObject({ name: 'most', value: HABITS.highLow.apart });
    expect(proposed.before.against.looks).toBe(
      sure(rules.find(({ rule }) => rule === HABITS.wrongRule)).against.looks,
    );
    expect(proposed.fallsSilent.share / proposed.fallsSilent.looks).toBeGreaterThan(
      proposed.before.silent.high,
    );
    expect(proposed.after.against.rate).toBeLessThan(proposed.after.silent.rate);
    expect(proposed.changed.every(({ isSilenced, pieces }) => isSilenced && pieces.length > 3)).toBe(true);
    const stricter = await replayed({ thresholds: { most: 4 } });
    expect(stricter.speaksUp.looks).toBeGreaterThan(0);
    expect(stricter.fallsSilent.looks).toBe(0);
    expect((await replayed({ off: true })).after.against.looks).toBe(0);

    const tune = (who: Caller, version: number, then: object) =>
      who.call('tune-by-trial', { version, then: { rule: HABITS.wrongRule, ...then } } as never);
    const { version } = proposed;
    expect((await tune(shop.stylist, version, { thresholds: { most: 6.5 } })).status).toBe(403);
    const odd = await tune(owner, version, { thresholds: { most: 40 } });
    expect([odd.status, odd.problem.faults[0]?.path]).toEqual([422, 'then.thresholds.most']);
    const allergy = await owner.call('ledger-replay', {
      rule: 'K5',
      then: { rule: 'K5', off: true },
    } as never);
    expect(allergy.status).toBe(422);
    expect((await tune(owner, version, { thresholds: { most: 6.5 } })).status).toBe(200);
    expect((await tune(owner, version, { off: true })).status).toBe(409);
    const [row] = await shop.db.select({ settings: shopTable.ruleSettings }).from(shopTable);
    expect(sure(row).settings[HABITS.wrongRule]).toEqual({ thresholds: { most: 6.5 } });
    const after = await replayed();
    expect([after.proposal, after.before.against.looks]).toEqual([undefined, proposed.after.against.looks]);
    // Back at the rule's own value nothing is left of the tuning.
    expect((await tune(owner, version + 1, { thresholds: { most: 6 } })).status).toBe(200);
    const [back] = await shop.db.select({ settings: shopTable.ruleSettings }).from(shopTable);
    expect(sure(back).settings[HABITS.wrongRule]).toBeUndefined();
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
    // What the box holds already has a chance of its own, and goes into the plan with it.
    const view = (await shop.stylist.call('box-news', { boxId: sure(open).id })).answer.box;
    const chances = sure(view).lines.map(({ piece }) => planned.held[piece.id]);
    expect(chances.length).toBeGreaterThan(0);
    expect(chances.every((chance) => chance !== undefined && chance > 0 && chance < 1)).toBe(true);
    const problem = problemOfBox(sure(view), planned);
    expect(problem.candidates.slice(0, chances.length).map(({ keep }) => keep)).toEqual(chances);
    expect((await (await callerOf(shop.origin, 'packer')).call('ledger-chance', {})).status).toBe(403);
  });
});
