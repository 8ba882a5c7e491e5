import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { describe, expect, it } from 'vitest';

const all = readdirSync('src', { recursive: true, encoding: 'utf8' }).map((name) => join('src', name));
const sheets = all.filter((name) => name.endsWith('.css'));

/** Classes a rule begins with: `.rack li` is of `rack`, `.rack .chip` of it too. */
const heads = (css: string): Set<string> =>
  new Set(
    [...css.replace(/\/\*[^]*?\*\//g, '').matchAll(/(?:^|[},])\s*\.([\w-]+)/g)].map(([, name]) => name ?? ''),
  );

describe('style sheets', () => {
  it('are each imported from their own room, or from ui by its frame', () => {
    const strangers = all
      .filter((name) => /\.(css|tsx?|astro)$/.test(name))
      .flatMap((file) =>
        [...readFileSync(file, 'utf8').matchAll(/import '([^']+\.css)'/g)]
          .map(([, from]) => from ?? '')
          .filter((from) => from.startsWith('.'))
          .map((from) => relative('.', join(dirname(file), from)))
          .filter((sheet) => !dirname(sheet).startsWith(dirname(file)))
          .map((sheet) => `${file} imports ${sheet}`),
      );
    expect(strangers).toEqual([]);
  });
  it('of two islands never style one class: what is shared stands in ui', () => {
    const owners = new Map<string, Set<string>>();
    for (const sheet of sheets.filter((each) => each.startsWith('src/islands/')))
      for (const name of heads(readFileSync(sheet, 'utf8')))
        owners.set(name, (owners.get(name) ?? new Set()).add(sheet));
    expect(
      [...owners].filter(([, of]) => of.size > 1).map(([name, of]) => `${name}: ${[...of].join(', ')}`),
    ).toEqual([]);
    const ours = new Set(
      sheets
        .filter((each) => each.startsWith('src/ui/'))
        .flatMap((sheet) => [...heads(readFileSync(sheet, 'utf8'))]),
    );
    // A state of a class of ours, in one island, is said after the island's own class.
    expect([...owners.keys()].filter((name) => ours.has(name))).toEqual([]);
  });
});
