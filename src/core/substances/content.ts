import { CATEGORY, type Piece } from '../piece';
import type { Share } from './composition';
import { declaredIn, meets, type Says } from './read';

/** What is known of a piece against one declared substance. */
export type Content =
  | { readonly says: 'holds' | 'may'; /** As the label says it. */ readonly named: string }
  | { readonly says: 'unknown' }
  | { readonly says: 'clear' };

type Known = Pick<Piece, 'title' | 'category' | 'fabric' | 'parts' | 'metal' | 'metalContent' | 'material'>;

const HIDE_TEXTURES: readonly string[] = ['leather', 'suede', 'fur'];

/** The fibres of a piece and of all its parts; shares of nought say nothing. */
export const fibresIn = (piece: Pick<Piece, 'fabric' | 'parts'>): readonly Share[] =>
  [piece, ...piece.parts].flatMap(({ fabric }) => (fabric?.fibres ?? []).filter(({ pct }) => pct > 0));

/** Everything of a piece that says what it is made of, strongest word first. */
function labelOf(piece: Known): string[] {
  const { metalContent, material } = piece;
  return [
    ...fibresIn(piece).map(({ name }) => name),
    ...metalContent.filter((name) => name.trim().toLowerCase() !== 'unknown'),
    // "Metal" says that it is one, not which; that is what the content is for.
    ...(material && material !== 'metal' ? [material] : []),
  ];
}

/**
 * What is known of a piece against a substance somebody declared: by its label, then by its cloth, then by its name.
 * `unknown` when nobody entered what could answer. A name that says so and a label that was never entered are one.
 */
export function contentOf(piece: Known, declared: string): Content {
  const label = labelOf(piece);
  const strongest = (texts: readonly string[], says: Says): string | undefined =>
    texts.find((text) => meets(declared, text) === says);
  const holds = strongest(label, 'holds');
  if (holds !== undefined) return { says: 'holds', named: holds };
  const entered = piece.fabric.fibres.length > 0;
  const { texture } = piece.fabric;
  if (!entered && HIDE_TEXTURES.includes(texture)) {
    const says = meets(declared, texture);
    if (says !== 'no') return { says, named: texture };
  }
  const byName = meets(declared, piece.title);
  if (byName === 'holds' && !entered && piece.metalContent.length === 0)
    return { says: 'holds', named: declared };
  const may = strongest(label, 'may');
  if (may !== undefined) return { says: 'may', named: may };
  if (byName === 'holds') return { says: 'may', named: piece.title };
  return isMetal(declared) ? metalOf(piece) : clothOf(piece, declared);
}

const isMetal = (declared: string): boolean => declaredIn(declared).some(({ kind }) => kind === 'metal');

/** Metal that shows and whose content nobody knows. */
const metalOf = ({ metal, metalContent }: Known): Content => ({
  says:
    metal !== 'none' && (metalContent.length === 0 || metalContent.includes('unknown')) ? 'unknown' : 'clear',
});

/** Jewellery has no cloth to ask about; sunglasses and headpieces may. */
const isJewel = (category: Piece['category']): boolean =>
  CATEGORY[category].shape === 'jewel' && CATEGORY[category].part === 'jewels';

const clothOf = ({ category, fabric }: Known, declared: string): Content => ({
  says:
    fabric.fibres.length > 0 || (isJewel(category) && declaredIn(declared).length > 0) ? 'clear' : 'unknown',
});
