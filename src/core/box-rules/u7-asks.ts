import { answersAsk } from '../pull';
import { defineBoxRule } from './box-rule';

/** U7: each ask answered. */
export const asks = defineBoxRule({
  id: 'U7',
  title: 'Asks',
  question: 'Is every ask answered?',
  says: 'A piece was pulled for it, or is of the kind and the colour it names.',
  thresholds: {},
  evaluate: ({ asks: asked, lines }) =>
    asked.map(({ id, ask }) => {
      const answers = lines.filter((line) => line.askId === id || answersAsk(line.piece, ask));
      return answers.length > 0
        ? {
            tone: 'works' as const,
            pieces: answers.map(({ piece }) => piece.id),
            text: `“${ask.text}” is answered.`,
          }
        : {
            tone: 'fights' as const,
            pieces: [],
            text: `“${ask.text}” has no answer yet. Pull something, or say in the letter why not.`,
          };
    }),
});
