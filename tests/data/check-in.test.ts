import type { TalliedBox } from '@contracts/box/box-view';
import { disagreements } from '@data/check';
import { balancesOf } from '@data/stock/books';
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

const TITLES = ['Tee', 'Skirt', 'Belt', 'Coat', 'Scarf'] as const;
/** A box of five sizes, one unit of each, that went out by the scanner alone. */
async function sent(): Promise<{ readonly view: TalliedBox; readonly sizes: readonly string[] }> {
  const kinds = ['tee', 'skirt', 'belt', 'coat', 'scarf'] as const;
  const sizes: string[] = [];
  for (const [i, category] of kinds.entries())
    sizes.push(await makeGarment(shop.stylist, { title: sure(TITLES[i]), category }, 1));
  const written = await makeBox(shop.stylist, await makeClient(shop.stylist), sizes);
  for (const { sku } of written.lines) {
    const { status, problem } = await packer.call('scan-line', { boxId: written.id, code: sku });
    expect([sku, status, problem.title]).toEqual([sku, 200, undefined]);
  }
  return { view: await moved(shop.stylist, await moved(shop.stylist, written, 'packed'), 'out'), sizes };
}
const scan = (
  by: Caller,
  view: TalliedBox,
  i: number,
  backTo?: 'shelf' | 'cleaning' | 'mending' | 'written-off',
) => by.call('scan-back', { boxId: view.id, code: sure(view.lines[i]).sku, ...(backTo ? { backTo } : {}) });
const where = async (variantId: string): Promise<string[]> =>
  (await balancesOf(shop.db, variantId))
    .filter(({ qty, place }) => qty > 0 && place !== 'supplier')
    .map(({ place }) => place);

describe('what comes back, by the scanner', () => {
  it('is a return where nobody had decided, and goes to the shelf, the cleaner, to be mended or out of the books', async () => {
    const { view, sizes } = await sent();
    const first = await scan(packer, view, 0);
    expect([first.status, first.answer.wasUndecided, first.answer.title]).toEqual([
      200,
      true,
      sure(view.lines[0]).piece.title,
    ]);
    expect((await scan(packer, view, 1, 'cleaning')).status).toBe(200);
    expect((await scan(packer, view, 2, 'mending')).status).toBe(200);
    const refused = await scan(packer, view, 3, 'written-off');
    expect([refused.status, refused.problem.title]).toEqual([
      409,
      'A stylist or an owner writes off. Put it with the mending, and say so.',
    ]);
    // Refused whole: it is no return either.
    expect(await where(sure(sizes[3]))).toEqual(['out']);
    expect((await scan(shop.stylist, view, 3, 'written-off')).status).toBe(200);
    await shop.stylist.call('decide-line', {
      boxId: view.id,
      lineId: sure(view.lines[4]).id,
      decision: 'keep',
    });
    const kept = await scan(packer, view, 4);
    expect([kept.status, kept.problem.title]).toEqual([
      409,
      expect.stringContaining('is marked as kept. Ask the stylist'),
    ]);
    expect(await Promise.all(sizes.map(where))).toEqual([
      ['shelf'],
      ['cleaning'],
      ['mending'],
      ['written-off'],
      ['out'],
    ]);
    expect(await disagreements(shop.db)).toEqual([]);
    const mended = await packer.call('stock-ledger', { variantId: sure(sizes[2]) });
    const { locationId } = sure(mended.answer.balances.find(({ place }) => place === 'mending'));
    const back = { variantId: sure(sizes[2]), locationId, cause: 'mended' as const, qty: 1, reason: '' };
    expect((await packer.call('move-stock', back)).status).toBe(200);
    expect(await where(sure(sizes[2]))).toEqual(['shelf']);
  });

  it('is taken once, whoever scans it twice; what did not go out with the box is told', async () => {
    const { view, sizes } = await sent();
    const twice = await Promise.all([scan(packer, view, 0), scan(shop.stylist, view, 0)]);
    expect(twice.map(({ status }) => status).sort()).toEqual([200, 409]);
    expect(await where(sure(sizes[0]))).toEqual(['shelf']);
    const other = await sent();
    const wrong = await scan(packer, { ...view, lines: other.view.lines }, 0);
    expect([wrong.status, wrong.problem.title]).toEqual([
      409,
      expect.stringContaining('did not go out with this box'),
    ]);
    expect((await packer.call('scan-back', { boxId: view.id, code: 'nobody knows' })).status).toBe(404);
    const packed = await moved(
      shop.stylist,
      await makeBox(shop.stylist, await makeClient(shop.stylist), [
        await makeGarment(shop.stylist, { title: 'Hat', category: 'hat' }),
      ]),
      'packed',
    );
    expect((await scan(packer, packed, 0)).status).toBe(409);
    expect(await disagreements(shop.db)).toEqual([]);
  });
});
