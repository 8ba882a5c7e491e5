import {
  asDrafted,
  keysOf,
  type LetterDraft,
  lineIn,
  moved,
  type PieceNote,
  redrafted,
  rewritten,
  withLook,
} from '@core/letter';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

const note = (ref: string, fit = 'Size M.'): PieceNote => ({
  ref,
  why: `drafted ${ref}`,
  fit,
  wear: [`worn ${ref}`, 'or otherwise'],
  beneath: [],
  facts: '',
  care: '',
});
const letter = (pieces: PieceNote[], looks: string[] = [], more: Partial<LetterDraft> = {}): LetterDraft => ({
  greeting: 'drafted',
  pieces,
  looks: looks.map((id) => ({ id, line: `drafted ${id}`, instead: '' })),
  closing: 'drafted',
  own: [],
  ...more,
});

describe('a letter brought up to the box', () => {
  const drafted = letter([note('a'), note('b')], ['one']);
  const written = rewritten(rewritten(drafted, 'a why', 'In my own words.'), 'greeting', 'Dear you');
  it('is itself while nothing changed', () => {
    expect(redrafted(written, drafted)).toEqual({ letter: written, changed: [] });
    expect(redrafted(written, drafted).letter).toBe(written);
  });
  it('keeps what was written where it stands, takes every other line from the draft, and says which', () => {
    const other = { ...note('b'), why: 'It goes with your boots now.' };
    const { letter: now, changed } = redrafted(
      written,
      letter([note('c'), other, note('a')], ['one', 'two']),
    );
    expect(now.greeting).toBe('Dear you');
    expect(now.pieces.map(({ ref, why }) => [ref, why])).toEqual([
      ['a', 'In my own words.'],
      ['b', 'It goes with your boots now.'],
      ['c', 'drafted c'],
    ]);
    expect(now.looks.map(({ id }) => id)).toEqual(['one', 'two']);
    expect(changed).toEqual(['b why', 'c why', 'c fit', 'c wear', 'two line']);
  });
  it('leaves out what went, and what was written of it', () => {
    const { letter: now } = redrafted(written, letter([note('b')]));
    expect(now.pieces.map(({ ref }) => ref)).toEqual(['b']);
    expect(now.looks).toEqual([]);
    expect(now.own).toEqual(['greeting']);
  });
  it('keeps the order, a look left out, and a struck line struck', () => {
    const arranged = rewritten(withLook(moved(drafted, 'b', -1), 'one', true), 'a wear', '');
    const { letter: now } = redrafted(arranged, drafted);
    expect(now).toBe(arranged);
    expect(now.pieces.map(({ ref }) => ref)).toEqual(['b', 'a']);
    expect(now.looks[0]?.hidden).toBe(true);
    expect(now.pieces[1]?.wear).toEqual([]);
    expect(asDrafted(now, drafted, 'a wear').pieces[1]?.wear).toEqual(['worn a', 'or otherwise']);
    expect(withLook(now, 'one', false).looks[0]?.hidden).toBeUndefined();
  });
  it('takes nothing away from a letter of before lines were told apart', () => {
    const { own: _own, ...old } = { ...written, closing: 'See you.' };
    const { letter: now } = redrafted(old, letter([note('b'), note('c')], ['one'], { greeting: 'anew' }));
    expect([now.greeting, now.closing]).toEqual(['Dear you', 'See you.']);
    expect(lineIn(now, 'b why')).toBe('drafted b');
    expect(lineIn(now, 'c why')).toBe('drafted c');
  });
  it('says what the tailor does as it is now, and nothing of what is left as it was', () => {
    const job = 'Size M. Altered for you: hem, 3 cm shorter. So it stays with you.';
    const own = rewritten(drafted, 'a fit', 'Size M.');
    const altered = redrafted(own, letter([note('a', job), note('b')], ['one'])).letter;
    expect(altered.pieces[0]).toMatchObject({ fit: job });
    const other = job.replace('3 cm', '2 cm');
    expect(redrafted(altered, letter([note('a', other), note('b')], ['one'])).letter.pieces[0]?.fit).toBe(
      other,
    );
    expect(redrafted(altered, drafted).letter.pieces[0]?.fit).toBe('Size M.');
  });
  it('loses no line that somebody wrote, whatever is drafted (property)', () => {
    const refs = fc.uniqueArray(fc.constantFrom('a', 'b', 'c', 'd', 'e'), { minLength: 1 });
    fc.assert(
      fc.property(refs, refs, fc.array(fc.nat(40), { maxLength: 6 }), (before, after, picks) => {
        const start = letter(before.map((ref) => note(ref)));
        const keys = keysOf(start);
        const mine = [...new Set(picks.map((at) => keys[at % keys.length] ?? 'greeting'))];
        const own = mine.reduce((now, key) => rewritten(now, key, `mine ${key}`), start);
        const { letter: now } = redrafted(own, letter(after.map((ref) => note(ref, 'Size L.'))));
        for (const key of keysOf(now))
          expect(lineIn(now, key)).toBe(
            mine.includes(key)
              ? `mine ${key}`
              : lineIn(letter(after.map((ref) => note(ref, 'Size L.'))), key),
          );
        expect(now.pieces.map(({ ref }) => ref).sort()).toEqual([...after].sort());
      }),
    );
  });
  it('moves no further than its ends', () => {
    expect(moved(drafted, 'a', -1)).toEqual(drafted);
    expect(moved(drafted, 'b', 1)).toEqual(drafted);
    expect(moved(drafted, 'nobody', 1)).toEqual(drafted);
  });
});
