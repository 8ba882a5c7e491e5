import { type Category, type GivenPiece, type Piece, pieceFrom } from '../piece';

/** What makes a category look most like itself. */
const USUAL: Partial<Record<Category, Partial<GivenPiece>>> = {
  shirt: { cut: { neckline: 'collar', sleeve: 'long' } },
  blouse: { cut: { neckline: 'v', sleeve: 'long', sleeveVolume: 'full' } },
  polo: { cut: { neckline: 'collar', sleeve: 'short' } },
  'chunky-knit': { cut: { neckline: 'roll', sleeve: 'long' }, fabric: { texture: 'cable' } },
  'fine-knit': { cut: { neckline: 'crew', sleeve: 'long' } },
  tank: { cut: { neckline: 'scoop' } },
  sweatshirt: { cut: { neckline: 'crew', sleeve: 'long' } },
  gilet: { cut: { neckline: 'high' }, mode: 'buttoned' },
  sunglasses: { material: 'resin' },
  brooch: { metal: 'yellow', material: 'stone' },
  bodysuit: { cut: { neckline: 'scoop', sleeve: 'long' } },
  underlayer: { cut: { strap: 'thin' } },
  cardigan: { cut: { neckline: 'v', sleeve: 'long' }, mode: 'buttoned' },
  waistcoat: { cut: { neckline: 'v' } },
  blazer: { cut: { neckline: 'v', sleeve: 'long' }, structure: 3, mode: 'buttoned' },
  jacket: { cut: { neckline: 'high', sleeve: 'long' }, mode: 'buttoned' },
  overshirt: { cut: { neckline: 'collar', sleeve: 'long' }, mode: 'buttoned' },
  coat: { cut: { neckline: 'v', sleeve: 'long' }, structure: 3, mode: 'buttoned' },
  raincoat: { cut: { neckline: 'high', sleeve: 'long' }, mode: 'buttoned' },
  jeans: { cut: { leg: 'straight' } },
  dress: {
    cut: { neckline: 'v', silhouette: 'fit-and-flare', waistDetail: 'seam' },
    measures: { hemWidth: 2000 },
  },
  bag: { structure: 2, metal: 'yellow' },
  belt: { metal: 'yellow' },
  hat: { structure: 2 },
  necklace: { material: 'pearl' },
  earrings: { cut: { drop: 34 }, metal: 'yellow' },
  watch: { metal: 'yellow' },
  ring: { metal: 'yellow', material: 'stone' },
};

/** A piece of one colour, cut as its category is best known. */
export const make = (id: string, category: Category, hex: string, more: Partial<GivenPiece> = {}): Piece =>
  pieceFrom({
    ...USUAL[category],
    id,
    title: id,
    category,
    colours: [{ hex, share: 1 }],
    ...more,
  } as GivenPiece);

/** Three colours with their shares, for what is patterned. */
export const PATTERN = [
  { hex: '#24525c', share: 0.62 },
  { hex: '#e0b48a', share: 0.24 },
  { hex: '#a9c4b4', share: 0.14 },
];
