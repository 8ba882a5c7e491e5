import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { deltaE, lab } from '@core/colour';
import type { Category } from '@core/piece';
import { client, clientMeasure, ownedItem, photo } from '@data/schema';
import { desc, eq } from 'drizzle-orm';
import type { ElementHandle, Page } from 'puppeteer-core';
import sharp from 'sharp';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { photograph } from '../support/photos';
import { until } from '../support/until';
import { axeOn } from './axe';
import { openPage, settled } from './chromium';
import { called } from './by-name';
import { click, byKeyboard, byMouse, choose, openBy, type Person, tabTo } from './person';
import { sure } from '../support/sure';

const shop = openShopPage();
let page: Page;
let errors: string[];
let person: Person;
let clientId: string;

beforeAll(async () => {
  ({ page, errors, person } = shop);
  clientId = sure((await shop.db.select().from(client)).find(({ name }) => name.startsWith('Isolde'))).id;
});

const newest = async () =>
  sure(
    (
      await shop.db
        .select()
        .from(ownedItem)
        .where(eq(ownedItem.clientId, clientId))
        .orderBy(desc(ownedItem.createdAt), desc(ownedItem.id))
        .limit(1)
    )[0],
  );
const count = async (): Promise<number> =>
  (await shop.db.select().from(ownedItem).where(eq(ownedItem.clientId, clientId))).length;
interface Target {
  readonly says: string;
  readonly category: Category;
  readonly hex: string;
  readonly has: Record<string, unknown>;
}
/** Ten things out of a wardrobe, and two details each that must be stored. Written before the reader was. */
const TEN: readonly Target[] = [
  {
    says: 'navy crew knit, wool',
    category: 'fine-knit',
    hex: '#1f2a44',
    has: { cut: { neckline: 'crew' }, fabric: { fibres: [{ name: 'wool', pct: 100 }] } },
  },
  {
    says: 'black slim jeans, high rise',
    category: 'jeans',
    hex: '#17171a',
    has: { cut: { leg: 'slim', rise: 'high' } },
  },
  {
    says: 'white linen shirt, long sleeve',
    category: 'shirt',
    hex: '#fbfbf9',
    has: { cut: { sleeve: 'long' }, fabric: { texture: 'linen' } },
  },
  {
    says: 'bottle green pleated skirt, wool',
    category: 'skirt',
    hex: '#1f4032',
    has: { cut: { waistDetail: 'pleat' }, fabric: { fibres: [{ name: 'wool', pct: 100 }] } },
  },
  {
    says: 'grey wide leg trousers, flannel',
    category: 'trousers',
    hex: '#84868a',
    has: { cut: { leg: 'wide' }, fabric: { texture: 'flannel' } },
  },
  {
    says: 'rust velvet blazer, lined',
    category: 'blazer',
    hex: '#9c4a24',
    has: { fabric: { texture: 'velvet', lined: true } },
  },
  {
    says: 'red pointed heels, suede',
    category: 'heel',
    hex: '#b3222e',
    has: { cut: { toe: 'pointed' }, fabric: { texture: 'suede' } },
  },
  {
    says: 'teal wrap dress, midi',
    category: 'dress',
    hex: '#1f6a6b',
    has: { cut: { neckline: 'wrap' }, measures: { length: 1120 } },
  },
  {
    says: 'oatmeal chunky cardigan, cashmere',
    category: 'cardigan',
    hex: '#d3c5ab',
    has: { fabric: { fibres: [{ name: 'cashmere', pct: 100 }], finish: 'soft' } },
  },
  {
    says: 'plum v-neck tee, ribbed',
    category: 'tee',
    hex: '#532a45',
    has: { cut: { neckline: 'v' }, fabric: { texture: 'rib' } },
  },
];

