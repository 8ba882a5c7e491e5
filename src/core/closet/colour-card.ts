import { colourName, deltaE, lab, labToHex } from '../colour';
import { kMeans } from '../palette';
import type { Piece } from '../piece';

/** A colour that a client keeps coming back to. */
export interface CardColour {
  readonly hex: string;
  readonly name: string;
  /** Pieces that wear it. */
  readonly pieces: readonly string[];
}

const MOST = 8;
/** Two loved colours nearer than this are one colour of the card. */
const ONE_COLOUR = 10;

/**
 * The colour card that loved pieces speak of: their swatches, grouped in CIELAB by how much of the piece they
 * are, each group named as a person would. Groups of one faint swatch are left out.
 */
export function cardOf(loved: readonly Piece[]): CardColour[] {
  const points: number[] = [];
  const from: string[] = [];
  for (const piece of loved) {
    for (const { hex, share } of piece.colours) {
      const { l, a, b } = lab(hex);
      for (let i = 0; i < Math.max(1, Math.round(share * 6)); i++) {
        points.push(l, a, b);
        from.push(piece.id);
      }
    }
  }
  const all = Float32Array.from(points);
  const groups = kMeans(
    all,
    from.map((_, i) => i),
    MOST + 4,
  );
  const merged: { l: number; a: number; b: number; count: number }[] = [];
  for (const group of groups)
    if (!merged.some((each) => deltaE(each, group) < ONE_COLOUR)) merged.push(group);
  return (
    merged
      .map((group) => ({
        hex: labToHex(group),
        name: colourName(labToHex(group)),
        pieces: loved
          .filter(({ colours }) => colours.some(({ hex }) => deltaE(lab(hex), group) < ONE_COLOUR))
          .map(({ id }) => id),
        count: group.count,
      }))
      .filter(({ pieces, count }) => pieces.length > 0 && count > 1)
      .sort((p, q) => q.pieces.length - p.pieces.length || q.count - p.count)
      // Two shades that a person calls by one name are one entry of the card.
      .filter(({ name }, i, all) => all.findIndex((each) => each.name === name) === i)
      .slice(0, MOST)
      .map(({ hex, name, pieces }) => ({ hex, name, pieces }))
  );
}
