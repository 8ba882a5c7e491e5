import { alternativesTo, AXIS_WORDS, objectionsTo } from '../pull';
import { type BoxFoundBy, defineBoxRule } from './box-rule';
import { wording } from '../rules';
import { capital } from '../words';

interface Swap {
  readonly axis: keyof typeof AXIS_WORDS;
  readonly says: string;
  readonly swap?: string | undefined;
}

const words = wording({
  safer: ({ axis, says, swap }: Swap, say) =>
    `${say.the()} may be ${AXIS_WORDS[axis]}: ${says}. ${capital(say.called(swap ?? ''))} ${say.verb('be')} the safer swap.`,
  nothing: ({ axis, says }: Swap, say) =>
    `${say.the()} may be ${AXIS_WORDS[axis]}: ${says}. Nothing safer is on the shelf in this size.`,
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
          const { axis, says } = objection;
          return [
            safer
              ? { code: 'safer', tone: 'works', pieces, params: { axis, says, swap: safer.piece.id } }
              : { code: 'nothing', tone: 'note', pieces, params: { axis, says } },
          ];
        }),
});
