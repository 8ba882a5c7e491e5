import { alternativesTo, AXIS_WORDS, objectionsTo } from '../pull';
import { type BoxSaid, defineBoxRule } from './box-rule';

/** U5: a piece at odds with the client's appetite or colour card has a safer one at hand. */
export const saferSwap = defineBoxRule({
  id: 'U5',
  title: 'Safer swap',
  question: 'Where a piece may be too much for this client, is a safer one at hand?',
  says: 'A piece at odds with the client’s appetite, cover or colour card (too bright, too bare, too much cloth, too patterned, too bold) and one on the shelf in the client’s size that is safer just there, and nearest otherwise.',
  thresholds: {},
  evaluate: ({ lines, stock, client }) =>
    stock === undefined
      ? []
      : lines.flatMap(({ piece }): BoxSaid[] => {
          const [objection] = objectionsTo(piece, client);
          if (!objection) return [];
          const { safer } = alternativesTo(
            { piece },
            stock.map((each) => ({ piece: each })),
            client,
          );
          const may = `${piece.title} may be ${AXIS_WORDS[objection.axis]}: ${objection.says}`;
          return [
            safer
              ? {
                  tone: 'works',
                  pieces: [piece.id],
                  text: `${may}. ${safer.piece.title} is the safer swap.`,
                }
              : {
                  tone: 'note',
                  pieces: [piece.id],
                  text: `${may}. Nothing safer is on the shelf in this size.`,
                },
          ];
        }),
});
