import { shopEan } from '@core/stock';
import { disagreements } from '@data/check';
import { garment, stockMovement, variant } from '@data/schema';
import { eq } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { type Caller, callerOf } from '../support/server';
import { openShop } from '../support/open-shop';
import { sure } from '../support/sure';

const shop = openShop(2);
const call: Caller['call'] = (name, input, key) => sure(shop.callers[0]).call(name, input, key);

const TAKEN_EAN = shopEan(99_999);
const OWN_EAN = shopEan(77_777);
let serial = 0;
const blazer = (part: object = {}) => ({
  title: `Tide blazer ${(serial += 1)}`,
  category: 'blazer' as const,
  colours: [{ hex: '#1f4032', share: 1 }],
  priceMinor: 18_900,
  sizes: ['S', 'M'].map((size) => ({ size, sku: `TB${serial}-${size}`, qty: 2, measures: { bust: 980 } })),
  ...part,
});
const sheetOf = async (id: string) => (await call('garment-sheet', { id })).answer;
const shelfOf = async (variantId: string) => {
  const { balances } = (await call('stock-ledger', { variantId })).answer;
  return balances.find(({ place }) => place === 'shelf')?.qty ?? 0;
};

describe('a garment that is entered', () => {
  it('comes back as it was entered, with its units on the shelf and their movement', async () => {
    const given = blazer();
    const { answer } = await call('save-garment', given);
    const sheet = await sheetOf(answer.id);
    expect(sheet).toMatchObject({ title: given.title, priceMinor: 18_900, version: 1, archived: false });
    expect(sheet.sizes.map(({ size, measures, moved }) => [size, measures.bust, moved])).toEqual([
      ['S', 980, true],
      ['M', 980, true],
    ]);
    expect(await shelfOf(sure(sheet.sizes[0]).id)).toBe(2);
  });
  it('lets two sizes change places, and strikes out only what never moved', async () => {
    const given = blazer();
    const sizes = [...given.sizes, { size: 'L', sku: `TB${serial}-L`, qty: 0, measures: { bust: 1040 } }];
    const { id } = (await call('save-garment', { ...given, sizes })).answer;
    const [s, m, l] = (await sheetOf(id)).sizes;
    const row = (each: typeof s, size: string) => ({
      id: sure(each).id,
      size,
      sku: sure(each).sku,
      measures: sure(each).measures,
    });
    const swapped = await call('save-garment', {
      ...given,
      id,
      version: 1,
      sizes: [row(m, 'S'), row(s, 'M')],
    });
    expect(swapped.status).toBe(200);
    expect((await sheetOf(id)).sizes.map(({ size, sku }) => [size, sku])).toEqual([
      ['S', sure(m).sku],
      ['M', sure(s).sku],
    ]);
    const gone = await call('save-garment', { ...given, id, version: 2, sizes: [row(m, 'S'), row(l, 'L')] });
    expect(gone.problem.faults.map(({ path }) => path)).toEqual(['sizes[1]', 'sizes']);
    expect(gone.problem.faults[1]?.message).toContain('has a history');
  });
  it('names the field of a SKU or an EAN that is somebody else’s, or stands twice', async () => {
    const { sizes } = blazer();
    await call('save-garment', blazer({ sizes: [{ ...sure(sizes[0]), ean: TAKEN_EAN }] }));
    const other = blazer({
      sizes: [
        { size: 'S', sku: sure(sizes[0]).sku },
        { size: 'S', sku: 'NEW-1', ean: TAKEN_EAN },
        { size: 'M', sku: 'NEW-1', ean: '1' },
      ],
    });
    expect((await call('save-garment', other)).problem.faults[0]).toMatchObject({ path: 'sizes[2].ean' });
    other.sizes[2] = { size: 'M', sku: 'NEW-1' } as (typeof other.sizes)[number];
    const { problem, status } = await call('save-garment', other);
    expect(status).toBe(422);
    expect(problem.faults.map(({ path }) => path)).toEqual([
      'sizes[1].size',
      'sizes[2].sku',
      'sizes[0].sku',
      'sizes[1].ean',
    ]);
    expect(await shop.base.db.select().from(garment).where(eq(garment.title, other.title))).toEqual([]);
  });
  it('is not written over what somebody saved in the meantime', async () => {
    const given = blazer();
    const { id } = (await call('save-garment', given)).answer;
    const { sizes } = await sheetOf(id);
    const again = {
      ...given,
      id,
      version: 1,
      sizes: sizes.map(({ id: sizeId, size, sku }) => ({ id: sizeId, size, sku })),
    };
    expect((await call('save-garment', again)).status).toBe(200);
    expect((await call('save-garment', again)).status).toBe(409);
  });
  it('gets EANs of the shop’s own, none twice, also from two servers at once', async () => {
    const answers = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        sure(shop.callers[i % 2]).call('save-garment', { ...blazer(), numberEans: true }),
      ),
    );
    expect(answers.map(({ status }) => status)).toEqual(Array(8).fill(200));
    const eans = (await shop.base.db.select({ ean: variant.ean }).from(variant)).flatMap(
      ({ ean }) => ean ?? [],
    );
    expect(new Set(eans).size).toBe(eans.length);
  });
});

