import { CATEGORY } from '../piece';
import { lengthIn, spelt, type Tongue } from '../words';
import type { Ask } from './asks';
import type { CareWord, Reading } from './reading';

/** One thing that was understood of an ask, in words, and the ask without it. */
export interface AskPart {
  readonly words: string;
  /** Said of what is left out. */
  readonly isNot?: boolean | undefined;
  readonly without: Ask;
}

const CARE: Readonly<Record<CareWord, string>> = {
  machine: 'machine wash',
  hand: 'hand wash',
  'dry-clean': 'dry clean',
  noIron: 'no ironing',
  waterproof: 'may get wet',
};
export const careWords = (care: CareWord): string => CARE[care];

type ListField = 'kinds' | 'patterns' | 'textures' | 'fibres' | 'cover' | 'care';
type NotField = 'notKinds' | 'notPatterns' | 'notTextures' | 'notFibres';

const plain = (word: string): string => word.replace(/-/g, ' ');

/** An ask as chips: each part of what was understood, to be taken away one by one. `money` writes an amount. */
export function askParts(ask: Ask, tongue: Tongue, money: (minor: number) => string): AskPart[] {
  const list = (
    field: ListField | NotField,
    words: (value: string) => string,
    isNot?: boolean,
  ): AskPart[] => {
    const values = (ask[field] ?? []) as readonly string[];
    return values.map((value) => {
      const left = values.filter((each) => each !== value);
      const { [field]: _all, ...rest } = ask;
      const isGone = left.length === 0 && field !== 'kinds';
      return { words: words(value), isNot, without: (isGone ? rest : { ...rest, [field]: left }) as Ask };
    });
  };
  const one = (field: keyof Ask, words: (value: never) => string, isNot?: boolean): AskPart[] => {
    const value = ask[field];
    if (value === undefined) return [];
    const { [field]: _gone, ...without } = ask;
    return [{ words: words(value as never), isNot, without: without as Ask }];
  };
  const colours = (field: 'colours' | 'notColours', isNot?: boolean): AskPart[] =>
    (ask[field] ?? []).map(({ name }) => {
      const left = (ask[field] ?? []).filter((each) => each.name !== name);
      const { [field]: _gone, ...rest } = ask;
      return {
        words: spelt(name, tongue),
        isNot,
        without: left.length > 0 ? { ...rest, [field]: left } : rest,
      };
    });
  const cuts = (field: 'cut' | 'notCut', isNot?: boolean): AskPart[] =>
    Object.entries(ask[field] ?? {}).map(([name, value]) => {
      const { [field]: before, ...rest } = ask;
      const left = Object.fromEntries(Object.entries(before ?? {}).filter(([key]) => key !== name));
      return {
        words: cutWords(name, String(value)),
        isNot,
        without: Object.keys(left).length > 0 ? { ...rest, [field]: left } : rest,
      };
    });
  const kindWords = (kind: string): string =>
    spelt(CATEGORY[kind as keyof typeof CATEGORY].label.toLowerCase(), tongue);
  return [
    ...list('kinds', kindWords),
    ...one('count', (count: number) => `${count} of them`),
    ...colours('colours'),
    ...list('patterns', plain),
    ...list('textures', plain),
    ...list('fibres', plain),
    ...cuts('cut'),
    ...one('volume', (volume: string) =>
      volume === 'close' ? 'fitted' : volume === 'full' ? 'full cut' : 'easy cut',
    ),
    ...one('length', (length: string) => `${length} length`),
    ...list('cover', (zone) => `covers the ${plain(zone)}`),
    ...one('heelMaxMm', (mm: number) => `heel up to ${lengthIn(mm, tongue)}`),
    ...one('priceMinMinor', (minor: number) => `from ${money(minor)}`),
    ...one('priceMaxMinor', (minor: number) => `up to ${money(minor)}`),
    ...one('season', plain),
    ...list('care', (care) => careWords(care as CareWord)),
    ...one('hour', (hour: string) => `for the ${hour}`),
    ...one('formality', (formality: number) => `formality ${formality}`),
    ...one('department', (department: string) => (department === 'both' ? 'unisex' : `${department}’s`)),
    ...one('size', ({ system, label }: NonNullable<Ask['size']>) =>
      ['size', system === 'letters' ? '' : system, label].filter(Boolean).join(' '),
    ),
    ...one('occasion', (occasion: string) => `for ${occasion}`),
    ...(ask.joins ?? []).map((join) => {
      const { joins = [], ...rest } = ask;
      const left = joins.filter((each) => each !== join);
      return { words: `with ${join.text}`, without: left.length > 0 ? { ...rest, joins: left } : rest };
    }),
    ...one('likePiece', (piece: string) => `like ${piece}`),
    ...one('setOf', (set: string) => set),
    ...list('notKinds', kindWords, true),
    ...colours('notColours', true),
    ...list('notPatterns', plain, true),
    ...list('notTextures', plain, true),
    ...list('notFibres', plain, true),
    ...cuts('notCut', true),
    ...one('notLength', (length: string) => `${length} length`, true),
  ];
}

/** What was understood of a thing somebody owns, in words; its kind is said elsewhere. */
export function lineWords(reading: Reading, tongue: Tongue): string[] {
  const { loved, worn, retired, as: _as, kinds: _kinds, price: _price, ...said } = reading;
  return [
    ...askParts({ ...said, kinds: [] }, tongue, String).map(({ words, isNot }) =>
      isNot ? `not ${words}` : words,
    ),
    ...(loved === undefined ? [] : [loved ? 'loved' : 'not loved']),
    ...(worn ? [worn === 'often' ? 'worn often' : 'seldom worn'] : []),
    ...(retired ? ['no longer worn'] : []),
  ];
}

const CUT_NOUN: Readonly<Record<string, string>> = {
  neckline: 'neck',
  sleeve: 'sleeves',
  sleeveVolume: 'sleeves',
  back: 'back',
  leg: 'leg',
  rise: 'rise',
  toe: 'toe',
  sole: 'sole',
  strap: 'straps',
  waistDetail: 'waist',
};
const cutWords = (field: string, value: string): string => {
  if (field === 'sleeve' && value === 'none') return 'sleeveless';
  const noun = CUT_NOUN[field];
  return noun ? `${plain(value)} ${noun}` : plain(value);
};
