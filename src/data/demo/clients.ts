import type { BodyMeasures } from '@core/figure';
import type { Category } from '@core/piece';
import type { z } from 'zod';
import { MORE_CLIENTS } from './more-clients';
import type { storedProfileSchema } from '@contracts/profile';

export interface DemoOwned {
  readonly title: string;
  readonly category: Category;
  /** `hex[:share] …` */
  readonly colours: string;
  readonly with?: Record<string, unknown>;
  readonly formality?: number;
  readonly assumed?: boolean;
  readonly loved?: boolean;
  readonly weekly?: boolean;
}

export interface DemoClient {
  readonly key: string;
  readonly name: string;
  readonly about: string;
  readonly email: string;
  readonly sizes: Record<string, string>;
  readonly measures: BodyMeasures;
  readonly profile: z.input<typeof storedProfileSchema>;
  readonly boxBudgetMinor: number;
  readonly pieceBudgetMinor: Partial<Record<Category, number>>;
  readonly notes: string;
  readonly owned: readonly DemoOwned[];
  /** The closet in words, as it would be pasted. */
  readonly list?: string;
  /** Beginnings of the titles that are loved. */
  readonly lovedWords?: readonly string[];
}

const shirt = { neckline: 'collar', sleeve: 'long' };
const cotton = { fibres: [{ name: 'cotton', pct: 100 }] };

