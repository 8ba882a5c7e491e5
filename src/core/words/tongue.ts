import { lookup } from './lookup';

/** The two Englishes of the house: nouns, spelling and formats differ, sentences are shared. */
export const ENGLISHES = ['british', 'american'] as const;
export type English = (typeof ENGLISHES)[number];

export const LENGTH_UNITS = ['cm', 'in'] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];

/** What a client is called by: unknown means "they". */
export const PRONOUNS = ['she', 'he', 'they'] as const;
export type Pronoun = (typeof PRONOUNS)[number];

/** How a reader is spoken to. */
export interface Tongue {
  readonly english: English;
  readonly units: LengthUnit;
}

export const HOUSE_TONGUE: Tongue = { english: 'british', units: 'cm' };

/** Locale of dates and money, as `Intl` and the page's `lang` want it. */
export const localeOf = ({ english }: Pick<Tongue, 'english'>): string =>
  english === 'american' ? 'en-US' : 'en-GB';

/** Exact, by definition of the inch. */
export const MM_PER_INCH = 25.4;
const QUARTERS = ['', '¼', '½', '¾'] as const;

/** A length for a reader: the half centimetre or the quarter inch, "2.5 cm", "1¼ in". */
export function lengthIn(mm: number, { units }: Pick<Tongue, 'units'>): string {
  if (units === 'cm') return `${Math.round(mm / 5) / 2} cm`;
  const quarters = Math.round((mm / MM_PER_INCH) * 4);
  const [whole, part] = [Math.floor(quarters / 4), QUARTERS[quarters % 4] ?? ''];
  return `${whole === 0 && part !== '' ? '' : whole}${part} in`;
}

/** A temperature for a reader: degrees Celsius beside centimetres, Fahrenheit beside inches. */
export const warmthIn = (celsius: number, { units }: Pick<Tongue, 'units'>): string =>
  units === 'cm' ? `${Math.round(celsius)} °C` : `${Math.round(celsius * 1.8 + 32)} °F`;

/** Words spelt or chosen otherwise across the sea; sentences write the British one through `spelt`. */
const AMERICAN: Readonly<Record<string, string>> = {
  colour: 'color',
  colours: 'colors',
  grey: 'gray',
  jewellery: 'jewelry',
  trousers: 'pants',
  centre: 'center',
  wardrobe: 'closet',
  zip: 'zipper',
  till: 'register',
  handbag: 'purse',
  jumper: 'sweater',
};

const american = lookup(AMERICAN);

/** A word of the house in the reader's English. */
export const spelt = (word: string, { english }: Pick<Tongue, 'english'>): string =>
  english === 'american' ? word.replace(/\p{L}+/gu, (each) => american(each) ?? each) : word;
