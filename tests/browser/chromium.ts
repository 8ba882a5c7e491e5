import puppeteer, { type Browser, type Page } from 'puppeteer-core';

const FLAGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  // The shell hints letters to whole pixels unless it is told not to: words would stand closer than on anybody's screen.
  '--font-render-hinting=none',
];

/** Debian's Chromium, headless. */
export const launch = (): Promise<Browser> =>
  puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: FLAGS,
    headless: true,
    protocolTimeout: 120_000,
  });

const opened = new WeakSet<Browser>();

/**
 * A page at the size a stylist has, with every uncaught error of the page gathered. It is asked for less motion, so that
 * nothing is looked at or pressed half way; what somebody meets who asked for nothing is walked by mouse in line.test.
 */
export async function openPage(
  browser: Browser,
  motion: 'reduce' | 'no-preference' = 'reduce',
): Promise<{ page: Page; errors: string[] }> {
  // Whoever comes first has the browser's own context, which keeps what it compiled; others share nothing with it.
  const context = opened.has(browser)
    ? await browser.createBrowserContext()
    : browser.defaultBrowserContext();
  opened.add(browser);
  const page = await context.newPage();
  // Waits are for a state: on a busy machine it may be long in coming, and a test's own limit ends what hangs.
  page.setDefaultTimeout(120_000);
  await page.setViewport({ width: 1280, height: 800 });
  await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: motion }]);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(String(error)));
  page.on('console', (message) => {
    if (message.type() === 'error' && !message.text().includes('status of 4')) errors.push(message.text());
  });
  return { page, errors };
}

/** Signs in through the form and waits for Desk. */
export async function signInAs(page: Page, origin: string, email: string, password: string): Promise<void> {
  await page.goto(`${origin}/sign-in`);
  await page.locator('#email').fill(email);
  await page.locator('#password').fill(password);
  await Promise.all([page.waitForNavigation(), page.locator('button[type=submit]').click()]);
}

/**
 * Waits until a page is here whole and hears keys and clicks: Astro takes its mark off an island before React has run the
 * effects that listen, and a page that is still arriving has no island yet.
 */
export const settled = (page: Page): Promise<unknown> =>
  page.waitForFunction(
    () =>
      document.readyState === 'complete' &&
      (document.querySelector('astro-island') === null || 'live' in document.documentElement.dataset),
  );

/** Waits until the island has taken over and nothing moves any more: what opens, fades or slides has done so. */
export async function atRest(page: Page): Promise<void> {
  await settled(page);
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
  await page.waitForFunction(() =>
    document
      .getAnimations()
      .every(
        ({ playState, effect }) => playState !== 'running' || effect?.getTiming().iterations === Infinity,
      ),
  );
}
