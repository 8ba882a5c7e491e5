import { colourName, colourNames } from '../colour';
import { CATEGORY, type Category, type GivenPiece } from '../piece';

/** A word of a line and what it was taken for. */
export interface Guess {
  readonly word: string;
  readonly field: 'kind' | 'colour' | 'cloth' | 'fibre' | 'pattern' | 'cut' | 'length';
  readonly means: string;
}

/** A line of a pasted list as a piece, with every guess shown. `unread` are words nobody understood. */
export interface ReadLine {
  readonly text: string;
  readonly piece?: Omit<GivenPiece, 'id'> | undefined;
  readonly guesses: readonly Guess[];
  readonly unread: readonly string[];
}

/** Words for kinds; the first that is found in a line counts, longer ones are looked for first. */
const KINDS: Readonly<Record<string, Category>> = {
  't-shirt': 'tee',
  'tee shirt': 'tee',
  tee: 'tee',
  'tank top': 'tank',
  tank: 'tank',
  vest: 'tank',
  camisole: 'tank',
  shirt: 'shirt',
  blouse: 'blouse',
  polo: 'polo',
  'chunky knit': 'chunky-knit',
  'cable knit': 'chunky-knit',
  knit: 'fine-knit',
  jumper: 'fine-knit',
  sweater: 'fine-knit',
  pullover: 'fine-knit',
  jersey: 'fine-knit',
  bodysuit: 'bodysuit',
  tunic: 'tunic',
  cardigan: 'cardigan',
  waistcoat: 'waistcoat',
  gilet: 'gilet',
  bodywarmer: 'gilet',
  sweatshirt: 'sweatshirt',
  hoodie: 'sweatshirt',
  blazer: 'blazer',
  'suit jacket': 'blazer',
  jacket: 'jacket',
  overshirt: 'overshirt',
  raincoat: 'raincoat',
  mac: 'raincoat',
  oilskin: 'raincoat',
  coat: 'coat',
  parka: 'coat',
  cape: 'cape',
  shawl: 'shawl',
  trousers: 'trousers',
  chinos: 'trousers',
  slacks: 'trousers',
  jeans: 'jeans',
  leggings: 'leggings',
  shorts: 'shorts',
  skirt: 'skirt',
  dress: 'dress',
  jumpsuit: 'jumpsuit',
  dungarees: 'jumpsuit',
  socks: 'socks',
  tights: 'tights',
  slip: 'underlayer',
  flats: 'flat',
  ballerinas: 'flat',
  brogues: 'flat',
  loafers: 'loafer',
  'deck shoes': 'loafer',
  trainers: 'sneaker',
  sneakers: 'sneaker',
  sandals: 'sandal',
  heels: 'heel',
  pumps: 'heel',
  courts: 'heel',
  'ankle boots': 'ankle-boot',
  'tall boots': 'tall-boot',
  'knee boots': 'tall-boot',
  'riding boots': 'tall-boot',
  boots: 'ankle-boot',
  bag: 'bag',
  satchel: 'bag',
  tote: 'bag',
  clutch: 'bag',
  rucksack: 'bag',
  belt: 'belt',
  scarf: 'scarf',
  hat: 'hat',
  cap: 'hat',
  beanie: 'hat',
  gloves: 'gloves',
  mittens: 'gloves',
  brooch: 'brooch',
  sunglasses: 'sunglasses',
  necklace: 'necklace',
  pendant: 'necklace',
  earrings: 'earrings',
  studs: 'earrings',
  hoops: 'earrings',
  bracelet: 'bracelet',
  bangle: 'bracelet',
  ring: 'ring',
  watch: 'watch',
  tie: 'tie',
  'pocket square': 'pocket-square',
};

/** Words for colours beyond the names shown on screen; from memory, chosen by eye. */
const MORE_COLOURS: Readonly<Record<string, string>> = {
  gray: '#84868a',
  'dark grey': '#3d3f45',
  'light grey': '#c3c5c7',
  'off white': '#f3ecdc',
  beige: '#d3c5ab',
  stone: '#c9bda6',
  khaki: '#8a7f55',
  'dark green': '#1f4032',
  'light blue': '#a6c8de',
  'pale blue': '#a6c8de',
  'dark blue': '#1f2a44',
  indigo: '#2c3a5e',
  wine: '#611f2f',
  oxblood: '#5a1f26',
  claret: '#611f2f',
  ecru: '#ebdfc3',
  turquoise: '#3aa3a0',
  lilac: '#bcb1d6',
  ochre: '#b9822e',
  petrol: '#1d4f5e',
};

