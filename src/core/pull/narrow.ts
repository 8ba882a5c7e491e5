import { colourName, colourNames } from '../colour';
import type { Occasion } from '../occasion';
import { CATEGORY, type Piece, type Slot, wear } from '../piece';
import { fold, readAsk } from '../reading';
import { formalityOf, outsideBand } from '../rules/formality/levels';
import { nounOf } from '../say';
import type { English } from '../words';
import { answersAsk, isInColour } from './ask';

/** Where on the figure a piece of the rack goes, as somebody looks for it. */
export const RACK_PLACES = {
  layers: { label: 'Jackets and coats', slots: ['layer'] },
  whole: { label: 'Dresses', slots: ['whole'] },
  tops: { label: 'Tops', slots: ['top'] },
  bottoms: { label: 'Skirts and trousers', slots: ['bottom'] },
  shoes: { label: 'Shoes and legwear', slots: ['shoes', 'legwear'] },
  bags: { label: 'Bags and belts', slots: ['bag', 'belt'] },
  scarves: { label: 'Scarves, hats and gloves', slots: ['scarf', 'head', 'gloves', 'eyes', 'tie', 'pocket'] },
  jewels: { label: 'Jewellery', slots: ['neck', 'ears', 'brooch', 'wrist', 'hand', 'watch'] },
} as const satisfies Readonly<Record<string, { readonly label: string; readonly slots: readonly Slot[] }>>;
export type RackPlace = keyof typeof RACK_PLACES;

/** Wide words for colour, by which a rack is narrowed. */
export const RACK_COLOURS = colourNames.filter(({ name }) =>
  ['black', 'grey', 'white', 'brown', 'red', 'orange', 'yellow', 'green', 'blue', 'purple', 'pink'].includes(
    name,
  ),
);

export interface RackFilter {
  /** As typed: words of its name, or a wish ("something blue", "no pattern"). */
  readonly words: string;
  readonly place?: RackPlace | undefined;
  /** One of `RACK_COLOURS` by its name. */
  readonly colour?: string | undefined;
  /** Only what its band of formality takes in. */
  readonly occasion?: Pick<Occasion, 'formality'> | undefined;
}

/** How far outside an occasion's band a single piece may lie: the rest of the look makes up for it. */
const BAND_SLACK = 1;

/** Pieces of a rack that a filter leaves, in their order. Words are found in name, kind, colour and cloth, or read as a wish. */
export function narrowRack(
  pieces: readonly Piece[],
  { words, place, colour, occasion }: RackFilter,
  english: English,
): Piece[] {
  const slots: readonly Slot[] | undefined = place && RACK_PLACES[place].slots;
  const named = RACK_COLOURS.find(({ name }) => name === colour);
  const typed = fold(words).split(' ').filter(Boolean);
  const ask = typed.length > 0 ? readAsk(words, english) : undefined;
  const isMeant = (piece: Piece): boolean => {
    if (!ask) return true;
    const said = sayingOf(piece, english);
    return typed.every((word) => said.some((each) => each.startsWith(word))) || answersAsk(piece, ask);
  };
  return pieces.filter(
    (piece) =>
      (!slots || slots.includes(CATEGORY[piece.category].slot)) &&
      (!named || isInColour(piece, named)) &&
      (!occasion || outsideBand(formalityOf(wear(piece)), occasion.formality) <= BAND_SLACK) &&
      isMeant(piece),
  );
}

/** The words that stand for a piece: of its name, its kind, its colours and its cloth. */
const sayingOf = (piece: Piece, english: English): string[] =>
  fold(
    [
      piece.title,
      nounOf(piece.category, english),
      ...piece.colours.flatMap(({ name, hex }) => [name ?? '', colourName(hex)]),
      piece.pattern.kind,
      piece.fabric.texture,
      ...piece.fabric.fibres.map(({ name }) => name),
    ].join(' '),
  ).split(' ');
