import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { COMMON_PRACTICE, type Said, USUAL_WEIGHT } from '../rule';

/** F1: how much of a look asks to be looked at. */
export const statements = defineRule({
  id: 'F1',
  facet: 'F',
  title: 'Statement budget',
  question: 'Does too much, or nothing, ask to be looked at?',
  thresholds: {
    quiet: { value: 3, unit: 'points', says: 'Most for a quiet client.', min: 1, max: 15 },
    one: { value: 6, unit: 'points', says: 'Most for one strong thing and company.', min: 1, max: 20 },
    bold: { value: 10, unit: 'points', says: 'Most for a bold client.', min: 1, max: 30 },
    least: { value: 1, unit: 'points', says: 'Below this the look is unfinished.', min: 0, max: 5 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({ of: ({ piece }) => (piece.statement === 0 ? undefined : [piece.statement, piece.set]) }),
  evaluate({ pieces, schools }, at) {
    if (pieces.length === 0) return [];
    const counted = oncePerSet(pieces);
    const sum = counted.reduce((total, worn) => total + worn.piece.statement, 0);
    const most = at[schools.focus];
    const measured = `${sum} points; up to ${most} for ${schools.focus}`;
    if (sum > most) {
      const loudest = [...counted]
        .sort((a, b) => b.piece.statement - a.piece.statement)
        .filter((worn) => worn.piece.statement > 0);
      return [
        {
          tone: 'fights',
          pieces: loudest.slice(0, 3).map((worn) => worn.piece.id),
          measured,
          text: 'Too many things ask to be looked at. Take one off, or make one quieter.',
        },
      ];
    }
    if (sum < at.least) {
      return [
        {
          tone: 'note',
          pieces: [],
          measured,
          text: 'Nothing here asks to be looked at yet: the look is unfinished.',
        },
      ];
    }
    const said: Said[] = [];
    const focus = counted.filter((worn) => worn.piece.statement >= 3);
    if (focus.length === 1 && focus[0]) {
      said.push({
        tone: 'works',
        pieces: [focus[0].piece.id],
        measured,
        text: `One thing leads: ${focus[0].piece.title}.`,
      });
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A strong jacket, big earrings and a big bracelet for a client of one statement',
        look: [
          { id: 'jacket', category: 'jacket', statement: 4, colours: [{ hex: '#b3222e', share: 1 }] },
          { id: 'earrings', category: 'earrings', statement: 3, colours: [{ hex: '#c2a14e', share: 1 }] },
          { id: 'bracelet', category: 'bracelet', statement: 2, colours: [{ hex: '#c2a14e', share: 1 }] },
        ],
        expect: 'fights',
      },
      {
        title: 'The earrings left off',
        look: [
          { id: 'jacket', category: 'jacket', statement: 4, colours: [{ hex: '#b3222e', share: 1 }] },
          { id: 'bracelet', category: 'bracelet', statement: 2, colours: [{ hex: '#c2a14e', share: 1 }] },
        ],
        expect: 'works',
      },
    ],
    [
      {
        title: 'A tee and trousers with nothing to say',
        look: [
          { id: 'tee', category: 'tee', statement: 0, colours: [{ hex: '#84868a', share: 1 }] },
          { id: 'trousers', category: 'trousers', statement: 0, colours: [{ hex: '#3d3f45', share: 1 }] },
        ],
        expect: 'note',
      },
      {
        title: 'The same with a striking belt',
        look: [
          { id: 'tee', category: 'tee', statement: 0, colours: [{ hex: '#84868a', share: 1 }] },
          { id: 'trousers', category: 'trousers', statement: 0, colours: [{ hex: '#3d3f45', share: 1 }] },
          { id: 'belt', category: 'belt', statement: 3, colours: [{ hex: '#611f2f', share: 1 }] },
        ],
        expect: 'works',
      },
    ],
  ],
});

function oncePerSet(pieces: readonly Worn[]): Worn[] {
  const loudest = new Map<string, Worn>();
  for (const worn of pieces) {
    const key = worn.piece.set ?? `alone:${worn.piece.id}`;
    const before = loudest.get(key);
    if (!before || worn.piece.statement > before.piece.statement) loudest.set(key, worn);
  }
  return [...loudest.values()];
}
