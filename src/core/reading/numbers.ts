import { lookup, MM_PER_INCH } from '../words';
import type { SizeSystem } from '../fit';
import type { SizeWords } from './reading';

/** Something read at a place of a text, and how many characters of it. */
export interface At<T> {
  readonly value: T;
  readonly length: number;
}

const CURRENCIES: Readonly<Record<string, string>> = {
  '£': 'GBP',
  '¥': 'JPY',
  jpy: 'JPY',
  fr: 'CHF',
  '€': 'EUR',
  $: 'USD',
  gbp: 'GBP',
  eur: 'EUR',
  usd: 'USD',
  chf: 'CHF',
  sek: 'SEK',
  nok: 'NOK',
  dkk: 'DKK',
  pound: 'GBP',
  pounds: 'GBP',
  quid: 'GBP',
  euro: 'EUR',
  euros: 'EUR',
  dollar: 'USD',
  dollars: 'USD',
  bucks: 'USD',
};
/** The currency of a sign, a code or a word, in small letters. */
export const currencyNamed = lookup(CURRENCIES);
const BEFORE = /^(£|€|\$|GBP|EUR|USD|CHF|SEK|NOK|DKK)\s?/i;
const AFTER = /^\s?(£|€|\$|(?:gbp|eur|usd|chf|sek|nok|dkk|pounds?|quid|euros?|dollars?|bucks)\b)/i;
/** "1,250.50", "1.250,50", "85,5", "1 250". */
const AMOUNT = /^(\d{1,3}(?:[.,  ]\d{3})+(?:[.,]\d{1,2})?|\d+(?:[.,]\d{1,2})?)(?:,[-–]|\s?(k)\b)?(?![\d])/i;
const TENS = 'twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety';
/** "A hundred", "two hundred and fifty", "a grand", "eighty". */
const IN_WORDS = new RegExp(
  `^(?:(?:(a|one|two|three|four|five|six|seven|eight|nine) )?(hundred|thousand|grand)(?:(?: and)?[ -](${TENS}))?|(${TENS}))\\b`,
  'i',
);

function minorOf(written: string): number {
  const cents = /[.,](\d{1,2})$/.exec(written);
  const whole = (cents ? written.slice(0, cents.index) : written).replace(/\D/g, '');
  return Number(whole) * 100 + Number((cents?.[1] ?? '').padEnd(2, '0'));
}

/** A number of whole units at a place, in figures or in words, in hundredths. */
function hundredthsAt(text: string, isInWords: boolean): At<number> | undefined {
  const figures = AMOUNT.exec(text);
  if (figures?.[1])
    return { value: minorOf(figures[1]) * (figures[2] ? 1000 : 1), length: figures[0].length };
  const [said, times = 'a', many, more, tens] = (isInWords && IN_WORDS.exec(text)) || [];
  if (said === undefined) return undefined;
  const ten = (word: string | undefined): number =>
    word ? (TENS.split('|').indexOf(word.toLowerCase()) + 2) * 10 : 0;
  const each = many === undefined ? 0 : /^hundred$/i.test(many) ? 100 : 1000;
  return {
    value: (each * (countNamed(times.toLowerCase()) ?? 1) + ten(more) + ten(tens)) * 100,
    length: said.length,
  };
}

export interface Amount {
  readonly minor: number;
  readonly currency?: string | undefined;
}

/** An amount of money at a place: "£149", "149 euros", "1,250.50", "a hundred". Without a sign it may be any number. */
export function amountAt(text: string): At<Amount> | undefined {
  const sign = BEFORE.exec(text);
  const rest = text.slice(sign?.[0].length ?? 0);
  const number = hundredthsAt(rest, !sign);
  if (!number) return undefined;
  const after = sign ? null : AFTER.exec(rest.slice(number.length));
  const currency = currencyNamed((sign?.[1] ?? after?.[1] ?? '').toLowerCase());
  return {
    value: { minor: number.value, currency },
    length: (sign?.[0].length ?? 0) + number.length + (after?.[0].length ?? 0),
  };
}

