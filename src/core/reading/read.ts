import { CATEGORY, type Category } from '../piece';
import type { English } from '../words';
import { classOf, union } from './draft';
import { fitting } from './fitting';
import { lexiconOf, type Meaning } from './lexicon';
import { markAt } from './marks';
import { amountAt, letterNamed } from './numbers';
import { PEOPLE } from './people';
import { ARTICLES } from './phrase';
import type { ReadAs, Reading } from './reading';
import { Steering } from './steering';
import type { Token } from './tokens';

export interface ReadOptions {
  readonly as?: ReadAs | undefined;
  readonly english?: English | undefined;
}

/** The longest text that is read, characters; what is longer is kept to its first part. */
const MOST_TEXT = 2000;
/** What may stand before "-free". */
const FREE_OF = ['fibre', 'textures', 'patterns', 'colour'] as const;
const ALLERGIES = ['allergy', 'allergies', 'intolerance', 'sensitivity'];
/** And what says behind a thing that it is left out: "a wool allergy", "wool is a no". Longest first. */
const LEFT_OUT = [
  'makes me itch|makes her itch|makes him itch|makes them itch|is a no go|are a no go',
  'is a no|are a no|is not allowed|are not allowed|is no good|are no good',
  'is out|are out|is banned|are banned',
  [...ALLERGIES, 'itches'].join('|'),
].flatMap((phrases) => phrases.split('|').map((phrase) => phrase.split(' ')));

const isSkirted = (kind: Category): boolean => CATEGORY[kind].skirted;
const isClothes = (kind: Category): boolean => ['upper', 'lower', 'whole'].includes(CATEGORY[kind].shape);

/**
 * What is understood of a phrase in plain words; a long one is read in one pass. The head noun decides the kinds; what it
 * goes with stands in `joins`; "not", "no", "without" turn what they reach; what nobody understood is named. Never throws.
 */
export function read(text: string, { as = 'ask', english = 'british' }: ReadOptions = {}): Reading {
  return new PhraseReader(text.slice(0, MOST_TEXT), text, as, lexiconOf(english)).result();
}

/** Goes through a phrase from its first word to its last. */
class PhraseReader extends Steering {
  result(): Reading {
    for (let guard = 0; this.at < this.tokens.length && guard < 4000; guard++) this.step();
    this.darken();
    this.endRole(this.text.length);
    return fitting(
      {
        ...this.draft,
        text: this.whole,
        as: this.as,
        kinds: this.draft.kinds ?? [],
        ...(this.joins.length > 0 ? { joins: this.joins.map((join) => this.joinOf(join)) } : {}),
        unknown: this.unknown,
      },
      this.notes,
      this.isChunky,
    );
  }

  /** Reads what stands at the present place, and goes on behind it. */
  private step(): void {
    const token = this.tokens[this.at];
    if (!token) return;
    if (!token.word) return this.sign(token);
    if (this.role !== 'main' && this.role !== 'join') return this.within(token);
    if (this.number(token) || this.mark() || this.meaning() || this.counted(token)) return;
    this.word(token);
  }

  private sign({ raw, start }: Token): void {
    if (this.number(this.tokens[this.at] as Token)) return;
    this.at++;
    this.darken();
    if (raw === '(') this.inBrackets = true;
    if (raw === ')') this.inBrackets = false;
    if (!',;.()!?:-–—'.includes(raw)) return;
    this.endRole(start);
    this.isDetail = false;
    if (this.isNot && !(raw === ',' && this.goesOn())) this.isNot = false;
  }

  /** After a comma in "no lime, neon or yellow": more of the same is left out too. */
  private goesOn(): boolean {
    const next = this.found(this.at);
    if (!next || classOf(next.meaning) !== this.lastClass) return false;
    const after = this.at + next.words;
    return ['or', 'nor', 'and', ','].includes(this.lower[after] ?? '');
  }

  /** Within "for the …" or "like my …": gathered as written, until something ends it. */
  private within({ start, raw }: Token): void {
    const found = markAt(this.lower, this.at);
    // "A week in Greece", "the one my sister has": still the same thing.
    const isPlace =
      this.role === 'occasion' &&
      found?.mark === 'in' &&
      /^\p{Lu}/u.test(this.tokens[this.at + 1]?.raw ?? '');
    const isOwning = this.role === 'like' && /^(has|having)$/i.test(raw);
    const ends =
      found &&
      !isPlace &&
      !isOwning &&
      (['but', 'not', 'with', 'in', 'cover', 'join'].includes(found.mark) ||
        (this.role === 'like' && found.mark === 'for') ||
        (['most', 'least', 'about', 'between'].includes(found.mark) && this.amountBehind(found.words)));
    const relative =
      this.role === 'occasion' && ['that', 'which', 'please', 'to'].includes(raw.toLowerCase());
    if (ends || relative || (this.role === 'occasion' && this.amountHere())) return this.endRole(start);
    // "for the boat and a bag": another wish begins.
    if (this.lower[this.at] === 'and' && ARTICLES.has(this.lower[this.at + 1] ?? '')) {
      const next = this.found(this.skipArticles(this.at + 1));
      if (next?.meaning.kinds) return this.endRole(start);
    }
    // A like piece is of a kind: somebody who names no other wants that.
    const meant = this.role === 'like' ? this.found(this.at) : undefined;
    if (meant?.meaning.kinds && (this.draft.kinds ?? []).length === 0) this.draft.kinds = meant.meaning.kinds;
    this.at += meant?.words ?? 1;
  }

