import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { garment, photo, stockMovement, variant } from '@data/schema';
import { desc, eq } from 'drizzle-orm';
import type { Page } from 'puppeteer-core';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { axeOn } from './axe';
import { settled } from './chromium';
import { choose, openBy, type Person } from './person';
import { sure } from '../support/sure';

const shop = openShopPage();
let page: Page;
let errors: string[];
let person: Person;
const folder = mkdtempSync(join(tmpdir(), 'stockroom-'));

beforeAll(async () => {
  ({ page, errors, person } = shop);
  await person.go('/stockroom');
});

const made = async (title: string) =>
  (await shop.db.select().from(garment).where(eq(garment.title, title)))[0];

describe('the stockroom, through the screen', () => {
  it('takes a garment in said in words, with its size run; a bad cell is named and nothing is lost', async () => {
    await openBy(page, 'n');
    await person.fill('textbox', 'Describe it', 'bottle green velvet blazer, lined');
    await person.fill('textbox', 'Name', 'Quillback blazer');
    await person.fill('textbox', 'Price', '219,50');
    await person.press('tab', 'Sizes (0)');
    await person.fill('textbox', 'Add sizes', 'S M L');
    await page.keyboard.press('Enter');
    await person.fill('textbox', 'bust of M', '10x');
    await person.fill('textbox', 'qty of M', '3');
    await person.press('checkbox', 'Give an EAN of the shop’s own where there is none');
    await person.press('button', 'Add to the stockroom');
    await person.see('M, bust: a length is wanted, as 4.5, 45 mm or 2 in');
    expect(await axeOn(page)).toEqual([]);
    await person.fill('textbox', 'bust of M', '104,5');
    await person.press('button', 'Add to the stockroom');
    await person.see('Quillback blazer is in the stockroom');
    const row = await made('Quillback blazer');
    expect(row).toMatchObject({ category: 'blazer', priceMinor: 21_950 });
    expect(sure(row).attributes.fabric).toMatchObject({ texture: 'velvet', lined: true });
    const sizes = await shop.db
      .select()
      .from(variant)
      .where(eq(variant.garmentId, sure(row).id));
    expect(sizes.map(({ size, ean }) => [size, ean?.slice(0, 2)])).toEqual([
      ['S', '20'],
      ['M', '20'],
      ['L', '20'],
    ]);
    expect(sure(sizes[1]).measures.bust).toEqual({ mm: 1045, origin: 'given' });
    expect(errors).toEqual([]);
  });

  it('shows a photo of it in place of the sketch, and takes it off again', async () => {
    const jpeg = join(folder, 'blazer.jpg');
    await sharp({ create: { width: 300, height: 400, channels: 3, background: '#1f4032' } }).toFile(jpeg);
    const program = join(folder, 'blazer.png');
    writeFileSync(program, 'MZ this is a program');
    await person.go('/stockroom');
    await person.fill('textbox', 'Find a garment or a SKU', 'quillback');
    await person.see('1 garment');
    await person.press('button', 'Quillback blazer');
    await choose(person, page, 'Add a photo', program);
    await person.see('cannot be read as a photo');
    await choose(person, page, 'Add a photo', jpeg);
    await person.see('Take its colours');
    await person.press('button', 'Save');
    await page.waitForSelector('.stock img.garment-photo');
    const { id } = sure(await made('Quillback blazer'));
    expect(await shop.db.$count(photo, eq(photo.garmentId, id))).toBe(1);
    await person.press('button', 'Quillback blazer');
    await page.waitForSelector('.garment-shot');
    await person.press('button', 'Take it off');
    await person.see('No photo');
    await page.waitForFunction(() => document.querySelector('.stock img.garment-photo') === null);
    expect(await shop.db.$count(photo, eq(photo.garmentId, id))).toBe(0);
  });

  it('counts a shelf: the difference is said before it is booked and stands in the ledger with its reason', async () => {
    await person.press('tab', 'Stock and ledger');
    await person.press('button', 'M');
    await person.see('delivered');
    await person.fill('textbox', 'Counted', '2');
    await person.see('1 fewer than the books say');
    await person.fill('textbox', 'Why', 'monthly count');
    await person.press('button', 'Book');
    await person.see('counted: monthly count');
    const [last] = await shop.db.select().from(stockMovement).orderBy(desc(stockMovement.no)).limit(1);
    expect(last).toMatchObject({ cause: 'count', qty: 1, toPlace: 'written-off', reason: 'monthly count' });
    expect(await axeOn(page)).toEqual([]);
  });

  it('archives what is chosen and brings it back', async () => {
    await person.go('/stockroom');
    await person.fill('textbox', 'Find a garment or a SKU', 'quillback');
    await person.press('checkbox', 'Choose Quillback blazer');
    await person.press('button', 'Archive');
    await person.see('1 archived');
    expect(sure(await made('Quillback blazer')).archivedAt).not.toBeNull();
    // The list without it is here: what is chosen in an older one would be let go with it.
    const isListed = (): boolean => document.querySelector('[aria-label="Choose Quillback blazer"]') !== null;
    await page.waitForFunction(`!(${isListed.toString()})()`);
    await page.select('select[aria-label="Which"]', 'archived');
    await person.press('checkbox', 'Choose Quillback blazer');
    await person.press('button', 'Bring back');
    await person.see('1 brought back');
    expect(sure(await made('Quillback blazer')).archivedAt).toBeNull();
  });

  it('keeps only the rows near the window in the page, and brings the next as it is scrolled', async () => {
    await person.go('/stockroom');
    const rows = (): Promise<number> => page.$$eval('.stock tbody tr[data-index]', (all) => all.length);
    expect(await rows()).toBeLessThan(40);
    await page.waitForFunction(
      () => {
        window.scrollTo(0, document.body.scrollHeight);
        return document.querySelector('.stock tbody tr[data-index="168"]') !== null;
      },
      { polling: 100, timeout: 60_000 },
    );
    expect(await rows()).toBeLessThan(40);
    expect(errors).toEqual([]);
    await settled(page);
  });
});
