import { box as boxTable, boxLine } from '@data/schema';
import { and, eq, isNull } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { newBoxes, shelfOf } from '../support/shelf';
import { sure } from '../support/sure';
import { axeOn } from './axe';
import { settled } from './chromium';
import { click } from './person';

const open = openShopPage();
const boxNumbered = async (number: number): Promise<string> =>
  sure((await open.db.select().from(boxTable).where(eq(boxTable.number, number)))[0]).id;
const linesOf = (boxId: string) =>
  open.db
    .select()
    .from(boxLine)
    .where(and(eq(boxLine.boxId, boxId), isNull(boxLine.removedAt)));
const planned = (): Promise<string[]> =>
  open.page.$$eval('li[data-piece]', (rows) => rows.map((row) => (row as HTMLElement).dataset.piece ?? ''));
/** The plan is here and nothing is under way: what a refusal costs is said last. */
const ready = (): Promise<unknown> =>
  open.page.waitForFunction(
    () =>
      document.querySelectorAll('li[data-piece]').length > 0 &&
      document.querySelector('.plan-status')?.textContent === '' &&
      document.querySelector('.plan-curve canvas') !== null,
    { timeout: 60_000 },
  );

describe('a planned box', () => {
  it('is planned, locked, refused and slid, and held with one piece sold out meanwhile', async () => {
    const { page, person } = open;
    const boxId = await boxNumbered(105);
    await person.go(`/box/${boxId}/plan`);
    await ready();
    const first = await planned();
    expect(first.length).toBeGreaterThan(1);
    expect(await page.$$eval('.plan-figure svg', (drawn) => drawn.length)).toBe(1);
    expect(await axeOn(page)).toEqual([]);
    const [keep = '', refuse = ''] = first;
    // By keyboard: lock the first, refuse the second.
    await page.focus(`li[data-piece="${keep}"] input`);
    await page.keyboard.press('l');
    await page.waitForSelector(`li[data-piece="${keep}"] .plan-key[aria-pressed="true"]`);
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('x');
    // In haste: what was refused a moment ago is still on the screen, and is not held.
    await page.keyboard.press('h');
    await page.waitForFunction((id) => document.querySelector(`li[data-piece="${id}"]`) === null, {}, refuse);
    await ready();
    expect(await planned()).toContain(keep);
    expect(await planned()).not.toContain(refuse);
    expect(await linesOf(boxId)).toEqual([]);
    // More to spend: the sum follows, and the way back is offered.
    await page.focus('[role="slider"]');
    const sum = await page.$eval('.plan-sum', (shown) => shown.textContent);
    await page.keyboard.press('ArrowRight');
    await page.waitForFunction(
      (before) => document.querySelector('.plan-sum')?.textContent !== before,
      {},
      sum,
    );
    await click(page, '::-p-text(back to)');
    await ready();
    const wanted = await planned();
    const gone = sure(wanted.find((id) => id !== keep));
    // Somebody else takes all there is of one of them.
    const others = await newBoxes(open.db, open.stylist, await shelfOf(open.db, gone));
    for (const other of others) await open.stylist.call('hold-line', { boxId: other, variantId: gone });
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('h');
    await person.see('Gone meanwhile');
    const held = (await linesOf(boxId)).map(({ variantId }) => variantId);
    expect(held).not.toContain(gone);
    expect([...held].sort()).toEqual(wanted.filter((id) => id !== gone).sort());
    // It goes on without, and what is held already is in the box.
    await page.waitForFunction(() => document.querySelector('.plan-status')?.textContent === '');
    expect(await planned()).not.toContain(gone);
    expect(open.errors).toEqual([]);
  });

  it('is proved on demand: how near it is to the best there could be', async () => {
    await open.person.go(`/box/${await boxNumbered(108)}/plan`);
    await ready();
    await open.person.press('button', 'How good is it?');
    await open.page.waitForFunction(
      () => /As good as it gets|Within [\d.]+ %|takes too long/.test(document.body.innerText),
      { timeout: 90_000 },
    );
    expect(open.errors).toEqual([]);
  });
});

