import { Figures } from './figures';
import { markAt } from './marks';
import { amountAt, lengthAt, sizeAt } from './numbers';
import { ARTICLES } from './phrase';
import { PEOPLE } from './people';
import type { Token } from './tokens';

const YEAR = /^(?:19|20)\d\d(?![\d.,])/;
const POSSESSIVES = new Set(['my', 'her', 'his', 'their', 'our']);
/** What somebody says a thing is for that is no occasion. */
const FOR_ITSELF = ['note', 'season', 'department', 'hour', 'care', 'formality'] as const;

/** Words that steer what follows: not, with, for, like, under, over, between, covers. */
export class Steering extends Figures {
  protected amountBehind(words: number): boolean {
    const token = this.tokens[this.at + words];
    return token !== undefined && amountAt(this.text.slice(token.start)) !== undefined;
  }

  /** A word that steers. */
  protected mark(): boolean {
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
  protected bound(mark: 'most' | 'least' | 'about', behind: number, start: number): boolean {
    // "Budget: 300".
    if (this.lower[behind] === ':') behind++;
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
      if (this.lower[this.at] === 'from' && this.secondAt(token.start + amount.length))
        return this.between(behind);
      // "From 2019": of a thing somebody owns it is the year.
      if (this.as === 'piece' && this.lower[this.at] === 'from' && YEAR.test(rest)) {
        this.notes.push(this.text.slice(start, token.start + amount.length));
        return this.pass(start, token.start + amount.length - start);
      }
      if (this.isCountOf(amount.value, token.start + amount.length)) {
        this.draft.count ??= amount.value.minor / 100;
        this.isNot = false;
        return this.pass(start, token.start + amount.length - start);
      }
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
  protected comparison(): true {
    const start = (this.tokens[this.at] as Token).start;
    this.endRole(start);
    this.role = 'than';
    this.roleFrom = start;
    this.at++;
    return true;
  }

  protected negated(behind: number, start: number): boolean {
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

  protected join(behind: number, start: number): boolean {
    this.endRole(start);
    this.isNot = false;
    this.role = 'join';
    const from = this.tokens[behind]?.start ?? this.text.length;
    this.joins.push({ text: [from, from], kinds: [], colours: [] });
    this.roleFrom = from;
    this.at = behind;
    return true;
  }

  protected like(start: number, words: number): boolean {
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

  protected withWhat(behind: number, start: number): boolean {
    if (this.lower[this.at] === 'with' && POSSESSIVES.has(this.lower[behind] ?? ''))
      return this.join(behind, start);
    this.endRole(start);
    this.isNot = this.isNot && this.reaches();
    this.isDetail = !this.isNot && (this.draft.kinds ?? []).length > 0;
    this.at = behind;
    return true;
  }

  /** "Nothing with polyester", "no dress with wool": what it has is left out, and not every dress. */
  private reaches(): boolean {
    if (this.lastClass === '') return true;
    if (this.lastClass !== 'kinds' || !this.lastRefused) return false;
    this.allow(this.lastRefused);
    return true;
  }

  protected forWhat(behind: number, start: number): boolean {
    const next = this.skipArticles(behind);
    const found = this.found(next);
    const isMine = POSSESSIVES.has(this.lower[behind] ?? '');
    const token = this.tokens[behind];
    if (token && this.role !== 'join') {
      const amount = amountAt(this.text.slice(token.start));
      if (amount && !this.isOfPeople(amount.value, token.start + amount.length)) {
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
  protected isNoOccasion(behind: number, next: number): boolean {
    const word = this.lower[next] ?? '';
    const isUse =
      behind === next && word.endsWith('ing') && !this.lexicon.isOccasion(this.tokens[next]?.word ?? '');
    const isPerson = PEOPLE.has(word) && !this.isPlainWord(next + 1);
    return (isUse && !this.found(next)) || isPerson;
  }

  /** "covers the shoulders and upper arms"; "no bare shoulders". */
  protected covered(mark: 'cover' | 'bare', behind: number): boolean {
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
}
