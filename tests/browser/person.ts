import type { BoundingBox, ElementHandle, KeyInput, Page } from 'puppeteer-core';
import { called } from './by-name';
import { settled } from './chromium';

/** A state is waited for this long before it is said that it never came, ms; no test waits out any of it. */
const STATE_MS = 60_000;
/** A state is looked for this often, ms: asked at every frame, a large page has no time left to reach it. */
const OFTEN_MS = 80;

/** A person before the screen: finds things by role and name, never by class. */
export interface Person {
  readonly go: (path: string) => Promise<void>;
  /** Presses what has this role and name. */
  readonly press: (role: string, name: string) => Promise<void>;
  readonly fill: (role: string, name: string, text: string) => Promise<void>;
  /** Waits until a text stands on the page. */
  readonly see: (text: string) => Promise<void>;
  readonly arrive: (path: RegExp) => Promise<void>;
}

/** Waits until something is on the page. */
async function found(page: Page, selector: string): Promise<ElementHandle> {
  for (const until = Date.now() + STATE_MS; Date.now() < until;) {
    // A page that is just left answers with an error; the next one is asked again.
    const target = await page.$(selector).catch(() => null);
    if (target) return target;
    await new Promise((rest) => setTimeout(rest, OFTEN_MS));
  }
  throw new Error(`never on the page: ${selector}`);
}

const seeText = (page: Page, text: string): Promise<unknown> =>
  page.waitForFunction(
    (wanted) => document.body.innerText.replace(/\s+/g, ' ').includes(wanted),
    { timeout: STATE_MS, polling: OFTEN_MS },
    text,
  );

const arriveAt = async (page: Page, path: RegExp): Promise<void> => {
  await page
    .waitForFunction(
      (source) => new RegExp(source).test(location.pathname) && document.readyState === 'complete',
      { timeout: STATE_MS, polling: OFTEN_MS },
      path.source,
    )
    .catch(async (error: unknown) => {
      const where = await page.evaluate(() => ({ at: location.href, is: document.readyState })).catch(String);
      throw new Error(`never at ${path.source}: ${page.url()} ${JSON.stringify(where)}`, { cause: error });
    });
  await settled(page);
};

/** True once an element has the focus; false when it has not taken it within a moment. */
const hasFocus = (page: Page, target: ElementHandle | null): Promise<boolean> =>
  page
    .waitForFunction(
      (element) => element === document.activeElement,
      { timeout: 1500, polling: 'raf' },
      target,
    )
    .then(
      () => true,
      () => false,
    );

/** True once the page is another one; a link that was pressed and leads nowhere is pressed again. */
const hasLeft = (page: Page, was: string): Promise<boolean> =>
  page
    .waitForFunction((before) => location.href !== before, { timeout: 5000, polling: 100 }, was)
    .then(
      () => true,
      () => page.url() !== was,
    );

/**
 * Presses until the click has reached what was meant: what comes in late may move it from under the pointer, and a button
 * that is busy hears nothing. Whoever misses presses again.
 */
async function untilHeard(page: Page, selector: string, press: () => Promise<void>): Promise<void> {
  for (let i = 0; i < 20; i++) {
    const target = await found(page, selector);
    const reached = await target.evaluateHandle((element) => {
      const state = { clicked: false };
      element.addEventListener('click', () => (state.clicked = true), { capture: true, once: true });
      // Kept over the page: where it leads to what was pressed, should that be the neighbour.
      document.addEventListener(
        'click',
        ({ target }) =>
          sessionStorage.setItem('pressed', (target as Element | null)?.closest('a')?.href ?? ''),
        { capture: true, once: true },
      );
      return state;
    });
    const was = page.url();
    const leads = await target.evaluate((element) => {
      if (element.hasAttribute('download')) return '';
      const { href = '', target: frame = '' } = element as HTMLAnchorElement;
      return frame === '' && href.split('#')[0] !== location.href.split('#')[0] ? href : '';
    });
    await press();
    // A page that is left takes its handles along: a click was heard, by what was meant or by its neighbour.
    if (!(await reached.evaluate(({ clicked }) => clicked).catch(() => true))) continue;
    if (!leads) return;
    if (await hasLeft(page, was)) {
      const pressed = await page.evaluate(() => sessionStorage.getItem('pressed')).catch(() => leads);
      // What is pressed on a page before it lives is forgotten when it does: a person sees that it is there.
      if (!pressed || pressed === leads) return void (await settled(page));
      console.warn(`${selector} moved: ${pressed} was pressed in its place`);
      await page.goto(was);
      await settled(page);
      continue;
    }
    console.warn(`${selector} led nowhere and is pressed again`);
  }
  throw new Error(`no click reaches ${selector}`);
}

/** Clicks until the click is heard; what was clicked may be gone after it. */
export const click = (page: Page, selector: string): Promise<void> =>
  untilHeard(page, selector, () => page.locator(selector).setTimeout(STATE_MS).click());

