import { listed } from '../words';
import { type BoxSaid, defineBoxRule } from './box-rule';
import { GOOD_LOOK } from './reach';

/** U3: which occasions each piece serves. */
export const places = defineBoxRule({
  id: 'U3',
  title: 'Places',
  question: 'Which occasions does each piece serve?',
  says: 'An occasion is served when a look of its formality, code and hour with this piece is sendable and good. A piece that serves one by day and one by evening is worth two.',
  thresholds: {
    good: { value: GOOD_LOOK, unit: 'points', says: 'A look serves from this score.', min: 40, max: 95 },
  },
  evaluate: ({ lines, occasions, reachAt }, at) => {
    const served = occasions.map(({ occasion }) => ({ occasion, reach: reachAt(occasion) }));
    return lines.flatMap(({ piece }): BoxSaid[] => {
      const found = served
        .filter(({ reach }) => reach.of(piece.id, at.good) > 0)
        .map(({ occasion }) => occasion);
      if (found.length === 0) return [];
      const both = found.some(({ time }) => time === 'day') && found.some(({ time }) => time === 'evening');
      return [
        {
          tone: 'works',
          pieces: [piece.id],
          text: `${piece.title} serves ${listed(found.map(({ title }) => title))}${both ? ', by day and in the evening' : ''}.`,
        },
      ];
    });
  },
});
