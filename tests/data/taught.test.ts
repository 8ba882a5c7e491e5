import type { TalliedBox } from '@contracts/box/box-view';
import { client } from '@data/schema';
import { eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { makeBox, makeClient, makeGarment, moved } from '../support/making';
import { openShop } from '../support/open-shop';
import { whole } from '../support/server';
import { sure } from '../support/sure';

const shop = openShop();

/** A client whose box of navy tees came back for the colour and is closed; so many of them. */
async function sentBack(count: number, known?: string): Promise<string> {
  const clientId = known ?? (await makeClient(shop.stylist));
  const sizes: string[] = [];
  for (let i = 0; i < count; i++)
    sizes.push(await makeGarment(shop.stylist, { title: 'Navy', category: 'tee' }));
  const box = await makeBox(shop.stylist, clientId, sizes);
  let view: TalliedBox = await moved(shop.stylist, await moved(shop.stylist, box, 'packed'), 'out');
  for (const { id: lineId } of view.lines) {
    await shop.stylist.call('decide-line', { boxId: box.id, lineId, decision: 'return', reason: 'colour' });
    view = whole((await shop.stylist.call('check-in-line', { boxId: box.id, lineId })).answer);
  }
  // Not before: decisions may still change.
  expect(await proposals(clientId)).toEqual([]);
  const closed = await shop.stylist.call('close-box', { boxId: box.id, version: view.version, way: 'cash' });
  expect(closed.status).toBe(200);
  return clientId;
}
const proposals = async (clientId: string) =>
  (await shop.stylist.call('client-proposals', { clientId })).answer;

describe('what boxes taught of a client', () => {
  it('is proposed once a box is closed, changes her page once, whoever accepts, and is obeyed by the next pull', async () => {
    const clientId = await sentBack(2);
    const [first] = await proposals(clientId);
    expect(first).toMatchObject({
      words: 'Avoid navy? 2 pieces came back for their colour, and none was kept.',
    });
    expect(sure(first).evidence).toHaveLength(2);
    const { key } = sure(first);
    const all = await Promise.all(
      Array.from({ length: 6 }, () =>
        shop.stylist.call('answer-proposal', { clientId, key, answer: 'accepted' }),
      ),
    );
    expect(all.map(({ status }) => status).sort()).toEqual([200, 409, 409, 409, 409, 409]);
    const [row] = await shop.db.select().from(client).where(eq(client.id, clientId));
    expect(sure(row).profile.colourCard.avoid).toEqual(['#1f2a44']);
    expect(sure(row).version).toBe(2);
    const next = (await shop.stylist.call('start-box', { clientId })).answer.id;
    const pulled = await shop.stylist.call('pull-list', { boxId: next, search: 'Navy', fitsOnly: false });
    expect(JSON.stringify(pulled.answer)).toMatch(/came-back|avoided-colour|shares-reason/);
  });

  it('is left until more speaks for it when it is refused, and never asked again when it is muted', async () => {
    const clientId = await sentBack(2);
    const { key } = sure((await proposals(clientId))[0]);
    await shop.stylist.call('answer-proposal', { clientId, key, answer: 'refused' });
    expect(await proposals(clientId)).toEqual([]);
    await sentBack(1, clientId);
    const [again] = await proposals(clientId);
    expect(sure(again).words).toContain('3 pieces');
    await shop.stylist.call('answer-proposal', { clientId, key, answer: 'muted' });
    await sentBack(1, clientId);
    expect(await proposals(clientId)).toEqual([]);
    const odd = await shop.stylist.call('answer-proposal', { clientId, key: 'nothing', answer: 'accepted' });
    expect(odd.status).toBe(409);
  });
});
