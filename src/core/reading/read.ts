import { lab, labToHex } from '../colour';
import { CATEGORY, type Category } from '../piece';
import type { English } from '../words';
import { fitting } from './fitting';
import { type Compiled, lexiconOf, type Meaning } from './lexicon';
import { markAt } from './marks';
import { amountAt, countOf, lengthAt, runAt, sizeAt } from './numbers';
import type { Join, NamedColour, Reading, ReadAs } from './reading';
import { ARTICLES, Phrase } from './phrase';
import type { Token } from './tokens';

export interface ReadOptions {
  readonly as?: ReadAs | undefined;
  readonly english?: English | undefined;
}

/** The longest text that is read, characters; what is longer is kept to its first part. */
const MOST_TEXT = 2000;

/** What is gathered while a phrase is gone through. */
type Draft = { -readonly [K in keyof Reading]?: Reading[K] };
type Role = 'main' | 'join' | 'like' | 'occasion' | 'note' | 'than';

const POSSESSIVES = new Set(['my', 'her', 'his', 'their', 'our']);

/**
 * What is understood of a phrase in plain words; a long one is read in one pass. The head noun decides the kinds; what it
 * goes with stands in `joins`; "not", "no", "without" turn what they reach; what nobody understood is named. Never throws.
 */
export function read(text: string, { as = 'ask', english = 'british' }: ReadOptions = {}): Reading {
  return new PhraseReader(text.slice(0, MOST_TEXT), text, as, lexiconOf(english)).result();
}

class PhraseReader extends Phrase {
  private readonly draft: Draft = {};
  private readonly unknown: string[] = [];
  private readonly notes: string[] = [];
  private joins: { text: [number, number]; kinds: readonly Category[]; colours: NamedColour[] }[] = [];
  private at = 0;
  private role: Role = 'main';
  private isNot = false;
  /** Within "with …": what the head has, and no wish of its own. */
  private isDetail = false;
  private inBrackets = false;
  private roleFrom = 0;
  private shade: { readonly by: number; readonly word: string; readonly end: number } | undefined;
  private lastNoun = -1;
  private lastClass = '';
  private isChunky = false;
  /** A suit was named last: its parts may follow. */
  private isSuit = false;
  constructor(
    text: string,
    private readonly whole: string,
    private readonly as: ReadAs,
    lexicon: Compiled,
  ) {
    super(text, lexicon);
  }

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

