import { alternativesTo, type Objection, objectionsTo, objectionWords } from '../pull';
import { type BoxFoundBy, defineBoxRule } from './box-rule';
import { wording } from '../rules';
import { capital } from '../words';

const words = wording({
  safer: ({ objection, swap }: { objection: Objection; swap: string }, say) =>
    `${say.the()} may be ${objectionWords(objection)}. ${capital(say.called(swap))} ${say.verb('be')} the safer swap.`,
  nothing: ({ objection }: { objection: Objection }, say) =>
    `${say.the()} may be ${objectionWords(objection)}. Nothing safer is on the shelf in this size.`,
});
type Said = BoxFoundBy<typeof words>;

/** U5: a piece at odds with the client's appetite or colour card has a safer one at hand. */
export const saferSwap = defineBoxRule({
  id: 'U5',
  title: 'Safer swap',
  question: 'Where a piece may be too much for this client, is a safer one at hand?',
  says: 'A piece at odds with the client’s appetite, cover or colour card (too bright, too bare, too much cloth, too patterned, too bold) and one on the shelf in the client’s size that is safer just there, and nearest otherwise.',
  words,
  find: ({ lines, stock, client }) =>
    stock === undefined
      ? []
      : lines.flatMap(({ piece }): Said[] => {
          // The one braver choice of the box is meant as it is.
          const [objection] = piece.nudge ? [] : objectionsTo(piece, client);
          if (!objection) return [];
          const { safer } = alternativesTo(
            { piece },
            stock.map((each) => ({ piece: each })),
            client,
          );
          const pieces = [piece.id];
          return [
            safer
              ? { code: 'safer', tone: 'works', pieces, params: { objection, swap: safer.piece.id } }
              : { code: 'nothing', tone: 'note', pieces, params: { objection } },
          ];
        }),
});
