import type { Category } from '../piece';
import type { Compiled, Meaning } from './lexicon';
import { zonesOf } from './lexicon';
import { markAt } from './marks';
import { type Token, tokensOf } from './tokens';

/** A phrase of the lexicon at a place: how many words of it, and how they are folded. */
export interface Found {
  readonly meaning: Meaning;
  readonly words: number;
  readonly said: string;
}

export const ARTICLES = new Set([
  'a',
  'an',
  'the',
  'some',
  'any',
  'one',
  'of',
  'my',
  'her',
  'his',
  'their',
  'our',
  'your',
]);
/** The words of a phrase and what stands at each place of it; where somebody is within it is the reader's. */
export class Phrase {
  protected readonly tokens: readonly Token[];
  /** As they were written, in lower case: marks are looked for in these. */
  protected readonly lower: readonly string[];
  /** What was found at each place; null where nothing was. */
  private readonly seen = new Map<number, Found | null>();

  constructor(
    protected readonly text: string,
    protected readonly lexicon: Compiled,
  ) {
    const all = tokensOf(text);
    // A hyphen within a word parts it, and says nothing; between figures it is a run.
    this.tokens = all.filter(({ raw, start, end }, i) => {
      const [before, after] = [all[i - 1], all[i + 1]];
      const within = before?.end === start && after?.start === end && before.word && after.word;
      return !(within && /[-–]/.test(raw)) || /\d/.test(before.raw);
    });
    this.lower = this.tokens.map(({ raw }) => raw.toLowerCase().replace(/[’‘]/g, "'"));
  }

  protected skipArticles(from: number): number {
    let at = from;
    while (ARTICLES.has(this.lower[at] ?? '')) at++;
    return at;
  }

  /** The longest phrase of the lexicon at a place, or what a misspelt word there was meant to be. */
  protected found(at: number): Found | undefined {
    const known = this.seen.get(at);
    if (known !== undefined) return known ?? undefined;
    const found = this.search(at);
    this.seen.set(at, found ?? null);
    return found;
  }

  private search(at: number): Found | undefined {
    const first = this.tokens[at];
    if (!first?.word) return undefined;
    for (let take = this.lexicon.longest(first.word); take > 0; take--) {
      const words = this.tokens.slice(at, at + take).map(({ word }) => word);
      if (words.length < take || words.includes('')) continue;
      const meaning = this.lexicon.of(words);
      if (meaning) return { meaning, words: take, said: words.join(' ') };
    }
    const meant = this.lexicon.meant(first.word);
    const meaning = meant === undefined ? undefined : this.lexicon.of([meant]);
    return meaning && { meaning, words: 1, said: meant ?? '' };
  }

  protected zonesAt(
    at: number,
  ):
    | { readonly zones: readonly NonNullable<Meaning['zones']>[number][]; readonly words: number }
    | undefined {
    for (let take = 4; take > 0; take--) {
      const zones = zonesOf(this.tokens.slice(at, at + take).map(({ word }) => word));
      if (zones) return { zones, words: take };
    }
    return undefined;
  }

  /** A noun that carries on: "summer wedding" is no season. */
  protected isPlainWord(at: number): boolean {
    const token = this.tokens[at];
    return Boolean(token?.word) && !markAt(this.lower, at) && !this.lexicon.isIdle(token?.word ?? '');
  }

  protected kindWithin(from: number, words: number): boolean {
    for (let at = from; at < from + words; at++) {
      const found = this.found(at);
      if (found?.meaning.kinds) return true;
      if (!this.tokens[at]?.word || markAt(this.lower, at)) return false;
    }
    return false;
  }

  /** A kind within so many words, and nothing it only describes behind it: "for the green dress I have". */
  protected isKindAtEnd(from: number, words: number): boolean {
    for (let at = from; at < from + words; at++) {
      const found = this.found(at);
      if (found?.meaning.kinds) return !this.isPlainWord(at + found.words);
      if (!this.tokens[at]?.word || markAt(this.lower, at)) return false;
    }
    return false;
  }

  protected kindAhead(of: number, is: (kind: Category) => boolean = () => true): boolean {
    for (let at = of + 1; at < of + 6; at++) {
      if (!this.tokens[at]?.word) return false;
      const found = this.found(at);
      if (found?.meaning.kinds) return found.meaning.kinds.some(is);
    }
    return false;
  }
}
