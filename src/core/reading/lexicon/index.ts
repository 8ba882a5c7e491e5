import type { English } from '../../words';
import { fold } from '../tokens';
import { CLOTH } from './cloth';
import { COLOURS, SHADES } from './colours';
import { CUTS, ZONE_WORDS } from './cut';
import { HABITS, IDLE_WORDS, OCCASION_NOUNS, REFUSED_WORDS } from './habits';
import { AMERICAN_KINDS, BRITISH_KINDS, KINDS } from './kinds';
import { isOrdinary } from '../../words';
import type { Lexicon, Meaning } from './meaning';

export type { Meaning } from './meaning';

/** A lexicon ready to be asked: phrases by their folded words, and which words begin one. */
export interface Compiled {
  /** The meaning of a run of folded words; undefined where none is known. */
  readonly of: (words: readonly string[]) => Meaning | undefined;
  /** Most words of any phrase that begins with this one; 0 where none does. */
  readonly longest: (word: string) => number;
  readonly isIdle: (word: string) => boolean;
  /** An idle word that says something where it is left out. */
  readonly isRefused: (word: string) => boolean;
  readonly isOccasion: (word: string) => boolean;
  /** The known word a misspelt one is nearest to: one letter off, or two in a long one. No word of the language is misspelt. */
  readonly meant: (word: string) => string | undefined;
  /** The same of any word at all. */
  readonly nearest: (word: string) => string | undefined;
}

const merged = (...all: readonly Lexicon[]): Map<string, Meaning> => {
  const map = new Map<string, Meaning>();
  for (const lexicon of all)
    for (const [phrase, meaning] of Object.entries(lexicon)) {
      const key = fold(phrase);
      map.set(key, map.has(key) ? { ...map.get(key), ...meaning } : meaning);
    }
  return map;
};

/** A word and all that one letter left out makes of it. */
const shortened = (word: string): string[] => [
  word,
  ...Array.from(word, (_, i) => word.slice(0, i) + word.slice(i + 1)),
];

const SPELT_FROM = 5;

function compile(english: English): Compiled {
  const map = merged(
    KINDS,
    english === 'american' ? AMERICAN_KINDS : BRITISH_KINDS,
    CLOTH,
    CUTS,
    HABITS,
    COLOURS,
    SHADES,
  );
  const longest = new Map<string, number>();
  const vocabulary = new Set<string>();
  for (const phrase of map.keys()) {
    const words = phrase.split(' ');
    const [first = ''] = words;
    longest.set(first, Math.max(longest.get(first) ?? 0, words.length));
    for (const word of words) vocabulary.add(word);
  }
  const zones = merged(ZONE_WORDS);
  for (const phrase of zones.keys()) for (const word of phrase.split(' ')) vocabulary.add(word);
  const idle = new Set(IDLE_WORDS.map(fold));
  const refused = new Set(REFUSED_WORDS.map(fold));
  const occasions = new Set(OCCASION_NOUNS.map(fold));
  const near = new Map<string, string>();
  for (const word of vocabulary)
    if (word.length >= SPELT_FROM)
      for (const part of shortened(word)) if (!near.has(part)) near.set(part, word);
  const nearest = (word: string): string | undefined => {
    if (word.length < SPELT_FROM || vocabulary.has(word) || idle.has(word) || occasions.has(word))
      return undefined;
    for (const part of shortened(word)) {
      const found = near.get(part);
      if (found && Math.abs(found.length - word.length) <= 1) return found;
    }
    return undefined;
  };
  return {
    of: (words) => map.get(words.join(' ')),
    longest: (word) => longest.get(word) ?? 0,
    isIdle: (word) => idle.has(word),
    isRefused: (word) => refused.has(word),
    isOccasion: (word) => occasions.has(word),
    meant: (word) => (isOrdinary(word) ? undefined : nearest(word)),
    nearest,
  };
}

const compiled = new Map<English, Compiled>();

export function lexiconOf(english: English): Compiled {
  const known = compiled.get(english) ?? compile(english);
  compiled.set(english, known);
  return known;
}

const ZONES = merged(ZONE_WORDS);
/** A part of the body from a run of folded words. */
export const zonesOf = (words: readonly string[]): Meaning['zones'] => ZONES.get(words.join(' '))?.zones;
