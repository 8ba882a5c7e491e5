import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { axeOn } from './axe';
import { settled } from './chromium';
import { byKeyboard, byMouse, choose, click } from './person';

const shop = openShopPage('owner');

describe('the shop', () => {
  it('invites somebody by keyboard; they join by the link on another device, and are among the people', async () => {
    const person = byKeyboard(shop.page, shop.origin);
    await person.go('/shop');
    await person.fill('textbox', 'Name', 'Odile Marsh');
    await person.fill('textbox', 'E-mail', 'odile@heronroom.invalid');
    await person.press('button', 'Make the link');
    await person.see('Send this link to Odile Marsh.');
    const link = await shop.page.$eval('.shop-link code', (element) => element.textContent ?? '');
    const apart = await shop.browser.createBrowserContext();
    const page = await apart.newPage();
    await page.setBypassCSP(true);
    await page.setViewport({ width: 390, height: 844 });
    await page.goto(link);
    await settled(page);
    expect(await axeOn(page)).toEqual([]);
    await page.type('#password', 'heather slate kettle nine');
    await Promise.all([page.waitForNavigation(), click(page, '.door button[type=submit]')]);
    expect(new URL(page.url()).pathname).toBe('/');
    await person.go('/shop');
    await person.see('Odile Marsh');
    await person.see('Signed in on');
    expect(await axeOn(shop.page)).toEqual([]);
  });
  it('changes its terms, keeps them over a reload, and says at the field what cannot be', async () => {
    const person = byMouse(shop.page, shop.origin);
    await person.go('/shop');
    await person.press('button', 'Terms and days');
    await person.fill('combobox', 'Time zone', 'Europe/Nowhere');
    await person.press('button', 'Save the terms');
    await person.see('not a time zone, as Europe/Dublin');
    await person.fill('combobox', 'Time zone', 'Europe/Dublin');
    await person.fill('textbox', 'Town', 'Nether Harrow');
    await person.press('button', 'Save the terms');
    await person.see('The shop’s terms are saved.');
    await person.go('/shop');
    await person.press('button', 'Terms and days');
    expect(
      await shop.page.$eval('input[list="shop-zones"]', (element) => (element as HTMLInputElement).value),
    ).toBe('Europe/Dublin');
    expect(await axeOn(shop.page)).toEqual([]);
  });
  it('has places and promotions', async () => {
    const person = byMouse(shop.page, shop.origin);
    await person.go('/shop');
    await person.press('button', 'Places');
    await person.fill('textbox', 'Name of the place', 'Quay stall');
    await person.press('button', 'Add the place');
    await person.see('Quay stall is there now.');
    await person.fill('textbox', 'Name of the place', 'quay stall');
    await person.press('button', 'Add the place');
    await person.see('there is a place of this name already');
    await person.press('button', 'Promotions');
    await person.fill('textbox', 'Code', 'FROST');
    await person.fill('textbox', 'How much', '12.5');
    await person.press('button', 'Add the promotion');
    await person.see('12.5 % off');
    await person.press('button', 'Delete FROST');
    await person.see('FROST is deleted.');
    expect(shop.errors).toEqual([]);
  });
  it('opens a letter of the outbox by keyboard, and marks it as sent', async () => {
    const person = byKeyboard(shop.page, shop.origin);
    await person.go('/shop');
    await person.press('button', 'Outbox');
    await person.see('To Odile Marsh');
    await person.press('button', 'People');
    await person.fill('textbox', 'Name', 'Silas Fenn');
    await person.fill('textbox', 'E-mail', 'silas@heronroom.invalid');
    await person.press('button', 'Make the link');
    await person.see('Send this link to Silas Fenn.');
    await person.go('/shop');
    await person.press('button', 'Outbox');
    await person.press('button', 'Open the letter');
    await person.see('/join/');
    expect(await axeOn(shop.page)).toEqual([]);
    await person.press('button', 'Mark as sent');
    await person.see('Noted: sent to Silas Fenn.');
  });
  it('asks for a backup, and takes the whole shop out with the password again', async () => {
    const person = byMouse(shop.page, shop.origin);
    await person.go('/shop');
    await person.press('button', 'Backups and archive');
    await person.press('button', 'Back up now');
    await person.see('A backup is being made');
    await person.fill('textbox', 'Your password', 'not this one at all');
    await person.press('button', 'Take the shop out');
    await person.see('not your password');
    await person.fill('textbox', 'Your password', 'heron-owner-demo');
    const answer = shop.page.waitForResponse((each) => each.url().endsWith('/shop/archive') && each.ok());
    await person.press('button', 'Take the shop out');
    expect((await answer).headers()['content-type']).toBe('application/zip');
    await person.see('The file is on your machine.');
    expect(await axeOn(shop.page)).toEqual([]);
  });
});

