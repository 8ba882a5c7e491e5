import { CATEGORY } from './kinds';
import type { Piece } from './piece';

/** What a piece must say of itself; everything else has a usual value. */
export type GivenPiece = Partial<Omit<Piece, 'id' | 'category' | 'colours' | 'fabric' | 'pattern'>> &
  Pick<Piece, 'id' | 'category' | 'colours'> & {
    readonly fabric?: Partial<Piece['fabric']> | undefined;
    readonly pattern?: Partial<Piece['pattern']> | undefined;
  };

/** A whole piece from what is known of it; pure, no checking (that is the boundary's work). */
export function pieceFrom(given: GivenPiece): Piece {
  const { fabric, pattern, ...rest } = given;
  const { formality, heeled, structure, texture } = CATEGORY[given.category];
  const isHeeled = heeled !== undefined && (given.measures?.heel ?? 0) >= heeled.fromMm;
  return {
    title: given.id,
    owned: false,
    parts: [],
    metal: 'none',
    metalContent: [],
    formality: isHeeled ? heeled.formality : formality,
    hour: 'any',
    seasons: [],
    statement: 1,
    moods: [],
    edge: 1,
    volume: 'easy',
    structure,
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
      texture,
      finish: 'matt',
      weight: 'mid',
      sheer: 'opaque',
      stretchPct: 0,
      lined: false,
      ...fabric,
    },
  };
}
