import type { TalliedBox } from '@contracts/box/box-view';
import type { Input } from '@contracts/calls';
import { disagreements } from '@data/check';
import { box as boxTable, cardSum, payment, shop as shopTable, voucherMovement } from '@data/schema';
import { and, eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
});
const setShop = (values: Partial<typeof shopTable.$inferInsert>) => shop.db.update(shopTable).set(values);

/** A box of two pieces of €50 each that is decided and waits to be closed; what it comes to. */
async function decided(keep = 2): Promise<TalliedBox> {
  const sizes = [
    await makeGarment(shop.stylist, { title: 'Tee', category: 'tee' }),
    await makeGarment(shop.stylist, { title: 'Skirt', category: 'skirt' }),
  ];
  let view: TalliedBox = await moved(
    shop.stylist,
    await moved(shop.stylist, await makeBox(shop.stylist, await makeClient(shop.stylist), sizes), 'packed'),
    'out',
  );
  for (const [i, line] of view.lines.entries()) {
    const decision = i < keep ? 'keep' : 'return';
    view = (await shop.stylist.call('decide-line', { boxId: view.id, lineId: line.id, decision })).answer;
    if (decision === 'return')
      view = (await shop.stylist.call('check-in-line', { boxId: view.id, lineId: line.id }))
        .answer as TalliedBox;
  }
  return view;
}
const close = (view: TalliedBox, more: Partial<Input<'close-box'>> = {}) =>
  shop.stylist.call('close-box', { boxId: view.id, version: view.version, way: 'card', ...more });
const ask = async (view: TalliedBox, voucher = ''): Promise<TalliedBox> => {
  const { status, answer, problem } = await shop.stylist.call('ask-card', {
    boxId: view.id,
    version: view.version,
    voucher,
  });
  if (status !== 200) throw new Error(problem.title);
  return answer;
};
const play = (view: TalliedBox, as: 'approved' | 'declined') =>
  shop.stylist.call('play-terminal', { boxId: view.id, cardId: sure(view.card).id, as });
const stop = (view: TalliedBox) =>
  shop.stylist.call('stop-card', { boxId: view.id, cardId: sure(view.card).id });
const sumsOf = async (id: string): Promise<string[]> =>
  (await shop.db.select().from(cardSum).where(eq(cardSum.boxId, id))).map(({ state }) => state).sort();
const charges = (id: string) =>
  shop.db
    .select()
    .from(payment)
    .where(and(eq(payment.boxId, id), eq(payment.kind, 'charge')));
const due = (view: TalliedBox): number => sure(view.total).dueMinor;

