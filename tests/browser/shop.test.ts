import { describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { axeOn } from './axe';
import { settled } from './chromium';
import { byKeyboard, byMouse, click } from './person';

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
});
