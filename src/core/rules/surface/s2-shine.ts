import { deltaEHex } from '../../colour';
import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { mainHex } from '../fields';
import { solid } from '../given';

const sparkles = ({ piece }: Worn): boolean =>
  piece.fabric.finish === 'sparkle' ||
  piece.fabric.texture === 'sequin' ||
  piece.parts.some(({ fabric }) => fabric?.finish === 'sparkle');
/** Jewels that shine by themselves; pearl, wood and cloth are quiet over sparkle. */
const glitters = ({ piece, facts }: Worn): boolean =>
  facts.shape === 'jewel' &&
  !['pearl', 'wood', 'textile'].includes(piece.material ?? 'metal') &&
  piece.statement >= 2;

const words = wording({
  answers: (_, say) => `${say.the()} sparkle in one ${say.word('colour')}, and each answers the other.`,
  colours: (_, say) => `${say.the()} sparkle in different ${say.word('colours')}. Keep one.`,
  many: (_, say) => `Too much sparkle: ${say.the()}. Make one of them matt.`,
  alone: (_, say) => `${say.the()} ${say.verb('sparkle')} alone, and that is enough.`,
  jewels: ({ jewels }: { jewels: number }, say) =>
    `${say.from(0, jewels).the()} over sparkle is too much. Choose pearl, something matt, or nothing.`,
});
type Said = FoundBy<typeof words>;

/** S2: how much sparkles, by the client's school. */
export const shine = defineRule({
  id: 'S2',
  facet: 'S',
  title: 'Shine',
  question: 'How much of it sparkles?',
  thresholds: {
    calm: { value: 1, unit: 'garments', says: 'School calm: most sparkling garments.', min: 0, max: 4 },
    bold: { value: 2, unit: 'garments', says: 'The same for a bold client.', min: 0, max: 6 },
    answer: {
      value: 20,
      unit: 'ΔE',
      says: 'School repeat: within this a second sparkle answers.',
      min: 6,
      max: 40,
    },
  },
  words,
  reads: () => ({
    needs: (worn) => sparkles(worn) && worn.facts.shape !== 'jewel',
    of: (worn) =>
      worn.facts.shape === 'jewel'
        ? glitters(worn) || undefined
        : sparkles(worn)
          ? ['sparkles', mainHex(worn)]
          : undefined,
  }),
  find({ pieces, schools, occasion }, at) {
    const shining = pieces.filter((worn) => sparkles(worn) && worn.facts.shape !== 'jewel');
    if (shining.length === 0) return [];
    const sparkling = ids(...shining);
    const said: Said[] = [];
    const jewels = pieces.filter(glitters);
    // In the evening a second sparkle that answers the first is a plan, unless this client or file asks for calm.
    const byHour = occasion?.time === 'evening' && schools.shineSaid !== true;
    if ((schools.shine === 'repeat' || byHour) && shining.length >= 2) {
      const answers = shining.some((one, i) =>
        shining.slice(i + 1).some((other) => deltaEHex(mainHex(other), mainHex(one)) <= at.answer),
      );
      return [
        answers
          ? { code: 'answers', tone: 'works', pieces: sparkling }
          : { code: 'colours', tone: 'fights', pieces: sparkling },
      ];
    }
    const most = schools.focus === 'bold' ? at.bold : at.calm;
    if (shining.length > most)
      said.push({
        code: 'many',
        tone: 'fights',
        pieces: sparkling,
        measured: { value: shining.length, unit: 'pieces', most },
      });
    else said.push({ code: 'alone', tone: 'works', pieces: sparkling });
    if (jewels.length > 0 && schools.shine === 'calm')
      said.push({
        code: 'jewels',
        tone: 'fights',
        pieces: [...ids(...jewels), ...sparkling],
        params: { jewels: jewels.length },
      });
    return said;
  },
  examples: [
    [
      {
        title: 'A sequin top with a sequin skirt',
        look: [
          solid('blouse', '#b9bcc0', { fabric: { texture: 'sequin', finish: 'sparkle' } }),
          solid('skirt', '#b9bcc0', { fabric: { texture: 'sequin', finish: 'sparkle' } }),
        ],
        expect: 'fights',
      },
      {
        title: 'The sequin top with a plain skirt',
        look: [
          solid('blouse', '#b9bcc0', { fabric: { texture: 'sequin', finish: 'sparkle' } }),
          solid('skirt', '#17171a'),
        ],
        expect: 'works',
      },
    ],
    [
      {
        title: 'Glittering earrings over a sparkling dress',
        look: [
          solid('dress', '#1f2a44', { fabric: { finish: 'sparkle' } }),
          solid('earrings', '#e8e8ee', { material: 'glass', statement: 3 }),
        ],
        expect: 'fights',
      },
      {
        title: 'Pearls over it',
        look: [
          solid('dress', '#1f2a44', { fabric: { finish: 'sparkle' } }),
          solid('earrings', '#efe9df', { material: 'pearl', statement: 3 }),
        ],
        expect: 'works',
      },
    ],
  ],
});
