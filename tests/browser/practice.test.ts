import { loadPast } from '@data/demo/past';
import { practiceTask } from '@data/schema';
import { desc, isNull } from 'drizzle-orm';
import { describe, expect, it } from 'vitest';
import { openShopPage } from '../support/open-page';
import { sure } from '../support/sure';
import { axeOn } from './axe';
import { settled } from './chromium';
import { byKeyboard } from './person';

const shop = openShopPage();

/** What is right of the exercise on the screen, as the database holds it. */
async function keyInHand() {
  const [row] = await shop.db
    .select()
    .from(practiceTask)
    .where(isNull(practiceTask.answeredAt))
    .orderBy(desc(practiceTask.givenAt))
    .limit(1);
  const { exercise, key } = sure(row);
  return { exercise: sure(exercise), key: sure(key) };
}

/** Waits for a state of the page; what hears the keys has the focus by then. */
const state = (wanted: 'asked' | 'told' | 'rest') =>
  shop.page.waitForFunction(
    (which) => {
      const on = document.activeElement;
      if (which === 'rest') return document.querySelector('.practice-done');
      return which === 'asked'
        ? on?.id === 'practice-question'
        : document.querySelector('.practice-right, .practice-wrong') && on?.matches('.practice-foot button');
    },
    {},
    wanted,
  );

describe('the practice room, by keyboard', () => {
  it('ten exercises: chosen, answered and explained; a reload in the middle loses nothing; the last says how it went', async () => {
    const { page, origin, errors } = shop;
    const keyboard = byKeyboard(page, origin);
    await keyboard.go('/practice');
    expect(await axeOn(page)).toEqual([]);
    await page.keyboard.press('b');
    let right = 0;
    for (let i = 0; i < 10; i++) {
      await state('asked');
      const { exercise, key } = await keyInHand();
      if (i === 2) {
        const question = await page.$eval('#practice-question', (head) => head.textContent);
        await page.reload();
        await settled(page);
        await page.keyboard.press('b');
        await state('asked');
        expect(await page.$eval('#practice-question', (head) => head.textContent)).toBe(question);
        expect(await axeOn(page)).toEqual([]);
      }
      if (exercise.choosing === 'looks') {
        for (const [at, look] of sure(key.looks).entries()) {
          await keyboard.press('button', `Look ${at + 1}`);
          for (const place of look) {
            const option = sure(exercise.options[place]);
            if (option.is === 'piece') await keyboard.press('button', option.piece.title);
          }
        }
        await keyboard.press('button', 'Answer');
      } else {
        const chosen = exercise.choosing === 'any of' ? key.right.slice(0, 1) : key.right;
        for (const place of chosen) await page.keyboard.press(String(place + 1) as '1');
        if (exercise.why && key.why)
          await page.keyboard.press(sure((['a', 's', 'd'] as const)[exercise.why.indexOf(key.why)]));
        await page.keyboard.press('Enter');
      }
      await state('told');
      if (await page.$('.practice-right')) right++;
      if (i === 0) expect(await axeOn(page)).toEqual([]);
      await page.keyboard.press('Enter');
    }
    await state('rest');
    expect(right).toBe(10);
    await shop.person.see('8 of 8 right');
    await shop.person.see('Today’s ten are done');
    expect(errors).toEqual([]);
  });

  it('a wrong answer says why, is argued with, and nothing is wider than a phone', async () => {
    const { page, person, errors } = shop;
    await page.keyboard.press('b');
    await state('asked');
    const { exercise, key } = await keyInHand();
    if (exercise.choosing === 'looks') {
      for (let at = 0; at < 3; at++) {
        await person.press('button', `Look ${at + 1}`);
        const [option] = exercise.options;
        if (option?.is === 'piece') await person.press('button', option.piece.title);
      }
      await person.press('button', 'Answer');
    } else {
      const wrong = exercise.options.findIndex((_, place) => !key.right.includes(place));
      await page.keyboard.press(String(wrong + 1) as '1');
      if (exercise.why) await page.keyboard.press('a');
      await page.keyboard.press('Enter');
    }
    await state('told');
    await person.see('Not this time.');
    await page.keyboard.press('x');
    await person.fill('textbox', 'What would you do instead, and why?', 'On cobbles I would send the boot.');
    await person.press('button', 'Keep it for the owner');
    await person.see('Kept for the owner to read.');
    await page.setViewport({ width: 390, height: 844 });
    expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(
      0,
    );
    expect(errors).toEqual([]);
  });

  it('an old box: chosen by keyboard, then told what was kept, and by whom nothing', async () => {
    const { page, person, origin, errors } = shop;
    await loadPast(shop.db, new Date());
    await page.setViewport({ width: 1280, height: 800 });
    const keyboard = byKeyboard(page, origin);
    await keyboard.go('/practice');
    await page.keyboard.press('o');
    await person.see('What would you have sent?');
    expect(await axeOn(page)).toEqual([]);
    const names = await page.$$eval('.practice-options button', (all) =>
      all.map((each) => each.textContent ?? ''),
    );
    for (const name of names) await keyboard.press('button', name.trim());
    await keyboard.press('button', 'See what was kept');
    await person.see('The box as it went:');
    await person.see('Never went out: nobody knows.');
    expect(await axeOn(page)).toEqual([]);
    await keyboard.press('button', 'Another old box');
    await person.see('What would you have sent?');
    expect(errors).toEqual([]);
  });
});