describe('a card at the terminal', () => {
  it('pays what it was charged, and a box is not closed by card before', async () => {
    const view = await decided();
    const early = await close(view);
    expect([early.status, early.problem.title]).toEqual([
      409,
      'The card was not charged yet: ask the terminal for €70.00 first.',
    ]);
    const asked = await ask(view);
    expect(asked.card).toMatchObject({ state: 'asked', amountMinor: due(view) });
    expect((await close(asked)).problem.title).toMatch(/still asking for €70\.00/);
    const charged = (await play(asked, 'approved')).answer;
    const shut = await close(charged);
    expect(shut.status).toBe(200);
    expect(await sumsOf(view.id)).toEqual(['used']);
    expect((await charges(view.id)).map(({ amountMinor, way }) => [amountMinor, way])).toEqual([
      [due(view), 'card'],
    ]);
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('that is declined charges nothing, may be asked again, or paid in cash', async () => {
    const view = await decided();
    const declined = (await play(await ask(view), 'declined')).answer;
    expect(declined.card?.state).toBe('declined');
    expect((await play(declined, 'approved')).problem.title).toBe(
      'The card was declined; nothing was charged.',
    );
    const again = (await play(await ask(declined), 'approved')).answer;
    expect((await close(again, { way: 'cash' })).problem.title).toMatch(/^The card was charged €70\.00/);
    const back = (await stop(again)).answer;
    expect((await close(back, { way: 'cash' })).status).toBe(200);
    expect(await sumsOf(view.id)).toEqual(['declined', 'given back']);
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('that answers after it was stopped charges nothing', async () => {
    const view = await decided();
    const asked = await ask(view);
    expect((await stop(asked)).status).toBe(200);
    const late = await play(asked, 'approved');
    expect([late.status, late.problem.title]).toEqual([
      409,
      'This was stopped before the card was charged; nothing was charged.',
    ]);
    // Stopped twice is stopped once.
    expect((await stop(asked)).status).toBe(200);
    expect(await sumsOf(view.id)).toEqual(['cancelled']);
  });
  it('held twice, asked twice and closed twice at once is charged once', async () => {
    const view = await decided();
    const asks = await Promise.all(
      Array.from({ length: 6 }, () =>
        shop.stylist.call('ask-card', { boxId: view.id, version: view.version }),
      ),
    );
    const asked = sure(asks.find(({ status }) => status === 200)).answer;
    expect(await sumsOf(view.id)).toEqual(['asked']);
    const taps = await Promise.all(Array.from({ length: 6 }, () => play(asked, 'approved')));
    expect(taps.map(({ status }) => status)).toEqual(Array.from({ length: 6 }, () => 200));
    const { version } = sure((await shop.db.select().from(boxTable).where(eq(boxTable.id, view.id)))[0]);
    const shut = await Promise.all(Array.from({ length: 6 }, () => close({ ...asked, version })));
    expect(shut.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
    expect(await charges(view.id)).toHaveLength(1);
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('charged for a sum that has changed since is told, and gives its money back before the new one', async () => {
    const view = await decided();
    const charged = (await play(await ask(view), 'approved')).answer;
    const line = sure(view.lines[0]);
    await shop.stylist.call('decide-line', { boxId: view.id, lineId: line.id, decision: 'return' });
    const now = (await shop.stylist.call('check-in-line', { boxId: view.id, lineId: line.id }))
      .answer as TalliedBox;
    const other = await close(now);
    expect([other.status, other.problem.title]).toEqual([
      409,
      'The card was charged €70.00, but €30.00 is due now. Give that money back first.',
    ]);
    await expect(ask(now)).rejects.toThrow(/has charged €70\.00/);
    const back = (await stop({ ...now, card: charged.card })).answer;
    const right = (await play(await ask(back), 'approved')).answer;
    expect((await close(right)).status).toBe(200);
    expect((await charges(view.id)).map(({ amountMinor }) => amountMinor)).toEqual([3000]);
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('is not asked for by a packer, for a box not decided, in a shop without one, or of another shop', async () => {
    const view = await decided();
    const packer = await callerOf(shop.origin, 'packer');
    const input = { boxId: view.id, version: view.version };
    expect((await packer.call('ask-card', input)).status).toBe(403);
    await setShop({ terminal: 'none' });
    expect((await shop.stylist.call('ask-card', input)).status).toBe(409);
    expect((await close(view)).status).toBe(200);
    await setShop({ terminal: 'simulated' });
    const unheard = await shop.stylist.call('play-terminal', {
      boxId: view.id,
      cardId: '00000000-0000-4000-8000-000000000000',
      as: 'approved',
    });
    expect(unheard.status).toBe(404);
  });
});

describe('a voucher', () => {
  const issue = async (amountMinor: number, note = 'a birthday'): Promise<string> => {
    const { status, answer } = await owner.call('issue-voucher', { amountMinor, note });
    expect(status).toBe(200);
    return answer.code;
  };
  const left = async (code: string): Promise<number> =>
    (await shop.stylist.call('voucher', { code })).answer.balanceMinor;

  it('is issued by an owner alone, found however its code is typed, and refused where it is none', async () => {
    expect((await shop.stylist.call('issue-voucher', { amountMinor: 5000 })).status).toBe(403);
    const code = await issue(5000);
    expect(await left(code.toLowerCase().replace('-', ' '))).toBe(5000);
    expect((await shop.stylist.call('voucher', { code: 'NOPE-NOPE' })).status).toBe(404);
    for (const amountMinor of [0, -5, 1.5, 1e12])
      expect((await owner.call('issue-voucher', { amountMinor })).status).toBe(422);
  });
  it('pays first, the rest otherwise; each is booked, and the receipt says both', async () => {
    const code = await issue(5000);
    const view = await decided();
    const short = await close(view, { way: 'voucher', voucher: code });
    expect([short.status, short.problem.faults]).toEqual([
      422,
      [{ path: 'way', message: '€20.00 is left to pay: in cash, by card or by transfer?' }],
    ]);
    const shut = await close(view, { way: 'cash', voucher: code });
    expect(shut.status).toBe(200);
    expect(
      shut.answer.paid
        .filter(({ chargedMinor }) => chargedMinor > 0)
        .map(({ way, chargedMinor }) => [way, chargedMinor]),
    ).toEqual([
      ['voucher', 5000],
      ['cash', 2000],
    ]);
    expect(await left(code)).toBe(0);
    const spent = await close(await decided(), { way: 'cash', voucher: code });
    expect([spent.status, spent.problem.faults[0]?.message]).toEqual([422, 'nothing is left on it']);
    const unknown = await close(await decided(), { way: 'voucher' });
    expect(unknown.problem.faults[0]).toEqual({
      path: 'voucher',
      message: 'the code of the voucher is missing',
    });
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('pays all of a box, and the terminal is asked for what it does not', async () => {
    const [large, small] = [await issue(20_000), await issue(1000)];
    expect((await close(await decided(), { way: 'voucher', voucher: large })).status).toBe(200);
    expect(await left(large)).toBe(13_000);
    const view = await decided();
    const charged = (await play(await ask(view, small), 'approved')).answer;
    // The voucher is remembered with the sum: a page loaded anew closes with both.
    expect(charged.card).toMatchObject({ amountMinor: 6000, voucher: small });
    // Without its voucher the box is to pay more than was charged.
    expect((await close(charged)).status).toBe(409);
    expect((await close(charged, { voucher: small })).status).toBe(200);
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('pays two boxes at once with what it holds and no more', async () => {
    const code = await issue(10_000);
    const boxes = [await decided(), await decided(), await decided()];
    const all = await Promise.all(boxes.map((view) => close(view, { way: 'cash', voucher: code })));
    expect(all.map(({ status }) => status).filter((status) => status !== 200 && status !== 422)).toEqual([]);
    const moves = await shop.db.select().from(voucherMovement);
    expect(await left(code)).toBe(0);
    expect(moves.filter(({ amountMinor, cause }) => cause === 'spend' && amountMinor >= 0)).toEqual([]);
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('gets back what money did not pay, when a kept piece comes back', async () => {
    const code = await issue(5000);
    let view = (await close(await decided(), { way: 'cash', voucher: code })).answer;
    for (const line of view.lines) {
      const back = await shop.stylist.call('take-back-line', {
        boxId: view.id,
        lineId: line.id,
        reason: null,
        fitPoint: null,
        note: '',
        withheldMinor: 0,
        backTo: 'shelf',
      });
      expect(back.status).toBe(200);
      view = back.answer;
    }
    // €20 in cash and the fee of €20 by card went back as money, the rest to the voucher.
    expect(view.paid.map(({ way, backMinor }) => [way, backMinor]).sort()).toEqual([
      ['card', 2000],
      ['cash', 2000],
      ['voucher', 5000],
    ]);
    expect(await left(code)).toBe(5000);
    expect(await disagreements(shop.db)).toEqual([]);
  });
});

describe('what comes late', () => {
  const settledAgo = (id: string, days: number) =>
    shop.db
      .update(boxTable)
      .set({ closedAt: new Date(Date.now() - days * 86_400_000) })
      .where(eq(boxTable.id, id));
  const back = (by: Caller, view: TalliedBox, at: number) =>
    by.call('take-back-line', {
      boxId: view.id,
      lineId: sure(view.lines[at]).id,
      reason: null,
      fitPoint: null,
      note: '',
      withheldMinor: 0,
      backTo: 'shelf',
    });

  it('a kept piece comes back within the shop’s days; later an owner alone takes it back', async () => {
    await setShop({ lateReturnDays: 30 });
    const view = (await close(await decided(), { way: 'cash' })).answer;
    await settledAgo(view.id, 30);
    expect((await back(shop.stylist, view, 0)).status).toBe(200);
    await settledAgo(view.id, 31);
    const late = await back(shop.stylist, view, 1);
    expect([late.status, late.problem.title]).toEqual([
      409,
      'This box was settled 31 days ago, and pieces come back within 30. An owner may still take it back.',
    ]);
    expect((await back(owner, view, 1)).status).toBe(200);
    await setShop({ lateReturnDays: null });
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('the keep-all rate ends with the day to send back where the shop says so, for boxes that go out from then on', async () => {
    await setShop({ lateKeepAll: false });
    const view = await decided();
    expect(view.late.keepAllUntil).toBe(view.returnBy);
    expect(view.total?.steps.map(({ label }) => label)).toContain('Keep-all rate');
    const row = sure((await shop.db.select().from(boxTable).where(eq(boxTable.id, view.id)))[0]);
    await shop.db
      .update(boxTable)
      .set({ terms: { ...sure(row.terms), keepAllUntil: '2020-01-01' } })
      .where(eq(boxTable.id, view.id));
    const shut = (await close(view, { way: 'cash' })).answer;
    expect(shut.total?.steps.map(({ label }) => label)).not.toContain('Keep-all rate');
    expect(shut.total?.netMinor).toBe(10_000);
    await setShop({ lateKeepAll: true });
    expect((await decided()).late.keepAllUntil).toBeUndefined();
    expect(await disagreements(shop.db)).toEqual([]);
  });
});
