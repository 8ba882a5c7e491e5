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
    await keyboard.press('button', 'too small');
    await person.see('Back, too small');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
    await page.select('select[aria-label="When"]', 'quarter');
    await person.see('in three months');
    await person.press('tab', 'For the buyer');
    await person.see('Sent often, never kept');
    await person.see('Fits nobody on the books');
    await page.select('select[aria-label="Asks, sorted"]', 'kind');
    await settled(page);
    expect(await axeOn(page)).toEqual([]);
    await person.press('tab', 'Rules on trial');
    await person.see('Were they right?');
    await settled(page);
    await page.setViewport({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(
      0,
    );
    expect(errors).toEqual([]);
  });

  it('hears what another threshold would have said of the year, and tunes the rule on it', async () => {
    const { page, person, errors, origin } = shop;
    await page.setViewport({ width: 1280, height: 800 });
    await person.go('/ledger');
    await person.press('tab', 'Rules on trial');
    await person.see('proposed: 6.5 levels');
    await person.press('button', 'R3 Spread');
    await person.see('in place of 6.');
    const tried = (): Promise<string> =>
      page.$eval('[role="dialog"] tbody tr:last-child td', (cell) => cell.textContent ?? '');
    const [proposed] = [Number(await tried())];
    expect(await axeOn(page)).toEqual([]);
    // A stricter one speaks against more, and says how these were kept.
    await byKeyboard(page, origin).fill('textbox', 'Further apart than this is two looks.', '4');
    await person.see('It would speak against');
    expect(Number(await tried())).toBeGreaterThan(proposed);
    await person.press('button', 'Try that');
    await person.see('It would leave');
    await person.press('button', 'Tune the house rule so');
    await person.see('R3 is tuned.');
    await person.see('It would have said the same of every look.');
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
    await person.go('/house-rules');
    await person.press('button', 'Formality 5');
    await person.see('tuned');
    expect(errors).toEqual([]);
  });
});
