import { isSister, isTwin, TWIN_DELTA_E } from '../closet';
import { type BoxSaid, defineBoxRule } from './box-rule';

/** U2: a twin of what is owned is not wanted, a sister of what is loved is. */
export const twins = defineBoxRule({
  id: 'U2',
  title: 'Twin and sister',
  question: 'Is this owned already, or its sister?',
  says: 'A twin has the kind, cut and volume of a piece that is owned or in the box, in nearly its colour. A sister of a loved piece is the same in another colour.',
  thresholds: {
    twin: { value: TWIN_DELTA_E, unit: 'ΔE', says: 'Nearer than this two colours are one.', min: 1, max: 15 },
  },
  evaluate: ({ lines, closet, loved }, at) =>
    lines.flatMap(({ piece }, i): BoxSaid[] => {
      const others = [...closet, ...lines.slice(0, i).map((line) => line.piece)];
      const twin = others.find((other) => isTwin(piece, other, at.twin));
      if (twin)
        return [
          {
            tone: 'fights',
            pieces: [piece.id, twin.id],
            text: `${piece.title} is the twin of ${twin.title}${twin.owned ? ', which is owned already' : ' in this box'}.`,
          },
        ];
      const sister = closet.find((other) => loved.includes(other.id) && isSister(piece, other));
      return sister
        ? [
            {
              tone: 'works',
              pieces: [piece.id, sister.id],
              text: `${piece.title} is the sister of ${sister.title}, which is loved: what it goes with is known.`,
            },
          ]
        : [];
    }),
});
