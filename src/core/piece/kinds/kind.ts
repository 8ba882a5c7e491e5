import type { Attributes, Measures, Mode } from '../attributes';
import type { Leg, Sleeve, Slot, Texture, Zone } from '../words';
import { AS_IS } from './ways';

/** Where a category hangs from on the body. */
export type HangPoint =
  | 'shoulder'
  | 'neck'
  | 'bust'
  | 'waist'
  | 'floor'
  | 'head'
  | 'ear'
  | 'wrist'
  | 'hand'
  | 'hip';

/** The family of drawing a category belongs to; `core/sketch` has one file for each. */
export type Shape =
  | 'upper'
  | 'lower'
  | 'whole'
  | 'drape'
  | 'leg'
  | 'shoe'
  | 'bag'
  | 'strip'
  | 'head'
  | 'hand'
  | 'jewel';

/** The table its label is read by where nobody measured it. */
export type SizedBy = 'clothes' | 'foot' | 'leg' | 'belt' | 'head' | 'hand' | 'finger';

/** What tells its drawing from the others of its shape. Depths and pitches in mm. */
export interface Drawn {
  /** Hem of a top: curved tails, turned up and stitched, or a band of ribs. */
  readonly hem?: 'tails' | 'turned' | undefined;
  readonly ribs?:
    | { readonly band: number; readonly pitch: number; readonly as: 'fold' | 'stitch' }
    | undefined;
  /** Buttons all the way down, so only with a collar, or a short placket. */
  readonly placket?: 'full' | 'with a collar' | 'short' | undefined;
  readonly chestPocket?: boolean | undefined;
  readonly throat?: 'v' | 'tie' | undefined;
  readonly gathered?: boolean | undefined;
  readonly sleeveVolume?: 'full' | undefined;
  /** How the fronts of a layer meet, and what is on them. */
  readonly front?:
    | 'tailored'
    | 'coat'
    | 'hooded'
    | 'short'
    | 'shirt'
    | 'padded'
    | 'pointed'
    | 'knitted'
    | undefined;
  readonly trousers?:
    | {
        readonly band: number;
        readonly fly?: 'button' | 'rivet' | undefined;
        readonly pockets?: 'scooped' | 'slant' | undefined;
        readonly creased?: boolean | undefined;
        /** Stitching above the hem. */
        readonly hemStitch?: number | undefined;
      }
    | undefined;
  readonly shoe?: 'flat' | 'court' | 'loafer' | 'trainer' | 'sandal' | 'ankle boot' | 'tall boot' | undefined;
  /** One of several drawings of its shape. */
  readonly as?:
    | 'scarf'
    | 'cape'
    | 'shawl'
    | 'hat'
    | 'headpiece'
    | 'veil'
    | 'necklace'
    | 'earrings'
    | 'bracelet'
    | 'ring'
    | 'brooch'
    | 'watch'
    | 'sunglasses'
    | 'tights'
    | 'socks'
    | 'tie'
    | 'belt'
    | 'pocket square'
    | undefined;
}

