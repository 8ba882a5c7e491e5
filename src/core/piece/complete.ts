import type { Piece } from './piece';
import type { Category } from './words';

/** What a piece must say of itself; everything else has a usual value. */
export type GivenPiece = Partial<Omit<Piece, 'id' | 'category' | 'colours' | 'fabric' | 'pattern'>> &
  Pick<Piece, 'id' | 'category' | 'colours'> & {
    readonly fabric?: Partial<Piece['fabric']> | undefined;
    readonly pattern?: Partial<Piece['pattern']> | undefined;
  };

/** Usual formality by category, where a piece does not say; common practice. */
const FORMALITY: Partial<Record<Category, number>> = {
  tee: 2,
  tank: 2,
  shirt: 5,
  blouse: 5,
  polo: 3,
  'fine-knit': 4,
  'chunky-knit': 3,
  sweatshirt: 1,
  cardigan: 4,
  waistcoat: 5,
  gilet: 2,
  blazer: 6,
  jacket: 4,
  overshirt: 3,
  coat: 5,
  raincoat: 3,
  trousers: 5,
  jeans: 3,
  leggings: 1,
  shorts: 1,
  skirt: 5,
  dress: 5,
  jumpsuit: 5,
  flat: 4,
  loafer: 5,
  sneaker: 2,
  sandal: 3,
  heel: 7,
  'ankle-boot': 4,
  'tall-boot': 4,
  bag: 4,
};

/** A whole piece from what is known of it; pure, no checking (that is the boundary's work). */
export function pieceFrom(given: GivenPiece): Piece {
  const { fabric, pattern, ...rest } = given;
  const knit =
    given.category === 'fine-knit' || given.category === 'chunky-knit' || given.category === 'cardigan';
  return {
    title: given.id,
    owned: false,
    parts: [],
    metal: 'none',
    metalContent: [],
    formality: FORMALITY[given.category] ?? 4,
    hour: 'any',
    seasons: [],
    statement: 1,
    moods: [],
    edge: 1,
    volume: 'easy',
    structure: given.category === 'blazer' || given.category === 'coat' ? 2 : 1,
    cut: {},
    measures: {},
    origins: {},
    features: [],
    facts: {},
    modes: [],
    ...rest,
    pattern: { kind: 'solid', repeatMm: 10, contrast: 0, ...pattern },
    fabric: {
      fibres: [],
      texture: given.category === 'jeans' ? 'denim' : knit ? 'rib' : 'smooth',
      finish: 'matt',
      weight: 'mid',
      sheer: 'opaque',
      stretchPct: 0,
      lined: false,
      ...fabric,
    },
  };
}
