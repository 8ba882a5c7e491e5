import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';

const words = wording({
  many: (_, say) => `Too much competes for attention: ${say.the()}. Take one off, or make one quieter.`,
  none: () => 'No focal point yet.',
  lead: (_, say) => `${say.the()} ${say.verb('lead')} the look.`,
});
type Said = FoundBy<typeof words>;

/** F1: how much of a look asks to be looked at. */
export const statements = defineRule({
  id: 'F1',
  facet: 'F',
  title: 'Statement budget',
  question: 'Does too much, or nothing, catch the eye?',
  thresholds: {
    quiet: { value: 3, unit: 'points', says: 'Most for a quiet client.', min: 1, max: 15 },
    one: { value: 6, unit: 'points', says: 'Most for one strong thing and company.', min: 1, max: 20 },
    bold: { value: 10, unit: 'points', says: 'Most for a bold client.', min: 1, max: 30 },
    least: { value: 1, unit: 'points', says: 'Below this the look is unfinished.', min: 0, max: 5 },
  },
  words,
  reads: () => ({ of: ({ piece }) => (piece.statement === 0 ? undefined : [piece.statement, piece.set]) }),
  find({ pieces, schools }, at) {
    if (pieces.length === 0) return [];
    const counted = oncePerSet(pieces);
    const sum = counted.reduce((total, worn) => total + worn.piece.statement, 0);
    const most = at[schools.focus];
    if (sum > most) {
      const loudest = [...counted]
        .sort((a, b) => b.piece.statement - a.piece.statement)
        .filter((worn) => worn.piece.statement > 0);
      return [
        {
          code: 'many',
          tone: 'fights',
          pieces: ids(...loudest.slice(0, 3)),
          measured: { value: sum, unit: 'points', most },
        },
      ];
    }
    if (sum < at.least) {
      return [
        {
          code: 'none',
          tone: 'note',
          pieces: [],
          measured: { value: sum, unit: 'points', least: at.least },
        },
      ];
    }
    const said: Said[] = [];
    const focus = counted.filter((worn) => worn.piece.statement >= 3);
    if (focus.length === 1 && focus[0]) {
      said.push({
        code: 'lead',
        tone: 'works',
        pieces: ids(focus[0]),
        measured: { value: sum, unit: 'points', most },
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
