import { disagreements } from '@data/check';
import { boxLine, creditNote, hold, ownedItem, parcel, payment, receipt } from '@data/schema';
import type { TalliedBox, LineView } from '@contracts/box/box-view';
import type { Input } from '@contracts/calls';
import type { MyBoxView } from '@contracts/tally/my-box';
import { and, eq, isNull } from 'drizzle-orm';
import { extractText, getDocumentProxy } from 'unpdf';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeBox, makeClient, moved, withFibres } from '../support/making';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf, whole } from '../support/server';
import { shelfOf } from '../support/shelf';
import { sure } from '../support/sure';

const shop = openShop();
let packer: Caller;
beforeAll(async () => {
  packer = await callerOf(shop.origin, 'packer');
});

let made = 0;
type Sizes = readonly (readonly [size: string, qty: number])[];
/** A dress in sizes with so many on the shelf; the ids of its sizes by their names. */
async function dress(
  sizes: Sizes,
  more: Partial<Input<'save-garment'>> = {},
): Promise<Record<string, string>> {
  const title = more.title ?? `Bay dress ${++made}`;
  const { answer, status, problem } = await shop.stylist.call('save-garment', {
    title,
    category: 'dress',
    colours: [{ hex: '#1f2a44', share: 1 }],
    priceMinor: 12_000,
    ...more,
    sizes: sizes.map(([size, qty]) => ({ size, sku: `X-${made}-${title.length}-${size}`, qty })),
  });
  if (status !== 200) throw new Error(`${problem.title} ${JSON.stringify(problem.faults)}`);
  const sheet = await shop.stylist.call('garment-sheet', { id: answer.id });
  return Object.fromEntries(sheet.answer.sizes.map(({ size, id }) => [size, id]));
}

const out = async (variantIds: readonly string[], clientId?: string): Promise<TalliedBox> =>
  moved(
    shop.stylist,
    await moved(
      shop.stylist,
      await makeBox(shop.stylist, clientId ?? (await makeClient(shop.stylist)), variantIds),
      'packed',
    ),
    'out',
  );
/** A call that must be taken; its answer. */
async function done<N extends 'decide-line' | 'exchange-line' | 'close-box' | 'take-back-line' | 'keep-all'>(
  name: N,
  input: Input<N>,
): Promise<TalliedBox> {
  const { status, answer, problem } = await shop.stylist.call(name, input);
  if (status !== 200) throw new Error(`${name}: ${problem.title} ${JSON.stringify(problem.faults)}`);
  return answer as TalliedBox;
}
const lineOf = (view: TalliedBox, variantId: string): LineView =>
  sure(view.lines.find((line) => line.variantId === variantId));
const send = async (view: TalliedBox, by: Caller = shop.stylist, tracking = '') =>
  by.call('send-parcel', { boxId: view.id, version: view.version, tracking });
const books = async (): Promise<void> => expect(await disagreements(shop.db)).toEqual([]);

