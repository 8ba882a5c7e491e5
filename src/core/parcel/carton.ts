import { CATEGORY, gramsOf, type Piece } from '../piece';
import { lengthIn, type Tongue } from '../words';

/** Cartons a parcel may go in, smallest first: inner sizes in mm, their own weight in g. From memory, as cartons are sold. */
export const CARTONS = [
  { name: 'flat box', mm: [350, 250, 50], grams: 120 },
  { name: 'small box', mm: [350, 250, 120], grams: 180 },
  { name: 'medium box', mm: [450, 350, 150], grams: 320 },
  { name: 'large box', mm: [600, 400, 250], grams: 620 },
] as const satisfies readonly { name: string; mm: readonly [number, number, number]; grams: number }[];
export type Carton = (typeof CARTONS)[number];

/** Folded cloth takes about so many litres a kilogram, tissue included. From memory. */
const LITRES_A_KG = 6;
/** What is not folded brings its own room, litres. From memory. */
const SHOES_L = 11;
const HAT_L = 16;
const BAG_L = 5;
/** Tissue, letter and label, g. From memory. */
const PAPERS_G = 90;
const ENCLOSURE_G = 8;

export interface ParcelSize {
  /** All of it, carton included. */
  readonly grams: number;
  /** How many of its pieces were never weighed. */
  readonly guessed: number;
  /** The smallest carton it goes into; undefined: more than one parcel. */
  readonly carton: Carton | undefined;
}

const litresOf = ({ mm: [length, width, height] }: Carton): number => (length * width * height) / 1e6;

function roomOf(piece: Piece): number {
  const { drawn, slot } = CATEGORY[piece.category];
  if (slot === 'shoes') return SHOES_L;
  if (drawn.as === 'hat') return HAT_L;
  if (slot === 'bag') return Math.max(BAG_L, (piece.bag?.capacityL ?? 0) / 2);
  return (gramsOf(piece) / 1000) * LITRES_A_KG;
}

/** What a parcel weighs and which carton it takes, by what its pieces weigh and how they fold. */
export function parcelSize(pieces: readonly Piece[], enclosures = 0): ParcelSize {
  const litres = pieces.reduce((sum, piece) => sum + roomOf(piece), 0);
  const carton = CARTONS.find((each) => litresOf(each) >= litres);
  const own = pieces.reduce((sum, piece) => sum + gramsOf(piece), 0);
  return {
    grams: own + PAPERS_G + enclosures * ENCLOSURE_G + (carton ?? CARTONS[3]).grams,
    guessed: pieces.filter(({ weightG }) => weightG === undefined).length,
    carton,
  };
}

/** "small box, 35 × 25 × 12 cm", as its reader measures. */
export function cartonWords({ name, mm }: Carton, tongue: Tongue): string {
  const sides = mm.map((side) => lengthIn(side, tongue).replace(` ${tongue.units}`, ''));
  return `${name}, ${sides.join(' × ')} ${tongue.units}`;
}
