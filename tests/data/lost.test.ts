import type { TalliedBox } from '@contracts/box/box-view';
import { pastLines } from '@data/box/decisions';
import { disagreements } from '@data/check';
import { box } from '@data/schema';
import { balancesOf } from '@data/stock/books';
import { eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
const KINDS = ['tee', 'skirt', 'coat'] as const;

/** A box of three sizes, one unit of each, that is out. */
async function sent(): Promise<{ readonly view: TalliedBox; readonly sizes: readonly string[] }> {
  const sizes: string[] = [];
  for (const category of KINDS)
    sizes.push(await makeGarment(shop.stylist, { title: `One ${category}`, category }, 1));
  const written = await makeBox(shop.stylist, await makeClient(shop.stylist), sizes);
  return { view: await moved(shop.stylist, await moved(shop.stylist, written, 'packed'), 'out'), sizes };
}
const where = async (variantId: string): Promise<string[]> =>
  (await balancesOf(shop.db, variantId))
    .filter(({ qty, place }) => qty > 0 && place !== 'supplier')
    .map(({ place }) => place);
const lineId = (view: TalliedBox, i: number): string => sure(view.lines[i]).id;
const lose = (
  view: TalliedBox,
  at: readonly number[],
  loss: 'on its way to her' | 'no answer' = 'on its way to her',
) =>
  shop.stylist.call('lose-lines', {
    boxId: view.id,
    version: view.version,
    lineIds: at.map((i) => lineId(view, i)),
    loss,
  });
const close = (view: TalliedBox) =>
  shop.stylist.call('close-box', {
    boxId: view.id,
    version: view.version,
    notesNext: '',
    way: 'cash',
    voucher: '',
  });
const decide = (view: TalliedBox, i: number, decision: 'keep' | 'return', by: Caller = shop.stylist) =>
  by.call('decide-line', { boxId: view.id, lineId: lineId(view, i), decision });
/** As though its days had gone by long ago. */
const long = (view: TalliedBox, silentKeepFrom?: string) =>
  shop.db.transaction(async (tx) => {
    const [row] = await tx.select().from(box).where(eq(box.id, view.id));
    const terms = { ...sure(row?.terms), ...(silentKeepFrom ? { silentKeepFrom } : {}) };
    await tx
      .update(box)
      .set({ terms, decideBy: '2020-01-02', returnBy: '2020-01-09' })
      .where(eq(box.id, view.id));
  });

describe('what is lost on its way to a client', () => {
  it('is not charged, breaks no keep-all rate, is written off, and teaches nothing', async () => {
    const { view, sizes } = await sent();
    const lost = await lose(view, [1]);
    expect([lost.status, lost.answer.lines.map(({ decision }) => decision)]).toEqual([
      200,
      ['undecided', 'lost', 'undecided'],
    ]);
    await decide(view, 0, 'keep');
    const { answer: all } = await decide(view, 2, 'keep');
    // All that reached her.
    expect(all.total?.keptAll).toBe(true);
    const closed = await close(all);
    expect(closed.status).toBe(200);
    expect((await pastLines(shop.db, view.client.id)).map(({ lineId: id }) => id).sort()).toEqual(
      [lineId(view, 0), lineId(view, 2)].sort(),
    );
    expect(await Promise.all(sizes.map(where))).toEqual([['sold'], ['written-off'], ['sold']]);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('gives the styling fee back, the way it was paid, where nothing arrived; where the shop keeps it, it stays', async () => {
    const { view } = await sent();
    const { answer } = await lose(view, [0, 1, 2]);
    expect(view.styleFeeMinor).toBeGreaterThan(0);
    expect(answer.total).toMatchObject({ netMinor: 0, dueMinor: -view.styleFeeMinor, feeKeptMinor: 0 });
    const { answer: closed } = await close(answer);
    expect(closed.paid.map(({ paidMinor, backMinor }) => paidMinor - backMinor)).toEqual([0]);

    const other = await sent();
    const [row] = await shop.db.select().from(box).where(eq(box.id, other.view.id));
    const terms = { ...sure(row?.terms), lostFeeBack: false };
    await shop.db.update(box).set({ terms }).where(eq(box.id, other.view.id));
    const { answer: kept } = await lose(other.view, [0, 1, 2]);
    expect(kept.total).toMatchObject({ dueMinor: 0, feeKeptMinor: other.view.styleFeeMinor });
    expect((await close(kept)).status).toBe(200);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('turns up again: with her, to be decided, or back at the shop under the scanner, which is no return of hers', async () => {
    const { view, sizes } = await sent();
    const { answer } = await lose(view, [0, 1]);
    expect((await decide(answer, 0, 'keep')).problem.title).toBe(
      'This piece is lost. Say first that it turned up.',
    );
    const found = await shop.stylist.call('find-line', { boxId: view.id, lineId: lineId(view, 0) });
    expect(sure(found.answer.lines[0])).toMatchObject({ decision: 'undecided', lost: false });
    expect((await decide(view, 0, 'keep')).status).toBe(200);
    const back = await shop.stylist.call('scan-back', { boxId: view.id, code: sure(view.lines[1]).sku });
    expect([back.status, back.answer.wasUndecided]).toEqual([200, false]);
    expect(await Promise.all(sizes.map(where))).toEqual([['out'], ['shelf'], ['out']]);
    const twice = await shop.stylist.call('find-line', { boxId: view.id, lineId: lineId(view, 1) });
    expect([twice.status, twice.problem.title]).toEqual([
      409,
      'This piece is back in the shop already, and nobody is charged for it.',
    ]);
    const { answer: last } = await decide(view, 2, 'keep');
    expect((await close(last)).status).toBe(200);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('is nothing that was decided, is not here, or is another box’s; a packer does not say so', async () => {
    const { view } = await sent();
    const { answer } = await decide(view, 0, 'keep');
    const kept = await lose(answer, [0, 1]);
    expect([kept.status, kept.problem.title]).toEqual([409, expect.stringContaining('so it arrived')]);
    expect(sure((await lose(answer, [1])).answer.lines[1]).decision).toBe('lost');
    const other = await sent();
    const wrong = await shop.stylist.call('lose-lines', {
      boxId: view.id,
      version: view.version + 2,
      lineIds: [lineId(other.view, 0)],
      loss: 'no answer',
    });
    expect(wrong.status).toBe(404);
    expect((await lose(view, [2])).status).toBe(409);
    const packer = await callerOf(shop.origin, 'packer');
    expect((await packer.call('find-line', { boxId: view.id, lineId: lineId(view, 1) })).status).toBe(403);
    expect(await disagreements(shop.db)).toEqual([]);
  });
});

describe('what is lost on its way back', () => {
  it('stays a return with its reason, is not charged and not waited for; it may turn up and be checked in', async () => {
    const { view, sizes } = await sent();
    await decide(view, 0, 'return');
    const gone = { boxId: view.id, lineId: lineId(view, 0), backTo: 'lost' as const };
    const packer = await callerOf(shop.origin, 'packer');
    expect((await packer.call('check-in-line', gone)).status).toBe(409);
    const { answer } = await shop.stylist.call('check-in-line', gone);
    expect(sure((answer as TalliedBox).lines[0])).toMatchObject({
      decision: 'return',
      lost: true,
      checkedIn: true,
    });
    expect(await where(sure(sizes[0]))).toEqual(['written-off']);
    expect(await disagreements(shop.db)).toEqual([]);
    await shop.stylist.call('find-line', { boxId: view.id, lineId: lineId(view, 0) });
    const back = await shop.stylist.call('check-in-line', { ...gone, backTo: 'shelf' });
    expect(back.status).toBe(200);
    expect(await where(sure(sizes[0]))).toEqual(['shelf']);
    expect(await disagreements(shop.db)).toEqual([]);
  });
});

describe('a client who never answers', () => {
  const silence = (view: TalliedBox) => shop.stylist.call('keep-all', { boxId: view.id, silent: true });

  it('has said nothing: no piece is hers by silence, but the pieces may be given up', async () => {
    const { view } = await sent();
    await long(view);
    expect((await silence(view)).problem.title).toBe('In this shop silence is no answer: ask her.');
    const { answer } = await lose(view, [0, 1, 2], 'no answer');
    // She has them, or nobody knows: the styling was done.
    expect(answer.total).toMatchObject({ dueMinor: 0, feeKeptMinor: view.styleFeeMinor });
    expect((await close(answer)).status).toBe(200);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('keeps what she has where the shop said so from the first, and from that day on only', async () => {
    const { view } = await sent();
    await long(view, '2099-01-01');
    const early = await silence(view);
    expect([early.status, early.problem.title]).toEqual([
      409,
      expect.stringContaining('She may still answer'),
    ]);
    await long(view, '2020-02-01');
    const { answer } = await silence(view);
    expect(answer.lines.map(({ decision, decidedBy }) => [decision, decidedBy])).toEqual(
      KINDS.map(() => ['keep', 'shop']),
    );
    // Nothing is charged before somebody closes the box.
    expect(answer.paid).toEqual([]);
    expect((await close(answer)).status).toBe(200);
    expect(await disagreements(shop.db)).toEqual([]);
  });
});
