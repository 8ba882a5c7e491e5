import type { Measures, Slot } from './piece';
import type { Category, Zone } from './words';

/** Where a category hangs from on the body. */
export type HangPoint =
  'shoulder' | 'neck' | 'bust' | 'waist' | 'floor' | 'head' | 'ear' | 'wrist' | 'hand' | 'hip';

/** The family of drawing a category belongs to; `core/sketch` has one file for each. */
export type Shape =
  'upper' | 'lower' | 'whole' | 'drape' | 'leg' | 'shoe' | 'bag' | 'strip' | 'head' | 'jewel';

export interface CategoryFacts {
  readonly label: string;
  readonly slot: Slot;
  /** Layer order from the skin outwards; the drawing and the raster stack by it. */
  readonly order: number;
  readonly hang: HangPoint;
  readonly shape: Shape;
  /** Zones an opaque piece of this category covers with its usual cut and no sleeves. */
  readonly covers: readonly Zone[];
  /** Part the category plays in the formality of a look (R1). */
  readonly part: 'main' | 'shoes' | 'layer' | 'bag' | 'jewels' | 'none';
  /** Main pieces carry the look; the rest accompany. */
  readonly main: boolean;
  /** Single-garment insulation in clo: ISO 9920 / ASHRAE 55 garment tables, nearest entry, from memory. */
  readonly clo: number;
  /** A usual medium, mm, used only to draw what nobody measured (origin `defaulted`). Common practice. */
  readonly measures: Measures;
}

const TORSO = ['chest', 'midriff', 'back', 'shoulders'] as const;
const LOWER = ['seat', 'thighs', 'knees', 'calves'] as const;

const upper = (length: number, bust: number, more: Measures = {}): Measures => ({
  length,
  bust,
  waist: bust - 40,
  hip: bust,
  shoulder: 400,
  sleeve: 610,
  upperArm: 340,
  ...more,
});
const lower = (more: Measures): Measures => ({
  waist: 780,
  hip: 1020,
  thigh: 600,
  rise: 270,
  inseam: 780,
  legOpening: 360,
  ...more,
});

type Row = readonly [
  label: string,
  slot: Slot,
  order: number,
  hang: HangPoint,
  shape: Shape,
  covers: readonly Zone[],
  part: CategoryFacts['part'],
  clo: number,
  measures: Measures,
];

