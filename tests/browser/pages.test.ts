import { box } from '@data/schema';
import { eq } from 'drizzle-orm';
import type { Page } from 'puppeteer-core';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { axeOn } from './axe';
import { openPage, settled } from './chromium';
import { called } from './by-name';
import { click } from './person';
import { sure } from '../support/sure';

const shop = openShopPage();
let page: Page;
let errors: string[];
let open: string;
let out: string;

beforeAll(async () => {
  ({ page, errors } = shop);
  const id = async (number: number): Promise<string> =>
    sure((await shop.db.select().from(box).where(eq(box.number, number)))[0]).id;
  [open, out] = [await id(104), await id(103)];
});

const axe = (): Promise<string[]> => axeOn(page);

describe('every page is clean to axe and throws nothing', () => {
  const pages: readonly (readonly [string, () => string])[] = [
    ['Desk', () => '/'],
    ['Clients', () => '/clients'],
    ['Stockroom', () => '/stockroom'],
    ['Scan', () => '/stockroom/scanner'],
    ['Ledger', () => '/ledger'],
    ['Specimens', () => '/specimens'],
    ['Brief', () => `/box/${open}/brief`],
    ['Pull', () => `/box/${open}/pull`],
    ['Combine', () => `/box/${open}/combine`],
    ['Show', () => `/box/${open}/show`],
    ['Letter', () => `/box/${open}/letter`],
    ['Out', () => `/box/${out}/out`],
    ['Tally', () => `/box/${out}/tally`],
  ];
  it.each(pages)('%s', async (name, path) => {
    await page.goto(shop.origin + path());
    await settled(page);
    // Hundreds of drawings: what is inside one is read to nobody, and would be gone through path by path.
    if (name === 'Specimens')
      await page.evaluate(() => document.querySelectorAll('svg > *').forEach((each) => each.remove()));
    expect(await axe()).toEqual([]);
    expect(errors).toEqual([]);
  });

  it('on a phone nothing is wider than its screen', async () => {
    await page.goto(`${shop.origin}/clients`);
    await settled(page);
    const client = await page.$eval('.client-rows a', (link) => link.getAttribute('href') ?? '');
    await page.setViewport({ width: 390, height: 844 });
    for (const [name, path] of [...pages, ['Client', () => client] as const]) {
      if (name === 'Specimens') continue;
      await page.goto(shop.origin + path());
      await settled(page);
      expect(await page.evaluate(() => document.documentElement.scrollWidth), name).toBe(390);
    }
    await page.setViewport({ width: 1280, height: 800 });
  });

  it('Client, with the forms open', async () => {
    await page.goto(`${shop.origin}/clients`);
    await settled(page);
    const href = await page.$eval('.client-rows a', (link) => link.getAttribute('href') ?? '');
    await page.goto(shop.origin + href);
    await settled(page);
    expect(await axe()).toEqual([]);
    for (const name of ['Edit', 'Add a piece']) {
      await click(page, called(name, 'button'));
      await page.waitForSelector('[role="dialog"]');
      // Less motion was asked for: the dialog is there, and does not slide in.
      expect(await page.evaluate(() => document.getAnimations().length)).toBe(0);
      expect(await axe()).toEqual([]);
      await page.keyboard.press('Escape');
      await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
    }
    expect(errors).toEqual([]);
  });

  it('Sign in', async () => {
    const fresh = await openPage(shop.browser);
    await fresh.page.setBypassCSP(true);
    await fresh.page.goto(`${shop.origin}/sign-in`);
    const keep = page;
    page = fresh.page;
    expect(await axe()).toEqual([]);
    page = keep;
  });
});
