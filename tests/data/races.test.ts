import { type CallName, CALLS, type Input } from '@contracts/calls';
import { disagreements } from '@data/check';
import {
  briefLink,
  client,
  hold,
  occasion,
  ownedItem,
  payment,
  photo,
  shop as shopTable,
  stockBalance,
  user,
} from '@data/schema';
import { and, eq, isNull, sql } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { jpegOf } from '../support/photos';
import { type Caller, callerOf } from '../support/server';
import { onShelf } from '../support/shelf';
import { sure } from '../support/sure';

const shop = openShop(2);
const WRITERS = 8;
let owners: Caller[];

beforeAll(async () => {
  owners = await Promise.all(shop.servers.map(({ origin }) => callerOf(origin, 'owner')));
});

/** The same call by many at once, on both servers; the input of each differs by its number. */
async function storm<N extends CallName>(name: N, input: (i: number) => Input<N>, by = shop.callers) {
  return Promise.all(Array.from({ length: WRITERS }, (_, i) => sure(by[i % by.length]).call(name, input(i))));
}
const count = (answers: readonly { status: number }[]) => {
  const found = new Map<number, number>();
  for (const { status } of answers) found.set(status, (found.get(status) ?? 0) + 1);
  return Object.fromEntries([...found].sort());
};

const ownerId = async (): Promise<string> =>
  sure((await shop.db.select({ id: user.id }).from(user).where(eq(user.role, 'owner')))[0]).id;
/** A client with a box every six weeks. */
async function regular() {
  const [clientId, stylistId] = [await makeClient(shop.stylist), await ownerId()];
  const rhythm = { clientId, pace: 'weeks', every: 6, nextDay: '2099-01-05', stylistId } as const;
  expect((await shop.stylist.call('save-rhythm', rhythm)).status).toBe(200);
  return { clientId, stylistId };
}

