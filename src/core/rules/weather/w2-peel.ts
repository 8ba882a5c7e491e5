import { defineRule } from '../define';
import { inSlot } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

/** W2: between a cold street and a warm room something comes off. */
export const peel = defineRule({
  id: 'W2',
  facet: 'W',
  title: 'Peel',
  question: 'Can something come off between outdoors and in?',
  thresholds: {
    apart: { value: 8, unit: '°C', says: 'From this difference something must come off.', min: 3, max: 20 },
    layer: { value: 0.2, unit: 'clo', says: 'Least warmth of a layer that counts.', min: 0.05, max: 0.8 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ occasion }, at) =>
    occasion?.indoorC === undefined || occasion.outdoorC === undefined
      ? 'nothing'
      : { of: ({ slot, clo }) => (slot === 'layer' && clo >= at.layer ? true : undefined) },
  evaluate(scene, at) {
    const { indoorC, outdoorC } = scene.occasion ?? {};
    if (
      indoorC === undefined ||
      outdoorC === undefined ||
      indoorC - outdoorC < at.apart ||
      scene.pieces.length === 0
    )
      return [];
    const layer = inSlot(scene, 'layer').find(({ clo }) => clo >= at.layer);
    const measured = `${indoorC - outdoorC} °C between out and in; from ${at.apart} a layer comes off`;
    return layer
      ? [{ tone: 'works', pieces: [layer.piece.id], measured, text: `${named(layer)} comes off indoors.` }]
      : [
          {
            tone: 'fights',
            pieces: [],
            measured,
            text: 'Nothing can come off between the cold and the warm; add a layer.',
          },
        ];
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
