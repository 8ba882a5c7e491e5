import { CATEGORY } from '../piece';
import { Drafting, isShoe } from './draft';
import { type Amount, amountAt, countOf, halfSizeAt, longestAt, otherSizeAt, runAt, sizeAt } from './numbers';
import type { Token } from './tokens';

/** A waist in inches is no less than this; a smaller number is another size. */
const LEAST_WAIST = 22;
/** Who or how long, behind a number. */
const OF_PEOPLE = /^\s*(?:guests?|people|persons?|of us|days?|nights?|weeks?|months?|hours?)\b/i;

/** Sizes, amounts, lengths and counts where they stand. */
export class Figures extends Drafting {
  /** A size, an amount or a length without a word before it that bounds it. */
  protected number({ start }: Token): boolean {
    const rest = this.text.slice(start);
    const isFigure = /^[£€$]|^\d/.test(rest);
    if (this.as === 'garment') {
      const run = runAt(rest, this.onesFrom());
      if (run) {
        this.draft.sizes = run.value;
        return this.pass(start, run.length);
      }
    }
    const size = sizeAt(rest);
    if (size) {
      this.draft.size ??= size.value;
      const other = otherSizeAt(rest.slice(size.length));
      if (other > 0) this.notes.push(rest.slice(0, size.length + other));
      return this.pass(start, size.length + other);
    }
    const amount = amountAt(rest);
    // In words only what is named as money is.
    if (!isFigure && !amount?.value.currency) return false;
    const length = longestAt(rest);
    if (length) {
      // "a 5 cm heel", "a heel of 5 cm at most".
      if (this.isAboutHeels()) this.draft.heelMaxMm ??= length.value;
      else this.notes.push(rest.slice(0, length.length).trim());
      return this.pass(start, length.length);
    }
    const second = amount && this.as === 'ask' ? this.secondAt(start + amount.length) : undefined;
    if (second && (amount?.value.currency ?? second.currency)) return this.between(this.at);
    if (amount?.value.currency) {
      this.price(this.as === 'garment' ? 'is' : 'most', amount.value.minor, amount.value.currency);
      return this.pass(start, amount.length);
    }
    return false;
  }

  /** From which number on the sizes of what is named go up by ones. */
  private onesFrom(): number {
    const kinds = this.draft.kinds ?? [];
    if (kinds.some(isShoe)) return 0;
    return kinds.some((kind) => CATEGORY[kind].numbered === 'waist inches') ? LEAST_WAIST : Infinity;
  }

  /** "two white tees": a number with something countable behind it; a bare one behind the noun is a size. */
  protected counted({ word, raw, start }: Token): boolean {
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
    const half = this.as === 'garment' ? undefined : halfSizeAt(this.text.slice(start));
    if (half && ((this.draft.kinds ?? []).some(isShoe) || this.kindAhead(this.at, isShoe))) {
      this.draft.size ??= { label: half };
      return this.pass(start, half.length);
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
    if (isFigure && ['leg', 'inseam', 'den', 'denier'].includes(this.lower[this.at + 1] ?? '')) {
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

  /** "from 100 to 200", "£50-100": the amount behind the first, where there is one. */
  protected secondAt(end: number): Amount | undefined {
    const to = /^\s*(?:to|-|–)\s*/.exec(this.text.slice(end));
    return to ? amountAt(this.text.slice(end + to[0].length))?.value : undefined;
  }

  protected between(behind: number): boolean {
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

  /** "no more than three pieces" is no price. */
  protected isCountOf({ minor, currency }: Amount, end: number): boolean {
    return (
      currency === undefined &&
      minor <= 1200 &&
      /^\s*(?:pieces?|items?|things?|pairs?)\b/i.test(this.text.slice(end))
    );
  }

  /** "for fifty guests", "for 3 days" is no price. */
  protected isOfPeople({ currency }: Amount, end: number): boolean {
    return currency === undefined && OF_PEOPLE.test(this.text.slice(end));
  }
}
