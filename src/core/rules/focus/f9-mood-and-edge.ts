import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { isMain, mainsOf } from '../fields';
import { solid } from '../given';
import { type Worn } from '../../piece';
import { hasWord, lookup, plainWord } from '../../words';

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

const opposite = lookup(OPPOSITE);

const meetsMood = ({ piece }: Worn, asked: readonly string[]): boolean =>
  piece.moods.some((mood) => hasWord(asked, mood));
const opposesMood = (worn: Worn, asked: readonly string[]): boolean =>
  !meetsMood(worn, asked) &&
  worn.piece.moods.some((mood) => asked.some((wanted) => hasWord(opposite(plainWord(wanted)) ?? [], mood)));

/** How far it is from the usual, as it counts: what is meant as the braver choice of the box is not remarked on. */
const edgeOf = ({ piece }: Worn): number => (piece.nudge ? 0 : piece.edge);

/** Cut like a man's suit, and what gives it its opposite. Common practice, no source. */
const isTailored = ({ piece: { structure }, facts }: Worn): boolean => structure >= 2 && facts.collared;
const isSoft = ({ piece: { structure, fabric, cut } }: Worn): boolean =>
  structure <= 1 &&
  (fabric.texture === 'lace' ||
    fabric.texture === 'satin' ||
    cut.neckline === 'cowl' ||
    cut.silhouette === 'bias');

const words = wording({
  bold: (_, say) => `${say.the()} ${say.verb('be')} bolder than ${say.they('usually go')}.`,
  away: ({ moods }: { moods: readonly string[] }, say) =>
    `${say.the()} pull away from the ${say.list(moods)} mood of the brief.`,
  softened: (_, say) => `${say.the(1)} ${say.verb('soften', 1)} the tailoring of ${say.the(0)}.`,
  mood: ({ moods }: { moods: readonly string[] }, say) => `In the right mood: ${say.list(moods)}.`,
});
type Said = FoundBy<typeof words>;

/** F9: as far from the usual as the client goes, in the mood that was asked for. */
export const moodAndEdge = defineRule({
  id: 'F9',
  facet: 'F',
  title: 'Mood and edge',
  question: 'Is it in the mood asked for, and as daring as the client likes?',
  thresholds: {
    over: { value: 1, unit: 'levels', says: 'Edge above the client’s that is still fine.', min: 0, max: 4 },
  },
  words,
  reads: ({ client }, at) => {
    const { edge } = client.appetite;
    return {
      of: (worn) => [
        edge !== undefined && edgeOf(worn) > edge + at.over,
        isMain(worn) && [
          meetsMood(worn, client.moods),
          opposesMood(worn, client.moods),
          isTailored(worn),
          isSoft(worn),
        ],
      ],
    };
  },
  find(scene, at) {
    const said: Said[] = [];
    const { edge } = scene.client.appetite;
    const boldest = [...scene.pieces].sort((a, b) => edgeOf(b) - edgeOf(a))[0];
    if (edge !== undefined && boldest && edgeOf(boldest) > edge + at.over)
      said.push({
        code: 'bold',
        tone: 'note',
        pieces: ids(boldest),
        measured: { value: boldest.piece.edge, unit: 'levels', most: edge },
      });
    const asked = scene.client.moods;
    const mains = mainsOf(scene);
    const [tailored, soft] = [mains.find(isTailored), mains.find(isSoft)];
    if (tailored && soft) said.push({ code: 'softened', tone: 'works', pieces: ids(tailored, soft) });
    if (asked.length === 0 || mains.length === 0) return said;
    const meets = mains.filter((worn) => meetsMood(worn, asked));
    const against = mains.filter((worn) => opposesMood(worn, asked));
    if (against.length >= 2)
      said.push({
        code: 'away',
        tone: 'note',
        pieces: ids(...against),
        params: { moods: asked },
      });
    else if (meets.length > 0)
      said.push({
        code: 'mood',
        tone: 'works',
        pieces: ids(...meets),
        params: { moods: asked.filter((mood) => meets.some(({ piece }) => hasWord(piece.moods, mood))) },
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
    [
      {
        title: 'A blazer over a satin blouse',
        look: [solid('blazer', '#3d3f45'), solid('blouse', '#f3ecdc', { fabric: { texture: 'satin' } })],
        expect: 'works',
      },
      {
        title: 'Over a cotton one',
        look: [solid('blazer', '#3d3f45'), solid('blouse', '#f3ecdc')],
        expect: 'silent',
      },
    ],
  ],
});