/** By mouse. */
export const byMouse = (page: Page, origin: string): Person => ({
  go: async (path) => {
    await page.goto(origin + path);
    await settled(page);
  },
  press: (role, name) => click(page, called(name, role)),
  fill: async (role, name, text) => {
    // Three clicks take what stands there; a dialog on its way out may still be in between.
    for (let i = 0; i < 20; i++) {
      await found(page, called(name, role));
      await page.locator(called(name, role)).setTimeout(STATE_MS).click({ count: 3 });
      const target = await page.$(called(name, role));
      if (await hasFocus(page, target)) break;
    }
    await page.keyboard.type(text);
  },
  see: async (text) => void (await seeText(page, text)),
  arrive: (path) => arriveAt(page, path),
});

/** By keyboard alone: Tab to the thing, then type or press Enter. */
export const byKeyboard = (page: Page, origin: string): Person => ({
  go: async (path) => {
    await page.goto(origin + path);
    await settled(page);
  },
  press: (role, name) =>
    untilHeard(page, called(name, role), async () => {
      await tabTo(page, role, name);
      await page.keyboard.press(role === 'checkbox' || role === 'radio' ? 'Space' : 'Enter');
    }),
  fill: async (role, name, text) => {
    await tabTo(page, role, name);
    await page.keyboard.down('Control');
    await page.keyboard.press('a');
    await page.keyboard.up('Control');
    await page.keyboard.type(text);
  },
  see: async (text) => void (await seeText(page, text)),
  arrive: (path) => arriveAt(page, path),
});

/** Presses Tab until the focus is on what was meant; fails when the whole page was gone through. */
export async function tabTo(page: Page, role: string, name: string): Promise<void> {
  const target = await found(page, called(name, role));
  for (let i = 0; i < 400; i++) {
    if (await page.evaluate((element) => element === document.activeElement, target)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`the keyboard does not reach the ${role} "${name}"`);
}

/** Presses a key until its dialog stands there: the page may not listen yet. */
export async function openBy(page: Page, key: KeyInput): Promise<void> {
  for (let i = 0; i < 40; i++) {
    await page.keyboard.press(key);
    const there = await page
      .waitForSelector('[role="dialog"] form, [role="dialog"] [role="tab"]', { timeout: 1000 })
      .catch(() => null);
    if (there) return;
  }
  throw new Error(`the key ${key} opens nothing`);
}

/** Gives a file to the button that asks for one. */
export async function choose(person: Person, page: Page, label: string, file: string): Promise<void> {
  const [chooser] = await Promise.all([page.waitForFileChooser(), person.press('button', label)]);
  await chooser.accept([file]);
}

/** Puts the first so many candidates of a pull list side by side, by keyboard. */
export async function sideBySide(page: Page, count: number): Promise<void> {
  for (let i = 0; i < count; i++) {
    await page.keyboard.press('ArrowDown');
    await page.keyboard.press('v');
  }
  // Keys that follow one another without a pause are a scanner's.
  await new Promise((rest) => setTimeout(rest, 200));
  await page.keyboard.down('Shift');
  await page.keyboard.press('V');
  await page.keyboard.up('Shift');
  await page.waitForSelector(`.compare article:nth-child(${count})`);
}

/** Drags one thing onto another: once it stands still, and each part of the way only when the page has seen the last. */
export async function drag(page: Page, what: string, onto: string): Promise<void> {
  await settled(page);
  // What comes in late may move it from under the hand: then it is grasped again.
  for (let i = 0; i < 8; i++) {
    const from = await standing(page, what);
    const to = await standing(page, onto);
    await page.mouse.move(from.x + from.width / 2, from.y + 20);
    await page.mouse.down();
    await page.mouse.move(from.x + from.width / 2 + 12, from.y + 26, { steps: 3 });
    if (await seen(page, `${what}[data-dragging]`)) {
      await page.mouse.move(to.x + to.width / 2, Math.max(60, to.y + 120), { steps: 8 });
      if (await seen(page, `${onto}[data-over]`)) return page.mouse.up();
    }
    await page.keyboard.press('Escape');
    await page.mouse.up();
  }
  throw new Error(`cannot be dragged: ${what} onto ${onto}`);
}

/** True once something is on the page; false when it has not come within a moment. */
export const seen = (page: Page, selector: string): Promise<boolean> =>
  page.waitForSelector(selector, { timeout: 5000 }).then(
    () => true,
    () => false,
  );

/** Where something stands once it stands still in the middle of the window. */
export async function standing(page: Page, selector: string): Promise<BoundingBox> {
  const element = await page.waitForSelector(selector);
  await element?.evaluate((each) => each.scrollIntoView({ block: 'nearest' }));
  await page.waitForFunction(
    (wanted) => {
      const { x, y } = document.querySelector(wanted)?.getBoundingClientRect() ?? { x: -1, y: -1 };
      const before = document.body.dataset.seenAt;
      document.body.dataset.seenAt = `${x} ${y}`;
      return before === `${x} ${y}`;
    },
    { polling: 100 },
    selector,
  );
  const box = await element?.boundingBox();
  if (!box) throw new Error(`nothing there: ${selector}`);
  return box;
}
