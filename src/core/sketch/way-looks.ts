import { CATEGORY, modesOf, type Piece } from '../piece';
import { make, PATTERN } from './specimen';

/** Pieces whose ways of wearing are shown on the figure, every mode of each. */
const WAYS: readonly Piece[] = [
  make('shirt', 'shirt', '#eef0ee'),
  make('tee', 'tee', '#a9553a', { cut: { neckline: 'crew', sleeve: 'short' } }),
  make('tunic', 'tunic', '#7a8a6a'),
  make('cardigan', 'cardigan', '#6b4a6b'),
  make('blazer', 'blazer', '#5b4c3a'),
  make('coat', 'coat', '#ad8350'),
  make('jeans', 'jeans', '#34455f'),
  make('wrap', 'dress', '#24525c', {
    cut: { neckline: 'wrap', sleeve: 'three-quarter', silhouette: 'a-line', waistDetail: 'tie' },
    measures: { hemWidth: 1600, length: 1120 },
  }),
  make('shirt-dress', 'dress', '#7a8a6a', {
    cut: { neckline: 'collar', sleeve: 'long', silhouette: 'a-line' },
    measures: { hemWidth: 1500, length: 1120 },
  }),
  make('scarf', 'scarf', '#9c4a24', {
    measures: { width: 1050, lengthFlat: 1900 },
    colours: PATTERN,
    pattern: { kind: 'geometric', repeatMm: 80, contrast: 0.5 },
  }),
  make('jacket', 'jacket', '#2a2c35', {
    facts: { reversible: true },
    colours: [
      { hex: '#2a2c35', share: 0.9 },
      { hex: '#b98f3f', share: 0.1 },
    ],
  }),
  make('velvet', 'skirt', '#532a45', { fabric: { texture: 'velvet' }, cut: { silhouette: 'a-line' } }),
  make('removable', 'blouse', '#2d4a45', {
    cut: { neckline: 'v', sleeve: 'long', sleeveVolume: 'full' },
    parts: [{ zone: 'upper-arms', detachable: true }],
  }),
  make('bag', 'bag', '#4f1d24'),
];

const slacks = make('slacks', 'trousers', '#3d4148', { cut: { leg: 'straight' }, measures: { inseam: 790 } });
const jersey = make('jersey', 'fine-knit', '#d8cbb2');
const boots = make('boots', 'tall-boot', '#3b2a22');
const shoes = make('shoes', 'loafer', '#3b2a22');

/** A look around one piece in one way of wearing, so that the way can be seen. */
export function wayLooks(): { readonly title: string; readonly pieces: readonly Piece[] }[] {
  return WAYS.flatMap((piece) =>
    modesOf(piece).map((mode) => {
      const slot = mode.changes.slot ?? CATEGORY[piece.category].slot;
      const worn = { ...piece, mode: mode.id };
      const company = [
        ...(slot === 'top' || slot === 'whole' ? [] : [jersey]),
        ...(slot === 'bottom' || slot === 'whole' ? [] : [slacks]),
        mode.effects?.leg === 'in the boot' ? boots : shoes,
      ];
      return { title: `${piece.title}: ${mode.title.toLowerCase()}`, pieces: [worn, ...company] };
    }),
  );
}
