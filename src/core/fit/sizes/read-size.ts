import { CATEGORY, type Category, type Department } from '../../piece';
import {
  beltFor,
  chestInches,
  clothesLetter,
  collar,
  LETTERS,
  menNumber,
  waistInches,
  WOMEN_FROM,
  womenNumber,
} from './clothes';
import { footOf, gloveFor, gloveLetter, hatFor, hatInches, hatLetter, ringOf, shoeFor } from './extremities';
import { type SizeMeaning, type SizeSystem, spanning } from './system';
import { MM_PER_INCH } from '../../words';

/** What tells one reading of a label from another. */
export interface SizeContext {
  readonly category: Category;
  /** Whose table: men’s for menswear, women’s for all else. */
  readonly department?: Department | undefined;
  /** As the shop or the label says; absent: by what the number can be. */
  readonly system?: SizeSystem | undefined;
  /** System of a small bare number: a British shop’s 12 is not an American one’s. */
  readonly small?: 'UK' | 'US' | undefined;
}

const SYSTEM_WORD = /^(UK|GB|US|USA|EU|EUR|FR|F|IT|DE|D|W)\.? ?(?=\d)/;
/** "58 cm", "32 in", "247mm" after the number. */
const UNIT_WORD = /(?<=\d) ?(CM|MM|INCHES|INCH|IN|")\.?$/;
/** How long it is cut beside its size, "12L", "Petite 10", "40R": its length is another matter, and kept apart. */
const CUT_WORD =
  /(?<=\d) ?(?:P|PETITE|R|REG|REGULAR|S|SHORT|L|LONG|T|TALL)\.?$|^(?:PETITE|SHORT|LONG|TALL|REGULAR|REG) (?=[A-Z]{0,2} ?\d)/;
/** How wide a shoe is made, "8 W", "6 EE". */
const WIDTH_WORD = /(?<=\d) ?(?:W|WIDE|N|NARROW|M|E{1,3}|D|F|G)$/;
/** "M (12)": the same size said twice. */
const SAID_TWICE = /^(.+?) ?\((.+)\)$/;
const UNITS: Readonly<Record<string, SizeSystem>> = {
  CM: 'cm',
  MM: 'mm',
  IN: 'inches',
  INCH: 'inches',
  INCHES: 'inches',
  '"': 'inches',
};
const NAMED: Readonly<Record<string, SizeSystem>> = {
  UK: 'UK',
  GB: 'UK',
  US: 'US',
  USA: 'US',
  EU: 'EU',
  EUR: 'EU',
  DE: 'EU',
  D: 'EU',
  FR: 'FR',
  F: 'FR',
  IT: 'IT',
  W: 'inches',
};
const ONE_SIZE = /^(ONE([ -]?SIZE)?|O\/?S|OSFA|U|UNI|TU|FREE)$/;

/** True for a size that is made for everybody. */
export const isOneSize = (label: string): boolean => ONE_SIZE.test(plainLabel(label));

/** A size as a list says it: "size 12", or "one size" for what is made in one. */
export const sizePhrase = (label: string): string => (isOneSize(label) ? 'one size' : `size ${label}`);

const LETTER_NAMES: Readonly<Record<string, string>> = {
  'EXTRA SMALL': 'XS',
  SMALL: 'S',
  MEDIUM: 'M',
  MED: 'M',
  LARGE: 'L',
  'EXTRA LARGE': 'XL',
  '2XS': 'XXS',
  '2XL': 'XXL',
  '3XL': 'XXXL',
};

const plainLabel = (label: string): string =>
  label
    .normalize('NFKC')
    .trim()
    .toUpperCase()
    .replace(/\s+/g, ' ')
    .replace(/[”″]|′′|''/g, '"')
    .replace(/^SIZE /, '');

/** "15½", "15 1/2", "7 1⁄8", "38,5": a number as labels write it. NaN for anything else. */
function numberOf(text: string): number {
  const mixed = /^(\d+)? ?(\d)[/⁄](\d)$/.exec(text);
  if (mixed) return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
  return /^\d+([.,]\d+)?$/.test(text) ? Number(text.replace(',', '.')) : NaN;
}

/**
 * What a size on a label is meant for, by the published tables; undefined for one size, for what the tables do not
 * know, and for kinds that have no sizes. "UK 12", "12", "M", "S/M", "W32 L34", "15½", "39-42", "12L", "M (12)" are all read.
 */
export function readSize(label: string, context: SizeContext): SizeMeaning | undefined {
  const plain = plainLabel(label);
  const [, said, again] = SAID_TWICE.exec(plain) ?? [];
  if (said !== undefined && again !== undefined) return readSize(said, context) ?? readSize(again, context);
  const isFoot = CATEGORY[context.category].sizedBy === 'foot';
  const whole = isFoot ? plain.replace(WIDTH_WORD, '') : plain;
  const named = SYSTEM_WORD.exec(whole);
  const unit = UNIT_WORD.exec(whole);
  const system = named ? NAMED[named[1] ?? ''] : unit ? UNITS[unit[1] ?? ''] : context.system;
  const text = whole.slice(named?.[0].length ?? 0, unit?.index);
  const within = { ...context, system };
  const legged = /^(\d{2})W?"? ?(?:\/|X|-| |,)? ?(?:L ?)?(\d{2})L?"?$/.exec(text);
  if (legged && isLeggedSize(Number(legged[1]), Number(legged[2]), within))
    return waistInches(Number(legged[1]), Number(legged[2]));
  const one = meaningOf(text, within);
  if (one) return one;
  const uncut = isFoot ? whole : whole.replace(CUT_WORD, '');
  if (uncut !== whole) return readSize(uncut, context);
  const [first, second, more] = text.split(/ ?[/–-] ?/);
  if (first === undefined || second === undefined || more !== undefined) return undefined;
  const [a, b] = [meaningOf(first, within), meaningOf(second, within)];
  return a && b ? spanning(a, b) : undefined;
}

/** "32/34" is a waist and a leg; "38/40" is two sizes. */
const isLeggedSize = (waist: number, leg: number, { category, system }: SizeContext): boolean =>
  CATEGORY[category].shape === 'lower' &&
  CATEGORY[category].legs === 'long' &&
  (system === undefined || system === 'inches') &&
  waist >= 22 &&
  waist <= 50 &&
  leg >= 26 &&
  leg <= 38;

function meaningOf(text: string, context: SizeContext): SizeMeaning | undefined {
  const { category, system } = context;
  const isMen = context.department === 'men';
  const letter = LETTER_NAMES[text] ?? text;
  const number = numberOf(text);
  const isNumber = Number.isFinite(number);
  const { shape, sizedBy } = CATEGORY[category];
  if (sizedBy === 'finger') return ringOf(text, system);
  if (sizedBy === 'head') return isNumber ? hatOf(number, system) : hatLetter(letter);
  if (sizedBy === 'hand')
    return isNumber
      ? gloveFor(system === 'cm' ? (number * 10) / MM_PER_INCH : number)
      : gloveLetter(letter, isMen);
  if (sizedBy === 'foot') {
    const foot = isNumber ? footOf(system ?? shoeSystem(number, context.small), number, isMen) : undefined;
    return foot === undefined ? undefined : shoeFor(foot);
  }
  if (sizedBy === 'belt') {
    if (!isNumber) return only(clothesLetter(letter, isMen), 'waist');
    return beltFor(
      system === 'inches' || (system !== 'cm' && number < 55) ? number * MM_PER_INCH : number * 10,
    );
  }
  if (sizedBy === 'leg') return isNumber ? undefined : clothesLetter(letter, isMen);
  if (shape !== 'upper' && shape !== 'whole' && shape !== 'lower') return undefined;
  if (LETTERS.includes(letter)) return clothesLetter(letter, isMen);
  if (!isNumber) return undefined;
  return isMen ? menOf(number, context, shape === 'lower') : womenOf(number, context, shape === 'lower');
}

const only = (meaning: SizeMeaning | undefined, name: 'waist'): SizeMeaning | undefined =>
  meaning && { ...meaning, body: { [name]: meaning.body[name] } };

const hatOf = (number: number, system: SizeSystem | undefined): SizeMeaning | undefined => {
  if (number >= 5 && number < 9) return hatInches(number, system === 'UK' ? 'UK' : 'US');
  if (number >= 45 && number <= 70) return hatFor(number * 10);
  if (number >= 450 && number <= 700) return hatFor(number);
  return system === 'inches' ? hatFor(number * MM_PER_INCH) : undefined;
};

/** What a bare number on a shoe counts by. */
const shoeSystem = (number: number, small: 'UK' | 'US' = 'UK'): SizeSystem => {
  if (number >= 200) return 'mm';
  return number >= 30 ? 'EU' : small;
};

function womenOf(
  number: number,
  { category, system, small = 'UK' }: SizeContext,
  isLower: boolean,
): SizeMeaning | undefined {
  const isWaist = CATEGORY[category].numbered === 'waist inches' && number >= 22 && number <= 34;
  if (system === 'inches' || (system === undefined && isWaist))
    return isLower ? waistInches(number) : chestInches(number);
  if (system === 'cm') return centimetres(number, isLower);
  if (system !== undefined && system in WOMEN_FROM)
    return womenNumber(system as keyof typeof WOMEN_FROM, number);
  return womenNumber(number >= 32 ? 'EU' : small, number);
}

const centimetres = (cm: number, isLower: boolean): SizeMeaning => ({
  chart: 'the girth on its label',
  body: { [isLower ? 'waist' : 'bust']: [cm * 10 - 20, cm * 10 + 20] },
});

function menOf(number: number, { category, system }: SizeContext, isLower: boolean): SizeMeaning | undefined {
  const isShirt = CATEGORY[category].numbered === 'collar';
  if (isShirt && number >= 13 && number < 20) return collar(number * MM_PER_INCH);
  if (isShirt && system !== 'inches' && system !== 'UK' && system !== 'US' && number >= 35 && number <= 46)
    return collar(number * 10);
  if (system === 'cm') return centimetres(number, isLower);
  const isInches = system === 'inches' || system === 'UK' || system === 'US';
  if (isInches || (system === undefined && number < (isLower ? 43 : 46)))
    return isLower ? waistInches(number) : chestInches(number);
  return menNumber(number);
}
