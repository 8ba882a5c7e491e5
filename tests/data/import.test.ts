import { disagreements } from '@data/check';
import { client, clientMeasure, garment, stockMovement, variant } from '@data/schema';
import { eq, sql } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { newBoxes, shelfOf } from '../support/shelf';
import { sure } from '../support/sure';
import { importFaultWords } from '@contracts/import-fault';

const shop = openShop();

const HEAD = 'title,category,colours,size,sku,price,qty,cut.neckline,measures.bust';
const GOOD = `${HEAD}
Quay tee,tee,navy:0.6 ivory:0.4,S,Q-1,39.50,3,crew,940
Quay tee,tee,navy:0.6 ivory:0.4,M,Q-2,39.50,0,crew,990`;

const counts = async () => {
  const [row] = await shop.db
    .select({
      garments: sql<number>`(select count(*)::int from ${garment})`,
      variants: sql<number>`(select count(*)::int from ${variant})`,
      moves: sql<number>`(select count(*)::int from ${stockMovement})`,
    })
    .from(sql`(select 1) as one`);
  return sure(row);
};

describe('import of stock', () => {
  it('only looks when asked to look', async () => {
    const before = await counts();
    const { answer } = await shop.stylist.call('import-stock', { csv: GOOD, take: 'check' });
    expect(answer).toMatchObject({ taken: 0, known: 0, faults: [] });
    expect(answer.good).toHaveLength(2);
    expect(await counts()).toEqual(before);
  });

  it('takes a file, and the same file twice changes nothing', async () => {
    const before = await counts();
    expect((await shop.stylist.call('import-stock', { csv: GOOD, take: 'all' })).answer.taken).toBe(2);
    const after = await counts();
    expect(after).toEqual({
      garments: before.garments + 1,
      variants: before.variants + 2,
      moves: before.moves + 1,
    });
    const again = await shop.stylist.call('import-stock', {
      csv: `\uFEFF${GOOD.replace(/,(?=\S)/g, ';')}`,
      take: 'all',
    });
    expect(again.answer).toMatchObject({ taken: 0, known: 2 });
    expect(await counts()).toEqual(after);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('reads headers with their capitals and spaces, as tills write them', async () => {
    const csv = 'Title,Category,COLOURS,Size,SKU,Price,Qty,Cut.Neckline\nTill tee,tee,white,S,T-1,20,1,crew';
    const { answer } = await shop.stylist.call('import-stock', { csv, take: 'check' });
    expect([answer.faults, answer.good.map(({ title }) => title)]).toEqual([[], ['Till tee']]);
  });

  it('tells each faulty row with its field and reason, and takes the good rows or none', async () => {
    const csv = `${HEAD}
Good,tee,white,S,R-1,20,1,crew,900
Bad price,tee,white,S,R-2,-3,1,crew,900
Bad hex,tee,blu,S,R-3,20,1,crew,900
Bad cut,tee,white,S,R-4,20,1,turtle,900
Twin,tee,white,M,R-1,20,1,crew,900
Taken,tee,white,M,HR-0001,20,1,crew,900
Bad bust,tee,white,M,R-5,20,1,crew,20
,tee,white,M,R-6,20,one,crew,900`;
    const before = await counts();
    const { answer } = await shop.stylist.call('import-stock', { csv, take: 'check' });
    expect(answer.good.map(({ sku }) => sku)).toEqual(['R-1']);
    expect(answer.faults.map(({ row, path }) => `${row} ${path}`)).toEqual([
      '3 price',
      '4 colours[0].hex',
      '5 cut.neckline',
      '6 sku',
      '7 sku',
      '8 measures.bust',
      '9 title',
      '9 qty',
    ]);
    expect(answer.faults[0]).toMatchObject({ code: 'below-0', params: { said: '-3' } });
    const all = await shop.stylist.call('import-stock', { csv, take: 'all' });
    expect(all.status).toBe(422);
    expect(all.problem.faults[0]).toEqual({ path: 'row 3, price', message: '-3: not below 0' });
    expect(await counts()).toEqual(before);
    expect((await shop.stylist.call('import-stock', { csv, take: 'good' })).answer.taken).toBe(1);
  });

  it('names a missing column, an empty file, a file of 30 MB', async () => {
    const missing = await shop.stylist.call('import-stock', { csv: 'title,category\nx,tee', take: 'check' });
    expect(missing.answer.faults.map((fault) => `${fault.path}: ${importFaultWords(fault)}`)).toContain(
      'price: this column is missing',
    );
    const empty = await shop.stylist.call('import-stock', { csv: '', take: 'check' });
    expect(empty.problem.faults).toEqual([{ path: 'csv', message: 'the file is empty' }]);
    const huge = await shop.stylist.call('import-stock', { csv: 'x'.repeat(30_000_000), take: 'check' });
    expect([huge.status, huge.problem.title]).toEqual([
      413,
      'That is too large: up to 12 MB can be sent at once.',
    ]);
    expect((await shop.stylist.call('import-stock', { csv: GOOD, take: 'check' })).status).toBe(200);
  });

  it('stays on its feet before rubbish', async () => {
    const rubbish = `${HEAD}\n${Array.from({ length: 5000 }, (_, i) => `"a${i}""b",${i},,;;\t,\u0000`).join('\n')}`;
    const { status, answer } = await shop.stylist.call('import-stock', { csv: rubbish, take: 'good' });
    expect(status).toBe(200);
    expect(answer.taken).toBe(0);
    expect(answer.faults.length).toBeGreaterThanOrEqual(5000);
  });
});

describe('a later file of the same till', () => {
  const rows = (qty: string, price = '39.50', more = '') =>
    `${HEAD}\nRiver tee,tee,navy,S,RV-1,${price},${qty},crew,940\nRiver tee,tee,navy,M,RV-2,39.50,2,crew,990${more}`;
  const shelf = async (sku: string): Promise<number> => {
    const [size] = await shop.db.select().from(variant).where(eq(variant.sku, sku));
    return shelfOf(shop.db, sure(size).id);
  };
  const send = (csv: string, more: object = {}) =>
    shop.stylist.call('import-stock', { csv, take: 'good', ...more });

  it('shows counts and prices that differ, books what is ticked, and takes new sizes', async () => {
    expect((await send(rows('5'))).answer).toMatchObject({ taken: 2, differs: [] });
    const later = rows('3', '42.00', '\nRiver tee,tee,navy,L,RV-3,39.50,4,crew,1040');
    const { answer } = await send(later, { take: 'check' });
    expect(answer).toMatchObject({
      known: 1,
      good: [{ sku: 'RV-3' }],
      differs: [{ sku: 'RV-1', count: { had: 5, said: 3, sold: [] }, price: { had: 3950, said: 4200 } }],
    });
    expect(await shelf('RV-1')).toBe(5);
    // Nobody ticked the price; somebody ticked a count that is no longer what the books say.
    expect((await send(later, { counts: [{ sku: 'RV-1', had: 4 }] })).answer).toMatchObject({
      taken: 1,
      booked: 0,
    });
    const asked = { counts: [{ sku: 'RV-1', had: 5 }], prices: [{ sku: 'RV-1', had: 3950 }] };
    expect((await send(later, asked)).answer.booked).toBe(2);
    expect([await shelf('RV-1'), await shelf('RV-3')]).toEqual([3, 4]);
    const [row] = await shop.db.select().from(garment).where(eq(garment.title, 'River tee'));
    expect(row).toMatchObject({ priceMinor: 4200 });
    expect((await send(rows('3', '42.00'), { take: 'check' })).answer.differs).toMatchObject([
      { sku: 'RV-2', price: { had: 4200, said: 3950 } },
    ]);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('names the box whose held unit was sold over the counter, and leaves that hold to a person', async () => {
    await send(`${HEAD}\nLast tee,tee,navy,S,LT-1,30,1,crew,940`);
    const [size] = await shop.db.select().from(variant).where(eq(variant.sku, 'LT-1'));
    const boxId = sure((await newBoxes(shop.db, shop.stylist, 1))[0]);
    await shop.stylist.call('hold-line', { boxId, variantId: sure(size).id });
    const sold = `${HEAD}\nLast tee,tee,navy,S,LT-1,30,0,crew,940`;
    const { differs } = (await send(sold, { take: 'check' })).answer;
    expect(differs).toMatchObject([{ count: { had: 1, said: 0, sold: [{ boxId }] } }]);
    await send(sold, { counts: [{ sku: 'LT-1', had: 1 }] });
    expect(await shelf('LT-1')).toBe(0);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('by eight at once is booked once, and makes no size twice', async () => {
    await send(rows('5'));
    const [had] = [await shelf('RV-1')];
    const file = rows('9', '42.00', '\nRiver tee,tee,navy,XL,RV-4,39.50,1,crew,1090');
    const all = await Promise.all(
      Array.from({ length: 8 }, () => send(file, { counts: [{ sku: 'RV-1', had }] })),
    );
    expect(all.map(({ status }) => status).filter((status) => status !== 200 && status !== 409)).toEqual([]);
    const done = all.filter(({ status }) => status === 200).map(({ answer }) => answer);
    expect(done.reduce((sum, { booked }) => sum + booked, 0)).toBe(1);
    expect(done.reduce((sum, { taken }) => sum + taken, 0)).toBe(1);
    expect([await shelf('RV-1'), await shelf('RV-4')]).toEqual([9, 1]);
    expect(await disagreements(shop.db)).toEqual([]);
  });

  it('refuses, row by row, codes and sizes that are somebody else’s', async () => {
    const [coded] = await shop.db
      .select()
      .from(variant)
      .where(sql`${variant.ean} is not null`)
      .limit(1);
    const csv = `title,category,colours,size,sku,price,qty,ean\nNew tee,tee,navy,S,NW-1,30,1,${sure(coded).ean}\nRiver tee,tee,navy,S,RV-9,30,1,`;
    const { status, answer } = await send(csv);
    expect([status, answer.taken]).toEqual([200, 0]);
    expect(answer.faults.map(({ row, path, code }) => [row, path, code])).toEqual([
      [2, 'ean', 'taken'],
      [3, 'size', 'size-taken'],
    ]);
  });
});

describe('what a shop settled of its till’s columns', () => {
  it('is kept for all who style, the last word of each file once', async () => {
    const headers = ['Item', 'Price'];
    await Promise.all([
      shop.stylist.call('keep-till-columns', { headers, columns: ['title', null] }),
      shop.stylist.call('keep-till-columns', { headers: ['Nom'], columns: ['title'] }),
    ]);
    await shop.stylist.call('keep-till-columns', {
      headers: ['item ', 'PRICE'],
      columns: ['title', 'price'],
      kinds: { Other: 'scarf' },
    });
    const kept = (await shop.stylist.call('till-columns', {})).answer;
    expect(kept.map(({ columns }) => columns).sort((a, b) => a.length - b.length)).toEqual([
      ['title'],
      ['title', 'price'],
    ]);
    const bad = await shop.stylist.call('keep-till-columns', { headers, columns: ['nothing' as never] });
    expect(bad.status).toBe(422);
  });
});

describe('import of clients', () => {
  const CSV =
    'Name,E-Mail,Height,Allergies\nIda Fell,ida@example.invalid,168 cm,latex\nOdo Marsh,,5 ft 10,\n';
  const names = async (): Promise<string[]> =>
    (await shop.db.select({ name: client.name }).from(client)).map(({ name }) => name);
  it('only looks when asked to look, takes them once, and knows them again', async () => {
    const looked = (await shop.stylist.call('import-clients', { csv: CSV, take: 'check' })).answer;
    expect(looked).toMatchObject({ taken: 0, known: 0, faults: [] });
    expect(await names()).not.toContain('Ida Fell');
    const both = await Promise.all(
      [1, 2].map(() => shop.stylist.call('import-clients', { csv: CSV, take: 'all' })),
    );
    expect(both.map(({ answer }) => answer.taken).sort()).toEqual([0, 2]);
    expect((await names()).filter((name) => /Ida Fell|Odo Marsh/.test(name)).sort()).toEqual([
      'Ida Fell',
      'Odo Marsh',
    ]);
    const renamed = CSV.replace('Ida Fell', 'Ida Fell-Marsh').replace('Odo Marsh', ' odo  marsh ');
    expect((await shop.stylist.call('import-clients', { csv: renamed, take: 'good' })).answer).toMatchObject({
      known: 2,
      taken: 0,
    });
  });
  it('takes a faulty file in its good rows or not at all', async () => {
    const csv = `${CSV.split('\n')[0]}\nUna Lock,una@example.invalid,170,\nBad Height,b@example.invalid,tall,\n`;
    expect((await shop.stylist.call('import-clients', { csv, take: 'all' })).status).toBe(422);
    expect(await names()).not.toContain('Una Lock');
    const good = (await shop.stylist.call('import-clients', { csv, take: 'good' })).answer;
    expect([good.taken, good.faults.map(({ row, path }) => [row, path])]).toEqual([1, [[3, 'heightMm']]]);
    const [una] = await shop.db.select().from(client).where(eq(client.name, 'Una Lock'));
    expect(
      await shop.db
        .select()
        .from(clientMeasure)
        .where(eq(clientMeasure.clientId, sure(una).id)),
    ).toMatchObject([{ name: 'heightMm', mm: 1700, origin: 'given' }]);
  });
});
