import { lookup } from '../words';

/** Plural words that are no plural of anything, and words that only look like one. */
const WHOLE = new Set(
  'tights shorts pants jeans trousers leggings glasses sunglasses dress always less this his is was has as us yes plus business canvas bias cords drawers overalls dungarees culottes pyjamas cardigans-s mens womens ladies gents christmas tennis across unless sequinless backless sleeveless strapless races goes does towards us likes loves wears hates keeps fits covers hides matches works pearls courts flats heels pumps studs hoops drops beads shades mules sliders wedges cuffs capris palazzos chinos slacks joggers thermals brogues loafers trainers'.split(
    ' ',
  ),
);

const singularWord = (word: string): string => {
  if (word.length < 4 || WHOLE.has(word) || word.endsWith('ss') || word.endsWith("'s")) return word;
  if (word.endsWith('ies')) return `${word.slice(0, -3)}y`;
  if (/(sh|ch|x|ss|zz)es$/.test(word)) return word.slice(0, -2);
  return word.endsWith('s') && !word.endsWith('us') ? word.slice(0, -1) : word;
};

/** Misspellings people make that are more than a letter off. From memory. */
const MISSPELT: Readonly<Record<string, string>> = {
  jewelery: 'jewellery',
  trowsers: 'trousers',
  fuschia: 'fuchsia',
  fushia: 'fuchsia',
  turquise: 'turquoise',
  burgandy: 'burgundy',
  sandles: 'sandal',
  neckless: 'necklace',
  cardigen: 'cardigan',
  jumpr: 'jumper',
  strippy: 'striped',
  cashmire: 'cashmere',
  kashmir: 'cashmere',
  colourfull: 'colourful',
  legings: 'leggings',
  blaser: 'blazer',
  taylored: 'tailored',
  waistecoat: 'waistcoat',
  weskit: 'waistcoat',
};

const meant = lookup(MISSPELT);

/** A word as the lexicon has it: lower case, without marks, in the singular. */
const foldWord = (word: string): string => {
  const plain = word.toLowerCase().normalize('NFD').replace(/\p{M}/gu, '').replace(/[’‘`]/g, "'");
  return singularWord(meant(plain) ?? plain);
};

/** A phrase as the lexicon has it; hyphens part words. */
export const fold = (phrase: string): string =>
  phrase
    .split(/[\s\-–]+/)
    .filter(Boolean)
    .map(foldWord)
    .join(' ');

export interface Token {
  /** As it was written. */
  readonly raw: string;
  /** As the lexicon has it; empty for a sign. */
  readonly word: string;
  readonly start: number;
  readonly end: number;
}

const TOKEN = /\p{L}[\p{L}\p{M}]*(?:['’]\p{L}+)?|\d+\/\d+|\d+(?:[.,]\d+)?|[^\s\p{L}\p{M}\d]/gu;

/** The words, numbers and signs of a text, with where they stand. */
export function tokensOf(text: string): Token[] {
  return Array.from(text.matchAll(TOKEN), (match) => {
    const raw = match[0];
    const isWord = /^[\p{L}\d]/u.test(raw);
    return { raw, word: isWord ? foldWord(raw) : '', start: match.index, end: match.index + raw.length };
  });
}