type Found = Pick<GivenPiece, 'fabric' | 'cut' | 'pattern' | 'measures' | 'volume' | 'care'>;
interface Word {
  readonly field: Guess['field'];
  readonly means: string;
  readonly gives: Found;
  /** Kinds the word makes sense for; absent: all. */
  readonly only?: (category: Category) => boolean;
}

const fibre = (name: string, more: Found['fabric'] = {}): Word => ({
  field: 'fibre',
  means: name,
  gives: { fabric: { fibres: [{ name, pct: 100 }], ...more } },
});
const cloth = (texture: NonNullable<Found['fabric']>['texture'], more: Found['fabric'] = {}): Word => ({
  field: 'cloth',
  means: String(texture),
  gives: { fabric: { texture, ...more } },
});
const cut = (means: string, gives: NonNullable<Found['cut']>, only?: Word['only']): Word => ({
  field: 'cut',
  means,
  gives: { cut: gives },
  ...(only ? { only } : {}),
});
const pattern = (
  kind: NonNullable<Found['pattern']>['kind'],
  more: Omit<NonNullable<Found['pattern']>, 'kind'> = {},
): Word => ({ field: 'pattern', means: String(kind), gives: { pattern: { kind, ...more } } });

const isUpper = (category: Category): boolean => ['upper', 'whole'].includes(CATEGORY[category].shape);
const isLeg = (category: Category): boolean => ['trousers', 'jeans', 'jumpsuit', 'shorts'].includes(category);
const isLower = (category: Category): boolean => CATEGORY[category].shape === 'lower';
const isSkirted = (category: Category): boolean => category === 'skirt' || category === 'dress';
const isShoe = (category: Category): boolean => CATEGORY[category].shape === 'shoe';

