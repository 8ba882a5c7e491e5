import type { TalliedBox } from '@contracts/box/box-view';
import { audit, box, client, clientMeasure, consent, photo, shop as shopTable } from '@data/schema';
import { keepNoLonger } from '@server/client/keeping';
import { eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { shopDay } from '../support/days';
import { openShop } from '../support/open-shop';
import { jpegOf } from '../support/photos';
import { type Caller, callerOf } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();
let owner: Caller;
beforeAll(async () => {
  owner = await callerOf(shop.origin, 'owner');
  await shop.db.update(shopTable).set({ keepMeasuresMonths: 6, keepPhotosMonths: 12, keepBoxesMonths: null });
});
const inMonths = (months: number): Date => new Date(Date.now() + months * 31 * 86_400_000);

/** Somebody with a height, a photo of a tee, and a box that is closed. */
async function dressed(name: string, close = true) {
  const { id: clientId } = (
    await shop.stylist.call('save-client', { name, measures: { heightMm: 1700 }, profile: {} })
  ).answer;
  const item = { clientId, title: 'Tee', category: 'tee', colours: [{ hex: '#ffffff', share: 1 }] } as const;
  const { id } = (await shop.stylist.call('save-owned', item)).answer;
  await shop.stylist.call('save-photo', {
    of: 'owned',
    id,
    dataBase64: (await jpegOf()).toString('base64'),
  });
  const made = await makeBox(shop.stylist, clientId, [
    await makeGarment(shop.stylist, { title: 'Tee', category: 'tee' }),
  ]);
  let view: TalliedBox = await moved(shop.stylist, await moved(shop.stylist, made, 'packed'), 'out');
  if (close) {
    view = (
      await shop.stylist.call('decide-line', {
        boxId: made.id,
        lineId: sure(made.lines[0]).id,
        decision: 'keep',
      })
    ).answer;
    await shop.stylist.call('close-box', {
      boxId: made.id,
      version: view.version,
      notesNext: `${name} next`,
      way: 'cash',
    });
  }
  return { clientId, boxId: made.id, ownedId: id };
}
const measuresOf = (id: string) => shop.db.select().from(clientMeasure).where(eq(clientMeasure.clientId, id));
const photosOf = (ownedId: string) =>
  shop.db.select({ id: photo.id }).from(photo).where(eq(photo.ownedItemId, ownedId));

describe('what is kept no longer', () => {
  it('goes when its months are over, each by its own term, and the record says so', async () => {
    const { clientId, ownedId, boxId } = await dressed('Long gone');
    await keepNoLonger(shop.db, inMonths(5));
    expect(await measuresOf(clientId)).toHaveLength(1);
    await keepNoLonger(shop.db, inMonths(8));
    expect(await measuresOf(clientId)).toHaveLength(0);
    expect(await photosOf(ownedId)).toHaveLength(1);
    await shop.db.update(shopTable).set({ keepBoxesMonths: 9 });
    await keepNoLonger(shop.db, inMonths(14));
    expect(await photosOf(ownedId)).toHaveLength(0);
    const [left] = await shop.db.select().from(box).where(eq(box.id, boxId));
    expect([
      sure(left).letter,
      sure(left).notesNext,
      sure(left).number > 0,
      sure(left).total !== null,
    ]).toEqual([null, '', true, true]);
    const said = (await shop.db.select().from(audit).where(eq(audit.entityId, clientId))).filter(
      ({ action }) => action === 'kept no longer',
    );
    expect(said.map(({ details, actorId }) => [details, actorId])).toEqual([
      [{ measures: 1, boxes: 0 }, null],
      [{ measures: 0, photos: 1, boxes: 1 }, null],
    ]);
    // Once more does nothing more.
    await keepNoLonger(shop.db, inMonths(15));
    const again = await shop.db.select().from(audit).where(eq(audit.entityId, clientId));
    expect(again.filter(({ action }) => action === 'kept no longer')).toHaveLength(2);
    await shop.db.update(shopTable).set({ keepBoxesMonths: null });
  });

  it('stays of somebody with an open box, a rhythm, or an occasion to come', async () => {
    const open = await dressed('Open box', false);
    const regular = await dressed('Regular');
    const coming = await dressed('Coming');
    const [row] = await shop.db.select().from(box).where(eq(box.id, regular.boxId));
    await shop.stylist.call('save-rhythm', {
      clientId: regular.clientId,
      pace: 'months',
      every: 3,
      nextDay: '2099-01-05',
      stylistId: sure(row).stylistId,
    });
    await shop.stylist.call('save-occasion', {
      clientId: coming.clientId,
      occasion: { title: 'Jubilee', date: shopDay(inMonths(20)) },
    });
    await keepNoLonger(shop.db, inMonths(15));
    for (const { clientId } of [open, regular, coming])
      expect(await measuresOf(clientId), clientId).toHaveLength(1);
  });
});

describe('what a client agreed to', () => {
  it('stands with its day and way, is taken back, and takes along what was kept by it when asked', async () => {
    const { clientId, ownedId } = await dressed('Agreeing');
    const today = shopDay();
    for (const about of ['measures', 'photos', 'messages'] as const)
      expect(
        (
          await shop.stylist.call('save-consent', {
            clientId,
            about,
            way: 'in writing',
            givenOn: '2026-01-02',
          })
        ).status,
      ).toBe(200);
    const kept = await shop.stylist.call('withdraw-consent', { clientId, about: 'measures', erase: false });
    expect([kept.answer.erased, (await measuresOf(clientId)).length]).toEqual([0, 1]);
    const gone = await shop.stylist.call('withdraw-consent', { clientId, about: 'photos', erase: true });
    expect([gone.answer.erased, (await photosOf(ownedId)).length]).toEqual([1, 0]);
    expect(
      (await shop.stylist.call('withdraw-consent', { clientId, about: 'photos', erase: true })).status,
    ).toBe(404);
    const rows = await shop.db.select().from(consent).where(eq(consent.clientId, clientId));
    expect(rows.map(({ about, withdrawnOn }) => [about, withdrawnOn !== null]).sort()).toEqual([
      ['measures', true],
      ['messages', false],
      ['photos', true],
    ]);
    const late = await shop.stylist.call('save-consent', {
      clientId,
      about: 'photos',
      way: 'in person',
      givenOn: '2999-01-01',
    });
    expect(late.problem.faults[0]?.path).toBe('givenOn');
    const file = JSON.parse((await owner.call('export-client', { clientId })).answer.json) as {
      consents: { about: string; way: string }[];
      keptUntil: Record<string, string>;
    };
    expect(file.consents).toContainEqual({ about: 'messages', way: 'in writing', givenOn: '2026-01-02' });
    expect(sure(file.keptUntil.measures) > today).toBe(true);
  });

  it('is not brought back by a form that was open before', async () => {
    const { clientId } = await dressed('Form open');
    const agreed = { clientId, about: 'measures' } as const;
    await shop.stylist.call('save-consent', { ...agreed, way: 'in person', givenOn: '2026-01-02' });
    await shop.stylist.call('withdraw-consent', { ...agreed, erase: true });
    const late = { id: clientId, version: 1, name: 'Form open', measures: { heightMm: 1700 }, profile: {} };
    expect((await shop.stylist.call('save-client', late)).status).toBe(409);
    expect(await measuresOf(clientId)).toEqual([]);
  });

  it('said by eight at once stands once', async () => {
    const clientId = await makeClient(shop.stylist);
    const all = await Promise.all(
      Array.from({ length: 8 }, () =>
        shop.stylist.call('save-consent', {
          clientId,
          about: 'measures',
          way: 'by telephone',
          givenOn: '2026-02-02',
        }),
      ),
    );
    expect(all.map(({ status }) => status)).toEqual(Array(8).fill(200));
    const standing = (await shop.db.select().from(consent).where(eq(consent.clientId, clientId))).filter(
      ({ withdrawnOn }) => withdrawnOn === null,
    );
    expect(standing).toHaveLength(1);
  });

  it('goes with the client who is erased', async () => {
    const { clientId } = await dressed('Erasing');
    await shop.stylist.call('save-consent', {
      clientId,
      about: 'photos',
      way: 'in person',
      givenOn: '2026-01-02',
    });
    expect((await owner.call('erase-client', { clientId, name: 'Erasing' })).status).toBe(200);
    expect(await shop.db.select().from(consent).where(eq(consent.clientId, clientId))).toEqual([]);
    expect(sure((await shop.db.select().from(client).where(eq(client.id, clientId)))[0]).name).toBe('Erased');
  });
});
