import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { disagreements } from '@data/check';
import { garment, shop as shops, variant } from '@data/schema';
import { eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { sure } from '../support/sure';
import { axeOn } from './axe';

const shop = openShopPage();
const folder = mkdtempSync(join(tmpdir(), 'till-'));
const fixture = (name: string): string => `tests/fixtures/tills/${name}`;

beforeAll(async () => {
  // The invented till sells in pounds.
  await shop.db.update(shops).set({ currency: 'GBP' });
  await shop.person.go('/stockroom');
});

const upload = async (path: string): Promise<void> => {
  await shop.person.press('button', 'Import');
  await shop.person.see('A file of your till');
  const input = await shop.page.waitForSelector('input[type="file"]');
  await (input as unknown as { uploadFile: (path: string) => Promise<void> }).uploadFile(path);
};
const sizesOf = async (title: string) => {
  const rows = await shop.db
    .select({ size: variant.size, garment })
    .from(variant)
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(eq(garment.title, title));
  return rows.map((row) => row.size);
};

describe('a file of any till, through the screen', () => {
  it('says what each column was taken for, has wrong rows put right in place, and brings it in', async () => {
    const { page, person, errors } = shop;
    await upload(fixture('harbour-till.csv'));
    await person.see('2 rows cannot come in yet');
    await person.see('6 things were guessed or left out');
    expect(await axeOn(page)).toEqual([]);
    if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/till1.png` });
    await person.fill('textbox', 'Price of row 14', '160');
    await page.keyboard.press('Enter');
    await person.see('1 row cannot come in yet');
    await page.select('select[aria-label="Kind of Other"]', 'scarf');
    await person.see('Bring in 10 sizes');
    if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/till2.png` });
    await person.press('button', 'Bring in 10 sizes');
    await person.see('10 sizes came in');
    expect(await sizesOf('Wool wrap dress midi')).toEqual(['10', '12', '14']);
    expect(await sizesOf('Linen blazer')).toEqual(['12']);
    expect(await disagreements(shop.db)).toEqual([]);
    await person.press('button', 'Complete what is missing');
    await person.see('something not said yet');
    // What is worth most of what came in stands first: two of them are not measured, boots are not clothes.
    await page.waitForFunction(
      () =>
        document.querySelector('.stock tbody tr[data-index="0"]')?.textContent?.includes('dress') ?? false,
    );
    expect(errors).toEqual([]);
  });

  it('of a later day shows what is here otherwise, books what is ticked, and knows its columns', async () => {
    const { page, person } = shop;
    const later = join(folder, 'later.csv');
    const text = readFileSync(fixture('harbour-till.csv'), 'utf8');
    writeFileSync(later, text.replace('£79.00,6', '£75.00,4').replace('Black', 'Blk'));
    await upload(later);
    await person.see('You settled these columns before');
    await person.see('1 is here otherwise');
    await person.press('checkbox', 'Book 4 of Cashmere scarf, one size');
    if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/till3.png` });
    await person.press('button', 'Book 1 change');
    await person.see('1 change booked');
    const [scarf] = await shop.db.select().from(garment).where(eq(garment.title, 'Cashmere scarf'));
    // The price was not ticked.
    expect(sure(scarf).priceMinor).toBe(7900);
    expect(await disagreements(shop.db)).toEqual([]);
    await person.press('button', 'Done');
  });

  it('of our own columns is put right in place as well, what the stockroom says of a row too', async () => {
    const { person } = shop;
    const own = join(folder, 'own.csv');
    writeFileSync(
      own,
      [
        'title,category,colours,size,sku,price,qty',
        'Harbour smock,gown,navy,M,OWN-1,6o,2',
        'Pier shirt,shirt,white,L,HR-0001,60,1',
      ].join('\n'),
    );
    await upload(own);
    await person.see('2 rows cannot come in yet');
    await person.fill('textbox', 'Price of row 2', '60');
    await shop.page.keyboard.press('Enter');
    await person.see('1 row cannot come in yet');
    await shop.page.select('select[aria-label="category of row 2"]', 'blouse');
    // The other's number is somebody else's: the stockroom said so, and it is changed here.
    await person.see('HR-0001 is');
    await person.fill('textbox', 'SKU of row 3', 'OWN-2');
    await shop.page.keyboard.press('Enter');
    await person.see('Bring in 2 sizes');
    await person.press('button', 'Bring in 2 sizes');
    await person.see('2 sizes came in');
    expect([await sizesOf('Harbour smock'), await sizesOf('Pier shirt')]).toEqual([['M'], ['L']]);
    await person.press('button', 'Done');
  });
});
