import { launch, openPage, settled, signInAs } from '/work/main/tests/browser/chromium';
import { readFileSync } from 'node:fs';
const origin = readFileSync('/tmp/origin', 'utf8').trim();
const browser = await launch();
const { page, errors } = await openPage(browser);
await signInAs(page, origin, 'stylist@heronroom.invalid', 'heron-stylist-demo');
await page.goto(origin + '/');
await settled(page);
const href = await page.$$eval(
  '.desk a',
  (links) => links.find((l) => l.textContent?.includes('Box 104'))?.getAttribute('href') ?? '',
);
const t = Date.now();
await page.goto(origin + href.replace(/[^/]+$/, 'pull'));
await settled(page);
await page.waitForFunction(() => !document.body.innerText.includes('Trying looks'), { timeout: 60000 });
console.log('box says after', Date.now() - t);
await page.waitForFunction(
  () => [...document.querySelectorAll('.pull-opens')].every((e) => e.textContent !== '…'),
  { timeout: 60000 },
);
console.log('all opened after', Date.now() - t);
await page.screenshot({ path: '/tmp/s1.png' });
await page.click('.box-says .plain-button');
await new Promise((r) => setTimeout(r, 300));
await page.evaluate(() => document.querySelector('.box-says')?.scrollIntoView({ block: 'center' }));
await new Promise((r) => setTimeout(r, 300));
await page.screenshot({ path: '/tmp/s2.png' });
console.log(errors);
await browser.close();
