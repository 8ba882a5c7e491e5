import { lab, labToHex } from '../colour';
import { CATEGORY, type Category } from '../piece';
import type { Compiled, Meaning } from './lexicon';
import { ARTICLES, Phrase } from './phrase';
import type { Join, NamedColour, ReadAs, Reading } from './reading';
import type { Token } from './tokens';

/** What is gathered while a phrase is gone through. */
type Draft = { -readonly [K in keyof Reading]?: Reading[K] };
type Role = 'main' | 'join' | 'like' | 'occasion' | 'note' | 'than';

export const isShoe = (kind: Category): boolean => CATEGORY[kind].shape === 'shoe';
const SUIT = 'blazer trousers';
const HIDES: ReadonlySet<string> = new Set(['leather', 'suede']);

export const union = <T>(before: readonly T[] | undefined, more: readonly T[]): readonly T[] => [
  ...new Set([...(before ?? []), ...more]),
];

/** What a meaning is about, so that a list can be told from a new thought. */
export const classOf = (meaning: Meaning): string => Object.keys(meaning)[0] ?? '';

/** What is gathered while a phrase is gone through, and how each thing that was understood is taken over. */
export class Drafting extends Phrase {
  protected readonly draft: Draft = {};
  protected readonly unknown: string[] = [];
  protected readonly notes: string[] = [];
  protected joins: { text: [number, number]; kinds: readonly Category[]; colours: NamedColour[] }[] = [];
  protected at = 0;
  protected role: Role = 'main';
  protected isNot = false;
  /** Within "with …": what the head has, and no wish of its own. */
  protected isDetail = false;
  protected inBrackets = false;
  protected roleFrom = 0;
  protected shade: { readonly by: number; readonly word: string; readonly end: number } | undefined;
  protected lastNoun = -1;
  protected lastClass = '';
  /** Kinds that were left out last. */
  protected lastRefused: readonly Category[] | undefined;
  protected isChunky = false;
  /** A suit was named last: its parts may follow. */
  protected isSuit = false;
  constructor(
    text: string,
    protected readonly whole: string,
    protected readonly as: ReadAs,
    lexicon: Compiled,
  ) {
    super(text, lexicon);
  }

  protected joinOf({ text: [from, to], kinds, colours }: (typeof this.joins)[number]): Join {
    const said = this.text
      .slice(from, to)
      .trim()
      .replace(/[\s,;.]+$/, '');
    return { text: said, kinds: [...new Set(kinds)], colours };
  }

  protected endRole(at: number): void {
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

  /** Goes on behind what was read in the text. */
  protected pass(from: number, length: number): true {
    const end = from + length;
    while (this.at < this.tokens.length && (this.tokens[this.at] as Token).start < end) this.at++;
    return true;
  }

  /** "No heels over 4 cm" leaves out the height and not the shoe. */
  protected heels(mostMm: number): void {
    this.draft.heelMaxMm = mostMm;
    this.allow(['heel']);
  }

  /** Kinds that are not left out after all. */
  protected allow(kinds: readonly Category[]): void {
    const left = (this.draft.notKinds ?? []).filter((kind) => !kinds.includes(kind));
    if (left.length > 0) this.draft.notKinds = left;
    else delete this.draft.notKinds;
  }

  protected isAboutHeels(): boolean {
    const kinds = this.draft.kinds ?? [];
    return kinds.some(isShoe) || /\bheels?\b|\bshoes?\b|\bboots?\b/i.test(this.text);
  }

  protected price(bound: 'most' | 'least' | 'is', minor: number, currency?: string): void {
    if (bound === 'is') this.draft.price = minor;
    if (bound === 'most') this.draft.priceMaxMinor = minor;
    if (bound === 'least') this.draft.priceMinMinor = minor;
    if (currency) this.draft.currency = currency;
  }

  protected isIroning(): boolean {
    if (!/^iron(ing|ed|s)?$/.test(this.lower[this.at] ?? '')) return false;
    if (this.isNot) this.draft.care = [...(this.draft.care ?? []), 'noIron'];
    else this.notes.push('ironing');
    this.at++;
    return true;
  }

  /** Takes over what a phrase says, for whom it is said. */
  protected say(meaning: Meaning, said: string, from: number): void {
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
    if (meaning.without && !not) draft.notFibres = union(draft.notFibres, [meaning.without]);
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

  protected kinds({ kinds = [] }: Meaning, said: string, from: number): void {
    if (/^chunky/i.test(said)) this.isChunky = true;
    if (this.role === 'join') {
      const last = this.joins[this.joins.length - 1];
      if (last) last.kinds = [...last.kinds, ...kinds];
      return;
    }
    if (this.isNot) {
      this.draft.notKinds = union(this.draft.notKinds, kinds);
      this.lastRefused = kinds;
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
  protected isPartOfSuit([kind]: readonly Category[], from: number): boolean {
    if (!this.isSuit || ARTICLES.has(this.lower[from - 1] ?? '') || this.lastNoun === from) return false;
    if (kind === 'skirt') this.draft.kinds = ['blazer', 'skirt'];
    return kind === 'skirt' || kind === 'jacket' || kind === 'blazer' || kind === 'trousers';
  }

  /** "Blue jeans, dark": the shade comes after the colour it is of. */
  protected darken(): void {
    const [only, ...others] = this.draft.colours ?? [];
    if (this.shade?.word === 'dark' && only && others.length === 0 && this.role === 'main' && !this.isNot)
      this.draft.colours = [{ name: `dark ${only.name}`, hex: shadedBy(only.hex, this.shade.by) }];
    this.shade = undefined;
  }

  protected colour(colour: NamedColour, from: number): void {
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
}

/** A colour a share of the way to white, or to black. */
function shadedBy(hex: string, by: number): string {
  const colour = lab(hex);
  const l = by >= 0 ? colour.l + (97 - colour.l) * by : colour.l * (1 + by);
  const fades = by > 0 ? 1 - by * 0.5 : 1;
  return labToHex({ l, a: colour.a * fades, b: colour.b * fades });
}