describe('an exchange', () => {
  it('holds the other size at once, goes out in a parcel of its own, and is charged as kept', async () => {
    const [own, other] = [
      await dress([
        ['M', 2],
        ['L', 1],
      ]),
      await dress([['M', 1]]),
    ];
    const clientId = await makeClient(shop.stylist);
    let view = await out([sure(own.M), sure(other.M)], clientId);
    const first = lineOf(view, sure(own.M));
    const offers = await shop.stylist.call('exchange-offers', { boxId: view.id, lineId: first.id });
    expect(offers.answer.map(({ size, there, isSameColour }) => [size, there, isSameColour])).toEqual([
      ['L', 1, true],
    ]);
    view = await done('exchange-line', {
      boxId: view.id,
      lineId: first.id,
      variantId: sure(own.L),
      reason: 'too small',
      fitPoint: 'bust',
      note: 'pulls',
    });
    const large = lineOf(view, sure(own.L));
    expect(lineOf(view, sure(own.M))).toMatchObject({
      decision: 'exchange',
      reason: 'too small',
      fitPoint: 'bust',
    });
    expect(large).toMatchObject({
      exchangeOf: first.id,
      sent: false,
      decision: 'undecided',
      priceMinor: 12_000,
    });
    expect(await shelfOf(shop.db, sure(own.L))).toBe(0);
    await books();
    // It counts as kept: with the rest kept, all is kept.
    view = await done('keep-all', { boxId: view.id });
    expect([view.total?.keptAll, lineOf(view, sure(own.L)).decision]).toEqual([true, 'undecided']);
    const early = await shop.stylist.call('close-box', {
      boxId: view.id,
      version: view.version,
      way: 'cash',
    });
    expect([early.status, early.problem.title]).toEqual([
      409,
      expect.stringMatching(/comes? back|checked in|waits for its parcel/),
    ]);
    const unsent = await shop.stylist.call('decide-line', {
      boxId: view.id,
      lineId: large.id,
      decision: 'keep',
    });
    expect([unsent.status, unsent.problem.title]).toEqual([409, 'This one has not been sent yet.']);
    // Whoever packs scans it in and sends it; what is not in this parcel is told.
    const wrong = await packer.call('scan-line', { boxId: view.id, code: first.sku });
    expect(wrong.status).toBe(409);
    expect((await packer.call('scan-line', { boxId: view.id, code: large.sku })).answer.fresh).toBe(true);
    const seen = await send(view, packer, 'HM-2');
    expect([seen.status, seen.answer.sees]).toEqual([200, 'parcel']);
    expect(seen.answer.parcels.map(({ no, tracking }) => [no, tracking])).toEqual([
      [1, expect.stringMatching(/^QX\d{9}XX$/)],
      [2, 'HM-2'],
    ]);
    await books();
    const again = await send({ ...view, version: seen.answer.version });
    expect([again.status, again.problem.title]).toEqual([409, 'Nothing of this box waits for a parcel.']);
    // What came back is checked in; both are decided; the box is closed and charged once.
    await packer.call('check-in-line', { boxId: view.id, lineId: first.id });
    view = await done('decide-line', { boxId: view.id, lineId: large.id, decision: 'keep' });
    expect(view.total?.keptAll).toBe(true);
    view = await done('close-box', { boxId: view.id, version: view.version, way: 'cash' });
    expect(view.total?.netMinor).toBe(Math.round(24_000 * (1 - view.keepAllBp / 10_000)));
    expect([await shelfOf(shop.db, sure(own.M)), await shelfOf(shop.db, sure(own.L))]).toEqual([2, 0]);
    const owned = await shop.db.select().from(ownedItem).where(eq(ownedItem.clientId, clientId));
    expect(owned.map(({ boxLineId }) => boxLineId).sort()).toEqual(
      [large.id, lineOf(view, sure(other.M)).id].sort(),
    );
    await books();
  });

  it('is taken back while it waits, and not once it is sent; what is sent may come back too', async () => {
    const own = await dress([
      ['S', 1],
      ['M', 1],
      ['L', 1],
    ]);
    let view = await out([sure(own.M)]);
    const first = lineOf(view, sure(own.M));
    const swap = { boxId: view.id, lineId: first.id, variantId: sure(own.L) };
    await done('exchange-line', swap);
    const twice = await shop.stylist.call('exchange-line', { ...swap, variantId: sure(own.S) });
    expect([twice.status, twice.problem.title]).toEqual([409, 'This piece is being exchanged already.']);
    view = await done('decide-line', { boxId: view.id, lineId: first.id, decision: 'undecided' });
    expect([view.lines.length, await shelfOf(shop.db, sure(own.L))]).toEqual([1, 1]);
    await books();
    view = await done('exchange-line', swap);
    view = whole((await send(view)).answer);
    const late = await shop.stylist.call('decide-line', {
      boxId: view.id,
      lineId: first.id,
      decision: 'keep',
    });
    expect([late.status, late.problem.title]).toEqual([
      409,
      expect.stringContaining('has been sent already'),
    ]);
    const large = lineOf(view, sure(own.L));
    await done('decide-line', { boxId: view.id, lineId: large.id, decision: 'return', reason: 'too big' });
    for (const lineId of [first.id, large.id])
      view = whole((await shop.stylist.call('check-in-line', { boxId: view.id, lineId })).answer);
    view = await done('close-box', { boxId: view.id, version: view.version, way: 'cash' });
    expect([view.total?.keptAll, view.total?.dueMinor]).toEqual([false, 0]);
    await books();
  });

  it('of many at once for the last one, one gets it and the others stay as they were', async () => {
    const own = await dress([
      ['M', 6],
      ['L', 1],
    ]);
    const boxes: TalliedBox[] = [];
    for (let i = 0; i < 6; i++) boxes.push(await out([sure(own.M)]));
    const all = await Promise.all(
      boxes.map((view) =>
        shop.stylist.call('exchange-line', {
          boxId: view.id,
          lineId: sure(view.lines[0]).id,
          variantId: sure(own.L),
        }),
      ),
    );
    expect(all.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
    expect(sure(all.find(({ status }) => status === 409)).problem.title).toContain('is gone');
    for (const [i, { status }] of all.entries()) {
      const [line] = await shop.db
        .select()
        .from(boxLine)
        .where(and(eq(boxLine.boxId, sure(boxes[i]).id), isNull(boxLine.exchangeOf)));
      expect(sure(line).decision).toBe(status === 200 ? 'exchange' : 'undecided');
    }
    await books();
  });

  it('holds nothing of what a client is allergic to, and asks about a limit before it is sent', async () => {
    const plain = await dress([['M', 1]], { styleId: 'guarded', attributes: withFibres(['cotton', 100]) });
    const wool = await dress([['M', 1]], {
      title: 'Guarded in wool',
      styleId: 'guarded',
      attributes: withFibres(['wool', 100]),
    });
    const view = await out([sure(plain.M)], await makeClient(shop.stylist, { allergies: ['wool'] }));
    const refused = await shop.stylist.call('exchange-line', {
      boxId: view.id,
      lineId: sure(view.lines[0]).id,
      variantId: sure(wool.M),
    });
    expect([refused.status, refused.problem.title]).toEqual([409, expect.stringMatching(/wool/i)]);
    expect([await shelfOf(shop.db, sure(wool.M)), await shelfHolds(view.id)]).toEqual([1, 0]);
    const notSister = await dress([['M', 1]]);
    const other = await shop.stylist.call('exchange-line', {
      boxId: view.id,
      lineId: sure(view.lines[0]).id,
      variantId: sure(notSister.M),
    });
    expect([other.status, other.problem.faults?.[0]?.path]).toEqual([422, 'variantId']);
    const early = await makeBox(shop.stylist, await makeClient(shop.stylist), [sure(notSister.M)]);
    const before = await shop.stylist.call('exchange-line', {
      boxId: early.id,
      lineId: sure(early.lines[0]).id,
      variantId: sure(plain.M),
    });
    expect(before.status).toBe(409);
    await books();
  });

  it('is asked for by the client on her page, who reads nothing of others', async () => {
    const own = await dress([
      ['M', 2],
      ['L', 1],
    ]);
    const [hers, another] = [await out([sure(own.M)]), await out([sure(own.M)])];
    const { path } = (await shop.stylist.call('make-box-link', { boxId: hers.id })).answer;
    const say = async (body: unknown) => {
      const response = await fetch(`${shop.origin}/api${path}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', origin: shop.origin },
        body: JSON.stringify(body),
      });
      return { status: response.status, answer: (await response.json()) as MyBoxView & { title: string } };
    };
    const lineId = sure(hers.lines[0]).id;
    const ask = { lineId, was: 'undecided', exchangeFor: sure(own.L), reason: 'too small' };
    await done('exchange-line', {
      boxId: another.id,
      lineId: sure(another.lines[0]).id,
      variantId: sure(own.L),
    });
    const gone = await say(ask);
    expect([gone.status, gone.answer.title]).toEqual([
      409,
      'That one cannot be sent just now. Please choose another, or write to the shop.',
    ]);
    await done('decide-line', {
      boxId: another.id,
      lineId: sure(another.lines[0]).id,
      decision: 'undecided',
    });
    const asked = await say(ask);
    expect(asked.answer.pieces.map(({ decision, sent, insteadOf }) => [decision, sent, insteadOf])).toEqual([
      ['exchange', true, undefined],
      ['undecided', false, 'size M'],
    ]);
    const other = await say({ ...ask, lineId: sure(another.lines[0]).id });
    expect(other.status).toBe(404);
    const never = await say({ lineId, was: 'exchange', decision: 'undecided' });
    expect(never.answer.pieces).toHaveLength(1);
    await books();
  });
});

const shelfHolds = async (boxId: string): Promise<number> =>
  (
    await shop.db
      .select()
      .from(hold)
      .innerJoin(boxLine, eq(boxLine.id, hold.boxLineId))
      .where(and(eq(boxLine.boxId, boxId), eq(hold.state, 'active')))
  ).length;

describe('a kept piece that comes back after its box was closed', () => {
  const closed = async (): Promise<TalliedBox> => {
    const own = await dress([['M', 2]]);
    const view = await out([sure(own.M), sure(own.M)]);
    const kept = await done('keep-all', { boxId: view.id });
    return done('close-box', { boxId: view.id, version: kept.version, way: 'cash' });
  };
  const back = (view: TalliedBox, more: Partial<Input<'take-back-line'>> = {}) =>
    shop.stylist.call('take-back-line', {
      boxId: view.id,
      lineId: sure(view.lines[0]).id,
      withheldMinor: 0,
      backTo: 'shelf',
      ...more,
    });

  it('gives back what its line came to, once, whoever asks how often; the receipt stands', async () => {
    const view = await closed();
    const { netMinor = 0, variantId } = sure(view.lines[0]);
    const [before] = await shop.db.select().from(receipt).where(eq(receipt.boxId, view.id));
    const all = await Promise.all(Array.from({ length: 8 }, () => back(view, { reason: 'too small' })));
    expect(all.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409, 409, 409]);
    const refunds = await shop.db
      .select()
      .from(payment)
      .where(and(eq(payment.boxId, view.id), eq(payment.kind, 'refund')));
    // The fee was paid by card, the pieces in cash.
    expect(refunds.map(({ amountMinor, way }) => [amountMinor, way])).toEqual([[netMinor, 'cash']]);
    const after = sure(all.find(({ status }) => status === 200)).answer;
    expect(after.paid.find(({ way }) => way === 'cash')?.backMinor).toBe(netMinor);
    const seen = sure(all.find(({ status }) => status === 200)).answer;
    expect(seen.state).toBe('closed');
    expect(sure(seen.lines[0]).credit).toMatchObject({ amountMinor: netMinor, withheldMinor: 0 });
    expect(await shelfOf(shop.db, variantId)).toBe(1);
    const [owned] = await shop.db
      .select()
      .from(ownedItem)
      .where(eq(ownedItem.boxLineId, sure(view.lines[0]).id));
    expect(sure(owned).retiredAt).not.toBeNull();
    expect((await shop.db.select().from(receipt).where(eq(receipt.boxId, view.id)))[0]).toEqual(before);
    await books();
  });

  it('may have a share withheld for damage, up to what it came to, and says so on a numbered credit note', async () => {
    const view = await closed();
    const { netMinor = 0, piece } = sure(view.lines[0]);
    const much = await back(view, { withheldMinor: netMinor + 1 });
    expect([much.status, much.problem.faults?.[0]?.path]).toEqual([422, 'withheldMinor']);
    const { answer } = await back(view, { withheldMinor: 1500, backTo: 'written-off', reason: 'fault' });
    const { no = 0, amountMinor } = sure(sure(answer.lines[0]).credit);
    expect(amountMinor).toBe(netMinor - 1500);
    const pdf = await fetch(`${shop.origin}/box/${view.id}/credit-${no}.pdf`, {
      headers: { cookie: shop.stylist.cookie },
    });
    const { text } = await extractText(await getDocumentProxy(new Uint8Array(await pdf.arrayBuffer())), {
      mergePages: true,
    });
    for (const part of [`Credit note ${no}`, piece.title, 'Withheld for damage', 'Given back'])
      expect(text).toContain(part);
    const elsewhere = await fetch(`${shop.origin}/box/${view.id}/credit-${no + 500}.pdf`, {
      headers: { cookie: shop.stylist.cookie },
    });
    expect(elsewhere.status).toBe(404);
    await books();
  });

  it('is numbered without a gap, also of boxes at once; refused for what was not kept, and to a packer', async () => {
    const boxes = [await closed(), await closed(), await closed()];
    await Promise.all(boxes.map((view) => back(view)));
    const numbers = (await shop.db.select().from(creditNote)).map(({ no }) => no).sort((a, b) => a - b);
    expect(numbers).toEqual(numbers.map((_, i) => i + 1));
    const own = await dress([['M', 1]]);
    let view = await out([sure(own.M)]);
    const { id: lineId } = sure(view.lines[0]);
    expect((await back(view)).status).toBe(409);
    await done('decide-line', { boxId: view.id, lineId, decision: 'return' });
    view = whole((await shop.stylist.call('check-in-line', { boxId: view.id, lineId })).answer);
    view = await done('close-box', { boxId: view.id, version: view.version, way: 'cash' });
    expect((await back(view)).status).toBe(422);
    const asPacker = await packer.call('take-back-line', {
      boxId: view.id,
      lineId,
      withheldMinor: 0,
      backTo: 'shelf',
    });
    expect(asPacker.status).toBe(403);
    const parcels = await shop.db.select().from(parcel).where(eq(parcel.boxId, view.id));
    expect(parcels).toHaveLength(1);
    await books();
  });
});
