import { isTucked, modeOf, modesOf, type Piece } from '../piece';
import { judge } from './judge';
import type { Mend, MendInput } from './mends';

/**
 * M3: of all ways of wearing each piece, the one that lifts this look most, best first. A way that is
 * impossible for the client (M1), blocks, or leaves the look incomplete is not offered; nor is one
 * without a gain.
 */
export function bestWays({
  pieces,
  setting,
  settings = {},
  overrules = [],
}: Omit<MendInput, 'pool'>): Mend[] {
  const before = judge(pieces, setting, settings, overrules);
  const blocks = before.findings.filter(({ tone }) => tone === 'blocks').length;
  const found = pieces.flatMap((piece): Mend[] => {
    // Thick cloth can be pushed in by somebody who means it; it is not proposed.
    const isThick = piece.fabric.weight === 'heavy';
    const ways = modesOf(piece)
      .filter(
        (mode) => mode.id !== modeOf(piece).id && !(isThick && isTucked({ effects: mode.effects ?? {} })),
      )
      .flatMap((mode): Mend[] => {
        const changed: Piece[] = pieces.map((each) =>
          each.id === piece.id ? { ...each, mode: mode.id } : each,
        );
        const after = judge(changed, setting, settings, overrules);
        const impossible = after.findings.some(
          (finding) =>
            finding.rule === 'M1' && finding.tone === 'fights' && finding.pieces.includes(piece.id),
        );
        const gain = Math.round((after.score.sum - before.score.sum) * 10) / 10;
        if (impossible || gain <= 0 || (before.complete && !after.complete)) return [];
        if (after.findings.filter(({ tone }) => tone === 'blocks').length > blocks) return [];
        return [
          {
            kind: 'wear',
            piece: piece.id,
            mode: mode.id,
            way: mode.title,
            gain,
          },
        ];
      })
      .sort((a, b) => b.gain - a.gain);
    return ways.slice(0, 1);
  });
  return found.sort((a, b) => b.gain - a.gain);
}
