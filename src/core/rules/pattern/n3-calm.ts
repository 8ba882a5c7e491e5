import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { mixes } from './n1-mix';
import { areaOf, isPrint } from '../fields';
import { printed, solid } from '../given';

const words = wording({
  leads: (_, say) => `${say.the()} ${say.verb('lead')}, and the rest stays quiet.`,
  loud: (_, say) =>
    `${say.the(0)} ${say.verb('be', 0)} loud enough alone. Keep the rest plain, or put a plain layer over ${say.it(0)}.`,
});

/** N3: a loud print wants calm company. */
export const calm = defineRule({
  id: 'N3',
  facet: 'N',
  weight: TELLING_WEIGHT,
  title: 'Calm company',
  question: 'Does a loud print have calm company?',
  thresholds: {
    contrast: { value: 0.5, unit: '', says: 'From this contrast a print is loud.', min: 0.2, max: 1 },
    repeat: { value: 40, unit: 'mm', says: 'From this repeat a print is loud.', min: 10, max: 200 },
    area: { value: 0.25, unit: 'share', says: 'From this area a print is loud.', min: 0.05, max: 0.8 },
  },
  words,
  reads: (_given, at) => ({
    own: [at.area],
    of: (worn) => (isPrint(worn) ? worn : undefined),
    seen: (worn) => isPrint(worn) || undefined,
  }),
  find(scene, at) {
    const loud = scene.pieces.find(
      (worn) =>
        isPrint(worn) &&
        worn.piece.pattern.contrast >= at.contrast &&
        worn.piece.pattern.repeatMm >= at.repeat &&
        areaOf(scene, worn) >= at.area,
    );
    if (!loud) return [];
    const others = scene.pieces.filter(
      (worn) =>
        worn !== loud &&
        isPrint(worn) &&
        (worn.piece.set === undefined || worn.piece.set !== loud.piece.set) &&
        // Where N1 praises the mix there is nothing to calm.
        !mixes(loud, worn),
    );
    return others.length === 0
      ? [{ code: 'leads', tone: 'works', pieces: ids(loud) }]
      : [{ code: 'loud', tone: 'note', pieces: ids(loud, ...others) }];
  },
  examples: [
    [
      {
        title: 'A bold floral dress with a striped scarf of other colours',
        look: [
          printed('dress', ['#1f3a4a', '#e58aa0'], { kind: 'floral', repeatMm: 90, contrast: 0.7 }),
          printed('scarf', ['#ecc943', '#3c7d4b'], { kind: 'stripe', repeatMm: 70 }),
        ],
        expect: 'note',
      },
      {
        title: 'The same dress with a plain scarf',
        look: [
          printed('dress', ['#1f3a4a', '#e58aa0'], { kind: 'floral', repeatMm: 90, contrast: 0.7 }),
          solid('scarf', '#1f3a4a'),
        ],
        expect: 'works',
      },
    ],
  ],
});
