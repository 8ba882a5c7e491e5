import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { isPrint } from '../fields';
import { printed, solid } from '../given';

const words = wording({
  many: (_, say) => `Too many prints: ${say.the()}. Make one of them plain.`,
});

/** N2: how many prints there are; a set counts once. */
export const printCount = defineRule({
  id: 'N2',
  facet: 'N',
  title: 'Number of prints',
  question: 'Are there too many prints?',
  thresholds: {
    most: { value: 2, unit: 'prints', says: 'Most prints in a look.', min: 1, max: 5 },
    bold: { value: 3, unit: 'prints', says: 'Most for a bold client.', min: 1, max: 6 },
  },
  words,
  reads: () => ({ of: (worn) => (isPrint(worn) ? ['print', worn.piece.set] : undefined) }),
  find({ pieces, schools }, at) {
    const prints = pieces.filter(isPrint);
    const count = new Set(prints.map(({ piece }) => piece.set ?? piece.id)).size;
    const most = schools.focus === 'bold' ? at.bold : at.most;
    if (count <= most) return [];
    return [
      {
        code: 'many',
        tone: 'fights',
        pieces: ids(...prints),
        measured: { value: count, unit: 'pieces', most },
      },
    ];
  },
  examples: [
    [
      {
        title: 'A striped top, a checked skirt and a floral scarf',
        look: [
          printed('blouse', ['#f4f1e8', '#1f2a44'], { kind: 'stripe', repeatMm: 30 }),
          printed('skirt', ['#5a1f30', '#f4f1e8'], { kind: 'check', repeatMm: 80 }),
          printed('scarf', ['#1f4032', '#e6a6b3'], { kind: 'floral', repeatMm: 60 }),
        ],
        expect: 'fights',
      },
      {
        title: 'The same with a plain scarf',
        look: [
          printed('blouse', ['#f4f1e8', '#1f2a44'], { kind: 'stripe', repeatMm: 30 }),
          printed('skirt', ['#5a1f30', '#f4f1e8'], { kind: 'check', repeatMm: 80 }),
          solid('scarf', '#1f4032'),
        ],
        expect: 'silent',
      },
    ],
  ],
});
