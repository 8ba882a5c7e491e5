import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { disagreements } from '@data/check';
import { box, boxLine, garment, occasion, ownedItem, payment, stockBalance, variant } from '@data/schema';
import { and, desc, eq } from 'drizzle-orm';
import type { Browser, ElementHandle, Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { openShop } from '../support/open-shop';
import { launch, openPage, signInAs } from './chromium';
import { called } from './by-name';
import { byKeyboard, byMouse, drag, type Person, tabTo } from './person';
import { sure } from '../support/sure';

const shop = openShop();
let browser: Browser;

beforeAll(async () => {
  browser = await launch();
});
afterAll(() => browser.close());

interface Trial {
  readonly prefix: string;
  readonly client: string;
  readonly page: Page;
  readonly person: Person;
  /** Puts a piece of the rail on the figure: dragged by mouse, Enter by keyboard. */
  readonly wear: (name: string) => Promise<void>;
}

const csvOf = (prefix: string): string => {
  const file = join(mkdtempSync(join(tmpdir(), 'ivory-rail-')), `${prefix}.csv`);
  writeFileSync(
    file,
    `title,category,colours,size,sku,price,qty,formality,care,cut.neckline,cut.leg,measures.bust,measures.waist,measures.hip,measures.inseam
${prefix} tee,tee,rust,L,${prefix}-1,40,2,3,machine,crew,,1100,1040,1100,
${prefix} slacks,trousers,navy,L,${prefix}-2,80.50,1,4,machine,,straight,,880,1140,740
${prefix} broken,tee,blu,L,${prefix}-3,-3,1,3,machine,crew,,1100,,,`,
  );
  return file;
};

/** The whole line, from a file of stock to a closed box, through the screens. */
async function walk({ prefix, client, page, person, wear }: Trial): Promise<void> {
  await person.go('/stockroom');
  await person.press('button', 'Import');
  const input = (await page.waitForSelector('input[type=file]')) as ElementHandle<HTMLInputElement>;
  await input.uploadFile(csvOf(prefix));
  await person.see('2 sizes of 2 garments');
  await person.see('not a colour');
  await person.see('-3: not below 0');
  await person.press('button', 'Bring in 2 sizes');
  await person.see('2 sizes came in');
  await person.press('button', 'Done');
  await person.fill('textbox', 'Find a garment or a SKU', prefix);
  await person.see(`${prefix} slacks`);

  await person.go('/clients');
  const href = await page.$$eval(
    'a',
    (links, name) => links.find((link) => link.textContent?.includes(name))?.getAttribute('href') ?? '',
    client,
  );
  await person.go(href);
  await person.see('Closet');
  await person.press('button', 'Start a box');
  await person.arrive(/\/box\/.+\/brief$/);

  await person.press('button', 'Add an occasion');
  await person.fill('textbox', 'What', `${prefix} dinner`);
  await page.$eval('input[type=date]', (field) => {
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, '2027-06-18');
    field.dispatchEvent(new Event('input', { bubbles: true }));
  });
  await person.press('button', 'Add');
  await person.see(`${prefix} dinner`);
  await person.fill('textbox', 'Ask 1', 'a tee that goes in the machine');
  await person.see('machine wash');
  await person.fill('textbox', 'Budget for the box, EUR', '120');
  await person.press('button', 'Save and pull');
  await person.arrive(/\/pull$/);

  await person.press('button', 'Everything');
  for (const name of [`${prefix} tee`, `${prefix} slacks`]) {
    await person.fill('textbox', 'Find by name', name);
    await page.waitForFunction(
      (wanted) =>
        document.querySelectorAll('.pull-rows > li').length === 1 &&
        document.querySelector('.piece-title')?.textContent === wanted,
      { timeout: 60_000 },
      name,
    );
    await person.press('button', 'Hold L');
    await person.see(`Release ${name}`.replace('Release ', ''));
    await page.waitForSelector(called(`Release ${name}`));
  }
  await person.see('€0.50 over the budget');
  await person.press('link', 'Style');
  await person.arrive(/\/combine$/);

  for (const piece of [`${prefix} tee`, `${prefix} slacks`, 'White sneakers']) await wear(piece);
  await person.see('Nearly there:');
  await person.see('Over budget');
  await person.fill('textbox', 'Name of the look', `${prefix} look`);
  await person.press('button', 'Save look');
  await person.see('The look is saved');
  await person.press('link', 'Write the letter');
  await person.arrive(/\/letter$/);

  await person.see('Drafted, not saved yet.');
  await person.press('button', 'Save the letter');
  await person.see('The letter is written.');
  await person.press('link', 'Pack');
  await person.arrive(/\/out$/);
  for (const piece of ['tee', 'slacks']) await person.press('checkbox', `${prefix} ${piece} is in`);
  await person.press('button', 'Mark as packed');
  await person.fill('textbox', 'Parcel number', 'PX-7');
  await person.press('button', 'Send it out');
  await person.see('Went out');
  await person.press('link', 'Tally');
  await person.arrive(/\/tally$/);
}

