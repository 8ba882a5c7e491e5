import { broughtUp, type LetterDraft, type PieceNote } from '@core/letter';
import { describe, expect, it } from 'vitest';

const note = (ref: string, fit = 'Size M.'): PieceNote => ({
  ref,
  why: `drafted ${ref}`,
  fit,
  wear: [],
  beneath: [],
  facts: '',
  care: '',
});
const letter = (pieces: PieceNote[], looks: string[] = []): LetterDraft => ({
  greeting: 'drafted',
  pieces,
  looks: looks.map((id) => ({ id, line: `drafted ${id}` })),
  closing: 'drafted',
});

describe('a letter brought up to the box', () => {
  const written: LetterDraft = {
    ...letter([{ ...note('a'), why: 'In my own words.' }, note('b')], ['one']),
    greeting: 'Dear you',
  };
  it('is itself while nothing changed', () => {
    expect(broughtUp(written, letter([note('a'), note('b')], ['one']))).toBe(written);
  });
  it('keeps what was written, takes what is new from the draft, leaves out what went', () => {
    const now = broughtUp(written, letter([note('c'), note('a')], ['one', 'two']));
    expect(now.greeting).toBe('Dear you');
    expect(now.pieces.map(({ ref, why }) => [ref, why])).toEqual([
      ['c', 'drafted c'],
      ['a', 'In my own words.'],
    ]);
    expect(now.looks.map(({ id }) => id)).toEqual(['one', 'two']);
  });
  it('says what the tailor does as it is now, and nothing of what is left as it was', () => {
    const job = 'Size M. Altered for you: hem, 3 cm shorter. So it stays with you.';
    const altered = broughtUp(written, letter([note('a', job), note('b')], ['one']));
    expect(altered.pieces[0]).toMatchObject({ why: 'In my own words.', fit: job });
    const other = job.replace('3 cm', '2 cm');
    expect(broughtUp(altered, letter([note('a', other), note('b')], ['one'])).pieces[0]?.fit).toBe(other);
    expect(broughtUp(altered, letter([note('a'), note('b')], ['one'])).pieces[0]?.fit).toBe('Size M.');
  });
});