  private amountHere(): boolean {
    const token = this.tokens[this.at];
    const amount = token && amountAt(this.text.slice(token.start));
    return amount?.value.currency !== undefined;
  }

  private meaning(): boolean {
    const found = this.found(this.at);
    if (!found) return this.isIroning();
    const { meaning, words, said } = found;
    const from = this.at;
    const start = (this.tokens[from] as Token).start;
    const end = (this.tokens[from + words - 1] as Token).end;
    this.at += words;
    if (meaning.shade !== undefined) {
      this.shade = { by: meaning.shade, word: said, end: this.at };
      return true;
    }
    // "wool-free": what stands before is left out.
    const free = this.leftOut(meaning);
    const before = this.isNot;
    if (free > 0) this.isNot = true;
    this.say(meaning, this.text.slice(start, end), from);
    if (free > 0) {
      this.isNot = before;
      this.at += free;
    }
    return true;
  }

  /** How many words behind a thing say that it is left out. */
  private leftOut(meaning: Meaning): number {
    const isCloth = FREE_OF.some((field) => meaning[field] !== undefined);
    if (isCloth && this.lower[this.at] === 'free') return 1;
    if (!isCloth && !meaning.kinds && !meaning.cut) return 0;
    return LEFT_OUT.find((words) => words.every((word, i) => this.lower[this.at + i] === word))?.length ?? 0;
  }

  /** The word just read stands alone between commas. */
  private isApart(): boolean {
    return [this.at - 2, this.at].every((at) => (this.lower[at] ?? ',') === ',');
  }

  /** "A cardigan in medium". */
  private isInSize(): boolean {
    return this.lower[this.at - 2] === 'in' && (this.lower[this.at] ?? ',') === ',';
  }

  /** A dress or a skirt within the next three words. */
  private hemAhead(): boolean {
    for (let at = this.at; at < this.at + 3; at++) {
      const [kind] = this.found(at)?.meaning.kinds ?? [];
      if (kind) return isSkirted(kind);
      if (!this.tokens[at]?.word || markAt(this.lower, at)) return false;
    }
    return false;
  }

  /** A word of no phrase: an occasion by its noun, a word of grammar, or nobody knows. */
  private word({ word, raw }: Token): void {
    this.at++;
    if (/^chunky$/i.test(raw)) {
      this.isChunky = true;
      return;
    }
    if (this.role === 'join') return;
    // "my arms need covering": the zone stands before what is said of it.
    const zones = this.zonesAt(this.at - 1);
    if (zones) {
      const end = this.at - 1 + zones.words;
      const covered = this.lower
        .slice(end, end + 4)
        .some((_, i) => markAt(this.lower, end + i)?.mark === 'cover');
      this.at = end;
      if (covered) this.draft.cover = union(this.draft.cover, zones.zones);
      else this.notes.push(raw);
      return;
    }
    if (this.lexicon.isOccasion(word) && !this.isNot) {
      this.draft.occasion ??= raw.toLowerCase();
      return;
    }
    if (PEOPLE.has(word.replace(/'s?$/, ''))) {
      this.notes.push(raw);
      return;
    }
    // "A long floral skirt": of hems the word is a length.
    const reach = word === 'long' ? 'maxi' : word === 'short' ? 'mini' : undefined;
    const isOfHem = this.hemAhead() || (this.isApart() && (this.draft.kinds ?? []).some(isSkirted));
    if (reach && !this.isNot && isOfHem) {
      this.draft.length ??= reach;
      return;
    }
    const letter = letterNamed(word);
    if (letter && (this.isApart() || this.isInSize()) && (this.draft.kinds ?? []).some(isClothes)) {
      this.draft.size ??= { system: 'letters', label: letter };
      return;
    }
    if (this.isNot && this.lexicon.isRefused(word)) {
      this.notes.push(`not ${raw}`);
      return;
    }
    // Nobody here knows what it is, and it is not passed over.
    if (ALLERGIES.includes(this.lower[this.at] ?? '') && !this.lexicon.isIdle(word)) {
      this.notes.push(`${raw} ${this.lower[this.at]}`);
      this.at++;
      return;
    }
    if (this.lexicon.isIdle(word) || this.lexicon.isIdle(raw.toLowerCase())) return;
    (this.inBrackets && this.as !== 'ask' ? this.notes : this.unknown).push(raw);
  }
}
