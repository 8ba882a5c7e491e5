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

/** Degrees Celsius beside centimetres, Fahrenheit beside inches. */
export const degreeOf = ({ units }: Pick<Tongue, 'units'>): '°C' | '°F' => (units === 'cm' ? '°C' : '°F');

/** A temperature in whole degrees as a reader counts them. */
export const degreesOf = (celsius: number, { units }: Pick<Tongue, 'units'>): number =>
  // No reader has met a minus nought.
  Math.round(units === 'cm' ? celsius : celsius * 1.8 + 32) || 0;

/** Degrees a reader typed, in Celsius to the tenth: shown again they are what was typed. */
export const celsiusOf = (degrees: number, { units }: Pick<Tongue, 'units'>): number =>
  units === 'cm' ? degrees : Math.round(((degrees - 32) / 1.8) * 10) / 10;

/** A temperature for a reader: "21 °C", "70 °F". */
export const warmthIn = (celsius: number, tongue: Pick<Tongue, 'units'>): string =>
  `${degreesOf(celsius, tongue)} ${degreeOf(tongue)}`;

/** Words spelt or chosen otherwise across the sea; sentences write the British one through `spelt`. */
const AMERICAN: Readonly<Record<string, string>> = {
  colour: 'color',
  colours: 'colors',
  coloured: 'colored',
  grey: 'gray',
  greys: 'grays',
  jewellery: 'jewelry',
  trousers: 'pants',
  trainer: 'sneaker',
  trainers: 'sneakers',
  waistcoat: 'vest',
  waistcoats: 'vests',
  centre: 'center',
  centimetres: 'centimeters',
  neighbours: 'neighbors',
  practise: 'practice',
  practising: 'practicing',
  cancelled: 'canceled',
  autumn: 'fall',
  wardrobe: 'closet',
  wardrobes: 'closets',
  zip: 'zipper',
  till: 'register',
  handbag: 'purse',
  jumper: 'sweater',
};

const american = lookup(AMERICAN);

/** "Colour" as "Color"; capitals throughout, as of a ZIP file, are no word of the table. */
const acrossTheSea = (word: string): string => {
  const [first = '', ...rest] = word;
  const said = american(first.toLowerCase() + rest.join(''));
  if (said === undefined) return word;
  return first === first.toLowerCase() ? said : (said[0]?.toUpperCase() ?? '') + said.slice(1);
};

/** Words of the house in the reader's English: "Trousers in one colour" is "Pants in one color". */
export const spelt = (words: string, { english }: Pick<Tongue, 'english'>): string =>
  english === 'american' ? words.replace(/\p{L}+/gu, acrossTheSea) : words;
