import { defineRule } from '../define';
import { oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named } from '../rule';
import { readsAs } from './p1-hem-off-floor';
import { wholeIn } from '../reads';

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
  weight: { works: 0, note: -3, fights: -18 },
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({ of: wholeIn('bottom') }),
  evaluate(scene, at) {
    const bottom = oneIn(scene, 'bottom');
    if (!bottom || bottom.piece.cut.leg !== 'flare' || scene.client.measures.thigh === undefined) return [];
    return readsAs(bottom, scene, at.thighEase) === 'straight'
      ? [
          {
            tone: 'note',
            pieces: [bottom.piece.id],
            text: `${named(bottom)} is loose at the thigh here and reads as a straight leg.`,
          },
        ]
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
