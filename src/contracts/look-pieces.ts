import type { Setting } from '@core/look';
import { memo } from '@core/memo';
import type { Occasion } from '@core/occasion';
import { type Speaker, speaker } from '@core/say';
import type { Piece } from '@core/piece';
import type { BoxView } from './box/box-view';

/** A piece in a mode is one object, so that what was worked out for it once serves again. */
const inModes = memo((_piece: Piece) => new Map<string | undefined, Piece>());

function inMode(piece: Piece, mode: string | undefined): Piece {
  const known = inModes(piece);
  const before = known.get(mode);
  if (before) return before;
  const made = { ...piece, mode };
  known.set(mode, made);
  return made;
}

type Refs = readonly { readonly ref: string; readonly mode?: string | undefined }[];

/** Pieces a look names, in the modes it says; what has left the box or the closet is left out. */
export function piecesOf(
  view: { readonly lines: readonly { readonly piece: Piece }[]; readonly owned: readonly Piece[] },
  refs: Refs,
): Piece[] {
  const all = new Map(
    [...view.lines.map((line) => line.piece), ...view.owned].map((piece) => [piece.id, piece]),
  );
  return refs.flatMap(({ ref, mode }) => {
    const piece = all.get(ref);
    return piece ? [inMode(piece, mode)] : [];
  });
}

/** What a look of a box is judged against: the client, the shop, the budget. The same for Rail, save, letter and file. */
export const settingOf = (
  { client, shop, budgetMinor }: Pick<BoxView, 'client' | 'shop' | 'budgetMinor'>,
  occasion?: Occasion,
): Setting => ({
  client: client.profile,
  occasion,
  shopSchools: shop.schools,
  budget: { boxMinor: budgetMinor ?? undefined, pieceMinor: client.pieceBudgetMinor },
});

/** The same as a letter speaks to the client: what she owns is hers. */
export const speakerForClient = ({
  lines,
  owned,
  shop,
}: Pick<BoxView, 'lines' | 'owned' | 'shop'>): Speaker =>
  speaker([...lines.map(({ piece }) => piece), ...owned], {
    tongue: shop.tongue,
    pronoun: 'you',
    owned: 'your',
  });

/** Who speaks of the pieces of a box, and of others beside them, to the people of the shop. */
export const speakerOf = (
  { lines, owned, shop, client }: Pick<BoxView, 'lines' | 'owned' | 'shop' | 'client'>,
  more: readonly Piece[] = [],
): Speaker =>
  speaker([...lines.map(({ piece }) => piece), ...owned, ...more], {
    tongue: shop.tongue,
    pronoun: client.profile.pronoun,
    name: client.name,
  });
