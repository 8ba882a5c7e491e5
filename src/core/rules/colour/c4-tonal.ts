import { deltaEHex, hue, hueApart, lab } from '../../colour';
import { textureFamily } from '../../piece';
import { defineRule } from '../define';
import { fieldsOf, isChromatic } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, type Scene, USUAL_WEIGHT } from '../rule';

/** Least visible share of a colour that counts for the tone of a look. */
export const TONE_FIELD = 0.05;
/** Hues within this are one tone. */
const ONE_TONE = 35;

/** One family of hue with neutrals free, or neutrals alone. */
function oneTone(scene: Scene): boolean {
  const fields = fieldsOf(scene, TONE_FIELD);
  const hues = fields.filter(({ worn, hex }) => isChromatic(worn, { hex })).map(({ hex }) => hue(lab(hex)));
  return fields.length >= 2 && hues.every((a) => hues.every((b) => hueApart(a, b) <= ONE_TONE));
}

/** What keeps one tone alive: depth, three steps, or two kinds of cloth. */
function isAlive(scene: Scene, depth: number): boolean {
  const fields = fieldsOf(scene, TONE_FIELD);
  const levels = fields.map(({ hex }) => lab(hex).l);
  const ladder = fields.map(({ hex }) => hex).sort((a, b) => lab(a).l - lab(b).l || (a < b ? -1 : 1));
  const steps = ladder.filter((hex, i) => ladder.slice(0, i).every((before) => deltaEHex(before, hex) > 3));
  const cloths = new Set(fields.map(({ worn }) => textureFamily(worn.piece.fabric)));
  return Math.max(...levels) - Math.min(...levels) >= depth || steps.length >= 3 || cloths.size >= 2;
}

/** True where C4 works: one tone on purpose. */
export const isTonal = (scene: Scene): boolean => {
  const chromatic = fieldsOf(scene, TONE_FIELD).filter(({ worn, hex }) => isChromatic(worn, { hex }));
  return chromatic.length >= 2 && oneTone(scene) && isAlive(scene, 15);
};

/** C4: one tone, with depth or touch to keep it alive. */
export const tonal = defineRule({
  id: 'C4',
  facet: 'C',
  title: 'Tonal',
  question: 'If it is all one tone, is there depth or touch in it?',
  thresholds: {
    depth: { value: 15, unit: 'ΔL*', says: 'Difference of lightness that gives depth.', min: 5, max: 40 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    fields: () => [TONE_FIELD],
    seen: ({ piece }) => [piece.fabric.texture === 'denim', textureFamily(piece.fabric)],
  }),
  evaluate(scene, at) {
    if (!oneTone(scene)) return [];
    return isAlive(scene, at.depth)
      ? [{ tone: 'works', pieces: [], text: 'One tone, with depth and touch in it.' }]
      : [
          {
            tone: 'note',
            pieces: [],
            text: 'One tone in one depth and one cloth looks flat. Go lighter or darker somewhere, or change a cloth.',
          },
        ];
  },
  examples: [
    [
      {
        title: 'A green knit and a green skirt of one depth and cloth',
        look: [solid('shirt', '#3c6d4b'), solid('skirt', '#3c7050')],
        expect: 'note',
      },
      {
        title: 'The same with a bottle green skirt',
        look: [solid('shirt', '#3c6d4b'), solid('skirt', '#173325')],
        expect: 'works',
      },
    ],
  ],
});
