import { modeOf, modesOf, type Piece } from '../piece';
import type { Speaker } from '../say';
import { capital, listed } from '../words';
import { isCloth } from './distance';
import type { Way } from './ways';

/** Piece worn otherwise than it usually is, in words: "the scarf tied at the neck". */
const inItsWay = (piece: Piece, by: Speaker): string => {
  const mode = modeOf(piece);
  const [usual] = modesOf(piece);
  return mode.id === usual?.id ? by.called(piece.id) : `${by.called(piece.id)}, ${mode.title.toLowerCase()}`;
};

/**
 * What makes a way different from the others, in a line: the pieces that no other has, else how the shared ones are worn.
 * `ways` are all of them; `around` is what every one holds.
 */
export function wayWords(way: Way, ways: readonly Way[], around: ReadonlySet<string>, by: Speaker): string {
  const others = ways.filter((each) => each !== way);
  const own = way.pieces.filter(
    ({ id }) => !around.has(id) && !others.some(({ pieces }) => pieces.some((piece) => piece.id === id)),
  );
  const another = way.pieces.filter(
    (piece) => modeOf(piece).id !== modesOf(piece)[0]?.id && !own.includes(piece),
  );
  const clothes = own.filter(isCloth);
  const told = (clothes.length > 0 ? clothes : own).slice(0, 3);
  const rest =
    told.length > 0
      ? told
      : way.pieces.filter((piece) => !around.has(piece.id) && isCloth(piece)).slice(0, 2);
  const said = [
    rest.length > 0
      ? `with ${listed(
          rest.map((piece) => inItsWay(piece, by)),
          by.tongue.english,
        )}`
      : '',
    ...another.slice(0, 2).map((piece) => inItsWay(piece, by)),
  ].filter(Boolean);
  const whereto = way.occasion ? `For ${way.occasion}: ` : '';
  const words = said.join('; ');
  return `${whereto}${whereto ? words : capital(words)}.`;
}
