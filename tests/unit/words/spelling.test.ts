import { readdirSync, readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { HOUSE_TONGUE, spelt } from '@core/words';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import { BRITISH } from '../../support/british';

const AMERICAN = { english: 'american', units: 'in' } as const;
const SRC = fileURLToPath(new URL('../../../src/', import.meta.url));

const filesIn = (dir: string): string[] =>
  readdirSync(SRC + dir, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.tsx?$/.test(name))
    .map((name) => `${dir}/${name}`);

/** The names of what a file passes through `spell` or `spelt`, however it gets at them: `spell(BY_WORDS[by])`. */
const spelledIn = (text: string): ReadonlySet<string> =>
  new Set(
    [...text.matchAll(/\b(?:spell|spelt)\(([^;]*)/g)].flatMap(
      ([, inside = '']) => inside.match(/\w+/g) ?? [],
    ),
  );

/** Words for a reader in a file of a screen that no reader across the sea would write. */
function unspelt(file: string): string[] {
  const text = readFileSync(SRC + file, 'utf8');
  const source = ts.createSourceFile(
    file,
    text,
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const spelled = spelledIn(text);
  const found: string[] = [];
  const isSpelled = (node: ts.Node): boolean => {
    for (let at: ts.Node | undefined = node.parent; at; at = at.parent) {
      if (ts.isCallExpression(at) && /^spel(l|t)$/.test(at.expression.getText())) return true;
      // A table of words is spelled where it is read; what the keys do, by the help that lists them.
      if (ts.isVariableDeclaration(at) && (spelled.has(at.name.getText()) || at.name.getText() === 'KEYS'))
        return true;
    }
    return false;
  };
  const visit = (node: ts.Node): void => {
    const said =
      ts.isJsxText(node) || ts.isTemplateHead(node) || ts.isTemplateMiddle(node) || ts.isTemplateTail(node)
        ? node.text
        : ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)
          ? // One word in small letters is a key of ours, a path or a class.
            / |^\p{Lu}/u.test(node.text.trim()) && !ts.isImportDeclaration(node.parent)
            ? node.text
            : ''
          : '';
    if (BRITISH.test(said) && !isSpelled(node)) found.push(`${file}: ${said.trim().replace(/\s+/g, ' ')}`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** Shown as it is on purpose. */
const MEANT = [
  // The two Englishes by their own words; the name of a kind of file.
  'islands/house-rules/LanguagePanel.tsx: British: trousers, jumper, waistcoat, colour',
  'islands/shop/ArchivePanel.tsx: ZIP file',
  // The beginning of a key, said by nobody.
  'islands/brief/AskList.tsx: colour:',
];

describe('a word of the house', () => {
  it.each([
    ['Colours, up to three', 'Colors, up to three'],
    ['Trousers in one colour', 'Pants in one color'],
    ['Grey cardigan, White trainers', 'Gray cardigan, White sneakers'],
    ['Practise first', 'Practice first'],
    ['a file of your till', 'a file of your register'],
    ['a ZIP file', 'a ZIP file'],
    ['colourless greyhounds, zipped', 'colourless greyhounds, zipped'],
    ['', ''],
  ])('%s', (british, american) => {
    expect(spelt(british, AMERICAN)).toBe(american);
    expect(spelt(british, HOUSE_TONGUE)).toBe(british);
    // Said twice it is said once: what is spelt already stays.
    expect(spelt(spelt(british, AMERICAN), AMERICAN)).toBe(american);
  });
});

describe('every screen', () => {
  it('speaks the English of its shop: what differs across the sea goes through the table', () => {
    const found = [...filesIn('islands'), ...filesIn('ui')].flatMap(unspelt);
    expect(found.filter((each) => !MEANT.includes(each))).toEqual([]);
  });
});
