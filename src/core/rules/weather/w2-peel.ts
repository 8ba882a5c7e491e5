import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { inSlot } from '../fields';
import { solid } from '../given';

/** Out and in differ so much that something comes off, °C, and what counts as something, clo; the rule's defaults. */
export const PEEL = { apart: 8, layer: 0.2 } as const;

const words = wording({
  peels: (_, say) => `${say.the()} ${say.verb('come')} off indoors.`,
  nothing: () => 'No layer to take off indoors: add one.',
  'puts-on': (_, say) => `${say.the()} ${say.verb('go')} on in the cool indoors.`,
  chilled: () => 'It will be cool indoors after the heat outside: bring a light layer.',
});

/** W2: between a cold street and a warm room something comes off. */
export const peel = defineRule({
  id: 'W2',
  facet: 'W',
  title: 'Peel',
  question: 'Can something come off between outdoors and in?',
  thresholds: {
    cold: {
      value: 10,
      unit: '°C',
      says: 'Below this out of doors a missing layer is to be put right; above it is a note.',
      min: -10,
      max: 20,
    },
    apart: {
      value: PEEL.apart,
      unit: '°C',
      says: 'From this difference something must come off.',
      min: 3,
      max: 20,
    },
    layer: {
      value: PEEL.layer,
      unit: 'clo',
      says: 'Least warmth of a layer that counts.',
      min: 0.05,
      max: 0.8,
    },
  },
  words,
  reads: ({ occasion }, at) =>
    occasion?.indoorC === undefined || occasion.outdoorC === undefined
      ? 'nothing'
      : { of: ({ slot, clo }) => (slot === 'layer' && clo >= at.layer ? true : undefined) },
  find(scene, at) {
    const { indoorC, outdoorC } = scene.occasion ?? {};
    if (
      indoorC === undefined ||
      outdoorC === undefined ||
      Math.abs(indoorC - outdoorC) < at.apart ||
      scene.pieces.length === 0
    )
      return [];
    const layer = inSlot(scene, 'layer').find(({ clo }) => clo >= at.layer);
    const measured = { value: Math.abs(indoorC - outdoorC), unit: '°C', most: at.apart } as const;
    // From a hot street into a chilled room something is put on.
    if (outdoorC > indoorC)
      return layer
        ? [{ code: 'puts-on', tone: 'works', pieces: ids(layer), measured }]
        : [{ code: 'chilled', tone: 'note', pieces: [], measured }];
    return layer
      ? [{ code: 'peels', tone: 'works', pieces: ids(layer), measured }]
      : [{ code: 'nothing', tone: outdoorC < at.cold ? 'fights' : 'note', pieces: [], measured }];
  },
  examples: [
    [
      {
        title: 'A knit and trousers between frost and a warm hall',
        look: [solid('fine-knit', '#84868a'), solid('trousers', '#17171a')],
        occasion: { indoorC: 21, outdoorC: 2 },
        expect: 'fights',
      },
      {
        title: 'With a coat',
        look: [solid('fine-knit', '#84868a'), solid('trousers', '#17171a'), solid('coat', '#1f2a44')],
        occasion: { indoorC: 21, outdoorC: 2 },
        expect: 'works',
      },
    ],
  ],
});