/** Everything that is written over a version, and how eight writers come to have the same one. */
const SCENARIOS: {
  readonly [N in CallName]?: () => Promise<{ input: (i: number) => Input<N>; by?: Caller[] }>;
} = {
  'save-client': async () => {
    const id = await makeClient(shop.stylist);
    return {
      input: (i) => ({
        id,
        version: 1,
        name: `Writer ${i}`,
        measures: {},
        profile: { allergies: [`a${i}`] },
      }),
    };
  },
  'save-owned': async () => {
    const clientId = await makeClient(shop.stylist);
    const item = { clientId, category: 'tee', colours: [{ hex: '#ffffff', share: 1 }] } as const;
    const { id } = (await shop.stylist.call('save-owned', { ...item, title: 'Tee' })).answer;
    return { input: (i) => ({ ...item, id, version: 1, title: `Tee ${i}` }) };
  },
  'save-occasion': async () => {
    const clientId = await makeClient(shop.stylist);
    const at = (title: string) => ({ title, date: '2027-05-01' });
    const { id } = (await shop.stylist.call('save-occasion', { clientId, occasion: at('Supper') })).answer;
    return { input: (i) => ({ clientId, id, version: 1, occasion: at(`Supper ${i}`) }) };
  },
  'save-garment': async () => {
    const variantId = await makeGarment(shop.stylist, { title: 'Raced', category: 'tee' });
    const code = sure((await shop.stylist.call('stock-list', { search: 'Raced' })).answer.rows[0]);
    const sheet = (await shop.stylist.call('garment-sheet', { id: code.id })).answer;
    expect(sure(sheet.sizes[0]).id).toBe(variantId);
    return {
      input: (i) => ({
        id: sheet.id,
        version: sheet.version,
        title: `Raced ${i}`,
        category: 'tee',
        colours: sheet.colours,
        priceMinor: 100 + i,
        sizes: [{ id: variantId, size: 'M', sku: sure(sheet.sizes[0]).sku }],
      }),
    };
  },
  'save-rules': async () => {
    const [row] = await shop.db.select().from(shopTable);
    return {
      by: owners,
      input: (i) => ({
        version: sure(row).version,
        settings: { C1: { off: i % 2 === 0 } },
        schools: sure(row).schools,
      }),
    };
  },
  'tune-by-trial': async () => {
    const [row] = await shop.db.select().from(shopTable);
    return {
      by: owners,
      input: (i) => ({ version: sure(row).version, then: { rule: 'R3', thresholds: { most: 4 + i / 4 } } }),
    };
  },
  'save-pull-settings': async () => {
    const [row] = await shop.db.select().from(shopTable);
    return { by: owners, input: (i) => ({ version: sure(row).version, settings: { weights: { fit: i } } }) };
  },
  'save-tongue': async () => {
    const [row] = await shop.db.select().from(shopTable);
    return {
      by: owners,
      input: (i) => ({
        version: sure(row).version,
        english: i % 2 === 0 ? 'british' : 'american',
        units: 'cm',
      }),
    };
  },
  'save-voice': async () => {
    const [row] = await shop.db.select().from(shopTable);
    const { version, letterVoice } = sure(row);
    const { style } = letterVoice;
    return {
      by: owners,
      input: (i) => ({ version, style, signature: `Agnes ${i}`, phrases: [], paper: 'a4' as const }),
    };
  },
  'save-shop': async () => {
    const [row] = await shop.db.select().from(shopTable);
    const { name, town, zone, taxIncluded, taxBp, rounding, styleFeeMinor, keepAllBp, returnPolicy } =
      sure(row);
    const { holdDays, styleDays, packDays, transitDays, tryOnDays, exchangeDays } = sure(row);
    const { closedWeekdays, holidays, version } = sure(row);
    const keeps = {
      terminal: 'none' as const,
      carrier: 'none' as const,
      address: '',
      lateReturnDays: 30,
      lateKeepAll: true,
      damageShareBp: 0,
      lostFeeBack: true,
      silentKeepDays: null,
      remindDays: 2,
      keepMeasuresMonths: null,
      keepPhotosMonths: 24,
      keepBoxesMonths: null,
    };
    const days = {
      holdDays,
      styleDays,
      packDays,
      transitDays,
      tryOnDays,
      exchangeDays,
      closedWeekdays,
      holidays,
    };
    const terms = {
      zone,
      taxIncluded,
      taxBp,
      rounding,
      styleFeeMinor,
      keepAllBp,
      returnPolicy,
      ...days,
      ...keeps,
    };
    return { by: owners, input: (i) => ({ version, shopName: name, town: `${town} ${i}`, ...terms }) };
  },
  'hand-over': async () => {
    const clientId = await makeClient(shop.stylist);
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId })).answer;
    const to = await ownerId();
    return { input: () => ({ boxId, version: 1, to, note: 'Yours now.' }) };
  },
  'save-rhythm': async () => {
    const { clientId, stylistId } = await regular();
    const rhythm = { clientId, version: 1, pace: 'weeks', nextDay: '2099-05-01', stylistId } as const;
    return { input: (i) => ({ ...rhythm, every: i + 1 }) };
  },
  'skip-next': async () => {
    const { clientId } = await regular();
    return { input: () => ({ clientId, version: 1 }) };
  },
  'end-rhythm': async () => {
    const { clientId } = await regular();
    return { input: () => ({ clientId, version: 1 }) };
  },
  'save-brief': async () => {
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId: await makeClient(shop.stylist) }))
      .answer;
    return {
      input: (i) => ({
        boxId,
        version: 1,
        budgetMinor: i,
        occasionIds: [],
        asks: [],
        mood: [],
        notToSend: '',
      }),
    };
  },
  'save-look': async () => {
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Looked', category: 'tee' }),
    ]);
    const look = { boxId: box.id, occasionId: null, pieces: [{ ref: `line:${sure(box.lines[0]).id}` }] };
    const [made] = (await shop.stylist.call('save-look', look)).answer.looks;
    return {
      input: (i) => ({ ...look, id: sure(made).id, version: sure(made).version, title: `Look ${i}` }),
    };
  },
  'save-letter': async () => {
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Written', category: 'tee' }),
    ]);
    return {
      input: (i) => ({
        boxId: box.id,
        version: box.version,
        letter: { ...sure(box.letter), greeting: `Dear ${i}` } as Input<'save-letter'>['letter'],
      }),
    };
  },
  'move-box': async () => {
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Moved', category: 'tee' }),
    ]);
    const packed = await moved(shop.stylist, box, 'packed');
    return { input: () => ({ boxId: box.id, version: packed.version, to: 'out' }) };
  },
  'lose-lines': async () => {
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Lost', category: 'tee' }),
    ]);
    const { version, lines } = await moved(shop.stylist, await moved(shop.stylist, box, 'packed'), 'out');
    const lineIds = lines.map(({ id }) => id);
    return { input: () => ({ boxId: box.id, version, lineIds, loss: 'on its way to her' as const }) };
  },
  'close-box': async () => {
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Closed', category: 'tee' }),
    ]);
    const out = await moved(shop.stylist, await moved(shop.stylist, box, 'packed'), 'out');
    const lineId = sure(out.lines[0]).id;
    const kept = await shop.stylist.call('decide-line', { boxId: box.id, lineId, decision: 'keep' });
    return { input: () => ({ boxId: box.id, version: kept.answer.version, way: 'cash' as const }) };
  },
  'save-appointment': async () => {
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Fitted', category: 'tee' }),
    ]);
    return {
      input: (i) => ({ boxId: box.id, version: box.version, at: `2030-12-0${(i % 9) + 1}T14:00` }),
    };
  },
  'ask-card': async () => {
    await shop.db.update(shopTable).set({ terminal: 'simulated' });
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Charged', category: 'tee' }),
    ]);
    const out = await moved(shop.stylist, await moved(shop.stylist, box, 'packed'), 'out');
    const lineId = sure(out.lines[0]).id;
    const kept = await shop.stylist.call('decide-line', { boxId: box.id, lineId, decision: 'keep' });
    return { input: () => ({ boxId: box.id, version: kept.answer.version }) };
  },
  'send-parcel': async () => {
    const colours = await Promise.all(
      ['one', 'another'].map((name) =>
        makeGarment(shop.stylist, { title: `In ${name} colour`, category: 'tee', styleId: 'two-colours' }),
      ),
    );
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [sure(colours[0])]);
    const out = await moved(shop.stylist, await moved(shop.stylist, box, 'packed'), 'out');
    const asked = await shop.stylist.call('exchange-line', {
      boxId: box.id,
      lineId: sure(out.lines[0]).id,
      variantId: sure(colours[1]),
    });
    return { input: () => ({ boxId: box.id, version: asked.answer.version }) };
  },
};

