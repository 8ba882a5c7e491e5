import { hue, hueApart, isNeutral, lab } from '../../colour';
import { textureFamily } from '../../piece';
import { defineRule } from '../define';
import { areaOf, isMain, mainHex, mainsOf } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, USUAL_WEIGHT } from '../rule';

/** S1: two cloths that feel different; most wanted where all is one tone. */
export const touch = defineRule({
  id: 'S1',
  facet: 'S',
  title: 'Touch',
  question: 'Is there more than one cloth to feel?',
  thresholds: {
    area: { value: 0.08, unit: 'share', says: 'Least area of a cloth that counts.', min: 0.02, max: 0.4 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: (_given, at) => ({
    own: [at.area],
    seen: (worn) => (isMain(worn) ? [textureFamily(worn.piece.fabric), mainHex(worn)] : undefined),
  }),
  evaluate(scene, at) {
    const mains = mainsOf(scene).filter((worn) => areaOf(scene, worn) >= at.area);
    if (mains.length < 2) return [];
    const families = new Set(mains.map(({ piece }) => textureFamily(piece.fabric)));
    const pieces = mains.map(({ piece }) => piece.id);
    if (families.size >= 2)
      return [{ tone: 'works', pieces, text: `Two cloths to feel: ${[...families].join(' and ')}.` }];
    const hexes = mains.map(mainHex);
    const dark = hexes.every((hex) => lab(hex).l < 30);
    const oneTone =
      !hexes.some(isNeutral) &&
      hexes.every((a) => hexes.every((b) => hueApart(hue(lab(a)), hue(lab(b))) <= 35));
    if (!dark && !oneTone) return [];
    return [
      {
        tone: 'note',
        pieces,
        text: `All ${dark ? 'dark' : 'one tone'} in one kind of cloth: a knit, a shine or a nap would bring it to life.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'A black shirt and black trousers, both smooth',
        look: [solid('shirt', '#17171a'), solid('trousers', '#1a1a1e')],
        expect: 'note',
      },
      {
        title: 'The same trousers under a black rib knit',
        look: [solid('fine-knit', '#17171a', { fabric: { texture: 'rib' } }), solid('trousers', '#1a1a1e')],
        expect: 'works',
      },
    ],
  ],
});
