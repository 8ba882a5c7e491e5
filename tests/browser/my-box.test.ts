import { box, boxLine } from '@data/schema';
import { and, asc, eq, isNotNull } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { sure } from '../support/sure';
import { axeOn } from './axe';
import { settled } from './chromium';
import { byKeyboard } from './person';

const shop = openShopPage();
let boxId: string;
let path: string;

beforeAll(async () => {
  const [row] = await shop.db
    .select()
    .from(box)
    .where(and(eq(box.state, 'out'), isNotNull(box.letter)))
    .limit(1);
  boxId = sure(row).id;
  ({ path } = (await shop.stylist.call('make-box-link', { boxId })).answer);
  // Nobody of the shop is signed in on her phone.
  await shop.page.deleteCookie(...(await shop.page.cookies()));
  await shop.page.setViewport({ width: 390, height: 844 });
  await shop.person.go(path);
});

const decisions = async (): Promise<string[]> =>
  (await shop.db.select().from(boxLine).where(eq(boxLine.boxId, boxId)).orderBy(asc(boxLine.position))).map(
    ({ decision }) => decision,
  );

describe('a client’s page on her phone', () => {
  it('is read, answered piece by piece and finished, and says so after a reload', async () => {
    const { page, person, errors } = shop;
    const wide = (): Promise<number> =>
      page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    await person.see('Try everything on at home');
    expect(await wide()).toBeLessThanOrEqual(0);
    expect(await axeOn(page)).toEqual([]);
    if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/mybox1.png`, fullPage: true });
    const names = await page.$$eval('.my-choice', (all) =>
      all.map((each) => (each.getAttribute('aria-label') ?? '').replace(': keep or send back', '')),
    );
    await person.press('button', `Send back ${sure(names[0])}`);
    await page.waitForSelector('.my-piece[data-decision="return"]');
    await page.select('.my-piece[data-decision="return"] select', 'too small');
    await person.see('Where');
    await person.press('button', 'I keep the rest');
    await person.see('Keep everything and it comes to');
    await page.waitForFunction(
      () => document.querySelectorAll('.my-piece[data-decision="undecided"]').length === 0,
    );
    expect((await decisions())[0]).toBe('return');
    await page.reload();
    await settled(page);
    await byKeyboard(page, shop.origin).press('button', 'That is my answer');
    await person.see('We have your answer');
    if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/mybox2.png`, fullPage: true });
    expect(await wide()).toBeLessThanOrEqual(0);
    expect(await axeOn(page)).toEqual([]);
    expect(errors).toEqual([]);
  });

  it('tells her when the shop noted something else meanwhile, and then shows it', async () => {
    const { page, person } = shop;
    const [first] = await shop.db
      .select()
      .from(boxLine)
      .where(eq(boxLine.boxId, boxId))
      .orderBy(asc(boxLine.position));
    await shop.stylist.call('decide-line', { boxId, lineId: sure(first).id, decision: 'keep' });
    await page.select('.my-piece[data-decision="return"] select', 'colour');
    await person.see('The shop noted something else of this piece meanwhile');
    await person.see('The shop noted this for you.');
  });

  it('lets her ask for another size, says what comes and what goes back, and lets her think better of it', async () => {
    const { page, person, errors } = shop;
    const select = '.my-rather select';
    const title = await page.$eval('.my-piece:has(.my-rather) h2', (head) => head.textContent ?? '');
    const value = await page.$eval(select, (field) => (field as HTMLSelectElement).options[1]?.value ?? '');
    await page.select(select, value);
    await person.press('button', 'Please send me this one');
    await person.see('It goes out to you soon.');
    await person.see('Please send this one back.');
    expect(await axeOn(page)).toEqual([]);
    expect(await decisions()).toContain('exchange');
    await person.press(
      'button',
      `I do not want to exchange it after all: ${title.split(', ').slice(0, -1).join(', ')}`,
    );
    await page.waitForFunction(() => !document.body.textContent?.includes('It goes out to you soon.'));
    expect(await decisions()).not.toContain('exchange');
    expect(errors.filter((each) => !each.includes('409'))).toEqual([]);
  });
});
