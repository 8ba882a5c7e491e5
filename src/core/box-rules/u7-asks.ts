import { answersAsk } from '../pull';
import { defineBoxRule } from './box-rule';
import { wording } from '../rules';

const words = wording({
  answered: ({ ask }: { ask: string }) => `“${ask}” is answered.`,
  open: ({ ask }: { ask: string }) =>
    `Nothing answers “${ask}” yet. Pull something, or say in the letter why not.`,
});

/** U7: each ask answered. */
export const asks = defineBoxRule({
  id: 'U7',
  title: 'Asks',
  question: 'Is every ask answered?',
  says: 'A piece was pulled for it, or is of the kind and the colour it names.',
  words,
  find: ({ asks: asked, lines }) =>
    asked.map(({ id, ask }) => {
      const answers = lines.filter((line) => line.askId === id || answersAsk(line.piece, ask));
      return answers.length > 0
        ? {
            code: 'answered',
            tone: 'works',
            pieces: answers.map(({ piece }) => piece.id),
            params: { ask: ask.text },
          }
        : {
            code: 'open',
            tone: 'fights',
            pieces: [],
            params: { ask: ask.text },
          };
    }),
});