const WORDS: Readonly<Record<string, Word>> = {
  wool: fibre('wool'),
  merino: fibre('merino', { weight: 'light' }),
  cashmere: fibre('cashmere', { finish: 'soft' }),
  lambswool: fibre('lambswool'),
  cotton: fibre('cotton'),
  silk: fibre('silk', { finish: 'sheen', weight: 'light' }),
  viscose: fibre('viscose'),
  polyester: fibre('polyester'),
  'linen cotton': fibre('linen', { texture: 'linen' }),
  linen: fibre('linen', { texture: 'linen' }),
  leather: fibre('leather', { texture: 'leather' }),
  suede: fibre('suede', { texture: 'suede' }),
  velvet: cloth('velvet'),
  corduroy: cloth('corduroy'),
  cord: cloth('corduroy'),
  tweed: cloth('tweed', { weight: 'heavy' }),
  flannel: cloth('flannel'),
  denim: cloth('denim'),
  lace: cloth('lace', { sheer: 'semi' }),
  satin: cloth('satin', { finish: 'sheen' }),
  sequin: cloth('sequin', { finish: 'sparkle' }),
  ribbed: cloth('rib'),
  sheer: { field: 'cloth', means: 'sheer', gives: { fabric: { sheer: 'sheer' } } },
  lined: { field: 'cloth', means: 'lined', gives: { fabric: { lined: true } } },
  stretch: { field: 'cloth', means: 'stretch', gives: { fabric: { stretchPct: 15 } } },
  'v neck': cut('v neck', { neckline: 'v' }, isUpper),
  'v-neck': cut('v neck', { neckline: 'v' }, isUpper),
  'crew neck': cut('crew neck', { neckline: 'crew' }, isUpper),
  crew: cut('crew neck', { neckline: 'crew' }, isUpper),
  'roll neck': cut('roll neck', { neckline: 'roll' }, isUpper),
  'polo neck': cut('roll neck', { neckline: 'roll' }, isUpper),
  turtleneck: cut('roll neck', { neckline: 'roll' }, isUpper),
  'high neck': cut('high neck', { neckline: 'high' }, isUpper),
  'scoop neck': cut('scoop neck', { neckline: 'scoop' }, isUpper),
  'boat neck': cut('boat neck', { neckline: 'boat' }, isUpper),
  'square neck': cut('square neck', { neckline: 'square' }, isUpper),
  cowl: cut('cowl neck', { neckline: 'cowl' }, isUpper),
  halter: cut('halter', { neckline: 'halter' }, isUpper),
  strapless: cut('strapless', { neckline: 'strapless' }, isUpper),
  wrap: cut('wrap', { neckline: 'wrap', waistDetail: 'tie' }, isUpper),
  'long sleeve': cut('long sleeves', { sleeve: 'long' }, isUpper),
  'long sleeved': cut('long sleeves', { sleeve: 'long' }, isUpper),
  'short sleeve': cut('short sleeves', { sleeve: 'short' }, isUpper),
  'short sleeved': cut('short sleeves', { sleeve: 'short' }, isUpper),
  sleeveless: cut('no sleeves', { sleeve: 'none' }, isUpper),
  skinny: cut('skinny leg', { leg: 'skinny' }, isLeg),
  slim: cut('slim leg', { leg: 'slim' }, isLeg),
  'straight leg': cut('straight leg', { leg: 'straight' }, isLeg),
  straight: cut('straight leg', { leg: 'straight' }, isLeg),
  bootcut: cut('bootcut', { leg: 'bootcut' }, isLeg),
  flared: cut('flared leg', { leg: 'flare' }, isLeg),
  flare: cut('flared leg', { leg: 'flare' }, isLeg),
  'wide leg': cut('wide leg', { leg: 'wide' }, isLeg),
  wide: cut('wide leg', { leg: 'wide' }, isLeg),
  barrel: cut('barrel leg', { leg: 'barrel' }, isLeg),
  'high rise': cut('high rise', { rise: 'high' }, isLower),
  'high waist': cut('high rise', { rise: 'high' }, isLower),
  'mid rise': cut('mid rise', { rise: 'mid' }, isLower),
  'low rise': cut('low rise', { rise: 'low' }, isLower),
  pencil: cut('pencil', { silhouette: 'pencil' }, isSkirted),
  'a-line': cut('A-line', { silhouette: 'a-line' }, isSkirted),
  pleated: cut('pleats', { waistDetail: 'pleat' }, isSkirted),
  full: cut('full', { silhouette: 'full' }, isSkirted),
  pointed: cut('pointed toe', { toe: 'pointed' }, isShoe),
  almond: cut('almond toe', { toe: 'almond' }, isShoe),
  'round toe': cut('round toe', { toe: 'round' }, isShoe),
  midi: {
    field: 'length',
    means: 'to mid-calf',
    gives: { measures: { length: 1120 } },
    only: (c) => c === 'dress',
  },
  maxi: {
    field: 'length',
    means: 'to the floor',
    gives: { measures: { length: 1400 } },
    only: (c) => c === 'dress',
  },
  mini: {
    field: 'length',
    means: 'above the knee',
    gives: { measures: { length: 860 } },
    only: (c) => c === 'dress',
  },
  striped: pattern('stripe', { direction: 'across', repeatMm: 24 }),
  stripe: pattern('stripe', { direction: 'across', repeatMm: 24 }),
  pinstripe: pattern('stripe', { direction: 'along', repeatMm: 12, contrast: 0.2 }),
  checked: pattern('check', { repeatMm: 40 }),
  check: pattern('check', { repeatMm: 40 }),
  plaid: pattern('check', { repeatMm: 90 }),
  tartan: pattern('check', { repeatMm: 120 }),
  floral: pattern('floral', { repeatMm: 90 }),
  flowered: pattern('floral', { repeatMm: 90 }),
  dotted: pattern('dot', { repeatMm: 30 }),
  spotted: pattern('dot', { repeatMm: 30 }),
  'polka dot': pattern('dot', { repeatMm: 30 }),
  leopard: pattern('animal', { repeatMm: 60 }),
  marl: pattern('marl', { repeatMm: 3, contrast: 0.2 }),
  printed: pattern('abstract', { repeatMm: 120 }),
  oversized: { field: 'cut', means: 'full', gives: { volume: 'full' } },
  loose: { field: 'cut', means: 'easy', gives: { volume: 'easy' } },
  fitted: { field: 'cut', means: 'close', gives: { volume: 'close' } },
};

