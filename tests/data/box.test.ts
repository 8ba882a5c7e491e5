import type { TalliedBox } from '@contracts/box/box-view';
import { disagreements } from '@data/check';
import { box, boxLine, client, ownedItem, payment, stockMovement } from '@data/schema';
import { and, eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { startServer, whole } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();

const boxNumbered = async (number: number) => {
  const [row] = await shop.db.select().from(box).where(eq(box.number, number));
  return sure(row);
};

describe('a box of the demo, from held to closed', () => {
  it('goes through its guards, and stock, money and closet are right at the end', async () => {
    const row = await boxNumbered(104);
    const early = await shop.stylist.call('move-box', { boxId: row.id, version: row.version, to: 'packed' });
    expect(early.status).toBe(409);
    expect(early.problem.faults).toContainEqual({
      path: 'letter',
      message: 'The letter is not written yet.',
    });

    const { letter } = (await shop.stylist.call('draft-letter', { boxId: row.id })).answer;
    expect(letter.pieces).toHaveLength(5);
    expect(letter.pieces[0]?.why).toMatch(/jacket for the ceremony/);
    let view: TalliedBox = (
      await shop.stylist.call('save-letter', { boxId: row.id, version: row.version, letter })
    ).answer;
    expect(view.state).toBe('written');
    view = whole(
      (await shop.stylist.call('move-box', { boxId: row.id, version: view.version, to: 'packed' })).answer,
    );
    view = whole(
      (
        await shop.stylist.call('move-box', {
          boxId: row.id,
          version: view.version,
          to: 'out',
          parcel: 'P-1',
        })
      ).answer,
    );
    expect(view.state).toBe('out');
    expect(
      (await shop.stylist.call('release-line', { boxId: row.id, lineId: sure(view.lines[0]).id })).status,
    ).toBe(409);
    expect(
      (await shop.stylist.call('move-box', { boxId: row.id, version: view.version, to: 'cancelled' })).status,
    ).toBe(409);

    const [blazer, trousers, blouse, loafers, scarf] = view.lines;
    for (const line of [blazer, trousers, loafers])
      view = (
        await shop.stylist.call('decide-line', { boxId: row.id, lineId: sure(line).id, decision: 'keep' })
      ).answer;
    const unsaid = await shop.stylist.call('decide-line', {
      boxId: row.id,
      lineId: sure(blouse).id,
      decision: 'return',
    });
    // Stored as it shows; why may follow, or stay unsaid.
    const stored = sure(unsaid.answer.lines.find(({ id }) => id === sure(blouse).id));
    expect([stored.decision, stored.reason]).toEqual(['return', null]);
    for (const line of [blouse, scarf])
      view = (
        await shop.stylist.call('decide-line', {
          boxId: row.id,
          lineId: sure(line).id,
          decision: 'return',
          reason: 'colour',
        })
      ).answer;
    const soon = await shop.stylist.call('close-box', { boxId: row.id, version: view.version, way: 'cash' });
    expect(soon.problem.title).toContain('has not been checked in');
    for (const line of [blouse, scarf])
      view = whole(
        (await shop.stylist.call('check-in-line', { boxId: row.id, lineId: sure(line).id })).answer,
      );
    expect((await shop.stylist.call('check-in-line', { boxId: row.id, lineId: sure(scarf).id })).status).toBe(
      409,
    );
    view = (
      await shop.stylist.call('close-box', {
        boxId: row.id,
        version: view.version,
        notesNext: 'Longer sleeves.',
        way: 'cash',
      })
    ).answer;
    expect(view.state).toBe('closed');

    // 245 + 135 + 145 kept = 525.00; the fee of 20.00 is given back against it.
    expect(view.total).toMatchObject({
      netMinor: 52_500,
      creditMinor: 2000,
      dueMinor: 50_500,
      feeKeptMinor: 0,
    });
    const paid = await shop.db.select().from(payment).where(eq(payment.boxId, row.id));
    expect(paid.map(({ kind, amountMinor }) => [kind, amountMinor]).sort()).toEqual([
      ['charge', 50_500],
      ['fee', 2000],
    ]);
    const owned = await shop.db
      .select()
      .from(ownedItem)
      .where(eq(ownedItem.boxLineId, sure(blazer).id));
    expect(owned).toHaveLength(1);
    expect(sure(owned[0]).clientId).toBe(row.clientId);
    const moves = await shop.db
      .select()
      .from(stockMovement)
      .where(eq(stockMovement.boxLineId, sure(blouse).id));
    expect(moves.map(({ cause }) => cause).sort()).toEqual(['check-in', 'come-back', 'hold', 'ship']);
    expect(await disagreements(shop.db)).toEqual([]);
    const late = await shop.stylist.call('decide-line', {
      boxId: row.id,
      lineId: sure(blazer).id,
      decision: 'return',
      reason: 'fault',
    });
    expect(late.problem.title).toContain('closed');
  });
});

describe('faults are told, named, and nothing is half done', () => {
  it('refuses a stale brief and says what changed', async () => {
    const row = await boxNumbered(105);
    const brief = {
      boxId: row.id,
      version: row.version,
      occasionIds: [],
      asks: ['something green'],
      mood: [],
      notToSend: '',
    };
    const first = await shop.stylist.call('save-brief', { ...brief, budgetMinor: 30_000 });
    expect(first.status).toBe(200);
    const second = await shop.stylist.call('save-brief', { ...brief, budgetMinor: 10_000 });
    expect(second.status).toBe(409);
    expect(second.problem.faults).toContainEqual({ path: 'budgetMinor', message: 'now €300.00' });
    expect((await boxNumbered(105)).budgetMinor).toBe(30_000);
  });

  it('names the field of a price of −3, a hex of "blu", an unknown category', async () => {
    const [person] = await shop.db.select().from(client).limit(1);
    const brief = await shop.stylist.call('save-brief', {
      boxId: (await boxNumbered(105)).id,
      version: 2,
      budgetMinor: -3,
      occasionIds: [],
      asks: [],
      mood: [],
      notToSend: '',
    });
    expect([brief.status, brief.problem.faults]).toEqual([
      422,
      [{ path: 'budgetMinor', message: 'not below 0' }],
    ]);
    const owned = await shop.stylist.call('save-owned', {
      clientId: sure(person).id,
      title: 'x',
      category: 'tee',
      colours: [{ hex: 'blu', share: 1 }],
    });
    expect(owned.problem.faults).toEqual([{ path: 'colours[0].hex', message: 'not a colour' }]);
    const shares = await shop.stylist.call('save-owned', {
      clientId: sure(person).id,
      title: 'x',
      category: 'tee',
      colours: [
        { hex: '#ffffff', share: 1.0 },
        { hex: '#000000', share: 0.4 },
      ],
    });
    expect(shares.problem.faults[0]?.message).toBe('the shares do not add up to 1');
    const tall = await shop.stylist.call('save-client', {
      name: 'T',
      measures: { heightMm: 168 },
      profile: {},
    });
    expect(tall.problem.faults[0]).toEqual({
      path: 'measures.heightMm',
      message: 'at least 120 cm (47¼ in): is the unit right?',
    });
  });

  it('keeps a look to pieces that are there, and refuses one saved over a newer one', async () => {
    const row = await boxNumbered(103);
    const late = await shop.stylist.call('save-look', {
      boxId: row.id,
      occasionId: null,
      pieces: [{ ref: `line:${row.id}` }],
    });
    expect(late.status).toBe(409);
    const [person] = await shop.db
      .select()
      .from(client)
      .where(eq(client.id, (await boxNumbered(105)).clientId));
    const open = await boxNumbered(105);
    const gone = await shop.stylist.call('save-look', {
      boxId: open.id,
      occasionId: null,
      pieces: [{ ref: `owned:${row.id}` }],
    });
    expect(gone.problem.faults).toEqual([
      { path: 'pieces[0]', message: 'not in this box or closet any more' },
    ]);
    const [tee] = await shop.db
      .select()
      .from(ownedItem)
      .where(and(eq(ownedItem.clientId, sure(person).id), eq(ownedItem.category, 'tee')));
    const look = { boxId: open.id, occasionId: null, pieces: [{ ref: `owned:${sure(tee).id}` }] };
    const made = sure((await shop.stylist.call('save-look', look)).answer.looks[0]);
    expect(
      (await shop.stylist.call('save-look', { ...look, id: made.id, version: 1, title: 'again' })).status,
    ).toBe(200);
    expect(
      (await shop.stylist.call('save-look', { ...look, id: made.id, version: 1, title: 'stale' })).status,
    ).toBe(409);
  });

  it('cancels a box and gives back what it held', async () => {
    const { answer } = await shop.stylist.call('pull-list', {
      boxId: (await boxNumbered(105)).id,
      categories: ['dress'],
      fitsOnly: false,
    });
    const boxId = (await boxNumbered(105)).id;
    const held = (await shop.stylist.call('hold-line', { boxId, variantId: sure(answer.rows[0]).variantId }))
      .answer;
    expect(
      (await shop.stylist.call('move-box', { boxId, version: held.version, to: 'cancelled' })).status,
    ).toBe(200);
    const lines = await shop.db.select().from(boxLine).where(eq(boxLine.boxId, boxId));
    const moves = await shop.db
      .select()
      .from(stockMovement)
      .where(eq(stockMovement.boxLineId, sure(lines[0]).id));
    expect(moves.map(({ cause }) => cause).sort()).toEqual(['hold', 'release']);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('goes on after a restart of the server, at the same address', async () => {
    const port = Number(new URL(shop.origin).port);
    await sure(shop.servers[0]).stop('SIGKILL');
    await expect(shop.stylist.call('draft-letter', { boxId: (await boxNumbered(103)).id })).rejects.toThrow();
    shop.servers[0] = await startServer(shop.base.url, port);
    expect((await shop.stylist.call('draft-letter', { boxId: (await boxNumbered(103)).id })).status).toBe(
      200,
    );
  });
});
