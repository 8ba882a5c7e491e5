import { isSister, isTwin, TWIN_DELTA_E } from '../closet';
import { type BoxFoundBy, defineBoxRule } from './box-rule';
import { wording } from '../rules';

const words = wording({
  owned: (_, say) => `${say.the(0)} ${say.verb('be', 0)} the twin of ${say.the(1)}, already owned.`,
  held: (_, say) => `${say.the(0)} ${say.verb('be', 0)} the twin of ${say.the(1)} in this box.`,
  sister: (_, say) =>
    `${say.the(0)} ${say.verb('be', 0)} the sister of ${say.the(1)}, a loved piece: whatever goes with one goes with the other.`,
});
type Said = BoxFoundBy<typeof words>;

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
  find: ({ lines, closet, loved }, at) =>
    lines.flatMap(({ piece }, i): Said[] => {
      const others = [...closet, ...lines.slice(0, i).map((line) => line.piece)];
      const twin = others.find((other) => isTwin(piece, other, at.twin));
      if (twin) return [{ code: twin.owned ? 'owned' : 'held', tone: 'fights', pieces: [piece.id, twin.id] }];
      const sister = closet.find((other) => loved.includes(other.id) && isSister(piece, other));
      return sister ? [{ code: 'sister', tone: 'works', pieces: [piece.id, sister.id] }] : [];
    }),
});
