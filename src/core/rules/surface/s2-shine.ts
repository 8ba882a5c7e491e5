import { deltaEHex } from '../../colour';
import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { mainHex } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';

const sparkles = ({ piece }: Worn): boolean =>
  piece.fabric.finish === 'sparkle' ||
  piece.fabric.texture === 'sequin' ||
  piece.parts.some(({ fabric }) => fabric?.finish === 'sparkle');
/** Jewels that shine by themselves; pearl, wood and cloth are quiet over sparkle. */
const glitters = ({ piece, facts }: Worn): boolean =>
  facts.shape === 'jewel' &&
  !['pearl', 'wood', 'textile'].includes(piece.material ?? 'metal') &&
  piece.statement >= 2;

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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    needs: (worn) => sparkles(worn) && worn.facts.shape !== 'jewel',
    of: (worn) =>
      worn.facts.shape === 'jewel'
        ? glitters(worn) || undefined
        : sparkles(worn)
          ? ['sparkles', mainHex(worn)]
          : undefined,
  }),
  evaluate({ pieces, schools }, at) {
    const shining = pieces.filter((worn) => sparkles(worn) && worn.facts.shape !== 'jewel');
    if (shining.length === 0) return [];
    const ids = shining.map(({ piece }) => piece.id);
    const said: Said[] = [];
    const jewels = pieces.filter(glitters);
    if (schools.shine === 'repeat' && shining.length >= 2) {
      const answers = shining.some((one, i) =>
        shining.slice(i + 1).some((other) => deltaEHex(mainHex(other), mainHex(one)) <= at.answer),
      );
      return [
        answers
          ? {
              tone: 'works',
              pieces: ids,
              text: `${named(...shining)}: the second sparkle answers the first.`,
            }
          : { tone: 'fights', pieces: ids, text: `${named(...shining)} sparkle in different colours.` },
      ];
    }
    const most = schools.focus === 'bold' ? at.bold : at.calm;
    if (shining.length > most)
      said.push({
        tone: 'fights',
        pieces: ids,
        measured: `${shining.length} sparkling pieces; up to ${most}`,
        text: `${named(...shining)}: sparkle over sparkle. Let one of them be matt.`,
      });
    else said.push({ tone: 'works', pieces: ids, text: `${named(...shining)} may shine alone.` });
    if (jewels.length > 0 && schools.shine === 'calm')
      said.push({
        tone: 'fights',
        pieces: [...ids, ...jewels.map(({ piece }) => piece.id)],
        text: `${named(...jewels)} over sparkle: pearl, something matt, or nothing.`,
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
