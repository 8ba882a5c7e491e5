import type { Zone } from '../piece';
import { zonesOf } from './lexicon';
import { fold } from './tokens';

/** Words that say of a part of the body that it shows, or that it is not to. */
const ABOUT = new Set(
  'no not never bare bared uncovered exposed naked visible showing show shows my her his their cover cover covered covering keep the and or all be to must with'.split(
    ' ',
  ),
);
const MOST_WORDS = 4;

/**
 * Parts of the body that a phrase names where it names nothing else: "upper arms", "No bare shoulders", "knees and
 * shoulders covered". Empty for any other phrase: "open toes" is said of a shoe.
 */
export function zonesNamed(phrase: string): readonly Zone[] {
  const words = fold(phrase.replace(/[^\p{L}\p{M}\s'’-]/gu, ' '))
    .split(' ')
    .filter((word) => word !== '');
  const found = new Set<Zone>();
  for (let at = 0; at < words.length;) {
    let took = 0;
    for (let take = Math.min(MOST_WORDS, words.length - at); take > 0 && took === 0; take--) {
      const zones = zonesOf(words.slice(at, at + take));
      if (!zones) continue;
      zones.forEach((zone) => found.add(zone));
      took = take;
    }
    if (took === 0 && !ABOUT.has(words[at] ?? '')) return [];
    at += Math.max(1, took);
  }
  return [...found];
}
