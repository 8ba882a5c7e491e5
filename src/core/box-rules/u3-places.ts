import { type BoxFoundBy, defineBoxRule } from './box-rule';
import { wording } from '../rules';
import { GOOD_LOOK } from './reach';

const words = wording({
  serves: ({ occasions, both }: { occasions: readonly string[]; both: boolean }, say) =>
    `${say.the()} ${say.verb('work')} for ${say.list(occasions.map(say.event))}${both ? ', by day and in the evening' : ''}.`,
});
type Said = BoxFoundBy<typeof words>;

/** U3: which occasions each piece serves. */
export const places = defineBoxRule({
  id: 'U3',
  title: 'Places',
  question: 'Which occasions does each piece serve?',
  says: 'An occasion is served when a look of its formality, code and hour with this piece is sendable and good. A piece that serves one by day and one by evening is worth two.',
  thresholds: {
    good: { value: GOOD_LOOK, unit: 'points', says: 'A look serves from this score.', min: 40, max: 95 },
  },
  words,
  find: ({ lines, occasions, reachAt }, at) => {
    const served = occasions.map(({ occasion }) => ({ occasion, reach: reachAt(occasion) }));
    return lines.flatMap(({ piece }): Said[] => {
      const found = served
        .filter(({ reach }) => reach.of(piece.id, at.good) > 0)
        .map(({ occasion }) => occasion);
      if (found.length === 0) return [];
      const both = found.some(({ time }) => time === 'day') && found.some(({ time }) => time === 'evening');
      return [
        {
          code: 'serves',
          tone: 'works',
          pieces: [piece.id],
          params: { occasions: found.map(({ title }) => title), both },
        },
      ];
    });
  },
});
