import type { Profile } from '../client';
import { bodyOf } from '../figure';
import { type Piece, wear } from '../piece';
import { type Drawing, figureDrawing, flatOf, laidOut, layersOf } from '../sketch';
import type { LetterStyle } from './style';

/** A look as a letter shows it: worn on the client's figure, or its pieces laid out flat, to one scale. */
export function lookPicture(
  pieces: readonly Piece[],
  client: Profile,
  as: LetterStyle['pictures'] = 'figure',
): Drawing {
  const body = bodyOf(client.measures);
  return as === 'flat'
    ? laidOut(pieces.map((piece) => flatOf(piece, body)))
    : figureDrawing(layersOf(pieces.map(wear), body), body, client);
}
