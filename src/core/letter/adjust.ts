import type { Verdict } from '../look';
import { CATEGORY, type Mode, type Piece } from '../piece';
import { sentence } from '../rules';
import type { Speaker } from '../say';

/**
 * K7: what is set anew on the wearer before a piece is judged by its size; for the letter. Common practice, no source.
 * `ways`: how the piece is worn in the looks of the box.
 */
export function adjustOf({ category, cut, facts }: Piece, ways: readonly Mode[]): string[] {
  const lines: string[] = [];
  if (cut.waistDetail === 'tie' || /\b(ties?|drawcords?|tabs?|laces?|wraps?)\b/i.test(facts.closure ?? ''))
    lines.push('Set its ties and tabs anew on you; they came as the hanger left them.');
  if (ways.some(({ effects }) => effects?.sleeves !== undefined))
    lines.push(
      'If the shoulders feel tight with the sleeves rolled, roll them down before you think of another size.',
    );
  if (CATEGORY[category].drawn.as === 'hat')
    lines.push('Wear your hair low or loose under it, so that it sits level.');
  return lines;
}

/** K6 and W3: what a look says of a piece's safety, as lines to take along; local rules and the person come first. */
export const safetyOf = (piece: Piece, verdicts: readonly Verdict[], by: Speaker): string[] => [
  ...new Set(
    verdicts.flatMap(({ findings }) =>
      findings
        .filter(
          ({ rule, tone, pieces }) =>
            (rule === 'K6' || rule === 'W3') && tone !== 'works' && pieces.includes(piece.id),
        )
        .map((finding) => `Take care: ${sentence(finding, by)}`),
    ),
  ),
];
