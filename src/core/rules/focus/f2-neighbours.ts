import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';

/** From the head down: what stands next to what. */
const PLACES = ['head', 'ears', 'neck', 'chest', 'waist'] as const;

const PLACE_SLOTS: readonly Worn['slot'][] = ['head', 'ears', 'neck', 'scarf', 'top', 'whole', 'belt'];

function at(scene: Scene, place: (typeof PLACES)[number]): Worn | undefined {
  switch (place) {
    case 'head':
      return oneIn(scene, 'head');
    case 'ears':
      return oneIn(scene, 'ears');
    case 'neck':
      return oneIn(scene, 'neck', 'scarf');
    case 'chest':
      return oneIn(scene, 'top', 'whole');
    case 'waist':
      return oneIn(scene, 'belt');
  }
}

const words = wording({
  side: (_, say) => `${say.the()} sit side by side and compete. Take one off.`,
});
type Said = FoundBy<typeof words>;

/** F2: two strong things side by side. */
export const neighbours = defineRule({
  id: 'F2',
  facet: 'F',
  title: 'Neighbours',
  question: 'Do two strong things stand side by side?',
  thresholds: {
    strong: { value: 3, unit: 'points', says: 'From this statement a thing is strong.', min: 1, max: 5 },
  },
  words,
  reads: ({ schools }, limits) =>
    schools.focus === 'bold'
      ? 'nothing'
      : {
          of: ({ slot, piece }) =>
            PLACE_SLOTS.includes(slot) ? [slot, piece.statement >= limits.strong] : undefined,
        },
  find(scene, limits) {
    if (scene.schools.focus === 'bold') return [];
    const said: Said[] = [];
    for (const [i, place] of PLACES.slice(0, -1).entries()) {
      const next = PLACES[i + 1];
      const [one, other] = [at(scene, place), next && at(scene, next)];
      if (!one || !other || Math.min(one.piece.statement, other.piece.statement) < limits.strong) continue;
      said.push({
        code: 'side',
        tone: 'fights',
        pieces: ids(one, other),
      });
    }
    return said;
  },
  examples: [
    [
      {
        title: 'Strong earrings and a strong necklace',
        look: [
          solid('earrings', '#c2a14e', { statement: 3 }),
          solid('necklace', '#c2a14e', { statement: 3 }),
        ],
        expect: 'fights',
      },
      {
        title: 'The earrings small',
        look: [
          solid('earrings', '#c2a14e', { statement: 1 }),
          solid('necklace', '#c2a14e', { statement: 3 }),
        ],
        expect: 'silent',
      },
    ],
  ],
});
