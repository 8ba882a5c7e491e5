import type { LetterStyle } from './style';

/** What the letter says of one piece; every field is drafted and open to the stylist's pen. */
export interface PieceNote {
  readonly ref: string;
  readonly why: string;
  readonly fit: string;
  readonly wear: readonly string[];
  readonly beneath: readonly string[];
  readonly facts: string;
  readonly care: string;
}

/** What to pack, and what to wear day by day: laid into a letter by hand, each line open to the pen. */
export interface JourneySheet {
  readonly packing: readonly string[];
  readonly days: readonly {
    readonly line: string;
    /** What is worn, by reference, as the days' pictures show it; none where nothing was left to wear. */
    readonly pieces: readonly { readonly ref: string; readonly mode?: string | undefined }[];
  }[];
}

/** What the letter says of a look. */
export interface LookNote {
  readonly id: string;
  readonly line: string;
  /** What does as well as the pieces she owns, were one of them in the wash. */
  readonly instead?: string | undefined;
  /** Left out of print, PDF and her page. */
  readonly hidden?: boolean | undefined;
}

export interface LetterDraft {
  readonly greeting: string;
  /** In the order in which they are read. */
  readonly pieces: readonly PieceNote[];
  readonly looks: readonly LookNote[];
  readonly closing: string;
  readonly journey?: JourneySheet | undefined;
  readonly style?: LetterStyle | undefined;
  /** Lines a stylist wrote; a draft leaves them alone. Absent in a letter of before this was kept: all of them. */
  readonly own?: readonly LineKey[] | undefined;
}

/** A line of a letter: its greeting, its closing, a part of what is said of a piece, a line under a look. */
export type LineKey = string;

type Part = Exclude<keyof PieceNote, 'ref'> | 'line' | 'instead';

/** Key of a part of what a letter says of a piece or a look, by its reference or id. */
export const lineKey = (ref: string, part: Part): LineKey => `${ref} ${part}`;

const TWO_PART = /^(\S+) (\S+)$/;
const LISTS: readonly string[] = ['wear', 'beneath'] satisfies (keyof PieceNote)[];

/** Text of a line of a letter, one to a line where it is a list; undefined for a line it has none of. */
export function lineIn(letter: LetterDraft, key: LineKey): string | undefined {
  if (key === 'greeting' || key === 'closing') return letter[key];
  const [, ref = '', part = ''] = TWO_PART.exec(key) ?? [];
  const holder: object | undefined =
    letter.pieces.find((note) => note.ref === ref) ?? letter.looks.find(({ id }) => id === ref);
  const value: unknown = holder && part in holder ? holder[part as keyof typeof holder] : undefined;
  if (Array.isArray(value)) return value.join('\n');
  return typeof value === 'string' ? value : undefined;
}

function setLine(letter: LetterDraft, key: LineKey, text: string): LetterDraft {
  if (key === 'greeting' || key === 'closing') return { ...letter, [key]: text };
  const [, ref = '', part = ''] = TWO_PART.exec(key) ?? [];
  const value = LISTS.includes(part) ? text.split('\n').filter(Boolean) : text;
  return {
    ...letter,
    pieces: letter.pieces.map((note) => (note.ref === ref ? { ...note, [part]: value } : note)),
    looks: letter.looks.map((note) => (note.id === ref ? { ...note, [part]: value } : note)),
  };
}

/** Every line a letter has, by its key. */
export const keysOf = ({ pieces, looks }: Pick<LetterDraft, 'pieces' | 'looks'>): LineKey[] => [
  'greeting',
  ...pieces.flatMap(({ ref }) =>
    (['why', 'fit', 'wear', 'beneath', 'facts', 'care'] as const).map((part) => lineKey(ref, part)),
  ),
  ...looks.flatMap(({ id }) => (['line', 'instead'] as const).map((part) => lineKey(id, part))),
  'closing',
];

/** Lines a draft leaves alone; all of them in a letter from before this was kept. */
export const ownLines = (letter: LetterDraft): readonly LineKey[] => letter.own ?? keysOf(letter);

/** A line as the stylist writes it: it is theirs from now on. Empty: struck. */
export const rewritten = (letter: LetterDraft, key: LineKey, text: string): LetterDraft => ({
  ...setLine(letter, key, text),
  own: [...new Set([...ownLines(letter), key])],
});

/** A line as a draft has it, and the draft's again. */
export const asDrafted = (letter: LetterDraft, draft: LetterDraft, key: LineKey): LetterDraft => ({
  ...setLine(letter, key, lineIn(draft, key) ?? ''),
  own: ownLines(letter).filter((each) => each !== key),
});

/** One up or down among its like; the letter itself at either end. */
export function moved(letter: LetterDraft, ref: string, by: -1 | 1): LetterDraft {
  const step = <T>(list: readonly T[], is: (each: T) => boolean): readonly T[] => {
    const at = list.findIndex(is);
    const [here, there] = [list[at], list[at + by]];
    if (here === undefined || there === undefined) return list;
    return list.map((each, i) => (i === at ? there : i === at + by ? here : each));
  };
  return {
    ...letter,
    pieces: step(letter.pieces, (note) => note.ref === ref),
    looks: step(letter.looks, ({ id }) => id === ref),
  };
}

/** A look left out of what the client reads, or back in it. */
export const withLook = (letter: LetterDraft, id: string, isHidden: boolean): LetterDraft => ({
  ...letter,
  looks: letter.looks.map((note) => (note.id === id ? { ...note, hidden: isHidden || undefined } : note)),
});