describe('the shelf', () => {
  it('is counted: the difference is posted with its reason; a count over a newer movement is refused', async () => {
    const { id } = (await call('save-garment', blazer())).answer;
    const sheet = await sheetOf(id);
    const at = { variantId: sure(sheet.sizes[0]).id, locationId: sure(sheet.locations[0]).id };
    const more = await call('count-stock', {
      ...at,
      counted: 5,
      expected: 2,
      reason: 'found behind the rail',
    });
    expect(more.answer.movements[0]).toMatchObject({
      cause: 'count',
      qty: 3,
      from: 'supplier',
      to: 'shelf',
      shelfAfter: 5,
      reason: 'found behind the rail',
    });
    const late = await call('count-stock', { ...at, counted: 1, expected: 2, reason: 'late' });
    expect([late.status, late.problem.title]).toEqual([409, expect.stringContaining('the books say 5 now')]);
    const same = await call('count-stock', { ...at, counted: 5, expected: 5, reason: 'monthly' });
    expect(same.answer.movements).toHaveLength(2);
    expect(
      (await call('count-stock', { ...at, counted: 0, expected: 5, reason: 'theft' })).answer.movements[0],
    ).toMatchObject({ to: 'written-off', qty: 5, shelfAfter: 0 });
  });
  it('gives by hand only what it holds, and is told apart from what is held', async () => {
    const { id } = (await call('save-garment', blazer())).answer;
    const sheet = await sheetOf(id);
    const at = { variantId: sure(sheet.sizes[0]).id, locationId: sure(sheet.locations[0]).id };
    const move = (cause: 'clean' | 'cleaned' | 'delivery' | 'write-off', qty: number) =>
      call('move-stock', { ...at, cause, qty });
    expect((await move('clean', 2)).answer.movements[0]).toMatchObject({
      from: 'shelf',
      to: 'cleaning',
      shelfAfter: 0,
    });
    expect((await move('write-off', 1)).problem.title).toBe('There are 0 at shelf, not 1.');
    expect((await move('cleaned', 1)).status).toBe(200);
    expect((await move('delivery', 4)).answer.movements[0]).toMatchObject({ shelfAfter: 5, by: 'Juna Pike' });
    expect(await disagreements(shop.base.db)).toEqual([]);
  });
  it('belongs to its shop: no other variant, no other location, not by a key used before', async () => {
    const nobody = '00000000-0000-4000-8000-000000000000';
    expect((await call('stock-ledger', { variantId: nobody })).status).toBe(404);
    const { id } = (await call('save-garment', blazer())).answer;
    const sheet = await sheetOf(id);
    const at = { variantId: sure(sheet.sizes[0]).id, locationId: nobody };
    expect((await call('move-stock', { ...at, cause: 'delivery', qty: 1 })).status).toBe(404);
    const here = { ...at, locationId: sure(sheet.locations[0]).id, cause: 'delivery' as const, qty: 1 };
    await Promise.all([
      call('move-stock', here, 'd-1'),
      sure(shop.callers[1]).call('move-stock', here, 'd-1'),
    ]);
    expect(await shelfOf(at.variantId)).toBe(3);
  });
});

