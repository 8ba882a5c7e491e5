import type { Page } from 'puppeteer-core';
import { launch, openPage, settled } from '../browser/chromium';
import { demoBox, ORIGIN } from './demo-page';
import type { Bench } from './figure';
import { longTasks, mainThreadMs } from './trace';

const FLATS = 60;
const PAINT_MS = 120;
/** Style and layout belong to what is seen; the tasks that draw it are in the rail's own figure. */
const SEEN = ['UpdateLayoutTree', 'Layout', 'PrePaint', 'Paint', 'Layerize', 'Commit'] as const;
const LEAST_ROWS = 25;

/** Sixty flats come into sight at once, and lists of garments are scrolled through. IVORY_RAIL: a running demo server. */
export const flats: Bench = {
  name: 'flats',
  run: async () => {
    const browser = await launch();
    try {
      const { page } = await openPage(browser);
      const step = await demoBox(page);
      await page.goto(step('combine'));
      await settled(page);
      await page.locator('::-p-aria(The shelf too)').click();
      await page.waitForFunction(
        (count) => document.querySelectorAll('.hanging svg').length >= count,
        {},
        FLATS,
      );
      const painted = await mainThreadMs(page, SEEN, () =>
        page.evaluate(async (count) => {
          const flats = [...document.querySelectorAll('.hanging svg')].slice(0, count);
          const wall = document.createElement('div');
          wall.style.cssText =
            'position:fixed;inset:0;z-index:9999;background:#fff;display:flex;flex-wrap:wrap';
          wall.append(...flats.map((flat) => flat.cloneNode(true)));
          document.body.append(wall);
          await new Promise((done) => requestAnimationFrame(() => setTimeout(done, 200)));
          wall.remove();
        }, FLATS),
      );
      const pull = await scrolled(page, step('pull'), 1000);
      const stock = await scrolled(page, `${ORIGIN}/stockroom`, 4000);
      return [
        {
          name: `flats: ${FLATS} flats that come into sight at once, styled, laid out and painted`,
          value: Number(painted.toFixed(1)),
          unit: 'ms',
          ratio: painted / PAINT_MS,
          reach: `< ${PAINT_MS} ms`,
          ok: painted < PAINT_MS,
        },
        ...(
          [
            ['the pull list', pull],
            ['the stockroom', stock],
          ] as const
        ).map(([name, long]) => ({
          name: `flats: tasks longer than 50 ms while ${name} is scrolled through`,
          value: long.length,
          unit: `tasks (${long.map((ms) => Math.round(ms)).join(', ') || 'none'} ms)`,
          ratio: long.length,
          reach: 'none',
          ok: long.length === 0,
        })),
      ];
    } finally {
      await browser.close();
    }
  },
};

/** Long tasks, ms, while a list is scrolled so far with the wheel, px. */
async function scrolled(page: Page, address: string, far: number): Promise<number[]> {
  await page.goto(address);
  await settled(page);
  await page.waitForFunction(
    (least) => document.querySelectorAll('svg, img').length >= least,
    {},
    LEAST_ROWS,
  );
  await new Promise((rest) => setTimeout(rest, 1000));
  await page.mouse.move(500, 500);
  return longTasks(page, async () => {
    for (let at = 0; at < far; at += 100) {
      await page.mouse.wheel({ deltaY: 100 });
      await new Promise((rest) => setTimeout(rest, 30));
    }
  });
}
