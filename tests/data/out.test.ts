import type { DressedBox } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { disagreements } from '@data/check';
import { box as boxTable, parcel, shop as shopTable } from '@data/schema';
import { eq } from 'drizzle-orm';
import ICAL from 'ical.js';
import { extractText, getDocumentProxy } from 'unpdf';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let packer: Caller;
beforeAll(async () => {
  packer = await callerOf(shop.origin, 'packer');
});

let made = 0;
const clientAt = async (address: string): Promise<string> =>
  (await shop.stylist.call('save-client', { name: `Posted ${++made}`, address, measures: {}, profile: {} }))
    .answer.id;
const packed = async (clientId: string): Promise<DressedBox> =>
  moved(
    shop.stylist,
    await makeBox(shop.stylist, clientId, [
      await makeGarment(shop.stylist, { title: 'Posted shirt', category: 'shirt' }),
    ]),
    'packed',
  );
const get = (path: string, by: Caller) => fetch(`${shop.origin}${path}`, { headers: { cookie: by.cookie } });
const textOf = async (answer: Response): Promise<string> => {
  const pdf = await getDocumentProxy(new Uint8Array(await answer.arrayBuffer()));
  return (await extractText(pdf, { mergePages: true })).text.replace(/\s+/g, ' ');
};

describe('a parcel', () => {
  it('goes out with a number of the simulated carrier and moves by the days on the way', async () => {
    const view = await packed(await clientAt('3 Quay Lane\nHarrowmere'));
    expect(view.packing.to).toEqual(['3 Quay Lane', 'Harrowmere']);
    expect(view.packing.size.carton?.name).toBe('flat box');
    const out = await moved(shop.stylist, view, 'out');
    const [first] = out.parcels;
    expect(first?.tracking).toMatch(/^QX\d{9}XX$/);
    expect(first?.stands?.state).toBe('handed over');
    await shop.db
      .update(parcel)
      .set({ sentAt: new Date(Date.now() - 12 * 86_400_000) })
      .where(eq(parcel.boxId, view.id));
    const later = (await shop.stylist.call('keep-all', { boxId: view.id })).answer;
    expect(later.parcels[0]?.stands?.state).toBe('at the door');
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('keeps a number that was typed, and has none by itself without a carrier', async () => {
    await shop.db.update(shopTable).set({ carrier: 'none' });
    const none = await moved(shop.stylist, await packed(await clientAt('')), 'out');
    expect(none.parcels[0]).not.toHaveProperty('tracking');
    await shop.db.update(shopTable).set({ carrier: 'simulated' });
    const view = await packed(await clientAt(''));
    const typed = await shop.stylist.call('move-box', {
      boxId: view.id,
      version: view.version,
      to: 'out',
      parcel: 'OWN 17',
    });
    const [own] = (typed.answer as DressedBox).parcels;
    expect(own).toMatchObject({ tracking: 'OWN 17' });
    expect(own?.stands).toBeUndefined();
  });
  it('has labels for out and back, for whoever packs, once both addresses are there', async () => {
    const nowhere = await packed(await clientAt(''));
    const refused = await get(`/box/${nowhere.id}/parcel-labels.pdf`, packer);
    expect([refused.status, ((await refused.json()) as { title: string }).title]).toEqual([
      409,
      'The client’s postal address is not entered yet.',
    ]);
    const out = await moved(shop.stylist, await packed(await clientAt('9 Ropewalk\nHarrowmere')), 'out');
    const label = await textOf(await get(`/box/${out.id}/parcel-labels.pdf`, packer));
    expect(label).toMatch(/To Posted \d+ 9 Ropewalk Harrowmere/);
    expect(label).toMatch(/Return to The Heron Room 3 Quay Lane HW1 2AB Harrowmere/);
    expect(label).toContain(sure(out.parcels[0]?.tracking));
    expect((await get(`/box/${out.id}/parcel-labels.pdf`, { cookie: '' } as Caller)).url).toMatch(/sign-in/);
  });
});

describe('an appointment in the shop', () => {
  it('takes the place of the parcel: no number, decided there, a list by number; and may be taken back', async () => {
    const view = await packed(await clientAt('3 Quay Lane\nHarrowmere'));
    const save = (version: number, at: string | null, by = shop.stylist) =>
      by.call('save-appointment', { boxId: view.id, version, at });
    expect((await save(view.version, '2026-13-45T99:00')).status).toBe(422);
    expect((await save(view.version, '2030-12-05T14:00', packer)).status).toBe(403);
    const noted = (await save(view.version, '2030-12-05T14:00')).answer;
    expect(noted.packing.appointment).toBe('2030-12-05T14:00');
    // Winter time in Paris is an hour ahead.
    const row = sure((await shop.db.select().from(boxTable).where(eq(boxTable.id, view.id)))[0]);
    expect(row.appointmentAt?.toISOString()).toBe('2030-12-05T13:00:00.000Z');
    expect((await save(view.version, null)).status).toBe(409);
    const list = await textOf(await get(`/box/${view.id}/fitting-room.pdf`, shop.stylist));
    expect(list).toMatch(/Fitting room: Posted \d+.*1 Posted shirt/);
    expect((await get(`/box/${view.id}/fitting-room.pdf`, packer)).status).toBe(403);
    const out = await moved(shop.stylist, noted, 'out');
    expect(out.parcels[0]?.tracking).toBeUndefined();
    expect([out.decideBy, out.returnBy]).toEqual(['2030-12-05', '2030-12-05']);
    expect((await save(out.version, null)).status).toBe(409);
    expect(await disagreements(shop.db)).toEqual([]);
  });
  it('is in the calendar with the other days, read back by a calendar library (RFC 5545)', async () => {
    const view = await packed(await clientAt('3 Quay Lane\nHarrowmere'));
    const noted = (
      await shop.stylist.call('save-appointment', {
        boxId: view.id,
        version: view.version,
        at: '2030-06-05T14:00',
      })
    ).answer;
    await moved(shop.stylist, noted, 'out');
    const answer = await get(`/box/${view.id}/dates.ics`, shop.stylist);
    expect(answer.headers.get('content-type')).toContain('text/calendar');
    const calendar = new ICAL.Component(ICAL.parse(await answer.text()) as unknown[]);
    const events = calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
    expect(events.map(({ summary }) => summary)).toEqual([
      'Say what stays of box ' + String(view.number) + ', The Heron Room',
      'Send back what does not stay, The Heron Room',
      'Fitting at The Heron Room',
    ]);
    const fitting = sure(events.find(({ summary }) => summary.startsWith('Fitting')));
    expect(fitting.startDate.toJSDate().toISOString()).toBe('2030-06-05T12:00:00.000Z');
    expect((await get(`/box/${view.id}/dates.ics`, packer)).status).toBe(403);
  });
  it('keeps what was laid in with its pieces, whoever lays it in and however often the page is loaded', async () => {
    const shirt = {
      title: 'Buttoned shirt',
      category: 'shirt',
      attributes: { facts: { closure: 'buttons' } },
    } as const;
    const sizes = [await makeGarment(shop.stylist, shirt), await makeGarment(shop.stylist, shirt)];
    const view = await makeBox(shop.stylist, await makeClient(shop.stylist), sizes);
    const buttons = view.packing.enclosed.map(({ what, done }) => [what, done]);
    expect(buttons).toEqual([
      ['spare button', false],
      ['spare button', false],
    ]);
    const lay = (by: Caller, i: number, done = true) =>
      by.call('lay-in', { boxId: view.id, lineId: sure(view.lines[i]).id, what: 'spare button', done });
    await Promise.all([lay(packer, 0), lay(shop.stylist, 1)]);
    const last = await lay(packer, 1, false);
    expect(last.answer.packing.enclosed.map(({ done }) => done)).toEqual([true, false]);
    await moved(shop.stylist, await moved(shop.stylist, view, 'packed'), 'out');
    expect((await lay(packer, 1)).status).toBe(409);
  });
  it('is seen by whoever packs, with the way of the parcel and nothing of the person', async () => {
    const view = await packed(await clientAt('3 Quay Lane\nHarrowmere'));
    const answer = await packer.call('move-box', { boxId: view.id, version: view.version, to: 'out' });
    const seen = answer.answer as PackView;
    expect(seen.sees).toBe('parcel');
    expect(Object.keys(seen.packing).sort()).toEqual(['carrier', 'enclosed', 'size', 'to']);
  });
});
