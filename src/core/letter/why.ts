import type { Verdict } from '../look';
import { memo } from '../memo';
import type { Piece } from '../piece';
import { sentence } from '../rules';
import { type Speaker, speaker } from '../say';
import type { LetterInput } from './input';
import type { Tone } from './style';
import { askedIn, asksForMany, braverIn, joinIn, PLAIN_WHY } from './tones';

/** A letter speaks to the client: what she owns is hers. */
export const speakerTo = memo(({ lines, looks, tongue }: LetterInput): Speaker =>
  speaker([...lines.map(({ piece }) => piece), ...looks.flatMap(({ pieces }) => pieces)], {
    tongue,
    pronoun: 'you',
    owned: 'your',
  }),
);

/** An ask as it is said to whoever asked: "black trousers she can kneel in" is "black trousers you can kneel in". */
const toAsker = (ask: string): string =>
  ask
    .trim()
    .replace(/[.!]$/, '')
    .replace(/\b(she|he|they)\b/gi, 'you')
    .replace(/\b(her|his|their)\b/gi, 'your');

/** The first praise of a piece, or of a look, that was not said yet; it is said now. */
export function praise(verdicts: readonly Verdict[], by: Speaker, said: Set<string>, piece?: string): string {
  for (const { findings } of verdicts)
    for (const found of findings) {
      if (found.tone !== 'works' || QUIET.includes(found.rule)) continue;
      if (piece !== undefined && !found.pieces.includes(piece)) continue;
      const words = sentence(found, by);
      if (said.has(words)) continue;
      said.add(words);
      return words;
    }
  return '';
}
/** What works and is nothing to write home about: within budget, covered, dressed as the occasion asks, as tied. */
const QUIET: readonly string[] = ['U6', 'K1', 'R1', 'K2', 'W1', 'M1', 'P10'];

/** Why a piece is in the box, in any tone and turn: what is praised of it is chosen once. */
export function whyOf(
  { piece, ask }: LetterInput['lines'][number],
  within: LetterInput['looks'],
  by: Speaker,
  said: Set<string>,
  isFull: boolean,
): (tone: Tone, turn: number) => string {
  const owned = [
    ...new Set(within.flatMap((look) => look.pieces.filter((worn) => worn.owned).map(({ id }) => id))),
  ].slice(0, 3);
  const praised = isFull
    ? praise(
        within.map(({ verdict }) => verdict),
        by,
        said,
        piece.id,
      )
    : '';
  const key = [...owned].sort().join('|');
  const join = { owned, isMany: ask !== undefined && asksForMany(toAsker(ask)), isSame: said.has(key) };
  said.add(key);
  return (tone, turn) =>
    [
      piece.nudge ? braverIn(tone, calmOf(piece, within, by)) : '',
      ask ? askedIn(tone, toAsker(ask), turn) : '',
      owned.length > 0 ? joinIn(tone, piece.id, join, by, turn) : '',
      praised,
    ]
      .filter(Boolean)
      .join(' ') || PLAIN_WHY[tone];
}

/** Quiet pieces of the client's own beside a brave one. */
const calmOf = (piece: Piece, within: LetterInput['looks'], by: Speaker): string[] =>
  [
    ...new Set(
      within
        .flatMap((look) => look.pieces)
        .filter((other) => other.owned && other.id !== piece.id && other.statement <= 1)
        .map(({ id }) => by.bare(id)),
    ),
  ].slice(0, 2);