describe('eight writers with one version', () => {
  const versioned = [...CALLS.values()]
    .filter(({ input }) => 'version' in input.shape)
    .map(({ name }) => name);

  it('are tried for every call that is written over a version', () => {
    expect(Object.keys(SCENARIOS).sort()).toEqual([...versioned].sort());
  });

  it.each(versioned)('%s: exactly one wins, the others are told what changed', async (name) => {
    const { input, by } = await sure(SCENARIOS[name])();
    const answers = await storm(name, input as never, by);
    expect(count(answers)).toEqual({ 200: 1, 409: WRITERS - 1 });
    for (const { problem } of answers.filter(({ status }) => status === 409))
      expect(problem.faults.length).toBeGreaterThan(0);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('a brief that is settled beside a page that is saved loses no allergy', async () => {
    for (let round = 0; round < 4; round++) {
      const clientId = await makeClient(shop.stylist, { allergies: ['wool'] });
      const link = (await shop.stylist.call('make-brief-link', { clientId })).answer;
      await fetch(`${shop.origin}/api/own-brief/${link.path.slice(7)}`, {
        method: 'POST',
        headers: { origin: shop.origin, 'content-type': 'application/json' },
        body: JSON.stringify({ answers: { allergies: ['latex'] }, send: true }),
      });
      const [settled, saved] = await Promise.all([
        sure(shop.callers[0]).call('settle-brief', { clientId, id: link.id, take: ['allergies'] }),
        sure(shop.callers[1]).call('save-client', {
          id: clientId,
          version: 1,
          name: 'Saved beside',
          measures: {},
          profile: { allergies: ['wool', 'nickel'] },
        }),
      ]);
      const [row] = await shop.db.select().from(client).where(eq(client.id, clientId));
      expect(settled.status).toBe(200);
      expect(sure(row).profile.allergies).toContain('latex');
      expect([200, 409]).toContain(saved.status);
      if (saved.status === 200) expect(sure(row).profile.allergies).toEqual(['wool', 'nickel', 'latex']);
      else
        expect(saved.problem.current).toMatchObject({
          version: 2,
          profile: { allergies: ['wool', 'latex'] },
        });
    }
  });
});

describe('the steps of a box', () => {
  it('a box goes out once: the fee is charged once, and the unit another box holds stays there', async () => {
    const tee = await makeGarment(shop.stylist, { title: 'Twice', category: 'tee' }, 2);
    const mine = await makeBox(shop.stylist, await makeClient(shop.stylist), [tee]);
    await makeBox(shop.stylist, await makeClient(shop.stylist), [tee]);
    const out = await moved(shop.stylist, await moved(shop.stylist, mine, 'packed'), 'out');
    const again = await shop.stylist.call('move-box', { boxId: out.id, version: out.version, to: 'out' });
    expect([again.status, again.problem.title]).toEqual([409, 'The box is out already.']);
    const paid = await shop.db.select().from(payment).where(eq(payment.boxId, out.id));
    expect(paid.map(({ kind }) => kind)).toEqual(['fee']);
    const held = await shop.db
      .select()
      .from(stockBalance)
      .where(and(eq(stockBalance.variantId, tee), eq(stockBalance.place, 'held')));
    expect(held.map(({ qty }) => qty)).toEqual([1]);
    // The same call with the same key is answered as before.
    const third = await makeBox(shop.stylist, await makeClient(shop.stylist), [
      await makeGarment(shop.stylist, { title: 'Keyed', category: 'tee' }),
    ]);
    const packed = await moved(shop.stylist, third, 'packed');
    const sent = await Promise.all(
      [0, 1, 0].map((i) =>
        sure(shop.callers[i]).call(
          'move-box',
          { boxId: third.id, version: packed.version, to: 'out' },
          'sent-once',
        ),
      ),
    );
    expect(sent.map(({ status }) => status)).toEqual([200, 200, 200]);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('a packed box keeps its units, however late it is; unpacked, it is on its clock again', async () => {
    const tee = await makeGarment(shop.stylist, { title: 'Late', category: 'tee' }, 1);
    const box = await makeBox(shop.stylist, await makeClient(shop.stylist), [tee]);
    const packed = await moved(shop.stylist, box, 'packed');
    const holdOf = async () =>
      (
        await shop.db
          .select()
          .from(hold)
          .where(and(eq(hold.variantId, tee), eq(hold.state, 'active')))
      )[0];
    expect((await holdOf())?.expiresAt).toBeNull();
    const other = (await shop.stylist.call('start-box', { clientId: await makeClient(shop.stylist) })).answer;
    const taken = await shop.stylist.call('hold-line', { boxId: other.id, variantId: tee });
    expect([taken.status, taken.problem.title]).toEqual([409, expect.stringContaining('has it, packed.')]);
    const unpacked = await moved(shop.stylist, packed, 'written');
    expect((await holdOf())?.expiresAt).not.toBeNull();
    // One that ran out is still held until somebody else wants it: packing takes it.
    await shop.db
      .update(hold)
      .set({ expiresAt: sql`now() - interval '1 day'` })
      .where(eq(hold.variantId, tee));
    expect((await moved(shop.stylist, unpacked, 'packed')).state).toBe('packed');
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('a hold lasts until the box is to be packed, and moves with the day of the occasion', async () => {
    const clientId = await makeClient(shop.stylist);
    const at = (date: string) => ({ title: 'Far', date });
    const made = (await shop.stylist.call('save-occasion', { clientId, occasion: at('2027-09-18') })).answer;
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId })).answer;
    await shop.stylist.call('save-brief', {
      boxId,
      version: 1,
      budgetMinor: null,
      occasionIds: [made.id],
      asks: [],
      mood: [],
      notToSend: '',
    });
    const variantId = await makeGarment(shop.stylist, { title: 'Far', category: 'tee' });
    const view = (await shop.stylist.call('hold-line', { boxId, variantId })).answer;
    expect(sure(view.lines[0]).holdUntil).toBe(sure(view.due).packBy);
    await shop.stylist.call('save-occasion', {
      clientId,
      id: made.id,
      version: 1,
      occasion: at('2027-10-16'),
    });
    const [now] = await shop.db.select().from(hold).where(eq(hold.variantId, variantId));
    expect(sure(sure(now).expiresAt).toISOString().slice(0, 7)).toBe('2027-10');
  });

  it('an ask of another box is no ask of this one', async () => {
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId: await makeClient(shop.stylist) }))
      .answer;
    const variantId = await makeGarment(shop.stylist, { title: 'Unasked', category: 'tee' });
    const [row] = (await shop.db.execute<{ id: string }>(sql`select id from box_ask limit 1`)).rows;
    const said = await shop.stylist.call('hold-line', { boxId, variantId, askId: sure(row).id });
    expect([said.status, said.problem.faults[0]?.path]).toEqual([422, 'askId']);
  });
});

