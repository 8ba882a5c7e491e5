import { mkdirSync } from 'node:fs';
import type { ElementHandle, Page } from 'puppeteer-core';
import { DEMO_USERS } from '@server/demo/users';
import sharp from 'sharp';
import { launch, openPage, settled, signInAs } from './chromium';
import { called } from './by-name';
import { click } from './person';

/** Waits until the looks of every candidate are counted. */
const counted = (page: Page): Promise<unknown> =>
  page.waitForFunction(() => {
    const counts = [...document.querySelectorAll('.pull-opens')];
    return counts.length > 0 && counts.every((each) => each.textContent !== '…');
  });

/** Takes one current PNG of each main view, 1280 × 800, from the demo data of a running server. */
async function main(origin: string, folder: string, only: string | undefined): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const browser = await launch();
  try {
    const { page, errors } = await openPage(browser);
    const { email, password } = DEMO_USERS[1];
    await page.goto(`${origin}/sign-in`);
    const take = async (name: string): Promise<void> => {
      if (only && !name.includes(only)) return;
      await settled(page);
      await page.evaluate(() => document.fonts.ready);
      await new Promise((done) => setTimeout(done, 900));
      await page.screenshot({ path: `${folder}/${name}.png` as const });
    };
    await signInAs(page, origin, email, password);
    const see = async (name: string, path: string): Promise<void> => {
      if (only && !name.includes(only)) return;
      await page.goto(`${origin}${path}`);
      await take(name);
    };
    await see('desk', '/');
    const boxOf = async (step: string, number: number): Promise<string> => {
      await page.goto(`${origin}/`);
      const href = await page.$$eval(
        '.desk a',
        (links, wanted) =>
          links.find((link) => link.textContent?.includes(`Box ${wanted}`))?.getAttribute('href') ?? '',
        number,
      );
      return href.replace(/[^/]+$/, step);
    };
    await page.goto(`${origin}/clients`);
    const client = await page.$eval('.client-rows a:last-child', (link) => link.getAttribute('href') ?? '');
    const people = await page.$$eval('.client-rows a', (links) =>
      links.map((link) => link.getAttribute('href') ?? ''),
    );
    // Somebody whose boxes taught something.
    await see('client', people[5] ?? client);
    await see('stockroom', '/stockroom');
    // The Ledger's parts one below the other: what is kept, the buyer's, the rules on trial.
    if (!only || 'ledger'.includes(only)) {
      await page.goto(`${origin}/ledger`);
      const parts: Buffer[] = [];
      for (const [tab, words] of [
        ['What is kept', 'Kept, by'],
        ['For the buyer', 'Fits nobody on the books'],
        ['Rules on trial', 'proposed: 6.5 levels'],
      ] as const) {
        await click(page, called(tab, 'tab'));
        await page.waitForFunction((wanted) => document.body.innerText.includes(wanted), {}, words);
        await settled(page);
        await new Promise((done) => setTimeout(done, 900));
        parts.push(Buffer.from(await page.screenshot()));
      }
      const [width, height] = [1280, 800];
      await sharp({ create: { width, height: height * parts.length, channels: 3, background: '#fff' } })
        .composite(parts.map((input, i) => ({ input, left: 0, top: height * i })))
        .png()
        .toFile(`${folder}/ledger.png`);
    }
    await see('house-rules', '/house-rules');
    await see('brief', await boxOf('brief', 104));
    if (!only || 'pull'.includes(only)) {
      await page.goto(`${origin}${await boxOf('pull', 104)}`);
      await settled(page);
      await counted(page);
      await take('pull');
    }
    if (!only || 'stock-file'.includes(only)) {
      await page.goto(`${origin}/stockroom`);
      await settled(page);
      await page.locator(called('Import', 'button')).click();
      const input = await page.waitForSelector('input[type="file"]');
      await (input as ElementHandle<HTMLInputElement>).uploadFile('tests/fixtures/tills/kasse.csv');
      await page.locator(called('Bring in 10 sizes', 'button')).wait();
      await take('stock-file');
    }
    if (!only || 'plan'.includes(only)) {
      await page.goto(`${origin}${await boxOf('plan', 105)}`);
      await page.waitForFunction(
        () =>
          document.querySelectorAll('li[data-piece]').length > 0 &&
          document.querySelector('.plan-status')?.textContent === '' &&
          document.querySelector('.plan-curve canvas') !== null,
        { timeout: 60_000 },
      );
      await take('plan');
    }
    if (!only || 'together'.includes(only)) {
      await page.goto(`${origin}/`);
      await settled(page);
      for (const tick of await page.$$('.desk-tick input:not([disabled])')) await tick.click();
      await Promise.all([page.waitForNavigation(), click(page, '.place-head a[href^="/plan"]')]);
      await page.waitForFunction(() => /boxes over one stock/.test(document.body.innerText), {
        timeout: 90_000,
      });
      await take('together');
    }
    if (!only || 'mix'.includes(only)) {
      await page.goto(`${origin}${await boxOf('mix', 104)}`);
      await page.waitForFunction(() => /good looks for/.test(document.body.innerText), { timeout: 60_000 });
      await click(page, '.mix-cell[data-many="many"]');
      await take('mix');
    }
    if (!only || 'journey'.includes(only)) {
      await page.goto(`${origin}${people[4] ?? client}/journey`);
      await settled(page);
      await click(page, '.journey-ask button[type=submit]');
      await page.waitForSelector('.journey-days figure, .journey-days svg', { timeout: 60_000 });
      await take('journey');
    }
    await see('combine', await boxOf('combine', 104));
    if (!only || 'practice'.includes(only)) {
      await page.goto(`${origin}/practice`);
      await settled(page);
      await page.keyboard.press('b');
      await page.waitForSelector('#practice-question:focus');
      await page.keyboard.press('1');
      await page.keyboard.press('a');
      await page.keyboard.press('Enter');
      await page.waitForSelector('.practice-foot button:focus');
      await take('practice');
    }
    await see('letter', await boxOf('letter', 104));
    if (!only || 'tally out'.includes(only)) {
      // A piece is exchanged first: what is held for it, and the parcel it waits for.
      await page.goto(`${origin}${await boxOf('tally', 103)}`);
      await settled(page);
      await click(page, '[aria-label^="Exchange "]');
      await click(page, '[role=dialog] input[type=radio]:not([disabled])');
      await page.select('[role=dialog] select', 'too small');
      await click(page, '[role=dialog] button[type=submit]');
      await page.waitForSelector('.tally-instead');
      await page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
      await see('tally', await boxOf('tally', 103));
      await see('out', await boxOf('out', 103));
    }
    if (!only || 'phone'.includes(only)) {
      // The two pages clients see, side by side: before a box, and with it.
      const shots: Buffer[] = [];
      const onPhone = async (address: string | undefined): Promise<void> => {
        await page.setViewport({ width: 390, height: 800 });
        await page.goto(address ?? origin);
        await settled(page);
        await page.evaluate(() => document.fonts.ready);
        shots.push(Buffer.from(await page.screenshot()));
        await page.setViewport({ width: 1280, height: 800 });
      };
      const shown = async (selector: string): Promise<string | undefined> => {
        const field = await page.waitForSelector(selector);
        return field?.evaluate((input) => (input as HTMLInputElement).value);
      };
      await page.goto(`${origin}${people[2] ?? client}`);
      await settled(page);
      await page.locator(called('Make a private link', 'button')).click();
      const brief = await shown('input[aria-label="Private link"]');
      await page.goto(`${origin}${await boxOf('tally', 103)}`);
      await settled(page);
      await page.locator(called('Make the link', 'button')).click();
      const box = await shown('.box-page-link input');
      await onPhone(brief);
      await onPhone(box);
      await sharp({ create: { width: 800, height: 800, channels: 3, background: '#d8d2c6' } })
        .composite(shots.map((input, at) => ({ input, left: at * 410, top: 0 })))
        .png()
        .toFile(`${folder}/phone.png`);
    }
    if (!only || 'shop'.includes(only)) {
      const owner = DEMO_USERS.find(({ role }) => role === 'owner') ?? DEMO_USERS[0];
      await page.deleteCookie(...(await page.cookies()));
      await signInAs(page, origin, owner.email, owner.password);
      await see('shop', '/shop');
    }
    if (errors.length > 0) process.stderr.write(`${errors.join('\n')}\n`);
  } finally {
    await browser.close();
  }
}

await main(
  process.argv[2] ?? 'http://127.0.0.1:4321',
  process.argv[3] ?? 'docs/screenshots',
  process.argv[4],
);
