import { givenOf, storedOf } from '@contracts/closet-file';
import type { StoredAttributes } from '@contracts/piece';
import type { OwnedView } from '@contracts/closet/owned-view';
import { type ReadLine, readList } from '@core/reading';
import { pageTongue } from '@ui/tongue';
import { colourName } from '@core/colour';
import type { Palette } from '@core/palette';
import { type Category, type GivenPiece, type Piece, pieceFrom, type Swatch } from '@core/piece';
import { colourCalled, kindCalled } from '@ui/called';

/** A piece while it is being entered or changed. */
export interface PieceDraft {
  readonly id?: string | undefined;
  readonly title: string;
  readonly category: Category;
  readonly colours: readonly Swatch[];
  /** Everything else that is known of it; what the form does not show is kept as it was. */
  readonly attributes: Omit<Partial<GivenPiece>, 'id' | 'title' | 'category' | 'colours' | 'formality'>;
  readonly formality?: number | undefined;
}

/** A piece of a closet while it is being entered or changed, and how the client stands to it. */
export interface ClosetDraft extends PieceDraft {
  readonly assumed: boolean;
  readonly loved: boolean;
  readonly wornWeekly: boolean;
}

/** What a part of a piece's form is given. */
export interface PartProps {
  readonly draft: PieceDraft;
  readonly onChange: (change: (now: PieceDraft) => Partial<PieceDraft>) => void;
}

export const NEW_PIECE: ClosetDraft = {
  title: '',
  category: 'shirt',
  colours: [{ hex: '#fbfbf9', share: 1 }],
  attributes: {},
  assumed: false,
  loved: false,
  wornWeekly: false,
};

/** "Navy fine knit": what a piece is called until somebody names it. */
export function usualTitle({ colours, category }: Pick<PieceDraft, 'colours' | 'category'>): string {
  const words = `${colourCalled(colours[0]?.hex ?? '#808080')} ${kindCalled(category).toLowerCase()}`;
  return (words[0] ?? '').toUpperCase() + words.slice(1);
}

export const pieceOfDraft = (draft: PieceDraft, owned = true): Piece =>
  pieceFrom({
    id: draft.id ?? 'new',
    title: draft.title || usualTitle(draft),
    owned,
    category: draft.category,
    colours: draft.colours,
    formality: draft.formality,
    ...draft.attributes,
  });

export const draftOf = ({ id, piece, assumed, loved, wornWeekly }: OwnedView): ClosetDraft => ({
  id,
  ...storedOf(givenOf(piece)),
  assumed,
  loved,
  wornWeekly,
});

/** The first line of what was typed, as a draft with its guesses; undefined while no kind is named. */
export function draftOfWords<D extends PieceDraft>(text: string, before: D): { draft?: D; read?: ReadLine } {
  const [read] = readList(text, pageTongue().english);
  if (!read) return {};
  if (!read.piece) return { read };
  const { title, category, colours, owned: _owned, ...attributes } = read.piece;
  return {
    read,
    draft: {
      ...before,
      title: title ?? '',
      category,
      colours,
      attributes: attributes as PieceDraft['attributes'],
    },
  };
}

/** What the API is sent for a draft. */
export const pieceInput = (draft: PieceDraft) => ({
  id: draft.id,
  title: draft.title || usualTitle(draft),
  category: draft.category,
  colours: draft.colours.map((swatch) => ({ ...swatch, name: swatch.name ?? colourName(swatch.hex) })),
  attributes: draft.attributes as StoredAttributes,
  formality: draft.formality,
});

export const inputOf = (draft: ClosetDraft) => ({
  ...pieceInput(draft),
  assumed: draft.assumed,
  loved: draft.loved,
  wornWeekly: draft.wornWeekly,
});

/** The colours and the pattern of a photo, for a piece that is being entered. */
export const withPalette = (
  { attributes }: PieceDraft,
  { colours, pattern }: Palette,
): Pick<PieceDraft, 'colours' | 'attributes'> => ({ colours, attributes: { ...attributes, pattern } });