describe('a closet, entered', () => {
  it('ten pieces by keyboard: at most six words a piece, each stored as it was meant', async () => {
    const keys = byKeyboard(page, shop.origin);
    await keys.go(`/clients/${clientId}`);
    await openBy(page, 'a');
    await tabTo(page, 'textbox', 'Describe it (Enter adds it)');
    for (const { says, category, hex, has } of TEN) {
      expect(says.split(' ').length, says).toBeLessThanOrEqual(6);
      const before = await count();
      await page.keyboard.type(says);
      await page.keyboard.press('Enter');
      await until('one more piece', async () => (await count()) > before);
      const stored = await newest();
      expect(stored.category, says).toBe(category);
      expect(deltaE(lab(sure(stored.colours[0]).hex), lab(hex)), says).toBeLessThan(5);
      expect(stored.attributes, says).toMatchObject(has);
      await page.waitForFunction(
        () =>
          document.querySelector<HTMLInputElement>('input[placeholder="navy crew knit, wool"]')?.value === '',
      );
    }
    expect(errors).toEqual([]);
  });

  it('a pasted list: every guess shown, one line left out, one given its kind by hand', async () => {
    await person.go(`/clients/${clientId}`);
    const before = await count();
    await openBy(page, 'l');
    await person.fill(
      'textbox',
      'One piece a line or between semicolons',
      'mint polo; sage whatsit; camel coat, wool',
    );
    await person.see('not understood: whatsit');
    await page.select('select[aria-label="Kind of sage whatsit"]', 'hat');
    await click(page, 'input[aria-label="Take mint polo"]');
    await person.press('button', 'Add 2 to the closet');
    await person.see('2 pieces added');
    await page.waitForFunction(() => /camel coat/i.test(document.body.textContent ?? ''));
    expect(await count()).toBe(before + 2);
  });

  it('a file with faults: rows named, the good ones taken, the same file adding nothing', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'closet-')), 'closet.csv');
    writeFileSync(
      file,
      '\uFEFFtitle;category;colours;cut.neckline\nLake vest;tank;lake;scoop\nOdd;hut;navy;\n',
    );
    for (const says of ['1 piece added', '0 pieces added; 1 was there already']) {
      await person.go(`/clients/${clientId}`);
      await openBy(page, 'l');
      await person.press('tab', 'From a file');
      await choose(person, page, 'Choose a file', file);
      await person.see('1 good, 1 fault.');
      await person.see('Row 3, category');
      await person.press('button', 'Add the good one');
      await person.see(says);
    }
  });

  it('a photo gives its palette, is kept, and a file that is none is refused in words', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'photo-'));
    const taken = await photograph(
      { id: 'p', category: 'tee', colours: [{ hex: '#2f6b4f', share: 1 }] },
      { name: 'wood', ground: 'wood', noise: 6, jpeg: 85 },
    );
    const jpeg = join(folder, 'tee.jpg');
    await sharp(taken.data, { raw: { width: taken.width, height: taken.height, channels: 4 } })
      .jpeg()
      .toFile(jpeg);
    const exe = join(folder, 'coat.jpg');
    writeFileSync(exe, 'MZ this is a program');
    await person.go(`/clients/${clientId}`);
    await openBy(page, 'a');
    await choose(person, page, 'From a photo', exe);
    await person.see('cannot be read as a photo');
    await choose(person, page, 'From a photo', jpeg);
    await person.see('Another photo');
    await click(page, '.silhouettes button:first-child');
    await person.press('button', 'Add this piece');
    await person.see('is in the closet');
    const stored = await newest();
    expect(stored.category).toBe('tee');
    expect(deltaE(lab(sure(stored.colours[0]).hex), lab('#2f6b4f'))).toBeLessThan(3);
    await until(
      'its photo',
      async () => (await shop.db.select().from(photo).where(eq(photo.ownedItemId, stored.id))).length === 1,
    );
    await page.reload();
    await settled(page);
    expect(await page.$$eval('.piece-cards img.garment-photo', (shown) => shown.length)).toBe(1);
  });

  it('the client form and the piece form are clean to axe', async () => {
    await person.go(`/clients/${clientId}`);
    await openBy(page, 'e');
    await person.see('About, in a line');
    for (const tab of ['Measures', 'Limits', 'Taste', 'Schools']) {
      await person.press('tab', tab);
      expect(await axeOn(page), tab).toEqual([]);
    }
  });
});

