import { isSister, isTwin, TWIN_DELTA_E } from '../closet';
import type { Ask } from '../reading';
import { type BoxFoundBy, defineBoxRule } from './box-rule';
import { wording } from '../rules';

const words = wording({
  owned: (_, say) => `${say.the(0)} ${say.verb('be', 0)} the twin of ${say.the(1)}, already owned.`,
  again: (_, say) => `Another like ${say.the(1)}, as asked.`,
  held: (_, say) => `${say.the(0)} ${say.verb('be', 0)} the twin of ${say.the(1)} in this box.`,
  sister: (_, say) =>
    `${say.the(0)} ${say.verb('be', 0)} the sister of ${say.the(1)}, a loved piece: whatever goes with one goes with the other.`,
});
type Said = BoxFoundBy<typeof words>;

/** An ask for another of what there is, or in place of what is worn out. */
const isAskedAgain = ({ text, likePiece }: Ask): boolean =>
  likePiece !== undefined || /\b(again|another|replace\w*|same|spare|worn[- ]out|second)\b/i.test(text);

/** U2: a twin of what is owned is not wanted, a sister of what is loved is. */
export const twins = defineBoxRule({
  id: 'U2',
  title: 'Twin and sister',
  question: 'Is this owned already, or its sister?',
  says: 'A twin has the kind, cut and volume of a piece that is owned or in the box, in nearly its colour. A sister of a loved piece is the same in another colour.',
  thresholds: {
    twin: { value: TWIN_DELTA_E, unit: 'ΔE', says: 'Nearer than this two colours are one.', min: 1, max: 15 },
  },
  words,
  find: ({ lines, closet, loved, asks }, at) =>
    lines.flatMap(({ piece, askId }, i): Said[] => {
      const others = [...closet, ...lines.slice(0, i).map((line) => line.piece)];
      const twin = others.find((other) => isTwin(piece, other, at.twin));
      const ask = asks.find(({ id }) => id === askId)?.ask;
      if (twin?.owned && ask && isAskedAgain(ask))
        return [{ code: 'again', tone: 'works', pieces: [piece.id, twin.id] }];
      if (twin) return [{ code: twin.owned ? 'owned' : 'held', tone: 'fights', pieces: [piece.id, twin.id] }];
      const sister = closet.find((other) => loved.includes(other.id) && isSister(piece, other));
      return sister ? [{ code: 'sister', tone: 'works', pieces: [piece.id, sister.id] }] : [];
    }),
});