/** What must be true in the database once the box is closed: slacks kept, tee back. */
async function settledRight(prefix: string): Promise<void> {
  const [row] = await shop.db.select().from(box).orderBy(desc(box.number)).limit(1);
  expect(row?.state).toBe('closed');
  const lines = await shop.db
    .select({ line: boxLine, variant, title: garment.title })
    .from(boxLine)
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(eq(boxLine.boxId, sure(row).id));
  expect(lines.map(({ title, line }) => [title, line.decision, line.reason, line.netMinor]).sort()).toEqual([
    [`${prefix} slacks`, 'keep', null, 8050],
    [`${prefix} tee`, 'return', 'colour', null],
  ]);
  const paid = await shop.db
    .select()
    .from(payment)
    .where(eq(payment.boxId, sure(row).id));
  expect(paid.map(({ kind, amountMinor }) => [kind, amountMinor]).sort()).toEqual([
    ['charge', 6050],
    ['fee', 2000],
  ]);
  const owned = await shop.db
    .select()
    .from(ownedItem)
    .where(and(eq(ownedItem.clientId, sure(row).clientId), eq(ownedItem.title, `${prefix} slacks`)));
  expect(owned).toHaveLength(1);
  for (const { variant: size, title } of lines) {
    const balances = await shop.db.select().from(stockBalance).where(eq(stockBalance.variantId, size.id));
    const at = Object.fromEntries(balances.map(({ place, qty }) => [place, qty]));
    expect([title, at.shelf, at.held, at.out, at.sold ?? 0]).toEqual(
      title.endsWith('tee') ? [title, 2, 0, 0, 0] : [title, 0, 0, 0, 1],
    );
  }
  const [made] = await shop.db
    .select()
    .from(occasion)
    .where(eq(occasion.title, `${prefix} dinner`));
  expect(made?.day).toBe('2027-06-18');
  expect(await disagreements(shop.db)).toEqual([]);
}

/** At the terminal: a card that is declined, then one that is taken. */
async function payByCard(person: Person): Promise<void> {
  await person.press('button', 'Ask the terminal for €60.50');
  await person.press('button', 'Card is declined');
  await person.see('The card was declined; nothing was charged.');
  await person.press('button', 'Ask the terminal for €60.50');
  await person.press('button', 'Card is accepted');
  await person.see('The card was charged €60.50.');
  await person.press('button', 'Close the box');
  await person.see('The box is closed.');
}

describe('the whole line, from a file of stock to a closed box', () => {
  it('by mouse', async () => {
    const { page, errors } = await openPage(browser, 'no-preference');
    await signInAs(page, shop.origin, 'stylist@heronroom.invalid', 'heron-stylist-demo');
    const person = byMouse(page, shop.origin);
    const wear = async (name: string): Promise<void> => {
      await drag(page, `.hanging[title^="${name}"]`, '.figure-stage');
      await page.waitForSelector(`.hanging[title^="${name}"][aria-pressed="true"]`);
    };
    await walk({ prefix: 'Mous', client: 'Bettine Quarles', page, person, wear });
    await person.press('button', 'Keep Mous slacks');
    await person.see('€60.50');
    await person.press('button', 'Return Mous tee');
    await page.waitForSelector('select[aria-label="Why Mous tee came back"]');
    // Stored as it shows, before anybody said why.
    await person.see('reason not said');
    await page.select('select[aria-label="Why Mous tee came back"]', 'colour');
    await person.press('button', 'Check in');
    await person.see('checked in');
    await person.press('button', 'Close the box…');
    await person.see('Back, and not charged');
    await payByCard(person);
    await settledRight('Mous');
    expect(await page.$eval('[data-box-state]', (said) => said.textContent)).toBe('closed');
    expect(errors).toEqual([]);
  });

  it('by keyboard alone', async () => {
    const { page, errors } = await openPage(browser);
    await signInAs(page, shop.origin, 'stylist@heronroom.invalid', 'heron-stylist-demo');
    const person = byKeyboard(page, shop.origin);
    const wear = async (name: string): Promise<void> => {
      const label = await page.$eval(`.hanging[title^="${name}"]`, (element) => element.textContent ?? '');
      await page.waitForFunction(() => document.querySelector('.hanging') !== null);
      for (let i = 0; i < 300; i++) {
        if (
          await page.evaluate(
            (wanted) =>
              document.activeElement?.textContent === wanted &&
              document.activeElement.classList.contains('hanging'),
            label,
          )
        )
          break;
        await page.keyboard.press('Tab');
      }
      await page.keyboard.press('Enter');
      await page.waitForSelector(`.hanging[title^="${name}"][aria-pressed="true"]`);
    };
    await walk({ prefix: 'Keyb', client: 'Bettine Quarles', page, person, wear });
    await person.press('button', 'Keep Keyb slacks');
    await person.see('€60.50');
    await person.press('button', 'Return Keyb tee');
    await tabTo(page, 'combobox', 'Why Keyb tee came back');
    await page.keyboard.type('colour');
    await person.press('button', 'Check in');
    await person.see('checked in');
    await person.press('button', 'Close the box…');
    await person.see('Back, and not charged');
    await payByCard(person);
    await settledRight('Keyb');
    expect(errors).toEqual([]);
  });
});
