import { disagreements } from '@data/check';
import { box, creditNote } from '@data/schema';
import { eq } from 'drizzle-orm';
import { beforeAll, describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { sure } from '../support/sure';
import { axeOn } from './axe';
import { settled } from './chromium';
import { byKeyboard } from './person';

const shop = openShopPage();
let boxId: string;
beforeAll(async () => {
  const [row] = await shop.db.select().from(box).where(eq(box.state, 'out')).limit(1);
  boxId = sure(row).id;
});

describe('at the tally', () => {
  it('a piece is exchanged by keyboard, sent in its own parcel, and all of it closed; then one comes back', async () => {
    const { page, person, errors } = shop;
    const keys = byKeyboard(page, shop.origin);
    await person.go(`/box/${boxId}/tally`);
    const title = await page.$eval('.tally-line .piece-title', (each) => each.textContent ?? '');
    await keys.press('button', `Exchange ${title}`);
    await page.waitForSelector('[role=dialog] input[type=radio]:not([disabled])');
    expect(await axeOn(page)).toEqual([]);
    await page.focus('[role=dialog] input[type=radio]:not([disabled])');
    await page.keyboard.press('Space');
    await page.select(`[role=dialog] select[aria-label="Why ${title} came back"]`, 'too small');
    await page.keyboard.press('Enter');
    await person.see('held, not sent yet');
    await page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    expect(await disagreements(shop.db)).toEqual([]);
    // A reload in the middle loses nothing.
    await page.reload();
    await person.see('1 to send in exchange.');
    await person.press('link', 'Send what is exchanged');
    await person.see('To send in exchange');
    await person.press('checkbox', `${title} is in`);
    await person.press('button', 'Send the exchange');
    await person.see('The exchange is on its way.');
    await person.see('Parcel 2');
    expect(await axeOn(page)).toEqual([]);
    await person.press('link', 'Tally');
    // One is not where the others are; it turns up before anything is charged.
    await person.press('button', 'Lost in the post…');
    await page.waitForSelector('[role=dialog] input[type=checkbox]');
    expect(await axeOn(page)).toEqual([]);
    const boxes = await page.$$('[role=dialog] input[type=checkbox]');
    for (const other of boxes.slice(1)) await other.click();
    await person.press('button', 'Give up 1 piece');
    await person.see('Lost on its way to her');
    await page.reload();
    await settled(page);
    const lost = await page.$eval(
      '.tally-line button[aria-label^="It turned up"]',
      (each) => each.ariaLabel ?? '',
    );
    await person.press('button', lost);
    await person.see('is found again.');
    expect(await disagreements(shop.db)).toEqual([]);
    await person.press('button', 'Keep the rest');
    await person.press('button', 'Check in');
    await page.waitForSelector('.tally-line .tone-works');
    await keys.press('button', 'Close the box…');
    await person.see('exchanged');
    // Enter asks the terminal, takes the card and closes: each step stands in hand when it comes.
    for (const said of ['Waiting for the card', 'is not closed yet']) {
      await page.keyboard.press('Enter');
      await person.see(said);
    }
    await page.keyboard.press('Enter');
    await person.see('The box is closed.');
    await person.press('button', `Take back ${title}`);
    const field = '[role=dialog] input[inputmode=decimal]';
    await page.waitForSelector(field);
    await page.locator(field).fill('999999');
    await page.waitForSelector('[role=dialog] [type=submit][disabled]');
    await page.locator(field).fill('5,50');
    expect(await axeOn(page)).toEqual([]);
    await page.keyboard.press('Enter');
    await person.see('is given back for');
    await person.see('Credit note 1 as PDF');
    const [note] = await shop.db.select().from(creditNote).where(eq(creditNote.boxId, boxId));
    expect(sure(note)).toMatchObject({ withheldMinor: 550, backTo: 'shelf', no: 1 });
    expect(await disagreements(shop.db)).toEqual([]);
    expect(errors).toEqual([]);
  });
});
