import { defineRule } from '../define';
import { isMain, mainsOf } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';
import { type Worn } from '../../piece';

/** Moods that pull apart. */
const OPPOSITE: Readonly<Record<string, readonly string[]>> = {
  calm: ['playful'],
  playful: ['calm', 'sharp'],
  sharp: ['romantic', 'playful'],
  romantic: ['sharp', 'sporty'],
  sporty: ['romantic', 'polished'],
  polished: ['sporty', 'earthy'],
  earthy: ['polished'],
};

const meetsMood = ({ piece }: Worn, asked: readonly string[]): boolean =>
  piece.moods.some((mood) => asked.includes(mood));
const opposesMood = (worn: Worn, asked: readonly string[]): boolean =>
  !meetsMood(worn, asked) &&
  worn.piece.moods.some((mood) => asked.some((wanted) => OPPOSITE[wanted]?.includes(mood)));

/** F9: as far from the usual as the client goes, in the mood that was asked for. */
export const moodAndEdge = defineRule({
  id: 'F9',
  facet: 'F',
  title: 'Mood and edge',
  question: 'Is it in the mood asked for, and as daring as the client likes?',
  thresholds: {
    over: { value: 1, unit: 'levels', says: 'Edge above the client’s that is still fine.', min: 0, max: 4 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ client }, at) => {
    const { edge } = client.appetite;
    return {
      of: (worn) => [
        edge !== undefined && worn.piece.edge > edge + at.over,
        isMain(worn) && [meetsMood(worn, client.moods), opposesMood(worn, client.moods)],
      ],
    };
  },
  evaluate(scene, at) {
    const said: Said[] = [];
    const { edge } = scene.client.appetite;
    const boldest = [...scene.pieces].sort((a, b) => b.piece.edge - a.piece.edge)[0];
    if (edge !== undefined && boldest && boldest.piece.edge > edge + at.over)
      said.push({
        tone: 'note',
        pieces: [boldest.piece.id],
        measured: `edge ${boldest.piece.edge}; the client goes to ${edge}`,
        text: `${named(boldest)} is bolder than this client usually goes.`,
      });
    const asked = scene.client.moods;
    const mains = mainsOf(scene);
    if (asked.length === 0 || mains.length === 0) return said;
    const meets = mains.filter((worn) => meetsMood(worn, asked));
    const against = mains.filter((worn) => opposesMood(worn, asked));
    if (against.length >= 2)
      said.push({
        tone: 'note',
        pieces: against.map(({ piece }) => piece.id),
        text: `${named(...against)} pull away from ${asked.join(' and ')}.`,
      });
    else if (meets.length > 0)
      said.push({
        tone: 'works',
        pieces: meets.map(({ piece }) => piece.id),
        text: `In the mood asked for: ${asked.filter((mood) => meets.some(({ piece }) => piece.moods.includes(mood))).join(', ')}.`,
      });
    return said;
  },
  examples: [
    [
      {
        title: 'A daring jacket for a cautious client',
        look: [solid('jacket', '#17171a', { edge: 4 })],
        client: { appetite: { edge: 1 } },
        expect: 'note',
      },
      {
        title: 'A calm one in the mood asked for',
        look: [solid('jacket', '#17171a', { edge: 1, moods: ['calm'] })],
        client: { appetite: { edge: 1 }, moods: ['calm'] },
        expect: 'works',
      },
    ],
  ],
});
