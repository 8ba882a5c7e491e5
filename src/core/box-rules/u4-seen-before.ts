import { CATEGORY, type Piece } from '../piece';
import { listed } from '../words';
import { type BoxSaid, defineBoxRule } from './box-rule';

/** What the eye remembers of a look: its main pieces. */
const baseOf = (pieces: readonly Piece[]): string =>
  pieces
    .filter(({ category }) => ['top', 'bottom', 'whole'].includes(CATEGORY[category].slot))
    .map(({ id }) => id)
    .sort()
    .join(' ');

/** U4: the same clothes before the same people. */
export const seenBefore = defineBoxRule({
  id: 'U4',
  title: 'Seen before',
  question: 'Do the same people see the same clothes twice?',
  says: 'Two looks of one base for occasions with people in common. Another layer, other shoes or other jewels make it another look.',
  thresholds: {},
  evaluate: ({ looks, occasions }) => {
    const planned = looks.flatMap((look) => {
      const found = occasions.find(({ id }) => id === look.occasionId);
      return found ? [{ ...look, occasion: found.occasion, base: baseOf(look.pieces) }] : [];
    });
    return planned.flatMap((one, i) =>
      planned.slice(i + 1).flatMap((other): BoxSaid[] => {
        const people = one.occasion.seenBy.filter((who) => other.occasion.seenBy.includes(who));
        if (
          one.occasionId === other.occasionId ||
          people.length === 0 ||
          one.base === '' ||
          one.base !== other.base
        )
          return [];
        const rest = (look: typeof one): string =>
          look.pieces
            .filter(({ id }) => !look.base.split(' ').includes(id))
            .map(({ id }) => id)
            .sort()
            .join(' ');
        const where = `${one.occasion.title} and ${other.occasion.title}`;
        return [
          rest(one) === rest(other)
            ? {
                tone: 'note',
                pieces: one.base.split(' '),
                text: `${listed(people)} will see the same clothes at ${where}. Another layer, other shoes or jewels change them.`,
              }
            : {
                tone: 'works',
                pieces: one.base.split(' '),
                text: `One base serves ${where}, and what is around it differs.`,
              },
        ];
      }),
    );
  },
});
