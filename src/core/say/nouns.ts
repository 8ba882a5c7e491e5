import { colourName } from '../colour';
import { CATEGORY, type Category, type Piece, type TextureFamily, type Zone } from '../piece';
import { type English, listed, spelt } from '../words';

/** "trousers" or "pants", "tee": the kind of a piece in running text. */
export function nounOf(category: Category, english: English): string {
  const { noun } = CATEGORY[category];
  return typeof noun === 'string' ? noun : noun[english === 'american' ? 1 : 0];
}

const SINGULAR_S = /(ss|canvas|corps|lens)$/;

/** True for what takes a plural verb: trousers, earrings, two boots. */
export const isPlural = (noun: string): boolean => /s$/.test(noun) && !SINGULAR_S.test(noun);

/** Words of a title that say what a piece looks like; any other word before its noun is a name of the shop's. */
const TELLING = new Set(
  (
    'black white ivory cream navy blue red green grey gray tan brown pink yellow orange purple gold silver rust ' +
    'oxblood burgundy plum teal sage moss olive mint coral sky camel mustard charcoal pale dark light bright ' +
    'linen wool woollen cotton silk satin denim leather suede velvet tweed corduroy cord lace mesh cashmere jersey ' +
    'merino mohair cable ribbed rib knitted quilted sequin sequinned pearl straw felt wooden ' +
    'striped stripe checked check spotted dotted floral printed plain pleated wrap slip shirt tailored cropped wide ' +
    'slim straight flared pencil full long short midi mini maxi tall low high flat heeled chunky fine soft small ' +
    'large old new little double single button belted hooded padded waxed ankle court ' +
    'silver-plated crossbody tote clutch drop hoop stud chain band round square silk-mix'
  ).split(' '),
);

/** Words that keep their capital in running text. */
const PROPER = new Set(['chelsea', 'breton', 'derby', 'oxford', 'panama', 'fair', 'isle', 'aran']);

const isTelling = (word: string): boolean =>
  TELLING.has(word.toLowerCase()) || PROPER.has(word.toLowerCase());

const inText = (word: string): string => (TELLING.has(word.toLowerCase()) ? word.toLowerCase() : word);

/**
 * Short name of a piece in a sentence, without an article: "navy blazer" of "Warden blazer, navy", "tan Chelsea boots"
 * of "My tan Chelsea boots". Where a comma parts off the colour, a first word that only names the model is dropped; a
 * piece without a title of its own goes by colour and kind.
 */
export function shortName(
  { id, title, category, colours }: Pick<Piece, 'id' | 'title' | 'category' | 'colours'>,
  english: English,
): string {
  const own = title.trim().replace(/^(my|her|his|their|your)\s+/i, '');
  if (own === '' || own === id || own === category) {
    const [first] = colours;
    return `${first ? `${spelt(first.name ?? colourName(first.hex), { english })} ` : ''}${nounOf(category, english)}`;
  }
  const [head = '', ...rest] = own.split(/\s*,\s*/);
  const words = head.split(/\s+/);
  const tail = rest.join(' ');
  if (tail === '') return words.map(inText).join(' ');
  const [first = '', ...others] = words;
  const kept = (others.length > 0 && !isTelling(first) ? others : words).map(inText).join(' ');
  return kept.toLowerCase().includes(tail.toLowerCase()) ? kept : `${tail} ${kept}`;
}

const PLURAL_ZONES: readonly Zone[] = [
  'shoulders',
  'upper-arms',
  'lower-arms',
  'thighs',
  'knees',
  'calves',
  'ankles',
  'feet',
];

/** "upper arms", "neck": a zone of the body in running text. */
export const zoneNoun = (zone: Zone): string => zone.replace('-', ' ');
export const isPluralZone = (zone: Zone): boolean => PLURAL_ZONES.includes(zone);

/** Families of cloth as they feel, for a sentence. */
export const CLOTH_NOUNS: Readonly<Record<TextureFamily, string>> = {
  smooth: 'smooth cloth',
  knit: 'knit',
  napped: 'pile',
  'woven-rough': 'textured weave',
  hide: 'leather',
  open: 'lace',
  shiny: 'shine',
};

/** "ivory tee, her dark jeans and Lake scarf": pieces in running text, those of the closet by whose they are where it is said. */
export const piecesNamed = (
  pieces: readonly Pick<Piece, 'id' | 'title' | 'category' | 'colours' | 'owned'>[],
  english: English,
  whose?: string,
): string =>
  listed(
    pieces.map((piece) => `${whose && piece.owned ? `${whose} ` : ''}${shortName(piece, english)}`),
    english,
  );

/** "a bag", "an overcoat", "trousers". */
export const aNoun = (noun: string): string =>
  isPlural(noun) ? noun : `${/^[aeiou]/.test(noun) ? 'an' : 'a'} ${noun}`;