describe('the stockroom', () => {
  it('is read in pages that join without a gap or a double, in every order', async () => {
    for (const sort of ['title', 'priceMinor', 'shelf', 'label', 'category'] as const) {
      const seen: string[] = [];
      for (let total = 1; seen.length < total;) {
        const { answer } = await call('stock-list', { sort, down: sort === 'shelf', offset: seen.length });
        total = answer.total;
        seen.push(...answer.rows.map(({ id }) => id));
      }
      expect(new Set(seen).size).toBe(seen.length);
    }
  });
  it('finds by title, label, SKU and EAN; signs of a pattern stand for themselves', async () => {
    const given = blazer({ label: 'Odd 100%_label' });
    const sizes = [{ ...sure(given.sizes[0]), ean: OWN_EAN }];
    const { id } = (await call('save-garment', { ...given, sizes })).answer;
    for (const search of [
      given.title.toUpperCase(),
      '100%_',
      sure(given.sizes[0]).sku.toLowerCase(),
      OWN_EAN,
    ])
      expect((await call('stock-list', { search })).answer.rows.map((row) => row.id)).toContain(id);
    expect((await call('stock-list', { search: '%' })).answer.rows.map((row) => row.id)).toEqual([id]);
  });
  it('archives many at once and prices them to the cent', async () => {
    const ids = [];
    for (const priceMinor of [999, 1001, 12_345])
      ids.push((await call('save-garment', blazer({ priceMinor }))).answer.id);
    expect((await call('price-garments', { ids, percent: -12.5 })).answer.changed).toBe(3);
    expect(await Promise.all(ids.map(async (id) => (await sheetOf(id)).priceMinor))).toEqual([
      874, 876, 10_802,
    ]);
    await call('archive-garments', { ids, archived: true });
    const [box] = (await call('stock-list', { archived: true })).answer.rows;
    expect(ids).toContain(sure(box).id);
    await call('archive-garments', { ids, archived: false });
    expect((await call('stock-list', { archived: true })).answer.total).toBe(0);
  });
  it('written out and read in again changes nothing', async () => {
    const before = await shop.base.db.$count(stockMovement);
    for (const format of ['csv', 'json'] as const) {
      const { text } = (await call('export-stock', { format })).answer;
      const { answer } = await call('import-stock', { csv: text, take: 'all' });
      expect(answer).toMatchObject({ taken: 0, faults: [] });
    }
    expect(await shop.base.db.$count(stockMovement)).toBe(before);
  });
  it('lets a packer count, and neither price nor enter', async () => {
    const packer = await callerOf(sure(shop.servers[0]).origin, 'packer');
    expect((await packer.call('save-garment', blazer())).status).toBe(403);
    expect((await packer.call('export-stock', { format: 'csv' })).status).toBe(403);
    const { rows } = (await packer.call('stock-list', {})).answer;
    expect(
      (await packer.call('stock-ledger', { variantId: sure(sure(rows[0]).sizes[0]).variantId })).status,
    ).toBe(200);
  });
  it('prints a label for every unit on the shelf, to this shop only', async () => {
    const { id } = (await call('save-garment', { ...blazer(), numberEans: true })).answer;
    const get = (ids: string) =>
      fetch(`${sure(shop.servers[0]).origin}/stockroom/labels.pdf?garments=${ids}`, {
        headers: { cookie: sure(shop.callers[0]).cookie },
      });
    const answer = await get(id);
    expect(answer.headers.get('content-type')).toBe('application/pdf');
    expect(
      Buffer.from(await answer.arrayBuffer())
        .subarray(0, 5)
        .toString(),
    ).toBe('%PDF-');
    expect((await get('nonsense')).status).toBe(404);
  });
});