describe('many at once', () => {
  it('ten counts of one shelf are one count', async () => {
    const [variantId, places] = [
      await makeGarment(shop.stylist, { title: 'Counted', category: 'tee' }, 0),
      await shop.db.execute<{ id: string }>(sql`select id from location order by title`),
    ];
    const locationId = sure(places.rows[0]).id;
    const answers = await storm('count-stock', () => ({
      variantId,
      locationId,
      counted: 5,
      expected: 0,
      reason: 'found in a drawer',
    }));
    expect(count(answers)).toEqual({ 200: 1, 409: WRITERS - 1 });
    const shelf = await shop.db
      .select()
      .from(stockBalance)
      .where(and(eq(stockBalance.variantId, variantId), eq(stockBalance.place, 'shelf')));
    expect(shelf.reduce((sum, { qty }) => sum + qty, 0)).toBe(5);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('opposite swaps wait for one another, and none fails', async () => {
    const [a, b] = [
      await makeGarment(shop.stylist, { title: 'Port', category: 'tee' }, 30),
      await makeGarment(shop.stylist, { title: 'Lee', category: 'tee' }, 30),
    ];
    const boxes = await Promise.all(
      Array.from({ length: 12 }, async (_, i) =>
        makeBox(shop.stylist, await makeClient(shop.stylist), [i % 2 === 0 ? a : b]),
      ),
    );
    for (let round = 0; round < 4; round++) {
      const answers = await Promise.all(
        boxes.map((box, i) =>
          sure(shop.callers[i % 2]).call('swap-line', {
            boxId: box.id,
            lineId: sure(box.lines[0]).id,
            variantId: (i + round) % 2 === 0 ? b : a,
          }),
        ),
      );
      expect(count(answers)).toEqual({ 200: 12 });
      answers.forEach(({ answer }, i) => (boxes[i] = answer));
    }
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('photos, links, lists and deletions', async () => {
    const clientId = await makeClient(shop.stylist);
    const item = {
      clientId,
      title: 'Tee',
      category: 'tee',
      colours: [{ hex: '#ffffff', share: 1 }],
    } as const;
    const { id } = (await shop.stylist.call('save-owned', item)).answer;
    const dataBase64 = (await jpegOf()).toString('base64');
    expect(count(await storm('save-photo', () => ({ of: 'owned', id, dataBase64 })))).toEqual({
      200: WRITERS,
    });
    expect(await shop.db.select({ id: photo.id }).from(photo).where(eq(photo.ownedItemId, id))).toHaveLength(
      1,
    );

    expect(count(await storm('make-brief-link', () => ({ clientId })))).toEqual({ 200: WRITERS });
    const open = await shop.db
      .select()
      .from(briefLink)
      .where(and(eq(briefLink.clientId, clientId), isNull(briefLink.revokedAt)));
    expect(open).toHaveLength(1);

    const items = [
      { piece: { id: 'a', category: 'skirt', colours: [{ hex: '#17171a', share: 1 }] } },
    ] as never;
    await storm('save-owned-many', () => ({ clientId, items }));
    expect(await shop.db.select().from(ownedItem).where(eq(ownedItem.clientId, clientId))).toHaveLength(2);

    const made = (
      await shop.stylist.call('save-occasion', { clientId, occasion: { title: 'Tea', date: '2027-05-01' } })
    ).answer;
    const { id: boxId } = (await shop.stylist.call('start-box', { clientId })).answer;
    const brief = { budgetMinor: null, asks: [], mood: [], notToSend: '' };
    const first = await shop.stylist.call('save-brief', {
      ...brief,
      boxId,
      version: 1,
      occasionIds: [made.id],
    });
    const look = { boxId, occasionId: made.id, pieces: [{ ref: `owned:${id}` }] };
    expect((await shop.stylist.call('save-look', look)).status).toBe(200);
    const { version } = (await shop.stylist.call('save-look', { ...look, title: 'Second' })).answer;
    await shop.stylist.call('save-brief', { ...brief, boxId, version, occasionIds: [] });
    expect(first.status).toBe(200);
    const gone = await shop.stylist.call('remove-occasion', { clientId, id: made.id });
    expect([gone.status, gone.problem.title]).toEqual([
      409,
      expect.stringContaining('A saved look is for this'),
    ]);
    expect(await shop.db.select().from(occasion).where(eq(occasion.id, made.id))).toHaveLength(1);
  });

  it('a price goes no further than a price can', async () => {
    const [dear] = await onShelf(shop.db, 1, 9);
    const ids = [sure(dear).garmentId];
    let last = 200;
    for (let i = 0; i < 12 && last === 200; i++)
      last = (await shop.stylist.call('price-garments', { ids, percent: 300 })).status;
    expect(last).toBe(422);
  });

  it('whoever is erased takes no new box', async () => {
    const clientId = await makeClient(shop.stylist, {}, 'Gone Person');
    const [erased, ...started] = await Promise.all([
      sure(owners[0]).call('erase-client', { clientId, name: 'Gone Person' }),
      ...Array.from({ length: 4 }, (_, i) => sure(shop.callers[i % 2]).call('start-box', { clientId })),
    ]);
    const after = await shop.stylist.call('start-box', { clientId });
    if (sure(erased).status === 200)
      expect([...started, after].map(({ status }) => status)).toEqual([404, 404, 404, 404, 404]);
    else expect(sure(erased).status).toBe(409);
  });
});