/** Words that say nothing about cloth. */
const IDLE = new Set(
  'a an the of in and with for my one two pair old new nice very neck leg rise sleeve sleeves shoes'.split(
    ' ',
  ),
);
/** Categories with twice as much to say: a `knit` that is also `chunky`. */
const CHUNKY = /\bchunky\b|\bcable\b/;

/**
 * Reads a pasted list, an item a line or between semicolons: "navy crew knit, wool; black slim jeans, high
 * rise". Nothing is refused: what is not understood is named, and a line without a kind comes back without a
 * piece.
 */
export function readList(text: string): ReadLine[] {
  return text
    .split(/[\n;]+/)
    .map((line) => line.replace(/^[\s\-*•\d.)]+/, '').trim())
    .filter((line) => line !== '')
    .slice(0, 500)
    .map(readLine);
}

function readLine(text: string): ReadLine {
  let rest = ` ${text
    .toLowerCase()
    .replace(/[,.()/]+/g, ' ')
    .replace(/\s+/g, ' ')} `;
  const guesses: Guess[] = [];
  /** Takes the longest of `words` that stands in what is left, or its plural or singular. */
  const take = (words: readonly string[]): string | undefined => {
    for (const word of [...words].sort((p, q) => q.length - p.length)) {
      for (const form of [word, `${word}s`, word.replace(/s$/, '')]) {
        if (form.length < 3 || !rest.includes(` ${form} `)) continue;
        rest = rest.replace(` ${form} `, ' ');
        return word;
      }
    }
    return undefined;
  };
  const chunky = CHUNKY.test(rest);
  const kindWord = take(Object.keys(KINDS));
  let category = kindWord ? KINDS[kindWord] : undefined;
  if (category === 'fine-knit' && chunky) {
    category = 'chunky-knit';
    rest = rest.replace(/ (chunky|cable) /, ' ');
  }
  if (category && kindWord) guesses.push({ word: kindWord, field: 'kind', means: CATEGORY[category].label });
  const hexes: string[] = [];
  const named = [...colourNames.map(({ name }) => name), ...Object.keys(MORE_COLOURS)];
  for (let word = take(named); word && hexes.length < 3; word = take(named)) {
    const hex = MORE_COLOURS[word] ?? colourNames.find(({ name }) => name === word)?.hex ?? '#84868a';
    hexes.push(hex);
    guesses.push({ word, field: 'colour', means: colourName(hex) });
  }
  let found: Found = {};
  const tried = new Set<string>();
  for (
    let word = take(Object.keys(WORDS));
    word;
    word = take(Object.keys(WORDS).filter((w) => !tried.has(w)))
  ) {
    tried.add(word);
    const known = WORDS[word];
    if (!known || (category && known.only && !known.only(category))) continue;
    guesses.push({ word, field: known.field, means: known.means });
    found = merge(found, known.gives);
  }
  const unread = rest
    .trim()
    .split(' ')
    .filter((word) => word !== '' && !IDLE.has(word));
  if (!category) return { text, guesses, unread };
  const [first = '#84868a'] = hexes;
  const shares = hexes.length <= 1 ? [1] : hexes.length === 2 ? [0.65, 0.35] : [0.6, 0.25, 0.15];
  const printed = found.pattern && found.pattern.kind !== 'marl' && hexes.length === 1;
  const colours = printed
    ? [
        { hex: first, share: 0.65 },
        { hex: '#f3ecdc', share: 0.35 },
      ]
    : shares.map((share, i) => ({ hex: hexes[i] ?? first, share }));
  const title = (text[0] ?? '').toUpperCase() + text.slice(1);
  return {
    text,
    piece: {
      title: title.slice(0, 120),
      category,
      owned: true,
      colours: colours.map((swatch) => ({ ...swatch, name: colourName(swatch.hex) })),
      ...found,
      ...(found.pattern ? { pattern: { contrast: 0.5, ...found.pattern } } : {}),
    },
    guesses,
    unread,
  };
}

const merge = (a: Found, b: Found): Found => ({
  ...a,
  ...b,
  ...(a.fabric || b.fabric ? { fabric: { ...a.fabric, ...b.fabric } } : {}),
  ...(a.cut || b.cut ? { cut: { ...a.cut, ...b.cut } } : {}),
});
