import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from 'puppeteer-core';
import { atRest } from './chromium';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface Violation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string }[];
}

/** What axe finds on a page as it stands once it is at rest, in short: what fades in has not its own colours yet. */
export async function axeOn(page: Page): Promise<string[]> {
  await atRest(page);
  await page.evaluate(AXE);
  const violations = await page.evaluate(async () => {
    const { axe: run } = window as unknown as {
      axe: { run: (where: Document, options: object) => Promise<{ violations: Violation[] }> };
    };
    // A drawing is one picture with a name: the thousand paths inside it are read to nobody, and axe would walk them rule by
    // rule. They are out of the page while it looks, in one breath, and back as they were.
    const drawings = [...document.querySelectorAll('svg')].map((svg) => ({
      svg,
      inside: [...svg.childNodes],
      named: [...svg.children].filter((child) => child.matches('title, desc')),
    }));
    for (const { svg, named } of drawings) svg.replaceChildren(...named);
    try {
      const found = await run.run(document, { resultTypes: ['violations'], preload: false });
      return found.violations.map(({ id, nodes }) => ({ id, nodes: nodes.map(({ html }) => ({ html })) }));
    } finally {
      for (const { svg, inside } of drawings) svg.replaceChildren(...inside);
    }
  });
  return violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes
        .slice(0, 3)
        .map(({ html }) => html.slice(0, 160))
        .join(' | ')}`,
  );
}