/** Invented people of an invented town. Each is here for what she asks of the rules. */
const FIRST: readonly DemoClient[] = [
  {
    key: 'pilot',
    name: 'Ragnhild Sorley',
    about: 'Ferry pilot, to be installed as warden of her guild: a ceremony indoors, then a windy quay.',
    email: 'ragnhild@sorley.invalid',
    sizes: { tops: 'M', bottoms: 'M', shoes: '39' },
    measures: {
      heightMm: 1710,
      bust: 920,
      waist: 745,
      hip: 985,
      shoulderWidth: 392,
      armLength: 590,
      insideLegLength: 795,
      footLength: 247,
    },
    profile: {
      goals: ['longer-leg'],
      limits: { heelMaxMm: 40, avoidFibres: [], avoidMetals: [], washableOnly: false },
      appetite: { statement: 'one', pattern: 'mix', edge: 2 },
      moods: ['sharp', 'calm'],
      colourCard: { like: ['#1f4032', '#2f6f78', '#9c4a24'], avoid: ['#e6a6b3'], never: ['#b52a72'] },
      hair: 'up',
      pierced: true,
    },
    boxBudgetMinor: 75_000,
    pieceBudgetMinor: { blazer: 26_000, trousers: 15_000, heel: 16_000 },
    notes: 'Stands for hours; wants to walk off the quay without changing shoes.',
    owned: [
      {
        title: 'Grey wool trousers',
        category: 'trousers',
        colours: '#5b5e64',
        with: {
          cut: { leg: 'straight', rise: 'mid' },
          measures: { inseam: 785, waist: 770, hip: 1050, legOpening: 380 },
          fabric: { fibres: [{ name: 'wool', pct: 100 }] },
        },
        formality: 6,
        weekly: true,
      },
      {
        title: 'Dark jeans',
        category: 'jeans',
        colours: '#27334a',
        with: { cut: { leg: 'slim', rise: 'mid' }, measures: { inseam: 770, legOpening: 310 } },
        weekly: true,
      },
      {
        title: 'White shirt',
        category: 'shirt',
        colours: '#fafaf8',
        with: { cut: shirt, fabric: cotton, statement: 0 },
        loved: true,
      },
      {
        title: 'Navy pilot jersey',
        category: 'fine-knit',
        colours: '#1f2a44',
        with: { cut: { neckline: 'crew', sleeve: 'long' }, statement: 0 },
        weekly: true,
      },
      {
        title: 'Ivory tee',
        category: 'tee',
        colours: '#f3ecdc',
        with: { cut: { neckline: 'crew', sleeve: 'short' }, fabric: cotton, statement: 0 },
      },
      {
        title: 'Ferry-line reefer coat',
        category: 'coat',
        colours: '#1d2740',
        with: {
          cut: { neckline: 'v', sleeve: 'long' },
          structure: 3,
          fabric: { fibres: [{ name: 'wool', pct: 100 }], weight: 'heavy', lined: true },
          measures: { length: 900, sleeve: 600 },
        },
        formality: 5.5,
        loved: true,
      },
      {
        title: 'Oilskin',
        category: 'raincoat',
        colours: '#c69c2c',
        with: { facts: { waterproof: true }, statement: 2 },
        formality: 1.5,
      },
      {
        title: 'Black ankle boots',
        category: 'ankle-boot',
        colours: '#1b1b1d',
        with: { measures: { heel: 35, shaft: 140 }, cut: { sole: 'grip', toe: 'almond' }, statement: 0 },
        formality: 5,
        weekly: true,
      },
      {
        title: 'Brown deck shoes',
        category: 'loafer',
        colours: '#5f4331',
        with: { measures: { heel: 15 }, cut: { sole: 'grip' }, statement: 0 },
        formality: 3,
      },
      {
        title: 'Oxblood belt',
        category: 'belt',
        colours: '#4f1d24',
        with: { metal: 'yellow', metalContent: ['brass'], statement: 0 },
      },
      {
        title: 'Lake scarf',
        category: 'scarf',
        colours: '#2f6f78',
        with: { statement: 1, fabric: { fibres: [{ name: 'silk', pct: 100 }], texture: 'satin' } },
        loved: true,
      },
      {
        title: 'Guild pin brooch watch',
        category: 'watch',
        colours: '#c2a14e',
        with: { metal: 'yellow', statement: 1 },
        formality: 6,
      },
      {
        title: 'Brass hoops',
        category: 'earrings',
        colours: '#c2a14e',
        with: { metal: 'yellow', metalContent: ['brass'], cut: { drop: 22 }, statement: 1 },
      },
      {
        title: 'Black skirt',
        category: 'skirt',
        colours: '#202024',
        with: { cut: { silhouette: 'a-line' }, measures: { length: 640, hemWidth: 1300 }, statement: 0 },
        formality: 5.5,
        assumed: true,
      },
      {
        title: 'Brown satchel',
        category: 'bag',
        colours: '#6b4a31',
        with: { structure: 2, weightG: 800, statement: 0 },
        formality: 4,
      },
    ],
  },
  {
    key: 'cheesemaker',
    name: 'Bettine Quarles',
    about: 'Cheesemaker who judges at the county show; everything goes in the machine, and no wool.',
    email: 'bettine@quarles.invalid',
    sizes: { tops: 'L', bottoms: 'L', shoes: '40' },
    measures: { heightMm: 1640, bust: 1010, waist: 850, hip: 1080, footLength: 252 },
    profile: {
      limits: { heelMaxMm: 50, avoidFibres: [], avoidMetals: [], washableOnly: true },
      nevers: ['wool'],
      appetite: { statement: 'one', pattern: 'one', edge: 2 },
      moods: ['earthy', 'playful'],
      colourCard: { like: ['#4b6584', '#c6962d', '#7a3b3b'], avoid: ['#1a1a1c'], never: [] },
      hair: 'up',
    },
    boxBudgetMinor: 26_000,
    pieceBudgetMinor: { dress: 12_000, jeans: 9_500, 'ankle-boot': 14_000 },
    notes: 'Up at four. Sleeves that roll.',
    owned: [
      {
        title: 'White overalls shirt',
        category: 'shirt',
        colours: '#f7f7f4',
        with: { cut: shirt, fabric: cotton, statement: 0 },
        weekly: true,
      },
      {
        title: 'Blue work shirt',
        category: 'shirt',
        colours: '#6d8bb0',
        with: { cut: shirt, fabric: cotton, statement: 0 },
        weekly: true,
      },
      {
        title: 'Mustard tee',
        category: 'tee',
        colours: '#c6962d',
        with: { cut: { neckline: 'crew', sleeve: 'short' }, fabric: cotton, statement: 1 },
        loved: true,
      },
      {
        title: 'Straight jeans',
        category: 'jeans',
        colours: '#34455f',
        with: { cut: { leg: 'straight', rise: 'high' }, measures: { inseam: 740, legOpening: 350 } },
        weekly: true,
      },
      {
        title: 'Canvas trousers',
        category: 'trousers',
        colours: '#8a7a5a',
        with: { cut: { leg: 'straight', rise: 'mid' }, fabric: cotton, statement: 0 },
        formality: 3,
      },
      {
        title: 'Denim skirt',
        category: 'skirt',
        colours: '#4b6584',
        with: {
          cut: { silhouette: 'a-line' },
          fabric: { ...cotton, texture: 'denim' },
          measures: { length: 700, hemWidth: 1400 },
        },
        formality: 3,
      },
      {
        title: 'Cotton cardigan',
        category: 'cardigan',
        colours: '#ebdfc3',
        with: { cut: { neckline: 'v', sleeve: 'long' }, fabric: { ...cotton, texture: 'rib' }, statement: 0 },
      },
      {
        title: 'Waxed jacket',
        category: 'jacket',
        colours: '#4d4a33',
        with: {
          cut: { neckline: 'collar', sleeve: 'long' },
          facts: { waterproof: true },
          fabric: cotton,
          care: 'spot',
        },
        weekly: true,
      },
      {
        title: 'Clogs',
        category: 'flat',
        colours: '#5f4331',
        with: { measures: { heel: 40 }, statement: 0 },
        formality: 2,
        weekly: true,
      },
      { title: 'White sneakers', category: 'sneaker', colours: '#f4f3ee', with: { statement: 0 } },
      { title: 'Tan belt', category: 'belt', colours: '#a9784a', with: { statement: 0 } },
      {
        title: 'Check scarf',
        category: 'scarf',
        colours: '#8e2f2b:0.6 #f2efe6:0.4',
        with: { pattern: { kind: 'check', repeatMm: 40, contrast: 0.7 }, fabric: cotton, statement: 2 },
      },
      { title: 'Black tights', category: 'tights', colours: '#1a1a1c', assumed: true },
    ],
  },
  {
    key: 'geologist',
    name: 'Hester Lindqvale',
    about:
      'Retired geologist, lectures aboard small ships. Arms covered, nickel allergy, big jewellery and proud of it.',
    email: 'hester@lindqvale.invalid',
    sizes: { tops: 'S', bottoms: 'S', shoes: '38' },
    measures: { heightMm: 1620, bust: 870, waist: 720, hip: 950, armLength: 560, footLength: 240 },
    profile: {
      cover: ['upper-arms', 'lower-arms'],
      allergies: ['nickel'],
      limits: {
        heelMaxMm: 30,
        openToe: false,
        bagMaxG: 900,
        avoidFibres: ['acrylic'],
        avoidMetals: [],
        washableOnly: false,
      },
      appetite: { statement: 'bold', pattern: 'mix', edge: 4 },
      moods: ['earthy', 'playful'],
      colourCard: { like: ['#a86b4e', '#5d5560', '#2f6f78'], avoid: ['#f2d7d7'], never: ['#ecc943'] },
      hair: 'down',
      pierced: true,
    },
    boxBudgetMinor: 48_000,
    pieceBudgetMinor: { tunic: 11_000, blazer: 28_000 },
    notes: 'Packs one small case. Prints are welcome, and so is anything that looks dug up.',
    owned: [
      {
        title: 'Black cotton trousers',
        category: 'trousers',
        colours: '#1e1e21',
        with: {
          cut: { leg: 'straight', rise: 'mid' },
          fabric: cotton,
          measures: { inseam: 735 },
          statement: 0,
        },
        formality: 4.5,
        weekly: true,
      },
      {
        title: 'Clay linen trousers',
        category: 'trousers',
        colours: '#a86b4e',
        with: {
          cut: { leg: 'wide', rise: 'high' },
          fabric: { fibres: [{ name: 'linen', pct: 100 }], texture: 'linen' },
          measures: { inseam: 730, legOpening: 480 },
          statement: 1,
        },
        formality: 4,
      },
      {
        title: 'Heather jersey',
        category: 'fine-knit',
        colours: '#5d5560',
        with: {
          cut: { neckline: 'crew', sleeve: 'long' },
          fabric: { fibres: [{ name: 'merino', pct: 100 }], texture: 'rib' },
          statement: 0,
        },
        loved: true,
      },
      {
        title: 'Black roll-neck',
        category: 'fine-knit',
        colours: '#1a1a1c',
        with: { cut: { neckline: 'roll', sleeve: 'long' }, fabric: cotton, statement: 0 },
        weekly: true,
      },
      {
        title: 'Ikat tunic',
        category: 'tunic',
        colours: '#2b3658:0.6 #b9752f:0.25 #efe6d4:0.15',
        with: {
          cut: { neckline: 'v', sleeve: 'long' },
          pattern: { kind: 'geometric', repeatMm: 110, contrast: 0.6 },
          fabric: cotton,
          statement: 3,
        },
        loved: true,
      },
      {
        title: 'Indigo jacket',
        category: 'jacket',
        colours: '#2b3658',
        with: { cut: { neckline: 'high', sleeve: 'long' }, fabric: cotton, statement: 1 },
      },
      {
        title: 'Long grey cardigan',
        category: 'cardigan',
        colours: '#75787d',
        with: {
          cut: { neckline: 'v', sleeve: 'long' },
          measures: { length: 880, sleeve: 580 },
          statement: 0,
        },
      },
      {
        title: 'Field raincoat',
        category: 'raincoat',
        colours: '#5b6a48',
        with: { facts: { waterproof: true }, statement: 0 },
      },
      {
        title: 'Black loafers',
        category: 'loafer',
        colours: '#1a1a1c',
        with: { measures: { heel: 20 }, statement: 0 },
        formality: 5,
        weekly: true,
      },
      {
        title: 'Walking shoes',
        category: 'sneaker',
        colours: '#6a5a48',
        with: { cut: { sole: 'lug' }, statement: 0 },
      },
      {
        title: 'Ammonite pendant',
        category: 'necklace',
        colours: '#8d6a3a',
        with: {
          material: 'stone',
          metal: 'yellow',
          metalContent: ['brass'],
          measures: { chain: 720 },
          cut: { drop: 56 },
          statement: 4,
        },
        loved: true,
      },
      {
        title: 'Agate slab ring',
        category: 'ring',
        colours: '#7c5a6a',
        with: { material: 'stone', metal: 'white', metalContent: ['nickel-free'], statement: 3 },
      },
      {
        title: 'Wooden bangle',
        category: 'bracelet',
        colours: '#6b4a31',
        with: { material: 'wood', statement: 2, measures: { width: 30 } },
      },
      {
        title: 'Copper scarf',
        category: 'scarf',
        colours: '#9c4a24',
        with: { fabric: { fibres: [{ name: 'silk', pct: 100 }], texture: 'crinkle' }, statement: 2 },
      },
      {
        title: 'Canvas cross bag',
        category: 'bag',
        colours: '#8a7a5a',
        with: { weightG: 420, statement: 0, structure: 1 },
        formality: 3,
        weekly: true,
      },
    ],
  },
];

export const DEMO_CLIENTS: readonly DemoClient[] = [...FIRST, ...MORE_CLIENTS];