/** What a category is and can do. Rules, drawings, sizes and readers ask for these and never for its name. */
export interface CategoryFacts {
  readonly label: string;
  /** In a sentence; two where the Englishes differ. */
  readonly noun: string | readonly [british: string, american: string];
  readonly slot: Slot;
  /** Layer order from the skin outwards; the drawing and the raster stack by it. */
  readonly order: number;
  readonly hang: HangPoint;
  readonly shape: Shape;
  /** Zones an opaque piece of this category covers with its usual cut and no sleeves. */
  readonly covers: readonly Zone[];
  /** From this length on, mm, it covers the zone too, on a body of usual height. Common practice. */
  readonly coversFrom: readonly (readonly [zone: Zone, length: number])[];
  /** Part the category plays in the formality of a look (R1). */
  readonly part: 'main' | 'shoes' | 'layer' | 'bag' | 'jewels' | 'none';
  /** Main pieces carry the look; the rest accompany. */
  readonly main: boolean;
  /** Single-garment insulation in clo: ISO 9920 / ASHRAE 55 garment tables, nearest entry, from memory. */
  readonly clo: number;
  /** A usual medium, mm, used only to draw what nobody measured (origin `defaulted`). Common practice. */
  readonly measures: Measures;
  /** Usual formality, structure, cloth and sleeve of one that does not say. Common practice. */
  readonly formality: number;
  /** What a high heel makes of it: from this many mm on it is so formal. */
  readonly heeled?: { readonly fromMm: number; readonly formality: number } | undefined;
  readonly structure: number;
  readonly texture: Texture;
  readonly sleeve: Sleeve;
  readonly sizedBy: SizedBy;
  /** What a bare number on its label may be besides a size: a collar, or a waist in inches. */
  readonly numbered?: 'collar' | 'waist inches' | undefined;
  /** Ways of wearing every piece of it has; the first is how it comes. */
  readonly ways: readonly Mode[];
  /** Ways that only some of it have. */
  readonly more: readonly ((piece: Attributes) => readonly Mode[])[];
  /** Its wrapped front may be tied in several places. */
  readonly wraps: boolean;
  /** Has a collar whatever its neckline says. */
  readonly collared: boolean;
  /** Has two legs: to the shoe, short, or close as a stocking. */
  readonly legs?: 'long' | 'short' | 'close' | undefined;
  /** Leg of one that does not say its cut. */
  readonly leg?: Leg | undefined;
  /** Has a skirt, with a hem that goes round. */
  readonly skirted: boolean;
  readonly knitted: boolean;
  /** Worn inside the waistband by its make. */
  readonly staysIn: boolean;
  /** Cut to hang below what is over it: shirt tails, a tunic. */
  readonly mayShowBelow: boolean;
  /** Meant to hang long over what is beneath. */
  readonly longOver: boolean;
  /** A coat for outdoors, put over everything. */
  readonly outer: boolean;
  /** A layer that stays on indoors and is whole by itself. */
  readonly staysOn: boolean;
  /** A layer without sleeves to press what is beneath. */
  readonly armless: boolean;
  /** Ankle or tall; a boot has a shaft. */
  readonly boot?: 'ankle' | 'tall' | undefined;
  /** Made for sport and walking, on rubber. */
  readonly sporty: boolean;
  /** What else it does for where that is called for: a blazer is a jacket. The name of another category. */
  readonly doesFor?: string | undefined;
  /** Open at the toes unless its cut says closed. */
  readonly openToed: boolean;
  /** Worn in the hair as a crown of the look. */
  readonly crowns: boolean;
  readonly drawn: Drawn;
}

type Given = Pick<
  CategoryFacts,
  'label' | 'noun' | 'slot' | 'order' | 'hang' | 'shape' | 'covers' | 'part' | 'clo' | 'measures'
> &
  Partial<CategoryFacts>;

const MAIN_SLOTS: readonly Slot[] = ['top', 'bottom', 'whole', 'layer'];

/** A category from what is its own; the rest is as most are. */
export const defineKind = (given: Given): CategoryFacts => ({
  coversFrom: [],
  main: MAIN_SLOTS.includes(given.slot),
  formality: 4,
  structure: 1,
  texture: 'smooth',
  sleeve: 'long',
  sizedBy: 'clothes',
  ways: [AS_IS],
  more: [],
  wraps: false,
  collared: false,
  skirted: false,
  knitted: false,
  staysIn: false,
  mayShowBelow: false,
  longOver: false,
  outer: false,
  staysOn: false,
  armless: false,
  sporty: false,
  openToed: false,
  crowns: false,
  drawn: {},
  ...given,
});

export const TORSO = ['chest', 'midriff', 'back', 'shoulders'] as const;
export const VEST = ['chest', 'midriff', 'back'] as const;
export const LEGS_DOWN = ['seat', 'thighs', 'knees', 'calves'] as const;

export const upper = (length: number, bust: number, more: Measures = {}): Measures => ({
  length,
  bust,
  waist: bust - 40,
  hip: bust,
  shoulder: 400,
  sleeve: 610,
  upperArm: 340,
  ...more,
});

export const lower = (more: Measures = {}): Measures => ({
  waist: 780,
  hip: 1020,
  thigh: 600,
  rise: 270,
  inseam: 780,
  legOpening: 360,
  ...more,
});
