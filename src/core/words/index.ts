export {
  celsiusOf,
  degreeOf,
  degreesOf,
  type English,
  ENGLISHES,
  HOUSE_TONGUE,
  LENGTH_UNITS,
  lengthIn,
  type LengthUnit,
  localeOf,
  MM_PER_INCH,
  type Pronoun,
  PRONOUNS,
  spelt,
  type Tongue,
  warmthIn,
} from './tongue';

/** "The kind asked for" in the middle of a sentence: without its capital. */
export const uncapital = (text: string): string => (text[0]?.toLowerCase() ?? '') + text.slice(1);

/** "Close at the hip": a sentence begins with a capital. */
export const capital = (text: string): string => (text[0]?.toUpperCase() ?? '') + text.slice(1);

const LISTS = {
  british: new Intl.ListFormat('en-GB'),
  american: new Intl.ListFormat('en-US'),
} as const;

const CHOICES = {
  british: new Intl.ListFormat('en-GB', { type: 'disjunction' }),
  american: new Intl.ListFormat('en-US', { type: 'disjunction' }),
} as const;
/** "a, b or c". */
export const eitherOf = (words: readonly string[], english: keyof typeof LISTS = 'british'): string =>
  CHOICES[english].format(words);

/** "a, b and c"; empty for nothing. */
export const listed = (words: readonly string[], english: keyof typeof LISTS = 'british'): string =>
  LISTS[english].format(words);

export { coded, type Coded, type CodedBy, type CodedWords, saidOf } from './coded';
export { counted, countWord } from './count';
export { lookup } from './lookup';
export { isOrdinary } from './ordinary';
export { hasWord, isSameWord, plainWord } from './same';