describe('several boxes at once', () => {
  it('are ticked on the Desk, planned over one stock, and held', async () => {
    const { page, person } = open;
    await person.go('/');
    await page.waitForSelector('.desk-tick input:not([disabled])');
    for (const tick of await page.$$('.desk-tick input:not([disabled])')) await tick.click();
    await Promise.all([page.waitForNavigation(), click(page, '.place-head a[href^="/plan"]')]);
    // How far it is stands there while it works.
    await page.waitForSelector('[role="progressbar"][aria-label="Boxes whose looks were tried"]');
    await settled(page);
    await page.waitForFunction(() => /boxes over one stock|planning stopped/.test(document.body.innerText), {
      timeout: 90_000,
    });
    expect(await page.$eval('.place-head [role="status"]', (status) => status.textContent)).toMatch(
      /^\d+ boxes over one stock/,
    );
    expect(await axeOn(page)).toEqual([]);
    const cards = await page.$$eval('.together > li', (all) => all.length);
    expect(cards).toBeGreaterThanOrEqual(3);
    expect(await page.$$eval('.together-figure svg', (drawn) => drawn.length)).toBe(cards);
    expect(open.errors).toEqual([]);
  });
});

describe('a journey', () => {
  it('is packed out of closet and box, laid into the letter, rewritten there, and left out again', async () => {
    const { page, person } = open;
    const boxId = await boxNumbered(104);
    await person.go(`/box/${boxId}/journey`);
    await person.press('button', 'Pack');
    await page.waitForSelector('.journey-days svg', { timeout: 60_000 });
    expect(await axeOn(page)).toEqual([]);
    await person.press('button', 'Put it into the letter');
    await person.arrive(/\/letter$/);
    await page.waitForSelector('.letter-journey li svg');
    await person.fill('textbox', 'Day 1', 'Day 1: travel in the blazer.');
    await person.press('button', 'Save the letter');
    await person.see('The letter is written.');
    await page.reload();
    await settled(page);
    expect(await page.$eval('[aria-label="Day 1"]', (area) => (area as HTMLTextAreaElement).value)).toBe(
      'Day 1: travel in the blazer.',
    );
    await person.press('button', 'leave it out');
    await person.press('button', 'Save the letter');
    await person.see('The letter is written.');
    expect(await page.$('.letter-journey')).toBeNull();
    expect(open.errors).toEqual([]);
  });
});

describe('the mix sheet', () => {
  it('goes from pair to pair by keyboard, shows what two make, and the sheet without a piece', async () => {
    const { page, person } = open;
    await person.go(`/box/${await boxNumbered(104)}/mix`);
    await page.waitForFunction(() => /\d+ good looks for/.test(document.body.innerText), { timeout: 60_000 });
    expect(await axeOn(page)).toEqual([]);
    const rows = await page.$$eval('.mix-table tbody tr', (all) => all.length);
    await page.focus('.mix-cell[tabindex="0"]');
    const at = () => page.evaluate(() => (document.activeElement as HTMLElement | null)?.dataset.at);
    const before = await at();
    await page.keyboard.press('ArrowDown');
    expect(await at()).not.toBe(before);
    await page.keyboard.press('Enter');
    await page.waitForSelector('.mix-looks figure svg');
    await page.keyboard.press('o');
    await person.see('fewer without');
    await page.keyboard.press('o');
    await page.waitForFunction(() => /\d+ good looks for/.test(document.body.innerText));
    await click(page, '::-p-text(Closet too)');
    await page.waitForFunction(
      (were) => document.querySelectorAll('.mix-table tbody tr').length > were,
      {},
      rows,
    );
    await click(page, '.mix-cell[data-many="none"]');
    await page.waitForFunction(() => document.querySelectorAll('.mix-looks figure').length === 0);
    // Three ways with a piece of hers, as the client is to read it; on paper nothing else.
    await click(page, '[aria-label="3 ways with grey wool trousers"]');
    await person.see('Three ways with your grey wool trousers');
    const said = await page.$$eval('.mix-looks figcaption', (all) =>
      all.map(({ textContent }) => textContent ?? ''),
    );
    expect(said).toHaveLength(3);
    expect(new Set(said).size).toBe(3);
    for (const words of said) expect(words).toContain('your grey wool trousers');
    expect(await axeOn(page)).toEqual([]);
    await page.emulateMediaType('print');
    expect(await page.$eval('.mix > section', (part) => getComputedStyle(part).display)).toBe('none');
    expect(
      await page.$$eval('.mix-looks figure', (all) => all.every((each) => each.clientHeight > 100)),
    ).toBe(true);
    await page.emulateMediaType('screen');
    expect(open.errors).toEqual([]);
  });
});