describe('boxes of people', () => {
  it('are handed over from the brief, and picked out on the Desk', async () => {
    const person = byKeyboard(shop.page, shop.origin);
    await person.go('/');
    const href = await shop.page.$eval('a[href$="/combine"]', (link) => link.getAttribute('href') ?? '');
    await person.go(href.replace(/combine$/, 'brief'));
    await person.see('Juna Pike has this box');
    await person.press('button', 'Hand it over…');
    await person.fill('textbox', 'What they should know', 'She rings on Thursdays.');
    await person.press('button', 'Hand over to Odile Marsh');
    await person.see('Odile Marsh has this box');
    await person.see('She rings on Thursdays.');
    expect(await axeOn(shop.page)).toEqual([]);
    await person.go('/');
    const all = await shop.page.$$eval('.desk li', (rows) => rows.length);
    await shop.page.select('select[aria-label="Whose boxes"]', 'Odile Marsh');
    await shop.page.waitForFunction(() => document.querySelectorAll('.desk li').length === 1);
    expect(all).toBeGreaterThan(1);
  });
  it('go to somebody before their account ends', async () => {
    const person = byMouse(shop.page, shop.origin);
    await person.go('/shop');
    const row = '.shop-people > li ::-p-text(Odile Marsh)';
    await shop.page.waitForSelector(row);
    await shop.page.evaluate(() => {
      const own = [...document.querySelectorAll('.shop-people > li')].find((each) =>
        each.textContent?.includes('Odile Marsh'),
      );
      [...(own?.querySelectorAll('button') ?? [])]
        .find((button) => button.textContent?.includes('End the account'))
        ?.click();
    });
    await person.see('1 box: to whom?');
    await person.press('button', 'End Odile Marsh’s account');
    await person.see('Account ended');
  });
  it('come by a rhythm: set, skipped, paused and ended on the client’s page, with what was agreed beside it', async () => {
    const person = byKeyboard(shop.page, shop.origin);
    await person.go('/clients');
    const href = await shop.page.$eval('.client-rows a', (link) => link.getAttribute('href') ?? '');
    await person.go(href);
    await person.press('button', 'Send boxes regularly');
    await person.press('button', 'Save the rhythm');
    await person.see('Every 6 weeks; the next one is with them by');
    await person.press('button', 'Skip the next');
    await person.see('is left out.');
    await person.press('button', 'Pause');
    await person.see('Every 6 weeks, paused.');
    await person.press('button', 'Go on');
    await person.press('button', 'End');
    await person.see('No more regular boxes.');
    await person.press('button', 'They agreed');
    await person.see('Agreed in person');
    expect(await axeOn(shop.page)).toEqual([]);
  });
  it('need clients, who come out of a file', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'clients-')), 'clients.csv');
    writeFileSync(file, 'First Name,Surname,HEIGHT\nIsolde,Quay,5 ft 6\nTall,One,tall\n');
    const person = byMouse(shop.page, shop.origin);
    await person.go('/clients');
    await person.press('button', 'Import clients');
    await choose(person, shop.page, 'CSV file', file);
    await person.see('tall: not a length, as 168 cm or 5 ft 6');
    await person.press('button', 'Import the good row');
    await shop.page.waitForFunction(() => document.body.innerText.includes('Isolde Quay'));
    expect(shop.errors).toEqual([]);
  });
});
