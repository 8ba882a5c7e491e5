import {
  CATEGORIES,
  type Category,
  type GivenPiece,
  LEGS,
  NECKLINES,
  type Piece,
  pieceFrom,
  SLEEVES,
  TEXTURES,
  PATTERN_KINDS,
  VOLUMES,
} from '@core/piece';
import type { DecidedPiece } from '@core/learn';
import fc from 'fast-check';

/** A piece of one colour, the rest as given. */
export const one = (id: string, category: Category, hex: string, more: Partial<GivenPiece> = {}): Piece =>
  pieceFrom({ id, category, colours: [{ hex, share: 1 }], ...more });

/** A piece a client decided about, kept unless it is said otherwise. */
export const decided = (more: Partial<DecidedPiece> = {}): DecidedPiece => ({
  lineId: 'line',
  piece: one('decided', 'shirt', '#ffffff', { title: 'Decided' }),
  label: '',
  size: 'M',
  priceMinor: 5000,
  decision: 'keep',
  box: 1,
  ...more,
});

const anyHex = fc
  .integer({ min: 0, max: 0xffffff })
  .map((value) => `#${value.toString(16).padStart(6, '0')}`);
/** Half of the colours come from a wardrobe's usual ones, so that colours are shared as they are in life. */
const hex = fc.oneof(
  anyHex,
  fc.constantFrom('#1f2a44', '#fbfbf9', '#f3ecdc', '#17171a', '#9c4a24', '#1f4032', '#84868a', '#611f2f'),
);

const colours = fc
  .array(hex, { minLength: 1, maxLength: 3 })
  .map((list) => list.map((each) => ({ hex: each, share: 1 / list.length })));

/** Any valid piece: every category, cut, cloth and pattern, with measures inside their bounds. */
export const anyPiece: fc.Arbitrary<Piece> = fc
  .record({
    category: fc.constantFrom(...CATEGORIES),
    colours,
    statement: fc.integer({ min: 0, max: 5 }),
    formality: fc.integer({ min: 0, max: 10 }),
    volume: fc.constantFrom(...VOLUMES),
    structure: fc.integer({ min: 0, max: 3 }),
    neckline: fc.constantFrom(...NECKLINES),
    sleeve: fc.constantFrom(...SLEEVES),
    sleeveVolume: fc.constantFrom(...VOLUMES),
    leg: fc.constantFrom(...LEGS),
    texture: fc.constantFrom(...TEXTURES),
    kind: fc.constantFrom(...PATTERN_KINDS),
    repeatMm: fc.integer({ min: 8, max: 200 }),
    contrast: fc.integer({ min: 0, max: 10 }).map((tenths) => tenths / 10),
    length: fc.integer({ min: 200, max: 1500 }),
    bust: fc.integer({ min: 620, max: 1900 }),
    waist: fc.integer({ min: 560, max: 1900 }),
    hip: fc.integer({ min: 640, max: 1900 }),
    heel: fc.integer({ min: 0, max: 120 }),
    owned: fc.boolean(),
    priceMinor: fc.integer({ min: 0, max: 60_000 }),
    metalContent: fc.constantFrom([], ['nickel'], ['nickel-free'], ['unknown']),
    metal: fc.constantFrom('none' as const, 'yellow' as const, 'white' as const),
    fibre: fc.constantFrom('wool', 'cotton', 'merino', 'linen', 'silk'),
  })
  .map(
    ({
      neckline,
      sleeve,
      sleeveVolume,
      leg,
      texture,
      kind,
      repeatMm,
      contrast,
      length,
      bust,
      waist,
      hip,
      heel,
      fibre,
      ...rest
    }) =>
      pieceFrom({
        ...rest,
        id: 'any',
        cut: { neckline, sleeve, sleeveVolume, leg },
        fabric: { texture, fibres: [{ name: fibre, pct: 100 }] },
        pattern: { kind, repeatMm, contrast },
        measures: { length, bust, waist, hip, heel },
      }),
  );

/** A look of 1 to 9 such pieces with ids of their own. */
export const anyLook: fc.Arbitrary<Piece[]> = fc
  .array(anyPiece, { minLength: 1, maxLength: 9 })
  .map((pieces) => pieces.map((piece, i) => ({ ...piece, id: `p${i}` })));