const ROWS: Readonly<Record<Category, Row>> = {
  tee: ['Tee', 'top', 20, 'shoulder', 'upper', TORSO, 'main', 0.08, upper(640, 980, { sleeve: 190 })],
  tank: [
    'Tank',
    'top',
    20,
    'shoulder',
    'upper',
    ['chest', 'midriff', 'back'],
    'main',
    0.06,
    upper(620, 920, { shoulder: 330 }),
  ],
  shirt: ['Shirt', 'top', 22, 'shoulder', 'upper', TORSO, 'main', 0.25, upper(740, 1060, { upperArm: 380 })],
  blouse: ['Blouse', 'top', 22, 'shoulder', 'upper', TORSO, 'main', 0.2, upper(660, 1040, { upperArm: 380 })],
  polo: ['Polo', 'top', 20, 'shoulder', 'upper', TORSO, 'main', 0.17, upper(660, 1000, { sleeve: 210 })],
  'fine-knit': ['Fine knit', 'top', 24, 'shoulder', 'upper', TORSO, 'main', 0.25, upper(620, 980)],
  'chunky-knit': [
    'Chunky knit',
    'top',
    26,
    'shoulder',
    'upper',
    TORSO,
    'main',
    0.36,
    upper(640, 1140, { shoulder: 450, upperArm: 430 }),
  ],
  bodysuit: [
    'Bodysuit',
    'top',
    18,
    'shoulder',
    'upper',
    TORSO,
    'main',
    0.1,
    upper(700, 860, { upperArm: 280 }),
  ],
  tunic: [
    'Tunic',
    'top',
    23,
    'shoulder',
    'upper',
    [...TORSO, 'seat'],
    'main',
    0.25,
    upper(860, 1080, { hip: 1140 }),
  ],
  cardigan: [
    'Cardigan',
    'layer',
    40,
    'shoulder',
    'upper',
    TORSO,
    'layer',
    0.3,
    upper(660, 1060, { upperArm: 380 }),
  ],
  waistcoat: [
    'Waistcoat',
    'layer',
    38,
    'shoulder',
    'upper',
    ['chest', 'midriff', 'back'],
    'layer',
    0.13,
    upper(580, 1000, { shoulder: 340 }),
  ],
  blazer: [
    'Blazer',
    'layer',
    44,
    'shoulder',
    'upper',
    TORSO,
    'layer',
    0.36,
    upper(700, 1060, { upperArm: 400, shoulder: 410 }),
  ],
  jacket: [
    'Jacket',
    'layer',
    44,
    'shoulder',
    'upper',
    TORSO,
    'layer',
    0.36,
    upper(600, 1080, { upperArm: 420, shoulder: 420 }),
  ],
  overshirt: [
    'Overshirt',
    'layer',
    42,
    'shoulder',
    'upper',
    TORSO,
    'layer',
    0.3,
    upper(740, 1140, { upperArm: 430, shoulder: 440 }),
  ],
  coat: [
    'Coat',
    'layer',
    50,
    'shoulder',
    'upper',
    [...TORSO, 'seat', 'thighs'],
    'layer',
    0.6,
    upper(1080, 1160, { upperArm: 460, shoulder: 430, hip: 1220 }),
  ],
  raincoat: [
    'Raincoat',
    'layer',
    52,
    'shoulder',
    'upper',
    [...TORSO, 'seat', 'thighs'],
    'layer',
    0.4,
    upper(980, 1160, { upperArm: 460, shoulder: 430, hip: 1220 }),
  ],
  cape: [
    'Cape',
    'layer',
    54,
    'shoulder',
    'drape',
    [...TORSO, 'upper-arms'],
    'layer',
    0.3,
    { length: 760, hemWidth: 2400, shoulder: 420 },
  ],
  shawl: [
    'Shawl',
    'layer',
    55,
    'shoulder',
    'drape',
    ['shoulders', 'upper-arms', 'back'],
    'layer',
    0.15,
    { width: 700, lengthFlat: 1900 },
  ],
  trousers: ['Trousers', 'bottom', 30, 'waist', 'lower', LOWER, 'main', 0.24, lower({})],
  jeans: [
    'Jeans',
    'bottom',
    30,
    'waist',
    'lower',
    LOWER,
    'main',
    0.24,
    lower({ thigh: 580, legOpening: 340 }),
  ],
  leggings: [
    'Leggings',
    'bottom',
    29,
    'waist',
    'lower',
    LOWER,
    'main',
    0.14,
    lower({ waist: 640, hip: 860, thigh: 500, legOpening: 210, inseam: 700 }),
  ],
  shorts: [
    'Shorts',
    'bottom',
    30,
    'waist',
    'lower',
    ['seat', 'thighs'],
    'main',
    0.08,
    lower({ inseam: 200, thigh: 640, legOpening: 600 }),
  ],
  skirt: [
    'Skirt',
    'bottom',
    31,
    'waist',
    'lower',
    ['seat', 'thighs'],
    'main',
    0.18,
    { waist: 760, hip: 1040, length: 680, hemWidth: 1300 },
  ],
  dress: [
    'Dress',
    'whole',
    30,
    'shoulder',
    'whole',
    [...TORSO, 'seat', 'thighs'],
    'main',
    0.3,
    upper(1050, 960, { waist: 820, hip: 1060, hemWidth: 1500, shoulder: 385 }),
  ],
  jumpsuit: [
    'Jumpsuit',
    'whole',
    30,
    'shoulder',
    'whole',
    [...TORSO, ...LOWER],
    'main',
    0.45,
    upper(1450, 980, { waist: 840, hip: 1060, thigh: 640, rise: 300, inseam: 740, legOpening: 460 }),
  ],
  socks: [
    'Socks',
    'legwear',
    12,
    'floor',
    'leg',
    ['ankles', 'feet'],
    'none',
    0.03,
    { shaft: 200, shaftGirth: 220 },
  ],
  tights: [
    'Tights',
    'legwear',
    11,
    'waist',
    'leg',
    ['seat', 'thighs', 'knees', 'calves', 'ankles', 'feet'],
    'none',
    0.02,
    { waist: 600 },
  ],
  underlayer: [
    'Underlayer',
    'beneath',
    10,
    'shoulder',
    'upper',
    ['chest', 'midriff', 'back'],
    'none',
    0.1,
    upper(600, 860, { shoulder: 320 }),
  ],
  flat: ['Flat', 'shoes', 15, 'floor', 'shoe', ['feet'], 'shoes', 0.02, { heel: 10, lengthFlat: 255 }],
  loafer: ['Loafer', 'shoes', 15, 'floor', 'shoe', ['feet'], 'shoes', 0.02, { heel: 25, lengthFlat: 265 }],
  sneaker: [
    'Sneaker',
    'shoes',
    15,
    'floor',
    'shoe',
    ['feet'],
    'shoes',
    0.02,
    { heel: 30, platform: 20, lengthFlat: 275 },
  ],
  sandal: ['Sandal', 'shoes', 15, 'floor', 'shoe', [], 'shoes', 0.02, { heel: 20, lengthFlat: 260 }],
  heel: ['Heel', 'shoes', 15, 'floor', 'shoe', ['feet'], 'shoes', 0.02, { heel: 70, lengthFlat: 250 }],
  'ankle-boot': [
    'Ankle boot',
    'shoes',
    16,
    'floor',
    'shoe',
    ['feet', 'ankles'],
    'shoes',
    0.1,
    { heel: 40, shaft: 140, shaftGirth: 260, lengthFlat: 270 },
  ],
  'tall-boot': [
    'Tall boot',
    'shoes',
    16,
    'floor',
    'shoe',
    ['feet', 'ankles', 'calves'],
    'shoes',
    0.1,
    { heel: 40, shaft: 390, shaftGirth: 390, lengthFlat: 270 },
  ],
  bag: ['Bag', 'bag', 80, 'hand', 'bag', [], 'bag', 0, { width: 300, length: 220 }],
  belt: ['Belt', 'belt', 36, 'waist', 'strip', [], 'none', 0, { lengthFlat: 1000, width: 30 }],
  scarf: ['Scarf', 'scarf', 60, 'neck', 'drape', ['neck'], 'none', 0.05, { lengthFlat: 1800, width: 350 }],
  hat: ['Hat', 'head', 70, 'head', 'head', ['head'], 'none', 0.03, { width: 360 }],
  headpiece: ['Headpiece', 'head', 71, 'head', 'head', [], 'jewels', 0, { width: 180 }],
  veil: ['Veil', 'head', 72, 'head', 'head', ['head'], 'none', 0, { length: 700, width: 1400 }],
  necklace: ['Necklace', 'neck', 34, 'neck', 'jewel', [], 'jewels', 0, { chain: 450 }],
  earrings: ['Earrings', 'ears', 73, 'ear', 'jewel', [], 'jewels', 0, { width: 15 }],
  bracelet: ['Bracelet', 'wrist', 64, 'wrist', 'jewel', [], 'jewels', 0, { width: 12 }],
  ring: ['Ring', 'hand', 65, 'hand', 'jewel', [], 'jewels', 0, { width: 8 }],
  watch: ['Watch', 'watch', 64, 'wrist', 'jewel', [], 'jewels', 0, { caseMm: 36 }],
  tie: ['Tie', 'tie', 35, 'neck', 'strip', [], 'none', 0, { lengthFlat: 1450, width: 80 }],
  'pocket-square': ['Pocket square', 'pocket', 46, 'bust', 'strip', [], 'none', 0, { width: 300 }],
};

const MAIN_SLOTS: readonly Slot[] = ['top', 'bottom', 'whole', 'layer'];

/** One row for each category: slot, layer order, cover, hang point, drawing, warmth, usual measures. */
export const CATEGORY: Readonly<Record<Category, CategoryFacts>> = Object.fromEntries(
  Object.entries(ROWS).map(([category, [label, slot, order, hang, shape, covers, part, clo, measures]]) => [
    category,
    { label, slot, order, hang, shape, covers, part, main: MAIN_SLOTS.includes(slot), clo, measures },
  ]),
) as unknown as Record<Category, CategoryFacts>;

/** Slots that take one piece only; the rest may hold several (two rings, a cardigan under a coat). */
export const EXCLUSIVE: ReadonlySet<Slot> = new Set([
  'top',
  'bottom',
  'whole',
  'legwear',
  'shoes',
  'bag',
  'belt',
  'ears',
  'watch',
  'tie',
  'pocket',
]);