describe('a new client', () => {
  it('is told at its field what cannot be, and nothing that was typed is lost', async () => {
    await person.go('/clients');
    await openBy(page, 'n');
    const tooLong = 'Nora '.repeat(25);
    await person.fill('textbox', 'Name', tooLong);
    await person.press('button', 'Add');
    await page.waitForSelector('[role="dialog"] input[aria-invalid="true"]');
    await person.see('at most 120 characters');
    expect(await page.$eval('[role="dialog"] input', (field) => field.value)).toBe(tooLong);
    await person.fill('textbox', 'Name', 'Nora Quist');
    await person.press('button', 'Add');
    await person.arrive(/^\/clients\/.+/);
    expect((await shop.db.select().from(client)).map(({ name }) => name)).toContain('Nora Quist');
  });
});

describe('the client’s own brief, on a phone', () => {
  it('is filled in, kept over a reload, sent, and taken over line by line', async () => {
    await person.go(`/clients/${clientId}`);
    await person.press('button', 'Make a private link');
    await page.waitForSelector('input[aria-label="Private link"]');
    const address = await page.$eval(
      'input[aria-label="Private link"]',
      (field) => (field as HTMLInputElement).value,
    );
    const phone = await openPage(shop.browser);
    await phone.page.setViewport({ width: 390, height: 800, isMobile: true, hasTouch: true });
    await phone.page.setBypassCSP(true);
    await phone.page.goto(address);
    await settled(phone.page);
    expect(await axeOn(phone.page)).toEqual([]);
    expect(await phone.page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    const she = byMouse(phone.page, shop.origin);
    await click(phone.page, '::-p-text(romantic)');
    await she.fill('textbox', 'What', 'A christening');
    await she.press('button', 'Add it');
    await she.fill('textbox', 'About how much for all of it in EUR', '310');
    await she.fill('textbox', 'How tall in cm', '5 ft 4');
    await she.see('162.6 cm');
    await she.fill('textbox', 'Highest heel you walk in, cm', '30 mm');
    await she.see('Kept.');
    await phone.page.reload();
    await settled(phone.page);
    await she.see('A christening');
    await she.press('button', 'Send to The Heron Room');
    await she.see('Thank you, Isolde');
    expect(phone.errors).toEqual([]);

    await person.go(`/clients/${clientId}`);
    await person.see('Isolde Venn-Marsh wrote.');
    const budget = (await page.$(called('Budget', 'checkbox'))) as ElementHandle<HTMLElement>;
    await budget.click();
    await click(page, '.brief-answers button[type=submit]');
    await page.waitForFunction(() => !document.querySelector('.brief-answers'));
    const [after] = await shop.db.select().from(client).where(eq(client.id, clientId));
    expect(sure(after).profile).toMatchObject({ moods: ['romantic'], limits: { heelMaxMm: 30 } });
    expect(sure(after).boxBudgetMinor).toBe(42_000);
    // Her height was not taken over: it was known. By hand it is written as people write it; what is no length is named on its tab.
    await person.press('button', 'Edit');
    await person.press('tab', 'Limits');
    await person.fill('textbox', 'Highest heel, cm', '2 in');
    await person.see('5.1 cm');
    await person.press('tab', 'Measures');
    await person.fill('textbox', 'Height', 'tall');
    await person.press('tab', 'Who');
    await person.press('button', 'Save');
    await person.see('a height is wanted, as 163, 1.63 m or 5 ft 4');
    await person.fill('textbox', 'Height', '5 ft 7');
    await person.press('button', 'Save');
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
    const [edited] = await shop.db.select().from(client).where(eq(client.id, clientId));
    const measures = await shop.db.select().from(clientMeasure).where(eq(clientMeasure.clientId, clientId));
    expect(measures.find(({ name }) => name === 'heightMm')?.mm).toBe(1702);
    expect(sure(edited).profile.limits.heelMaxMm).toBe(51);
    await phone.page.goto(address);
    expect(await phone.page.evaluate(() => document.body.innerText)).toContain('does not work any more');
  });
});