  private joinOf({ text: [from, to], kinds, colours }: (typeof this.joins)[number]): Join {
    const said = this.text
      .slice(from, to)
      .trim()
      .replace(/[\s,;.]+$/, '');
    return { text: said, kinds: [...new Set(kinds)], colours };
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

  private endRole(at: number): void {
    const from = this.roleFrom;
    const said = this.text.slice(from, at).trim();
    if (this.role === 'join') {
      const last = this.joins[this.joins.length - 1];
      if (last) last.text = [last.text[0], at];
      if (last && last.kinds.length === 0 && last.colours.length === 0) this.joins.pop();
    }
    if (this.role === 'like' && said) this.draft.likePiece ??= said;
    if (this.role === 'note' && said) this.notes.push(`for ${said}`);
    if (this.role === 'than' && said) this.notes.push(said);
    if (this.role === 'occasion') {
      const plain = said
        .replace(/^(?:a|an|the|some|any)\s+/i, '')
        .replace(/[\s,]+(?:please|pls|thanks)$/i, '');
      if (plain) this.draft.occasion ??= plain;
    }
    this.role = 'main';
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

  private amountBehind(words: number): boolean {
    const token = this.tokens[this.at + words];
    return token !== undefined && amountAt(this.text.slice(token.start)) !== undefined;
  }

  /** Goes on behind what was read in the text. */
  private pass(from: number, length: number): true {
    const end = from + length;
    while (this.at < this.tokens.length && (this.tokens[this.at] as Token).start < end) this.at++;
    return true;
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

  /** "No heels over 4 cm" leaves out the height and not the shoe. */
  private heels(mostMm: number): void {
    this.draft.heelMaxMm = mostMm;
    const left = (this.draft.notKinds ?? []).filter((kind) => kind !== 'heel');
    if (left.length > 0) this.draft.notKinds = left;
    else delete this.draft.notKinds;
  }

  private isAboutHeels(): boolean {
    const kinds = this.draft.kinds ?? [];
    return kinds.some(isShoe) || /\bheels?\b|\bshoes?\b|\bboots?\b/i.test(this.text);
  }

  private price(bound: 'most' | 'least' | 'is', minor: number, currency?: string): void {
    if (bound === 'is') this.draft.price = minor;
    if (bound === 'most') this.draft.priceMaxMinor = minor;
    if (bound === 'least') this.draft.priceMinMinor = minor;
    if (currency) this.draft.currency = currency;
  }

  /** A word that steers. */
  private mark(): boolean {
    if (this.lower[this.at] === 'than') return this.comparison();
    const found = markAt(this.lower, this.at);
    if (!found) return false;
    const { mark, words } = found;
    // "below the knee", "without sleeves": a phrase of its own says more.
    const own = this.found(this.at);
    if (own && own.words > words) return false;
    // "A cover-up" is a thing.
    if (mark === 'cover' && own?.meaning.kinds && ARTICLES.has(this.lower[this.at - 1] ?? '')) return false;
    const start = (this.tokens[this.at] as Token).start;
    const behind = this.at + words;
    switch (mark) {
      case 'most':
      case 'least':
      case 'about':
        return this.bound(mark, behind, start);
      case 'between':
        return this.between(behind);
      case 'not':
        return this.negated(behind, start);
      case 'join':
        return this.join(behind, start);
      case 'like':
        return this.like(start, words);
      case 'with':
        return this.withWhat(behind, start);
      case 'for':
        return this.forWhat(behind, start);
      case 'cover':
      case 'bare':
        return this.covered(mark, behind);
      case 'but':
      case 'in':
        // "not in black" is still not black.
        if (mark === 'but') this.isNot = false;
        this.endRole(start);
        this.isDetail = false;
        this.at = behind;
        return true;
      case 'or':
        this.at = behind;
        // "no heels and a bag": an article begins something that is wanted.
        if (this.isNot && ['a', 'an', 'some', 'the'].includes(this.lower[behind] ?? '')) {
          const next = this.found(this.skipArticles(behind));
          if (next?.meaning.kinds && this.lower[behind - 1] === 'and') this.isNot = false;
        }
        return true;
    }
  }

  /** "under 200", "nothing over 2 inches", "over my dress". */
  private bound(mark: 'most' | 'least' | 'about', behind: number, start: number): boolean {
    const token = this.tokens[behind];
    const isNot = this.isNot && mark === 'least';
    const rest = token ? this.text.slice(token.start) : '';
    const length = lengthAt(rest);
    if (token && length) {
      this.endRole(start);
      if (this.isAboutHeels() || mark !== 'least') {
        if (this.isAboutHeels() && (mark !== 'least' || isNot)) this.heels(length.value);
        else this.notes.push(this.text.slice(start, token.start + length.length));
      }
      this.at = behind;
      this.isNot = false;
      return this.pass(token.start, length.length);
    }
    const amount = amountAt(rest);
    if (token && amount) {
      this.endRole(start);
      if (this.lower[this.at] === 'from' && this.isRange(token.start + amount.length))
        return this.between(behind);
      this.price(mark === 'least' && !isNot ? 'least' : 'most', amount.value.minor, amount.value.currency);
      this.at = behind;
      this.isNot = false;
      return this.pass(token.start, amount.length);
    }
    const word = this.lower[this.at] ?? '';
    // "no more navy": there is none to count.
    if (word === 'no' && this.lower[this.at + 1] === 'more') return this.negated(behind, start);
    if (['under', 'over', 'below', 'above'].includes(word) && behind - this.at === 1) {
      const next = this.skipArticles(behind);
      if (this.found(next)?.meaning.kinds || next > behind) return this.join(behind, start);
    }
    this.at = behind;
    return true;
  }

  /** "longer than my dresses": what it is measured by is kept as it was said. */
  private comparison(): true {
    const start = (this.tokens[this.at] as Token).start;
    this.endRole(start);
    this.role = 'than';
    this.roleFrom = start;
    this.at++;
    return true;
  }

  /** "from 100 to 200": the first amount has a second behind it. */
  private isRange(end: number): boolean {
    const to = /^\s*(?:to|-|–)\s*/.exec(this.text.slice(end));
    return to !== null && amountAt(this.text.slice(end + to[0].length)) !== undefined;
  }

  private between(behind: number): boolean {
    const first = this.tokens[behind];
    const low = first && amountAt(this.text.slice(first.start));
    if (!first || !low) {
      this.at = behind;
      return true;
    }
    this.endRole(first.start);
    this.at = behind;
    this.pass(first.start, low.length);
    if (/^(and|to|-|–)$/.test(this.lower[this.at] ?? '')) this.at++;
    const second = this.tokens[this.at];
    const high = second && amountAt(this.text.slice(second.start));
    const currency = high?.value.currency ?? low.value.currency;
    this.price('least', low.value.minor, currency);
    if (second && high) {
      this.price('most', high.value.minor, currency);
      this.pass(second.start, high.length);
    }
    return true;
  }

  private negated(behind: number, start: number): boolean {
    if (this.as !== 'ask' && /^hate/.test(this.lower[this.at] ?? '')) {
      this.draft.loved = false;
      this.at = behind;
      return true;
    }
    this.endRole(start);
    this.isDetail = false;
    // "not too tight": the word between says nothing.
    this.at = this.lower[behind] === 'too' ? behind + 1 : behind;
    this.isNot = true;
    this.lastClass = '';
    return true;
  }

  private join(behind: number, start: number): boolean {
    this.endRole(start);
    this.isNot = false;
    this.role = 'join';
    const from = this.tokens[behind]?.start ?? this.text.length;
    this.joins.push({ text: [from, from], kinds: [], colours: [] });
    this.roleFrom = from;
    this.at = behind;
    return true;
  }

  private like(start: number, words: number): boolean {
    const before = this.lower[this.at - 1] ?? '';
    if (['would', "i'd", 'id', "'d", 'i', 'she', 'they'].includes(before)) return false;
    this.endRole(start);
    this.isNot = false;
    this.role = 'like';
    // "like my": what is mine belongs to what is said.
    const isTwo = this.lower[this.at] !== 'like';
    this.roleFrom = this.tokens[this.at + (isTwo ? words : 1)]?.start ?? this.text.length;
    this.at += isTwo ? words : 1;
    return true;
  }

  private withWhat(behind: number, start: number): boolean {
    if (this.lower[this.at] === 'with' && POSSESSIVES.has(this.lower[behind] ?? ''))
      return this.join(behind, start);
    this.endRole(start);
    this.isDetail = (this.draft.kinds ?? []).length > 0;
    this.isNot = false;
    this.at = behind;
    return true;
  }

  private forWhat(behind: number, start: number): boolean {
    const next = this.skipArticles(behind);
    const found = this.found(next);
    const isMine = POSSESSIVES.has(this.lower[behind] ?? '');
    const token = this.tokens[behind];
    if (token && this.role !== 'join') {
      const amount = amountAt(this.text.slice(token.start));
      if (amount) {
        this.price('most', amount.value.minor, amount.value.currency);
        this.at = behind;
        return this.pass(token.start, amount.length);
      }
    }
    const isWanted = (this.draft.kinds ?? []).length > 0 || this.unknown.length > 0;
    if (isMine ? this.kindWithin(next, 3) : isWanted && next > behind && this.isKindAtEnd(next, 4))
      return this.join(behind, start);
    this.endRole(start);
    this.isDetail = false;
    this.isNot = false;
    this.at = behind;
    const said = found?.meaning;
    const isWhole = found && !this.isPlainWord(next + found.words);
    if (['him', 'her', 'me', 'us', 'them'].includes(this.lower[behind] ?? '') && !isMine) {
      if (this.lower[behind] === 'him') this.draft.department ??= 'men';
      this.at = behind + 1;
      return true;
    }
    if (said && isWhole && FOR_ITSELF.some((field) => said[field] !== undefined)) return true;
    // "under 150 for a blazer": what the money is for is what is wanted.
    if (sizeAt(this.text.slice(this.tokens[next]?.start ?? this.text.length))) return true;
    const isPriced = this.draft.priceMaxMinor !== undefined || this.draft.priceMinMinor !== undefined;
    if (isPriced && (this.draft.kinds ?? []).length === 0 && this.kindWithin(next, 3)) return true;
    // "for wearing with my jeans", "for under a blazer": the mark that follows says what.
    const mark = markAt(this.lower, behind)?.mark;
    if (mark === 'join' || mark === 'like' || mark === 'most' || mark === 'least' || mark === 'about')
      return true;
    if (behind >= this.tokens.length) return true;
    const isNote =
      ['enough', 'room', 'space'].includes(this.lower[behind - 2] ?? '') || this.isNoOccasion(behind, next);
    this.role = isNote ? 'note' : 'occasion';
    this.roleFrom = token?.start ?? this.text.length;
    return true;
  }

  /** "for standing all day" is a use, "for my husband" a person; "for dancing", "for my husband's birthday" an occasion. */
  private isNoOccasion(behind: number, next: number): boolean {
    const word = this.lower[next] ?? '';
    const isUse =
      behind === next && word.endsWith('ing') && !this.lexicon.isOccasion(this.tokens[next]?.word ?? '');
    const isPerson = PEOPLE.has(word) && !this.isPlainWord(next + 1);
    return (isUse && !this.found(next)) || isPerson;
  }

  /** "covers the shoulders and upper arms"; "no bare shoulders". */
  private covered(mark: 'cover' | 'bare', behind: number): boolean {
    const zones = new Set(this.draft.cover ?? []);
    const before = zones.size;
    let at = this.skipArticles(behind);
    for (;;) {
      const found = this.zonesAt(at);
      if (!found) break;
      found.zones.forEach((zone) => zones.add(zone));
      at += found.words;
      const next = this.lower[at] ?? '';
      const after = this.skipArticles(['and', 'or', ',', '&'].includes(next) ? at + 1 : at);
      if (after === at || !this.zonesAt(after)) break;
      at = after;
    }
    if (zones.size === before) {
      // "A coat that covers my dresses".
      if (mark === 'cover' && this.kindWithin(at, 3))
        return this.join(behind, (this.tokens[this.at] as Token).start);
      // "covered shoulders" has its zone behind; "arms covered" before: left to the words.
      this.at = behind;
      return true;
    }
    if (mark === 'cover' || this.isNot) this.draft.cover = [...zones];
    this.isNot = false;
    this.at = at;
    return true;
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

  private isIroning(): boolean {
    if (!/^iron(ing|ed|s)?$/.test(this.lower[this.at] ?? '')) return false;
    if (this.isNot) this.draft.care = [...(this.draft.care ?? []), 'noIron'];
    else this.notes.push('ironing');
    this.at++;
    return true;
  }

  /** Takes over what a phrase says, for whom it is said. */
  private say(meaning: Meaning, said: string, from: number): void {
    const { draft } = this;
    this.lastClass = classOf(meaning);
    if (meaning.kinds) this.kinds(meaning, said, from);
    if (meaning.colour) this.colour(meaning.colour, from);
    if (this.role === 'join') return;
    const not = this.isNot;
    if (meaning.patterns) {
      const isAll = not && /^(print|prints|pattern|patterns|printed|patterned)$/i.test(said);
      if (isAll) draft.patterns = ['solid'];
      else if (not) draft.notPatterns = union(draft.notPatterns, meaning.patterns);
      else draft.patterns = union(draft.patterns, meaning.patterns);
    }
    // A shoe's laces are no lace.
    if (/^laces$/i.test(said) && (draft.kinds ?? []).some(isShoe))
      this.notes.push(not ? `not ${said}` : said);
    else if (meaning.textures) {
      if (not) draft.notTextures = union(draft.notTextures, meaning.textures);
      else draft.textures = union(draft.textures, meaning.textures);
    }
    if (meaning.fibre) {
      if (not) draft.notFibres = union(draft.notFibres, [meaning.fibre]);
      else draft.fibres = union(draft.fibres, [meaning.fibre]);
    }
    if (not && meaning.textures?.some((each) => HIDES.has(each)))
      draft.notFibres = union(draft.notFibres, meaning.textures);
    const isOther =
      this.lower[from - 1] === 'or' &&
      Object.keys(meaning.cut ?? {}).some((field) => field in (draft.cut ?? {}));
    if (meaning.cut && isOther && !not) this.notes.push(`or ${said}`);
    else if (meaning.cut) {
      if (not) draft.notCut = { ...draft.notCut, ...meaning.cut };
      else draft.cut = { ...draft.cut, ...meaning.cut };
    }
    if (meaning.length) {
      if (not) draft.notLength = meaning.length;
      else draft.length ??= meaning.length;
    }
    // What is not to be loose is to be close; what is not to be tight, easy.
    if (meaning.volume) draft.volume = not ? (meaning.volume === 'easy' ? 'close' : 'easy') : meaning.volume;
    if (meaning.season && !not) draft.season ??= meaning.season;
    if (meaning.care && !not) draft.care = union(draft.care, [meaning.care]);
    if (meaning.department && !not) draft.department = meaning.department;
    if (meaning.formality !== undefined && !not) draft.formality ??= meaning.formality;
    if (meaning.hour && !not) draft.hour ??= meaning.hour;
    if (meaning.set && !not) draft.setOf ??= said.toLowerCase();
    if (meaning.note) this.notes.push(not ? `not ${said}` : said);
    if (this.as === 'ask') {
      // "I do not like green" is a wish without it.
      if (meaning.loved === false) this.isNot = true;
      return;
    }
    if (meaning.loved !== undefined) draft.loved = not ? !meaning.loved : meaning.loved;
    if (meaning.worn) draft.worn = not ? 'seldom' : meaning.worn;
    if (meaning.retired && !not) draft.retired = true;
  }

  private kinds({ kinds = [] }: Meaning, said: string, from: number): void {
    if (/^chunky/i.test(said)) this.isChunky = true;
    if (this.role === 'join') {
      const last = this.joins[this.joins.length - 1];
      if (last) last.kinds = [...last.kinds, ...kinds];
      return;
    }
    if (this.isNot) {
      this.draft.notKinds = union(this.draft.notKinds, kinds);
      return;
    }
    if (this.isDetail) {
      this.notes.push(said);
      return;
    }
    // "sandals, flat heels": what a shoe stands on is no second pair.
    const stands = /\bheels?$/i.test(said) && (this.draft.kinds ?? []).some(isShoe);
    if (stands && !['or', 'and'].includes(this.lower[from - 1] ?? '')) {
      this.notes.push(said);
      return;
    }
    if (this.isPartOfSuit(kinds, from)) return;
    // Of two nouns in a row the last is the thing: "a shirt dress", "suit trousers".
    const isCompound = this.lastNoun === from;
    this.draft.kinds = isCompound ? kinds : union(this.draft.kinds, kinds);
    if (isCompound) delete this.draft.setOf;
    this.isSuit = kinds.join(' ') === SUIT;
    this.lastNoun = this.at;
  }

  /** "A suit, skirt and jacket" names its parts, and is no third piece; "a suit and a skirt" is. */
  private isPartOfSuit([kind]: readonly Category[], from: number): boolean {
    if (!this.isSuit || ARTICLES.has(this.lower[from - 1] ?? '') || this.lastNoun === from) return false;
    if (kind === 'skirt') this.draft.kinds = ['blazer', 'skirt'];
    return kind === 'skirt' || kind === 'jacket' || kind === 'blazer' || kind === 'trousers';
  }

  /** "Blue jeans, dark": the shade comes after the colour it is of. */
  private darken(): void {
    const [only, ...others] = this.draft.colours ?? [];
    if (this.shade?.word === 'dark' && only && others.length === 0 && this.role === 'main' && !this.isNot)
      this.draft.colours = [{ name: `dark ${only.name}`, hex: shadedBy(only.hex, this.shade.by) }];
    this.shade = undefined;
  }

  private colour(colour: NamedColour, from: number): void {
    const shaded = this.shade && this.shade.end === from ? this.shade : undefined;
    this.shade = undefined;
    const named = shaded
      ? { name: `${shaded.word} ${colour.name}`, hex: shadedBy(colour.hex, shaded.by) }
      : colour;
    if (this.role === 'join') {
      this.joins[this.joins.length - 1]?.colours.push(named);
      return;
    }
    const key = this.isNot ? 'notColours' : 'colours';
    const before = this.draft[key] ?? [];
    if (!before.some(({ name }) => name === named.name)) this.draft[key] = [...before, named];
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

const isShoe = (kind: Category): boolean => CATEGORY[kind].shape === 'shoe';
/** What somebody says a thing is for that is no occasion. */
const FOR_ITSELF = ['note', 'season', 'department', 'hour', 'care', 'formality'] as const;
/** What may stand before "-free". */
const FREE_OF = ['fibre', 'textures', 'patterns', 'colour'] as const;
const LETTER_WORDS: Readonly<Record<string, string>> = { small: 'S', medium: 'M', large: 'L' };
const SUIT = 'blazer trousers';
const PEOPLE = new Set(
  'husband wife partner boyfriend girlfriend mother mum mom father dad sister brother daughter son aunt uncle friend grandmother grandfather granny'.split(
    ' ',
  ),
);
const isSkirted = (kind: Category): boolean => CATEGORY[kind].skirted;
const isClothes = (kind: Category): boolean =>
  ['upper', 'lower', 'whole', 'under'].includes(CATEGORY[kind].shape);
const HIDES: ReadonlySet<string> = new Set(['leather', 'suede']);

const union = <T>(before: readonly T[] | undefined, more: readonly T[]): readonly T[] => [
  ...new Set([...(before ?? []), ...more]),
];

/** What a meaning is about, so that a list can be told from a new thought. */
const classOf = (meaning: Meaning): string => Object.keys(meaning)[0] ?? '';

/** A colour a share of the way to white, or to black. */
function shadedBy(hex: string, by: number): string {
  const colour = lab(hex);
  const l = by >= 0 ? colour.l + (97 - colour.l) * by : colour.l * (1 + by);
  const fades = by > 0 ? 1 - by * 0.5 : 1;
  return labToHex({ l, a: colour.a * fades, b: colour.b * fades });
}
