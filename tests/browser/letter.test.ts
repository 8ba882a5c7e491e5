import { box } from '@data/schema';
import { eq } from 'drizzle-orm';
import type { Page } from 'puppeteer-core';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { sure } from '../support/sure';
import { axeOn } from './axe';
import { settled } from './chromium';
import { called } from './by-name';
import { click } from './person';

const shop = openShopPage();
let page: Page;
let id: string;

beforeAll(async () => {
  ({ page } = shop);
  ({ id } = sure((await shop.db.select().from(box).where(eq(box.number, 104)))[0]));
});

const open = async (): Promise<void> => {
  await page.goto(`${shop.origin}/box/${id}/letter`);
  await settled(page);
  await page.waitForSelector('[aria-label="Greeting"]');
};
const lineOf = (label: string): Promise<string> =>
  page.$eval(`textarea[aria-label="${label}"]`, (field) => (field as HTMLTextAreaElement).value);
const saysNow = async (label: string, is: RegExp): Promise<void> =>
  void (await page.waitForFunction(
    (name, source, flags) =>
      new RegExp(source, flags).test(
        document.querySelector<HTMLTextAreaElement>(`textarea[aria-label="${name}"]`)?.value ?? '',
      ),
    {},
    label,
    is.source,
    is.flags,
  ));
const withAlt = async (key: 'x' | 'w' | 'r' | 'ArrowDown'): Promise<void> => {
  await page.keyboard.down('Alt');
  await page.keyboard.press(key);
  await page.keyboard.up('Alt');
};
const titles = (): Promise<string[]> =>
  page.$$eval('.letter-piece h2', (all) =>
    all.map((each) => (each.textContent ?? '').split('€')[0]?.trim() ?? ''),
  );

describe('the letter', () => {
  it('is drafted in another tone, and what was written by hand stays; nothing of it is lost by a reload', async () => {
    await open();
    const before = await lineOf('Why Warden blazer, bottle');
    await page.focus('textarea[aria-label="Greeting"]');
    await page.keyboard.down('Control');
    await page.keyboard.press('a');
    await page.keyboard.up('Control');
    await page.keyboard.type('Ragnhild, all of it is here.');
    await click(page, '::-p-text(Chatty)');
    await page.waitForFunction(
      (was) =>
        document.querySelector<HTMLTextAreaElement>('textarea[aria-label="Why Warden blazer, bottle"]')
          ?.value !== was,
      {},
      before,
    );
    expect(await lineOf('Greeting')).toBe('Ragnhild, all of it is here.');
    // What was drafted anew is marked, and told to whoever does not see the mark.
    expect((await page.$$('.letter-row[data-changed]')).length).toBeGreaterThan(3);
    await page.reload();
    await settled(page);
    await saysNow('Greeting', /^Ragnhild, all of it is here\.$/);
    expect(await lineOf('Closing')).toMatch(/^Try it all on/);
  });
  it('is rewritten, struck, moved and taken back by keys alone', async () => {
    await open();
    const why = 'Why Wheelhouse trousers, ink';
    const drafted = await lineOf(why);
    await page.focus(`textarea[aria-label="${why}"]`);
    // The other wordings come with the draft.
    await page.waitForFunction(() =>
      document.querySelector('.letter-row:focus-within')?.textContent?.includes('another wording'),
    );
    await withAlt('w');
    await page.waitForFunction(
      (name, was) =>
        document.querySelector<HTMLTextAreaElement>(`textarea[aria-label="${name}"]`)?.value !== was,
      {},
      why,
      drafted,
    );
    await withAlt('x');
    await saysNow(why, /^$/);
    expect(
      await page.$eval(`textarea[aria-label="${why}"]`, (field) => field.getAttribute('placeholder')),
    ).toBe('Struck: it is not printed.');
    await withAlt('r');
    expect(await lineOf(why)).toBe(drafted);
    const [first, second] = await titles();
    await page.focus(`textarea[aria-label="Fit of ${first}"]`);
    await withAlt('ArrowDown');
    await page.waitForFunction(
      (name) => document.querySelector('.letter-piece h2')?.textContent?.startsWith(name),
      {},
      sure(second),
    );
    // The line in hand stays in hand.
    expect(await page.evaluate(() => document.activeElement?.getAttribute('aria-label'))).toBe(
      `Fit of ${first}`,
    );
    await click(page, called('Undo', 'button'));
    await page.waitForFunction(
      (name) => document.querySelector('.letter-piece h2')?.textContent?.startsWith(name),
      {},
      sure(first),
    );
    expect(await axeOn(page)).toEqual([]);
  });
  it('is saved before it is printed, with its look left out; once it is saved a reload says nothing', async () => {
    await open();
    await click(page, called('leave it out: The ceremony', 'button'));
    await page.waitForSelector('.letter-looks figure[data-hidden]');
    const opened = new Promise<string>((resolve) => {
      shop.browser.once('targetcreated', (target) => resolve(target.type()));
    });
    await click(page, called('Print', 'button'));
    expect(await opened).toBe('page');
    // A page behind another one draws no frames, and a wait for one would not end.
    await page.bringToFront();
    await page.waitForFunction(
      () => document.querySelector('.letter-bar [role=status]')?.textContent === 'Saved.',
    );
    const row = sure((await shop.db.select().from(box).where(eq(box.id, id)))[0]);
    expect(row.letter?.looks.map(({ hidden }) => hidden ?? false)).toEqual([true, false]);
    expect(row.letter?.style?.tone).toBe('chatty');
    await page.reload();
    await settled(page);
    await saysNow('Greeting', /^Ragnhild, all of it is here\.$/);
    await page.waitForFunction(
      () => document.querySelector('.letter-bar [role=status]')?.textContent === 'Saved.',
    );
    expect(shop.errors).toEqual([]);
  });
});
