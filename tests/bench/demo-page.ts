import type { Page } from 'puppeteer-core';
import { signInAs } from '../browser/chromium';

/** The address of a running demo server. */
export const ORIGIN = process.env.IVORY_RAIL ?? 'http://127.0.0.1:4321';

/** Signs a stylist of the demo shop in, and tells the addresses of the steps of box 104, whose looks are saved. */
export async function demoBox(page: Page): Promise<(step: 'combine' | 'pull') => string> {
  await signInAs(page, ORIGIN, 'stylist@heronroom.invalid', 'heron-stylist-demo');
  const box = await page.$$eval(
    '.desk a',
    (links) => links.find((link) => link.textContent?.includes('Box 104'))?.getAttribute('href') ?? '',
  );
  return (step) => ORIGIN + box.replace(/[^/]+$/, step);
}
