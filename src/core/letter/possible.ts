import { judge, type Setting, wrongsIn } from '../look';
import { modesOf, type Piece } from '../piece';
import type { Settings } from '../rules';

/**
 * Ids of the ways of wearing a piece that a letter may propose in a look: none that this client cannot wear so (M1), that bares or
 * breaks what it must not, or that is worse than it was. `pieces`: the look, the piece among them.
 */
export function possibleWays(
  piece: Piece,
  pieces: readonly Piece[],
  setting: Setting,
  settings: Settings = {},
): readonly string[] {
  const isWrong = (look: readonly Piece[]): number => wrongsIn(judge(look, setting, settings));
  const before = isWrong(pieces);
  return modesOf(piece)
    .map((mode) => mode.id)
    .filter(
      (mode) => isWrong(pieces.map((each) => (each.id === piece.id ? { ...each, mode } : each))) <= before,
    );
}
