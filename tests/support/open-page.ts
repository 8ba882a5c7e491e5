import type { Browser, Page } from 'puppeteer-core';
import { afterAll, beforeAll } from 'vitest';
import { DEMO_USERS } from '@server/demo/users';
import { launch, openPage, signInAs } from '../browser/chromium';
import { byMouse, type Person } from '../browser/person';
import { openShop, type OpenShop } from './open-shop';
import type { Role } from './server';

export interface OpenPage extends OpenShop {
  browser: Browser;
  page: Page;
  /** Uncaught errors of the page so far. */
  errors: string[];
  person: Person;
}

/** The demo shop with a server and a browser in which somebody of it is signed in, for the tests of one file. */
export function openShopPage(role: Role = 'stylist'): OpenPage {
  const open = openShop() as OpenPage;
  beforeAll(async () => {
    open.browser = await launch();
    Object.assign(open, await openPage(open.browser));
    // axe is a script of ours that the page's own policy does not know.
    await open.page.setBypassCSP(true);
    const { origin } = open.servers[0] as { origin: string };
    const user = DEMO_USERS.find((each) => each.role === role) ?? DEMO_USERS[0];
    await signInAs(open.page, origin, user.email, user.password);
    open.person = byMouse(open.page, origin);
  });
  afterAll(() => open.browser.close());
  return open;
}