const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 0.5,
  '¼': 0.25,
  '¾': 0.75,
  '⅛': 0.125,
  '⅜': 0.375,
  '⅝': 0.625,
  '⅞': 0.875,
};
const LENGTH =
  /^(\d+(?:[.,]\d+)?)?\s?(?:(\d)\/(\d)|([½¼¾⅛⅜⅝⅞]))?\s?-?\s?(mm|millimetres?|millimeters?|cms?|centimetres?|centimeters?|m|metres?|meters?|inch(?:es)?|ins?|"|”|″|ft|feet|foot|')(?![\p{L}])/iu;

const unitMm = (unit: string): number => {
  const plain = unit.toLowerCase();
  if (plain.startsWith('mm') || plain.startsWith('milli')) return 1;
  if (plain.startsWith('c')) return 10;
  if (plain.startsWith('m')) return 1000;
  return plain.startsWith('f') || plain === "'" ? MM_PER_INCH * 12 : MM_PER_INCH;
};

/** A length with its unit at a place, in whole mm: "2 inches", "1½ in", "5 cm", "40mm". */
export function lengthAt(text: string): At<number> | undefined {
  const match = LENGTH.exec(text);
  if (!match?.[5] || (match[1] === undefined && match[2] === undefined && match[4] === undefined))
    return undefined;
  return { value: Math.round(mixed(match) * unitMm(match[5])), length: match[0].length };
}

/** A whole number with a fraction of two digits or one sign, as both patterns of a length catch them. */
const mixed = ([, whole = '0', over, under, sign = '']: RegExpExecArray): number =>
  Number(whole.replace(',', '.')) + (over ? Number(over) / Number(under) : (FRACTIONS[sign] ?? 0));

const BARE = /^(\d+(?:\.\d+)?)?\s?(?:(\d)\/(\d)|([½¼¾⅛⅜⅝⅞]))?$/u;

/** A number without a unit that is the whole of a text: "15", "15.5", "15 1/4", "15¼", "½". */
export function bareAt(text: string): number | undefined {
  const match = BARE.exec(text.trim());
  if (!match || (match[1] === undefined && match[2] === undefined && match[4] === undefined))
    return undefined;
  return match[3] === '0' ? undefined : mixed(match);
}

const SYSTEM: Readonly<Record<string, SizeSystem>> = {
  uk: 'UK',
  us: 'US',
  eu: 'EU',
  eur: 'EU',
  fr: 'FR',
  it: 'IT',
  w: 'inches',
};
const LETTER = '(?:X{0,3}[SL]|M|[2-4]XL|XX?S|extra large|extra small|small|medium|large)';
const NUMBER = '\\d{1,2}(?:[.,]5| ?½| ?1/2)?';
const WITH_SYSTEM = new RegExp(
  `^(?:size )?(UK|US|EUR?|FR|IT)(?: size)? ?(${NUMBER})(?! ?%)(?![\\d.,]*\\d)`,
  'i',
);
const WITH_WORD = new RegExp(`^(?:a )?sizes? (${LETTER}|${NUMBER})(?![\\w])`, 'i');
/** "W32", "W32 L34"; "32/34" is a waist and a leg too. */
const WAIST = /^(?:W ?(\d{2})(?: ?[/ ]? ?L ?(\d{2}))?\b|(2[4-9]|3\d|4[0-8])\/(2[6-9]|3[0-8])(?![\d/]))/;
const BARE_LETTER = /^(XXS|XS|XXL|XL|XXXL|[2-4]XL)\b/;

/** Behind a size: "UK 10-12" is between two. */
export const otherSizeAt = (text: string): number =>
  /^ ?(?:-|–|\/|or|to) ?\d{1,2}(?![\d.,%/])/.exec(text)?.[0].length ?? 0;

/** A size with a half at a place, as shoes have: "39.5", "6 1/2", "6½". */
export const halfSizeAt = (text: string): string | undefined =>
  /^\d{1,2}(?:[.,]5| ?½| 1\/2)(?![\d.,/%])/.exec(text)?.[0];

/** A length of two at a place is as long as the longer: "4-5 cm". */
export function longestAt(text: string): At<number> | undefined {
  const from = /^\d+(?:[.,]\d+)?\s?(?:-|–|to)\s?(?=\d)/.exec(text)?.[0].length ?? 0;
  const length = lengthAt(text.slice(from));
  return length && { value: length.value, length: from + length.length };
}

/** A size at a place: "size 12", "UK 14", "W32 L34", "XL". */
export function sizeAt(text: string): At<SizeWords> | undefined {
  const system = WITH_SYSTEM.exec(text);
  if (system?.[1] && system[2])
    return { value: { system: SYSTEM[system[1].toLowerCase()], label: system[2] }, length: system[0].length };
  const waist = WAIST.exec(text);
  if (waist)
    return {
      value: {
        system: 'inches',
        label: [waist[1] ?? waist[3], waist[2] ?? waist[4]].filter(Boolean).join('/'),
      },
      length: waist[0].length,
    };
  const worded = WITH_WORD.exec(text);
  if (worded?.[1]) {
    const letter = new RegExp(`^${LETTER}$`, 'i').test(worded[1]);
    return {
      value: letter ? { system: 'letters', label: letterOf(worded[1]) } : { label: worded[1] },
      length: worded[0].length,
    };
  }
  const bare = BARE_LETTER.exec(text);
  return bare?.[1] ? { value: { system: 'letters', label: bare[1] }, length: bare[0].length } : undefined;
}

/** The letters of a size in words, in small letters: "medium". */
export const letterNamed = lookup({
  'extra small': 'XS',
  small: 'S',
  medium: 'M',
  large: 'L',
  'extra large': 'XL',
});
const letterOf = (text: string): string => letterNamed(text.toLowerCase()) ?? text.toUpperCase();

const LETTER_RUN = ['XXS', 'XS', 'S', 'M', 'L', 'XL', 'XXL', 'XXXL'];
const RUN =
  /^(?:sizes? |in )?(?:(UK|US|EUR?|FR|IT) ?)?(\d{1,2}|XXS|XS|S|M|L|XL|XXL) ?(?:to|-|–|through) ?(\d{1,2}|XXS|XS|S|M|L|XL|XXL|XXXL)\b/i;
const LIST =
  /^(?:sizes? )(?:(UK|US|EUR?|FR|IT) ?)?((?:\d{1,2}|XXS|XS|S|M|L|XL|XXL)(?: ?(?:,|\/|and|&) ?(?:\d{1,2}|XXS|XS|S|M|L|XL|XXL)(?! ?(?:each|of|\d|[.,]\d)))+|(?:XXS|XS|S|M|L|XL|XXL)(?: (?:XXS|XS|S|M|L|XL|XXL)\b)+)\b/i;

/**
 * A run of sizes at a place: "sizes 8 to 16" by twos, "S-XL", "size 36, 38, 40". `onesFrom`: what is so large goes up by ones,
 * as shoes and waists do.
 */
export function runAt(text: string, onesFrom = Infinity): At<readonly string[]> | undefined {
  const list = LIST.exec(text);
  if (list?.[2])
    return {
      value: list[2].split(/ ?(?:,|\/|and|&) ?| /i).map((size) => size.toUpperCase()),
      length: list[0].length,
    };
  const run = RUN.exec(text);
  if (!run?.[2] || !run[3]) return undefined;
  const [from, to] = [LETTER_RUN.indexOf(run[2].toUpperCase()), LETTER_RUN.indexOf(run[3].toUpperCase())];
  if (from >= 0 && to > from) return { value: LETTER_RUN.slice(from, to + 1), length: run[0].length };
  const [low, high] = [Number(run[2]), Number(run[3])];
  if (!(low < high) || high - low > 40) return undefined;
  const step = low < onesFrom && (high - low) % 2 === 0 ? 2 : 1;
  return {
    value: Array.from({ length: Math.floor((high - low) / step) + 1 }, (_, i) => String(low + i * step)),
    length: run[0].length,
  };
}

const COUNTS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  couple: 2,
  dozen: 12,
};
const countNamed = lookup(COUNTS);
/** A small number of pieces in words or figures. */
export const countOf = (word: string): number | undefined =>
  countNamed(word) ?? (/^\d{1,2}$/.test(word) && Number(word) > 0 ? Number(word) : undefined);
