import { money } from '../money';
import { aNoun, nounOf } from '../say';
import { counted, HOUSE_TONGUE, spelt, type Tongue } from '../words';
import type { DecidedPiece } from './decided';
import type { Proposal } from './proposals';

/** What is proposed, and what speaks for it. */
export function proposalWords(
  { change, evidence }: Pick<Proposal, 'change' | 'evidence'>,
  currency: string,
  { english }: Pick<Tongue, 'english'> = HOUSE_TONGUE,
): string {
  const some = counted(evidence.length, 'piece');
  switch (change.kind) {
    case 'avoid-colour':
      return spelt(`Avoid ${change.name}? ${some} came back for their colour, and none was kept.`, {
        english,
      });
    case 'like-colour':
      return spelt(`Likes ${change.name}? ${some} in it were kept.`, { english });
    case 'piece-budget':
      return `Up to ${money(change.minor, currency)} for ${aNoun(nounOf(change.category, english))}? ${some} came back as too dear.`;
    case 'no-patterns':
      return `No patterns? ${some} with one came back, and none was kept.`;
    case 'measure':
      return `Measure the ${change.point} again? ${some} of different labels were ${change.reason} there.`;
  }
}

/** One piece that speaks for it: "Quarry blazer, box 103: too short". */
export const evidenceWords = ({ piece, box, decision, reason }: DecidedPiece): string =>
  `${piece.title}, box ${box}: ${decision === 'keep' ? 'kept' : (reason ?? 'reason not said')}`;
