import { disagreements } from '@data/check';
import { box } from '@data/schema';
import type { Browser, ElementHandle, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { freshDatabase, type TestDatabase } from '../support/database';
import { startServer, type TestServer } from '../support/server';
import { axeOn } from './axe';
import { launch, openPage, settled } from './chromium';
import { called } from './by-name';
import { byMouse, type Person } from './person';

let base: TestDatabase;
let server: TestServer;
let browser: Browser;
let page: Page;
let errors: string[];
let person: Person;

beforeAll(async () => {
  base = await freshDatabase('empty');
  server = await startServer(base.url, undefined, { FIRST_VISIT_CODE: 'abcd-efgh-jkmn' });
  browser = await launch();
  ({ page, errors } = await openPage(browser));
  await page.setBypassCSP(true);
  person = byMouse(page, server.origin);
});
afterAll(async () => {
  await browser.close();
  await server.stop();
  await base.close();
});

const shot = async (name: string): Promise<void> => {
  if (process.env.SHOT) await page.screenshot({ path: `${process.env.SHOT}/day-${name}.png` as const });
};

describe('the first day of a shop that has nothing', () => {
  it('every place says what comes next, before there is anything', async () => {
    await page.goto(server.origin);
    await settled(page);
    expect(new URL(page.url()).pathname).toBe('/first-visit');
    for (const [field, text] of [
      ['Code (it stands in the window where the shop was started)', 'abcd-efgh-jkmn'],
      ['Name of the shop', 'The Loft'],
      ['Town', 'Harrow Quay'],
      ['Currency (three letters)', 'eur'],
      ['Your name', 'Una Hale'],
      ['Your e-mail', 'una@loft.invalid'],
      ['Password (12 characters or more)', 'heather slate kettle nine'],
    ] as const)
      await person.fill('textbox', field, text);
    await shot('1');
    await person.press('button', 'Open the shop');
    await person.arrive(/^\/$/);
    await shot('2');
    for (const place of [
      '/',
      '/clients',
      '/stockroom',
      '/ledger',
      '/practice',
      '/house-rules',
      '/shop',
      '/plan',
      '/account',
    ]) {
      await person.go(place);
      expect(await axeOn(page), place).toEqual([]);
      await shot(`empty${place.replaceAll('/', '-')}`);
    }
    expect(errors).toEqual([]);
  });

  it('from a file of the till to a packed box, each first step ticking itself', async () => {
    await person.go('/');
    await person.see('Your first box');
    await person.press('link', 'Look over your terms');
    await person.arrive(/^\/shop$/);
    await person.see('Time zone');
    await shot('terms');
    await person.press('button', 'Save the terms');
    await person.see('The shop’s terms are saved.');
    await person.go('/');
    expect(await doneSteps()).toEqual(['Look over your terms']);
    await shot('steps');

    await person.press('link', 'Bring in your stock');
    await person.arrive(/^\/stockroom$/);
    await person.press('button', 'Import');
    const input = (await page.waitForSelector('input[type=file]')) as ElementHandle<HTMLInputElement>;
    await input.uploadFile('tests/fixtures/tills/kasse.csv');
    await person.see('Bring in 10 sizes');
    await shot('till');
    await person.press('button', 'Bring in 10 sizes');
    await person.see('10 sizes came in');
    await person.press('button', 'Done');
    await shot('stock');

    await person.go('/clients');
    await person.press('button', 'Add a client');
    await shot('client0');
    await person.fill('textbox', 'Name', 'Ada Penrose');
    await person.press('button', 'Add');
    await person.arrive(/^\/clients\/.+/);
    await shot('client');
    await person.press('button', 'Start a box');
    await person.arrive(/\/brief$/);
    await person.fill('textbox', 'Ask 1', 'a green wrap dress');
    await person.see('dress');
    await shot('brief');
    await person.press('button', 'Save and pull');
    await person.arrive(/\/pull$/);
    await shot('pull');
    await person.press('button', 'Hold 40');
    await page.waitForSelector(called('Release Wickelkleid'));
    await person.press('button', 'Everything');
    await person.fill('textbox', 'Find by name', 'Handtasche');
    await page.waitForFunction(
      () =>
        [...document.querySelectorAll('.piece-title')].map(({ textContent }) => textContent).join() ===
        'Handtasche',
    );
    await person.press('button', 'Hold one size');
    await page.waitForSelector(called('Release Handtasche'));
    await person.press('link', 'Style');
    await person.arrive(/\/combine$/);
    for (const name of ['Wickelkleid', 'Handtasche']) {
      await page.focus(`.hanging[title^="${name}"]`);
      await page.keyboard.press('Enter');
      await page.waitForSelector(`.hanging[title^="${name}"][aria-pressed="true"]`);
    }
    await shot('style');
    await person.press('button', 'Save look');
    await person.see('The look is saved');
    await person.press('link', 'Write the letter');
    await person.arrive(/\/letter$/);
    await shot('letter');
    await person.press('button', 'Save the letter');
    await person.see('The letter is written.');
    await person.press('link', 'Pack');
    await person.arrive(/\/out$/);
    for (const name of ['Wickelkleid', 'Handtasche']) await person.press('checkbox', `${name} is in`);
    await person.press('button', 'Mark as packed');
    await person.see('Send it out');
    await shot('out');
    const [row] = await base.db.select().from(box);
    expect(row?.state).toBe('packed');
    expect(await disagreements(base.db)).toEqual([]);
    // What has begun needs no first steps.
    await person.go('/');
    expect(await page.$('.first-steps')).toBeNull();
    await shot('desk');
    expect(errors).toEqual([]);
  });
});

/** First steps that are ticked, by their names. */
const doneSteps = () => page.$$eval('.first-steps li.done a', (all) => all.map((link) => link.textContent));
