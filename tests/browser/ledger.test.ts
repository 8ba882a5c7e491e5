import { loadPast } from '@data/demo/past';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { axeOn } from './axe';
import { settled } from './chromium';
import { byKeyboard } from './person';

const shop = openShopPage('owner');
beforeAll(async () => {
  await loadPast(shop.db, new Date());
  await shop.person.go('/ledger');
});

describe('the Ledger, through the screen', () => {
  it('is sorted by label, opened from a row to its pieces by keyboard, and read without colour', async () => {
    const { page, person, errors, origin } = shop;
    const keyboard = byKeyboard(page, origin);
    await page.select('select[aria-label="By"]', 'label');
    await person.see('kept less');
    expect(await axeOn(page)).toEqual([]);
    await keyboard.press('button', 'Sallowfield');
    await person.see('back: too small');
    const rows = await page.$$eval('[role="dialog"] tbody tr', (all) => all.length);
    const title = await page.$eval('[role="dialog"] h2', (head) => head.textContent ?? '');
    expect(title).toContain(`of ${rows} kept`);
    expect(await axeOn(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
    await page.select('select[aria-label="When"]', 'quarter');
    await person.see('in three months');
    await person.press('tab', 'For the buyer');
    await person.see('Sent often, never kept');
    await settled(page);
    expect(await axeOn(page)).toEqual([]);
    await page.setViewport({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(
      0,
    );
    expect(errors).toEqual([]);
  });
});
