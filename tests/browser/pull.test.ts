import { boxLine, hold, look, stockBalance, variant, box as boxTable } from '@data/schema';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { KeyInput } from 'puppeteer-core';
import { describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { axeOn } from './axe';
import { called } from './by-name';
import { click, sideBySide } from './person';
import { until } from '../support/until';
import { sure } from '../support/sure';

const open = openShopPage();
const db = () => open.db;
const boxNumbered = async (number: number): Promise<string> =>
  sure((await db().select().from(boxTable).where(eq(boxTable.number, number)))[0]).id;
const linesOf = (boxId: string) =>
  db()
    .select()
    .from(boxLine)
    .where(and(eq(boxLine.boxId, boxId), isNull(boxLine.removedAt)));
/** As a scanner types: sign after sign without a pause, and Enter; again while the page does not listen yet. */
async function scan(code: string, heard: string): Promise<void> {
  for (let i = 0; i < 20; i++) {
    await Promise.all([...code, 'Enter'].map((key) => open.page.keyboard.press(key as KeyInput)));
    const found = await open.page.waitForSelector(heard, { timeout: 1500 }).catch(() => null);
    if (found) return;
  }
  throw new Error(`nobody heard ${code}`);
}
const focusOn = (): Promise<string> =>
  open.page.evaluate(() => (document.activeElement as HTMLElement | null)?.dataset.garment ?? '');

describe('pulling by keyboard', () => {
  it('goes down the list, puts candidates side by side, holds one and goes on, and lets it go again', async () => {
    const { page, person } = open;
    const boxId = await boxNumbered(108);
    await person.go(`/box/${boxId}/pull`);
    await page.waitForSelector('.pull-hold');
    await person.press('button', 'Everything');
    await page.waitForFunction(() => document.querySelectorAll('.pull-hold').length > 20);
    const before = (await linesOf(boxId)).length;
    await page.keyboard.press('ArrowDown');
    const first = await focusOn();
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await sideBySide(page, 2);
    expect(await page.$$eval('.compare .fit-figure svg', (drawn) => drawn.length)).toBe(2);
    expect(await axeOn(page)).toEqual([]);
    await page.keyboard.press('Escape');
    await page.waitForFunction(() => document.querySelector('.compare') === null);
    await page.evaluate(
      (id) => document.querySelector<HTMLElement>(`[data-garment="${id}"]`)?.focus(),
      first,
    );
    await page.keyboard.press('Enter');
    await person.see('is held.');
    await page.waitForFunction((id) => document.querySelector(`[data-garment="${id}"]`) === null, {}, first);
    expect((await linesOf(boxId)).length).toBe(before + 1);
    // The list goes on where the hand is.
    expect(await focusOn()).not.toBe('');
    await page.keyboard.press('r');
    await person.see('is back on the shelf');
    expect((await linesOf(boxId)).length).toBe(before);
  });

  it('says why something is not among the candidates', async () => {
    const { page, person } = open;
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await page.keyboard.press('w');
    await new Promise((rest) => setTimeout(rest, 200));
    await page.keyboard.type('Warden blazer');
    await page.keyboard.press('Enter');
    await person.see('Warden blazer, bottle: ');
  });

  it('orders by the looks that open only when that is asked for', async () => {
    const { page, person } = open;
    const titles = (): Promise<string[]> =>
      page.$$eval('.piece-title', (rows) => rows.map((row) => row.textContent ?? ''));
    const asCame = await titles();
    await page.waitForFunction(
      () => ![...document.querySelectorAll('.pull-opens')].some((each) => each.textContent === '…'),
      { timeout: 60_000 },
    );
    expect(await titles()).toEqual(asCame);
    await person.press('button', 'by the looks they open');
    await person.press('button', 'best first');
    expect(await titles()).toEqual(asCame);
    await person.press('button', 'by the looks they open');
    const looks = await page.$$eval('.pull-opens', (rows) =>
      rows.map((row) => Number.parseInt(row.textContent ?? '', 10) || 0),
    );
    expect(looks).toEqual([...looks].sort((a, b) => b - a));
  });
});

describe('a line of the box', () => {
  it('is swapped for the same in another colour, and the look goes on with it', async () => {
    const { page, person } = open;
    const boxId = await boxNumbered(104);
    await person.go(`/box/${boxId}/pull`);
    await click(page, called('Swap, alter Warden blazer, bottle'));
    await person.see('In another colour');
    expect(await axeOn(page)).toEqual([]);
    await click(page, called('Take it: Warden blazer, ink'));
    await person.see('Warden blazer, ink takes its place.');
    const lines = await linesOf(boxId);
    const [ceremony] = await db().select().from(look).where(eq(look.title, 'The ceremony'));
    for (const { ref } of sure(ceremony).pieces.filter((piece) => piece.ref.startsWith('line:')))
      expect(lines.map(({ id }) => `line:${id}`)).toContain(ref);
  });

  it('is taken a size looser on purpose, worn as before, and taken back to the size it is cut in', async () => {
    const { page, person } = open;
    const boxId = await boxNumbered(104);
    await person.go(`/box/${boxId}/pull`);
    const name = called('Swap, alter Wheelhouse trousers, ink');
    const worn = async (lineId: string) =>
      (await db().select().from(look).where(eq(look.boxId, boxId)))
        .flatMap(({ pieces }) => pieces)
        .find(({ ref }) => ref === `line:${lineId}`);
    await click(page, name);
    await person.see('How it is to sit');
    expect(await axeOn(page)).toEqual([]);
    await click(page, '.line-sits button[aria-label$=": looser"]');
    await person.see(', looser.');
    const line = sure((await linesOf(boxId)).find(({ fit }) => fit?.effect === 'looser'));
    expect(await worn(line.id)).toBeDefined();
    await page.waitForFunction(() => document.querySelector('.line-sits') === null);
    await click(page, name);
    await person.see('A size larger on purpose');
    await click(page, '.line-sits button[aria-label$=": as cut"]');
    await person.see(', as cut.');
    await page.waitForFunction(() => document.querySelector('.line-sits') === null);
    expect((await linesOf(boxId)).some(({ fit }) => fit?.effect)).toBe(false);
  });

  it('is altered: its price and its days are in sight at once, and it may be left as it is', async () => {
    const { page, person } = open;
    await click(page, called('Swap, alter Wheelhouse trousers, ink'));
    await person.fill('textbox', 'By, cm', '3');
    await person.fill('textbox', 'Price, EUR', '21,50');
    await person.press('button', 'Have it altered');
    await person.see('hem, 3 cm shorter');
    await person.see('Once altered it stays with the client.');
    await page.keyboard.press('Escape');
    await person.see('€156.50');
    await click(page, called('Swap, alter Wheelhouse trousers, ink'));
    await person.fill('textbox', 'By, cm', '-40');
    await person.see('the hem has');
    await person.press('button', 'Leave it: no hem for Wheelhouse trousers, ink');
    await person.see('As it comes from the rail.');
    await page.keyboard.press('Escape');
  });
});

describe('the stages of an occasion on the Rail', () => {
  it('are judged one by one; what comes off at one stays on at the others, and is saved', async () => {
    const { page, person } = open;
    const boxId = await boxNumbered(104);
    await person.go(`/box/${boxId}/combine`);
    await page.waitForSelector('.stage-tabs');
    const tab = (title: string) => click(page, `.stage-tabs button ::-p-text(${title})`);
    await tab('Walk to the quay');
    const worn = () => page.$$eval('.worn-list .worn-off', (rows) => rows.length);
    const before = await worn();
    await click(page, '.worn-off[aria-label^="Take off Warden blazer"]');
    await person.see('off here');
    expect(await worn()).toBe(before - 1);
    expect(await axeOn(page)).toEqual([]);
    await tab('Ceremony');
    await page.waitForFunction(
      (count) => document.querySelectorAll('.worn-list .worn-off').length === count,
      {},
      before,
    );
    await person.press('button', 'Save now');
    await person.see('The look is saved');
    const [saved] = await db().select().from(look).where(eq(look.title, 'The ceremony'));
    expect(sure(saved).stages.map(({ title, off }) => [title, off.length])).toEqual([
      ['Walk to the quay', 1],
    ]);
    await page.keyboard.down('Control');
    await page.keyboard.press('z');
    await page.keyboard.up('Control');
    await tab('Walk to the quay');
    await page.waitForFunction(
      (count) => document.querySelectorAll('.worn-list .worn-off').length === count,
      {},
      before,
    );
  });

  it('offer a mend from the shelf, which holds the piece when it is kept', async () => {
    const { page, person } = open;
    const boxId = await boxNumbered(104);
    await person.go(`/box/${boxId}/combine`);
    await page.waitForSelector('.mend-stock', { timeout: 60_000 });
    const before = await linesOf(boxId);
    // Mends come and go while others are looked for: the click is made until one hears it.
    await click(page, 'button:has(.mend-stock)');
    await until('the mend is held', async () => (await linesOf(boxId)).length > before.length);
    const after = await linesOf(boxId);
    expect(after.length).toBe(before.length + 1);
    const fresh = sure(after.find(({ id }) => !before.some((line) => line.id === id)));
    await page.waitForSelector(`[data-ref="line:${fresh.id}"][aria-pressed="true"]`);
    const [held] = await db().select().from(hold).where(eq(hold.boxLineId, fresh.id));
    expect(sure(held).state).toBe('active');
  });
});

describe('a scanner', () => {
  it('ticks the pack list from anywhere on the page; a tag that is not of the box is told', async () => {
    const { page, person } = open;
    const boxId = await boxNumbered(108);
    await person.go(`/box/${boxId}/out`);
    const [line] = await linesOf(boxId);
    const [size] = await db()
      .select()
      .from(variant)
      .where(eq(variant.id, sure(line).variantId));
    await scan(sure(size).sku, '.piece-scanned');
    const scanned = async () =>
      (await linesOf(boxId)).filter(({ scannedAt }) => scannedAt).map(({ id }) => id);
    expect(await scanned()).toEqual([sure(line).id]);
    await person.press('button', 'no scanner at hand? try a simulated one');
    await click(page, called('Scan NOT-OURS-1 a tag that is not ours'));
    await person.see('A piece with the code NOT-OURS-1 is not here');
    expect(await axeOn(page)).toEqual([]);
  });
  it('says on its own page what a tag is, where it is and which box wants it', async () => {
    const { page, person } = open;
    await person.go('/stockroom/scanner');
    const boxId = await boxNumbered(108);
    const [line] = await linesOf(boxId);
    const [size] = await db()
      .select()
      .from(variant)
      .where(eq(variant.id, sure(line).variantId));
    await person.fill('textbox', 'SKU or EAN', sure(sure(size).ean));
    await page.keyboard.press('Enter');
    await person.see('In open boxes');
    await person.see('Box 108');
    expect(await axeOn(page)).toEqual([]);
    await page.evaluate(() => document.querySelector<HTMLElement>('.scan-tag')?.click());
    await page.waitForFunction((title) => !document.body.innerText.includes(title), {}, 'Box 108');
  });
  it('opens the garment in the stockroom', async () => {
    const { page, person } = open;
    await person.go('/stockroom');
    const [row] = await db()
      .select({ ean: variant.ean })
      .from(variant)
      .innerJoin(stockBalance, eq(stockBalance.variantId, variant.id))
      .orderBy(desc(variant.sku))
      .limit(1);
    await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
    await scan(sure(sure(row).ean), '.garment-sheet');
  });
  it('leaves no error behind on any of these pages', () => expect(open.errors).toEqual([]));
});
