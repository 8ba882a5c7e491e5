import { CATEGORY, type Piece } from '../piece';
import { type BoxFoundBy, defineBoxRule } from './box-rule';
import { wording } from '../rules';
import { hasWord } from '../words';

/** What the eye remembers of a look: its main pieces. */
const baseOf = (pieces: readonly Piece[]): string =>
  pieces
    .filter(({ category }) => ['top', 'bottom', 'whole'].includes(CATEGORY[category].slot))
    .map(({ id }) => id)
    .sort()
    .join(' ');

interface Seen {
  readonly people: readonly string[];
  readonly at: readonly string[];
}

const words = wording({
  same: ({ people, at }: Seen, say) =>
    `${say.list(people)} will see the same clothes at ${say.list(at.map(say.event))}. Change the layer, the shoes or the ${say.word('jewellery')}.`,
  changed: ({ at }: Seen, say) => `One base works for ${say.list(at.map(say.event))}, dressed differently.`,
});
type Said = BoxFoundBy<typeof words>;

/** U4: the same clothes before the same people. */
export const seenBefore = defineBoxRule({
  id: 'U4',
  title: 'Seen before',
  question: 'Do the same people see the same clothes twice?',
  says: 'Two looks of one base for occasions with people in common. Another layer, other shoes or other jewels make it another look.',
  words,
  find: ({ looks, occasions }) => {
    const planned = looks.flatMap((look) => {
      const found = occasions.find(({ id }) => id === look.occasionId);
      return found ? [{ ...look, occasion: found.occasion, base: baseOf(look.pieces) }] : [];
    });
    return planned.flatMap((one, i) =>
      planned.slice(i + 1).flatMap((other): Said[] => {
        const people = one.occasion.seenBy.filter((who) => hasWord(other.occasion.seenBy, who));
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
        const found = {
          pieces: one.base.split(' '),
          params: { people, at: [one.occasion.title, other.occasion.title] },
        };
        return [
          rest(one) === rest(other)
            ? { code: 'same', tone: 'note', ...found }
            : { code: 'changed', tone: 'works', ...found },
        ];
      }),
    );
  },
});
