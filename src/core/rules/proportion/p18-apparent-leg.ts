import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { oneIn } from '../fields';
import { solid } from '../given';
import { readsAs } from './p1-hem-off-floor';
import { wholeIn } from '../reads';

const words = wording({
  straight: (_, say) =>
    `${say.the()} ${say.verb('be')} loose at the thigh and will look like a straight leg.`,
});

/** P18: a flare that is loose at the thigh reads as a straight leg; P1 and P8 use how it reads. */
export const apparentLeg = defineRule({
  id: 'P18',
  facet: 'P',
  title: 'Apparent leg',
  question: 'Does a flare still read as a flare on this client?',
  thresholds: {
    thighEase: {
      value: 60,
      unit: 'mm',
      says: 'More thigh ease than this reads straight.',
      min: 20,
      max: 150,
    },
  },
  weight: { works: 0, note: -2, fights: -32 },
  words,
  reads: () => ({ of: wholeIn('bottom') }),
  find(scene, at) {
    const bottom = oneIn(scene, 'bottom');
    if (!bottom || bottom.piece.cut.leg !== 'flare' || scene.client.measures.thigh === undefined) return [];
    return readsAs(bottom, scene, at.thighEase) === 'straight'
      ? [{ code: 'straight', tone: 'note', pieces: ids(bottom) }]
      : [];
  },
  examples: [
    [
      {
        title: 'A flare loose at the thigh',
        look: [
          solid('trousers', '#1f2a44', { cut: { leg: 'flare' }, measures: { thigh: 680, inseam: 800 } }),
        ],
        client: { measures: { heightMm: 1700, thigh: 560 } },
        expect: 'note',
      },
      {
        title: 'A flare close at the thigh',
        look: [
          solid('trousers', '#1f2a44', { cut: { leg: 'flare' }, measures: { thigh: 590, inseam: 800 } }),
        ],
        client: { measures: { heightMm: 1700, thigh: 560 } },
        expect: 'silent',
      },
    ],
  ],
});
