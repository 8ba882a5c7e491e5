import { CATEGORY, type Category } from '../piece';
import type { English } from '../words';
import { classOf, isShoe, union } from './draft';
import { fitting } from './fitting';
import { lexiconOf } from './lexicon';
import { markAt } from './marks';
import { amountAt, countOf, lengthAt, runAt, sizeAt } from './numbers';
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
const LETTER_WORDS: Readonly<Record<string, string>> = { small: 'S', medium: 'M', large: 'L' };

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

  /** A size, an amount or a length without a word before it that bounds it. */
  private number({ start }: Token): boolean {
    const rest = this.text.slice(start);
    const isFigure = /^[£€$]|^\d/.test(rest);
    if (this.as === 'garment') {
      const run = runAt(rest);
      if (run) {
        this.draft.sizes = run.value;
        return this.pass(start, run.length);
      }
    }
    const size = sizeAt(rest);
    if (size) {
      this.draft.size ??= size.value;
      return this.pass(start, size.length);
    }
    if (!isFigure) return false;
    const length = lengthAt(rest);
    if (length) {
      // "a 5 cm heel", "a heel of 5 cm at most".
      if (this.isAboutHeels()) this.draft.heelMaxMm ??= length.value;
      else this.notes.push(rest.slice(0, length.length).trim());
      return this.pass(start, length.length);
    }
    const amount = amountAt(rest);
    if (amount?.value.currency) {
      this.price(this.as === 'garment' ? 'is' : 'most', amount.value.minor, amount.value.currency);
      return this.pass(start, amount.length);
    }
    return false;
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
    const isFree = this.lower[this.at] === 'free' && FREE_OF.some((field) => meaning[field] !== undefined);
    const before = this.isNot;
    if (isFree) this.isNot = true;
    this.say(meaning, this.text.slice(start, end), from);
    if (isFree) {
      this.isNot = before;
      this.at++;
    }
    return true;
  }

  /** "two white tees": a number with something countable behind it; a bare one behind the noun is a size. */
  private counted({ word, raw, start }: Token): boolean {
    const times = countOf(this.lower[this.at + 1] ?? '');
    if ((raw === 'x' || raw === '×') && times !== undefined) {
      this.draft.count ??= times;
      this.at += 2;
      return true;
    }
    // "100 % cotton" is all of it.
    if (/^\d/.test(raw) && this.lower[this.at + 1] === '%') {
      this.at += 2;
      return true;
    }
    const amount = amountAt(this.text.slice(start));
    const end = start + (amount?.length ?? 0);
    if (
      this.as === 'ask' &&
      amount &&
      /^\s*(?:at (?:the )?most|max(?:imum)?|or (?:less|under))\b/i.test(this.text.slice(end))
    ) {
      this.price('most', amount.value.minor, amount.value.currency);
      return this.pass(start, amount.length);
    }
    const count = countOf(word);
    if (count === undefined) {
      if (!/^\d/.test(raw)) return false;
      if (this.as === 'garment') this.price('is', Math.round(Number(raw.replace(',', '.')) * 100));
      else this.unknown.push(raw);
      this.at++;
      return true;
    }
    const isFigure = /^\d/.test(raw);
    if (isFigure && ['leg', 'inseam'].includes(this.lower[this.at + 1] ?? '')) {
      this.notes.push(`${raw} ${this.lower[this.at + 1]}`);
      this.at += 2;
      return true;
    }
    const each = this.lower[this.at + 1];
    if (isFigure && this.lower[this.at - 1] === 'collar' && this.as !== 'garment') {
      const { neckline: _collar, ...cut } = this.draft.cut ?? {};
      this.draft.cut = cut;
      this.draft.size ??= { label: raw };
      this.at++;
      return true;
    }
    if (isFigure && each === 'waist') {
      this.draft.size ??= { system: 'inches', label: raw };
      this.at += 2;
      return true;
    }
    // "White vests, 3": no size of clothes is so small.
    const isCountOfThem = this.as === 'piece' && count <= 3 && !(this.draft.kinds ?? []).some(isShoe);
    const isAlone = !isFigure && (each ?? ',') === ',' && this.lower[this.at - 1] === ',';
    if (isAlone || each === 'pair' || each === 'pairs' || (isFigure && isCountOfThem)) {
      if (this.role === 'main' && !this.isNot && count > 1) this.draft.count ??= count;
    } else if (each === 'each' || each === 'of' || this.kindAhead(this.at)) {
      if (word !== 'one' && this.role === 'main' && !this.isNot) this.draft.count ??= count;
    } else if (isFigure && this.as !== 'garment' && (this.draft.kinds ?? []).length > 0 && count >= 2)
      this.draft.size ??= { label: raw };
    else if (isFigure && this.as === 'garment') this.price('is', count * 100);
    else if (isFigure) this.unknown.push(raw);
    this.at++;
    return true;
  }

  /** The word just read stands alone between commas. */
  private isApart(): boolean {
    return [this.at - 2, this.at].every((at) => (this.lower[at] ?? ',') === ',');
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
    const letter = LETTER_WORDS[word];
    if (letter && this.isApart() && (this.draft.kinds ?? []).some(isClothes)) {
      this.draft.size ??= { system: 'letters', label: letter };
      return;
    }
    if (this.lexicon.isIdle(word) || this.lexicon.isIdle(raw.toLowerCase())) return;
    (this.inBrackets && this.as !== 'ask' ? this.notes : this.unknown).push(raw);
  }
}
