import { box, look } from '@data/schema';
import { and, eq, isNull } from 'drizzle-orm';
import type { Page } from 'puppeteer-core';
import { beforeAll, describe, expect, it } from 'vitest';
import { boxLine } from '@data/schema';
import { openShopPage } from '../support/open-page';
import { axeOn } from './axe';
import { openPage, settled, signInAs } from './chromium';
import { called } from './by-name';
import { click, seen, standing } from './person';
import { sure } from '../support/sure';

const shop = openShopPage();
let page: Page;
let errors: string[];
let open: string;
/** The looks of the box as the demo has them: a look saves itself, and each test begins with these. */
let looks: (typeof look.$inferSelect)[];

beforeAll(async () => {
  ({ page, errors } = shop);
  open = sure((await shop.db.select().from(box).where(eq(box.number, 104)))[0]).id;
  looks = await shop.db.select().from(look).where(eq(look.boxId, open));
});

const axe = (): Promise<string[]> => axeOn(page);
const looksNow = () => shop.db.select().from(look).where(eq(look.boxId, open));

describe('the Rail', () => {
  // What a tab kept of the test before is not this one's: signing in anew lets it go.
  const anew = async (): Promise<void> => {
    // A change that is on its way to the shop arrives first.
    await page.waitForFunction(
      () => !/Changed|Saving/.test(document.querySelector('.look-saved')?.textContent ?? ''),
    );
    await page.goto(`${shop.origin}/sign-in`);
    await page.waitForFunction(() => sessionStorage.length === 0);
    await shop.db.delete(look).where(eq(look.boxId, open));
    await shop.db.insert(look).values(looks);
  };
  const rail = async (): Promise<void> => {
    await page.goto(`${shop.origin}/box/${open}/combine`);
    await settled(page);
  };
  const undo = async (): Promise<void> => {
    await page.keyboard.down('Control');
    await page.keyboard.press('z');
    await page.keyboard.up('Control');
  };
  const grasped = async <T>(grasp: () => Promise<T | undefined>): Promise<T> => {
    for (let i = 0; i < 8; i++) {
      const got = await grasp();
      if (got !== undefined) return got;
    }
    throw new Error('no finger gets hold of it');
  };
  const score = (): Promise<string> => page.$eval('.score-number', (element) => element.textContent ?? '');

  it('judges again at once, undoes and redoes, and mends with one key', async () => {
    await anew();
    await rail();
    const before = await page.$eval('.score', (element) => element.textContent ?? '');
    await click(page, called('Take off Pontoon loafer, oxblood'));
    await page.waitForFunction((was) => document.querySelector('.score')?.textContent !== was, {}, before);
    await undo();
    await page.waitForFunction((was) => document.querySelector('.score')?.textContent === was, {}, before);
    await page.keyboard.down('Control');
    await page.keyboard.press('y');
    await page.keyboard.up('Control');
    await page.waitForFunction((was) => document.querySelector('.score')?.textContent !== was, {}, before);
    // Jeans make it too casual for the ceremony; a mend is offered and kept by Enter.
    for (const name of ['Dark jeans', 'Ivory tee', 'Warden blazer'])
      await click(page, `.hanging[title^="${name}"]`);
    await page.waitForSelector('.mend', { timeout: 60_000 });
    const casual = Number(await score());
    await page.focus('.mend');
    await page.keyboard.press('Enter');
    await page.waitForFunction(
      (was) => Number(document.querySelector('.score-number')?.textContent) > was,
      {},
      casual,
    );
  });

  it('keeps a look that nobody saved, and its undo, over a reload; another sign-in finds nothing of it', async () => {
    await anew();
    await rail();
    const worn = (): Promise<number> => page.$$eval('.worn-list li', (rows) => rows.length);
    const before = await worn();
    await click(page, '.hanging:not(.hanging-worn)');
    await page.waitForFunction((n) => document.querySelectorAll('.worn-list li').length !== n, {}, before);
    const changed = await worn();
    await page.reload();
    await settled(page);
    await page.waitForFunction(() => document.body.innerText.includes('The look is as you left it.'));
    expect(await worn()).toBe(changed);
    await undo();
    await page.waitForFunction((n) => document.querySelectorAll('.worn-list li').length === n, {}, before);
    const apart = await page.evaluate(() =>
      Object.keys(sessionStorage).filter((key) => key.startsWith('rail')),
    );
    expect(apart).toHaveLength(1);
    await page.goto(`${shop.origin}/sign-in`);
    await page.waitForFunction(() => sessionStorage.length === 0);
  });

  it('finds ways to wear a piece, leaves out what is not wanted, and wears one by its number; one undo takes it back', async () => {
    await anew();
    await rail();
    const before = await page.$$eval('.worn-title', (rows) => rows.map((row) => row.textContent));
    await click(page, '.look-ways');
    const count = (): Promise<number> => page.$$eval('.ways > li', (ways) => ways.length);
    const done = 'Press a number to wear a way.';
    await page.waitForFunction((text) => document.body.innerText.includes(text), { timeout: 60_000 }, done);
    expect(await count()).toBe(5);
    const said = await page.$$eval('.ways > li p', (lines) => lines.map((line) => line.textContent ?? ''));
    expect(new Set(said).size).toBe(5);
    expect(await axeOn(page)).toEqual([]);
    await page.keyboard.press('2');
    await page.waitForFunction(
      (was) => [...document.querySelectorAll('.worn-title')].map((row) => row.textContent).join() !== was,
      {},
      before.join(),
    );
    await undo();
    await page.waitForFunction(
      (was) => [...document.querySelectorAll('.worn-title')].map((row) => row.textContent).join() === was,
      {},
      before.join(),
    );
  });

  it('takes a look into the other occasion of the box by two keys, as a look of its own; one undo takes it back', async () => {
    await anew();
    await rail();
    const occasion = (): Promise<string> =>
      page.$eval('select[aria-label="Occasion"]', (select) => (select as HTMLSelectElement).value);
    const before = await occasion();
    await click(page, '.look-turn');
    await page.waitForFunction(() => document.querySelectorAll('.ways > li').length > 0, { timeout: 60_000 });
    expect(await axeOn(page)).toEqual([]);
    if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/turn.png` });
    await page.keyboard.press('1');
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
    expect(await occasion()).not.toBe(before);
    await undo();
    await page.waitForFunction(
      (was) => (document.querySelector('select[aria-label="Occasion"]') as HTMLSelectElement).value === was,
      {},
      before,
    );
  });

  it('offers what could be worn if not that, and keeps the look; one undo takes it back', async () => {
    await anew();
    await rail();
    const worn = (): Promise<string> =>
      page.$$eval('.worn-title', (rows) => rows.map((row) => row.textContent).join());
    const before = await worn();
    await click(page, '[aria-label^="If not that: "]');
    await page.waitForSelector('.instead .mend');
    expect(await axeOn(page)).toEqual([]);
    await page.focus('.instead .mend');
    await page.keyboard.press('Enter');
    await page.waitForFunction(
      (was) => [...document.querySelectorAll('.worn-title')].map((row) => row.textContent).join() !== was,
      {},
      before,
    );
    expect(await page.$eval('.score-words', (words) => words.textContent)).not.toMatch(/ruled out/i);
    await undo();
    await page.waitForFunction(
      (was) => [...document.querySelectorAll('.worn-title')].map((row) => row.textContent).join() === was,
      {},
      before,
    );
    expect(errors).toEqual([]);
  });

  it('shows the looks to the client by one key, without what the rules say, and goes from look to look', async () => {
    await rail();
    // Mends come from a worker that the page has begun: it hears keys by then.
    await page.waitForSelector('.finding-group .mend');
    await page.keyboard.press('v');
    await page.waitForFunction(() => location.pathname.endsWith('/show'));
    await settled(page);
    const words = await page.evaluate(() => document.body.innerText);
    expect(words).toContain('1 of');
    for (const never of ['why:', 'Look again', 'Put right', 'Ready to send'])
      expect(words).not.toContain(never);
    // Turned round by key, and back by the button.
    await page.keyboard.press('b');
    await page.waitForSelector('.show-figure [aria-label$="seen from behind"]');
    await click(page, called('From the front', 'button'));
    await page.waitForFunction(() => !document.querySelector('[aria-label$="seen from behind"]'));
    const first = await page.$eval('.show h1', (head) => head.textContent);
    await page.keyboard.press('ArrowRight');
    await page.waitForFunction((was) => document.querySelector('.show h1')?.textContent !== was, {}, first);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => location.pathname.endsWith('/combine'));
    await settled(page);
    expect(errors).toEqual([]);
  });

  it('sets two saved looks side by side by one key, facet by facet; either may be another one', async () => {
    await rail();
    await page.keyboard.press('c');
    await page.waitForSelector('.side-by-side');
    const titles = (): Promise<string[]> =>
      page.$$eval('.side-table thead th', (heads) => heads.map((head) => head.textContent ?? ''));
    const [, left, right] = await titles();
    expect(left).not.toBe(right);
    const facets = await page.$$eval('.side-table tbody th', (heads) =>
      heads.map((head) => head.textContent),
    );
    expect(facets).toContain('Colour');
    expect(await axe()).toEqual([]);
    // The look of the other side is asked for on this one: they change places.
    const other = await page.$eval('select[aria-label="The look on the right"]', (select) => select.value);
    await page.select('select[aria-label="The look on the left"]', other);
    await page.waitForFunction(
      (was) => document.querySelectorAll('.side-table thead th')[1]?.textContent === was,
      {},
      right,
    );
    expect((await titles()).slice(1)).toEqual([right, left]);
    await page.setViewport({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    await page.setViewport({ width: 1280, height: 800 });
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('[role="dialog"]') === null);
    expect(errors).toEqual([]);
  });

  it('finds a piece by typing and wears the first by Enter; puts first what goes best; holds from the shelf', async () => {
    await anew();
    await rail();
    const tags = (bar: number): Promise<string[]> =>
      page.$$eval(`.rack-bar:nth-of-type(${bar}) .hanging:not([hidden])`, (all) =>
        all.map((each) => each.getAttribute('title') ?? ''),
      );
    const closet = await tags(2);
    await page.waitForSelector('.finding-group .mend');
    await page.keyboard.press('/');
    await page.waitForFunction(() => document.activeElement?.getAttribute('aria-label') === 'Find a piece');
    await page.keyboard.type('something blue');
    // Half of what is typed names nothing: waited for is what all of it names.
    await page.waitForFunction(() => {
      const hung = [...document.querySelectorAll('.rack-bar:nth-of-type(2) .hanging:not([hidden])')].map(
        (each) => each.getAttribute('title'),
      );
      return /jeans|reefer/i.test(hung.join()) && !hung.join().includes('Oilskin');
    });
    await page.keyboard.press('Escape');
    await page.keyboard.press('/');
    await page.keyboard.type('jeans');
    await page.waitForFunction(
      () => document.querySelectorAll('.rack-bar:nth-of-type(2) .hanging:not([hidden])').length === 1,
    );
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelector('.hanging-worn[title^="Dark jeans"]'));
    await page.keyboard.press('Escape');
    await page.waitForFunction(
      (n) => document.querySelectorAll('.rack-bar:nth-of-type(2) .hanging:not([hidden])').length === n,
      {},
      closet.length,
    );
    // A key of the page works again although a box was ticked last.
    await click(page, called('What goes best first', 'checkbox'));
    await page.waitForFunction(
      (was) =>
        [...document.querySelectorAll('.rack-bar:nth-of-type(2) .hanging:not([hidden])')]
          .map((each) => each.getAttribute('title'))
          .join() !== was,
      {},
      closet.join(),
    );
    await page.keyboard.press('r');
    await page.waitForSelector('.figure-ruler');
    expect(await axe()).toEqual([]);
    const held = async (): Promise<number> =>
      (
        await shop.db
          .select()
          .from(boxLine)
          .where(and(eq(boxLine.boxId, open), isNull(boxLine.removedAt)))
      ).length;
    const before = await held();
    await click(page, called('The shelf too', 'checkbox'));
    await click(page, '.rack-bar:nth-of-type(3) .hanging');
    await page.waitForFunction(() => /is held\./.test(document.body.innerText));
    expect(await held()).toBe(before + 1);
    expect(errors).toEqual([]);
  });

  it('by a finger: what it rests on goes along to the figure; one that moves scrolls; on a phone the pieces are a drawer', async () => {
    await anew();
    await rail();
    const from = '.hanging[title^="Signal scarf"]';
    const at = async (selector: string): Promise<{ x: number; y: number }> => {
      const found = await standing(page, selector);
      return { x: found.x + found.width / 2, y: found.y + Math.min(40, found.height / 2) };
    };
    const worn = (): Promise<number> => page.$$eval('.hanging-worn', (all) => all.length);
    const before = await worn();
    const figure = await at('.figure-stage');
    const piece = await at(from);
    // Moved at once it is no drag.
    const swipe = await page.touchscreen.touchStart(piece.x, piece.y);
    await swipe.move(figure.x, figure.y);
    await swipe.end();
    expect(await page.$('[data-dragging]')).toBe(null);
    expect(await worn()).toBe(before);
    // The rack has moved under the finger, and may be moving still: whoever misses rests on it again.
    const touch = await grasped(async () => {
      const there = await at(from);
      const finger = await page.touchscreen.touchStart(there.x, there.y);
      if (await seen(page, `${from}[data-dragging]`)) return finger;
      await finger.move(there.x, there.y + 60);
      await finger.end();
      return undefined;
    });
    await touch.move(figure.x - 20, figure.y + 60);
    await touch.move(figure.x, figure.y + 120);
    await page.waitForSelector('.figure-stage[data-over]');
    await touch.end();
    await page.waitForFunction((n) => document.querySelectorAll('.hanging-worn').length !== n, {}, before);
    await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
    await rail();
    expect(await page.$eval('.rack-filter', (bar) => bar.getBoundingClientRect().height)).toBe(0);
    await page.tap('.rack-handle');
    await page.waitForFunction(
      () => (document.querySelector('.rack-filter')?.getBoundingClientRect().height ?? 0) > 0,
    );
    const shown = await worn();
    await page.tap(from);
    await page.waitForFunction((n) => document.querySelectorAll('.hanging-worn').length !== n, {}, shown);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(390);
    expect(await axe()).toEqual([]);
    await page.setViewport({ width: 1280, height: 800 });
    await page.waitForFunction(
      () => !/Changed|Saving/.test(document.querySelector('.look-saved')?.textContent ?? ''),
    );
  });

  it('saves itself once it was saved, and catches up after a minute without a connection', async () => {
    await anew();
    await rail();
    const state = (words: string) =>
      page.waitForFunction(
        (wanted) => document.querySelector('.look-saved')?.textContent?.includes(wanted),
        { timeout: 30_000 },
        words,
      );
    const id = sure(looks[0]).id;
    const saved = async () => sure((await looksNow()).find((each) => each.id === id));
    await state('Saved');
    await click(page, called('Take off Pontoon loafer, oxblood'));
    await state('Saved');
    expect((await saved()).pieces.length).toBe(sure(looks[0]).pieces.length - 1);
    await page.setOfflineMode(true);
    await undo();
    await page.type('.look-note textarea', 'the loafer stays ');
    await state('No connection');
    expect((await saved()).pieces.length).toBe(sure(looks[0]).pieces.length - 1);
    await page.setOfflineMode(false);
    await state('Saved');
    expect((await saved()).pieces).toEqual(sure(looks[0]).pieces);
    expect((await saved()).note).toBe('the loafer stays');
    // Every try without a connection is told in the console.
    expect(errors.splice(0).filter((each) => !each.includes('ERR_INTERNET_DISCONNECTED'))).toEqual([]);
    // The space at its end is the hand that goes on: nothing is sent again and again for it.
    const { version } = await saved();
    await page.type('.look-note textarea', 'on');
    await state('Changed');
    await state('Saved');
    expect(await saved()).toMatchObject({ note: 'the loafer stays on', version: version + 1 });
  });

  it('shows what a colleague saved, merges what both changed, and copies a look as a new one', async () => {
    await anew();
    await rail();
    const other = await openPage(shop.browser);
    await signInAs(other.page, shop.origin, 'owner@heronroom.invalid', 'heron-owner-demo');
    await other.page.goto(`${shop.origin}/box/${open}/combine`);
    await settled(other.page);
    const name = called('Name of the look', 'textbox');
    const writeOn = async (at: Page, words: string): Promise<void> => {
      await at.focus(name);
      await at.keyboard.press('End');
      await at.keyboard.type(words);
    };
    await other.page.bringToFront();
    await writeOn(other.page, ' of the guild');
    await other.page.waitForFunction(() =>
      /^Saved/.test(document.querySelector('.look-saved')?.textContent ?? ''),
    );
    await page.bringToFront();
    await page.waitForFunction(() => /saved by a colleague/.test(document.body.innerText), {
      timeout: 30_000,
    });
    expect(await page.$eval(name, (field) => (field as HTMLInputElement).value)).toBe(
      'The ceremony of the guild',
    );
    // Both go on at once: what does not touch is merged, and neither loses a word.
    await page.setOfflineMode(true);
    await page.type('.look-note textarea', 'Mine.');
    await other.page.bringToFront();
    await writeOn(other.page, ', at noon');
    await other.page.waitForFunction(() =>
      /^Saved/.test(document.querySelector('.look-saved')?.textContent ?? ''),
    );
    await page.bringToFront();
    await page.setOfflineMode(false);
    await page.waitForFunction(() => /^Saved/.test(document.querySelector('.look-saved')?.textContent ?? ''));
    const both = sure((await looksNow()).find(({ id }) => id === sure(looks[0]).id));
    expect([both.title, both.note]).toEqual(['The ceremony of the guild, at noon', 'Mine.']);
    expect(errors.splice(0).filter((each) => !each.includes('ERR_INTERNET_DISCONNECTED'))).toEqual([]);
    await other.page.close();
    await page.keyboard.press('Escape');
    await page.evaluate(() => (document.activeElement as HTMLElement).blur());
    await page.keyboard.press('d');
    await page.waitForFunction(() =>
      /Not saved yet/.test(document.querySelector('.look-saved')?.textContent ?? ''),
    );
    await click(page, called('Save look', 'button'));
    await page.waitForFunction(() => /^Saved/.test(document.querySelector('.look-saved')?.textContent ?? ''));
    const all = await looksNow();
    expect(all.map(({ title }) => title).sort()).toEqual(
      [...looks.slice(1).map(({ title }) => title), both.title, `${both.title}, again`].sort(),
    );
    expect(all.find(({ title }) => title.endsWith('again'))?.pieces).toEqual(both.pieces);
  });

  it('shows the keys under ?', async () => {
    await page.keyboard.type('?');
    await page.waitForSelector(called('Keys', 'dialog'));
    expect(errors).toEqual([]);
  });
});
