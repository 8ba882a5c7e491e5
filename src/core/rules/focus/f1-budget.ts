import { memo } from '../../memo';
import type { Worn } from '../../piece';
import { isChromatic, isPrint, isVivid } from '../fields';
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
    heard: { value: 2, unit: 'points', says: 'Pieces below this do not count as noise.', min: 1, max: 4 },
    slack: { value: 2, unit: 'points', says: 'A little over is a note.', min: 0, max: 6 },
  },
  words,
  reads: () => ({
    of: (worn) => [isQuiet(worn), worn.piece.statement, worn.piece.statement > 0 && worn.piece.set],
  }),
  find({ pieces, schools }, at) {
    if (pieces.length === 0) return [];
    const counted = oncePerSet(pieces);
    // What hardly speaks is no noise, however many there are: tights, a belt, plain pumps.
    const loud = counted.filter(({ piece }) => piece.statement >= at.heard);
    const sum = loud.reduce((total, worn) => total + worn.piece.statement, 0);
    const most = at[schools.focus];
    // One lead and two that keep it company are a plan.
    const led = loud.filter(({ piece }) => piece.statement >= 3).length <= 1 && loud.length <= 3;
    if (sum > most && !led) {
      const loudest = [...loud].sort((a, b) => b.piece.statement - a.piece.statement);
      return [
        {
          code: 'many',
          tone: sum <= most + at.slack ? 'note' : 'fights',
          pieces: ids(...loudest.slice(0, 3)),
          measured: { value: sum, unit: 'points', most },
        },
      ];
    }
    if (schools.focus !== 'quiet' && counted.every(isQuiet)) {
      return [
        {
          code: 'none',
          tone: 'note',
          pieces: [],
        },
      ];
    }
    const said: Said[] = [];
    const focus = loud.filter((worn) => worn.piece.statement >= 3);
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

/** Nothing of it catches the eye: no statement, no print, no strong colour. */
const isQuiet = memo(
  (worn: Worn): boolean =>
    worn.piece.statement === 0 &&
    !isPrint(worn) &&
    worn.seen.every((swatch) => !isChromatic(worn, swatch) || !isVivid(swatch.hex, 25)),
);

function oncePerSet(pieces: readonly Worn[]): Worn[] {
  const loudest = new Map<string, Worn>();
  for (const worn of pieces) {
    const key = worn.piece.set ?? `alone:${worn.piece.id}`;
    const before = loudest.get(key);
    if (!before || worn.piece.statement > before.piece.statement) loudest.set(key, worn);
  }
  return [...loudest.values()];
}
