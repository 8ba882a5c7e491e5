import { readFileSync } from 'node:fs';
import { launch, openPage, settled, signInAs } from './browser/chromium';
const origin = readFileSync('/tmp/origin', 'utf8').trim();
const b = await launch();
const { page, errors } = await openPage(b);
await signInAs(page, origin, 'owner@heronroom.invalid', 'heron-owner-demo');
const href = await page.$$eval(
  '.desk a',
  (ls) => ls.find((l) => l.textContent?.includes('Box 104'))?.getAttribute('href') ?? '',
);
const box = href.replace(/[^/]+$/, '');
const wait = (ms: number) => new Promise((r) => setTimeout(r, ms));
await page.goto(origin + box + 'combine');
await settled(page);
await wait(2500);
await page.evaluate(() =>
  ([...document.querySelectorAll('.stage-tabs button')].at(-1) as HTMLElement).click(),
);
await wait(2500);
await page.screenshot({ path: '/tmp/p1.png' });
await page.goto(origin + box + 'out');
await settled(page);
await wait(500);
await page.evaluate(() =>
  (
    [...document.querySelectorAll('button')].find((x) => x.textContent?.includes('no scanner')) as HTMLElement
  ).click(),
);
await wait(300);
await page.evaluate(() => (document.querySelector('.scan-tag') as HTMLElement).click());
await wait(1500);
await page.screenshot({ path: '/tmp/p2.png' });
await page.goto(origin + '/stockroom/scanner');
await settled(page);
await wait(500);
await page.evaluate(() => ([...document.querySelectorAll('.scan-tag')][2] as HTMLElement).click());
await wait(1500);
await page.screenshot({ path: '/tmp/p3.png' });
await page.goto(origin + '/stockroom');
await settled(page);
await wait(500);
await page.evaluate(() =>
  ([...document.querySelectorAll('button')].find((x) => x.textContent === 'Narrow') as HTMLElement).click(),
);
await wait(500);
await page.locator('::-p-aria([name="On the shelf"])').fill('last');
await page.locator('::-p-aria([name="Season"])').fill('winter');
await wait(1200);
await page.screenshot({ path: '/tmp/p4.png' });
await page.goto(origin + '/house-rules');
await settled(page);
await wait(500);
await page.evaluate(() =>
  ([...document.querySelectorAll('.house-facets button')].at(-1) as HTMLElement).click(),
);
await wait(500);
await page.screenshot({ path: '/tmp/p5.png' });
await page.evaluate(() =>
  ([...document.querySelectorAll('.house-facets button')].at(-2) as HTMLElement).click(),
);
await wait(800);
await page.screenshot({ path: '/tmp/p6.png', fullPage: true });
console.log(errors);
await b.close();
