import { deltaE, lab } from '../../colour';
import { defineRule } from '../define';
import { mainHex, oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';

/** P3: the line from waist to toe. */
export const legLine = defineRule({
  id: 'P3',
  facet: 'P',
  title: 'Leg line',
  question: 'Is the line from waist to toe broken?',
  thresholds: {
    contrast: { value: 35, unit: 'ΔL*', says: 'From this the line is broken.', min: 15, max: 60 },
    run: { value: 15, unit: 'ΔE', says: 'Within this it runs on.', min: 5, max: 30 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    of: (worn) =>
      worn.slot === 'bottom'
        ? ['bottom', mainHex(worn), ['trousers', 'jeans', 'leggings'].includes(worn.piece.category)]
        : worn.slot === 'shoes' || worn.slot === 'legwear'
          ? [worn.slot, mainHex(worn)]
          : undefined,
  }),
  evaluate(scene, at) {
    const [bottom, shoe] = [oneIn(scene, 'bottom'), oneIn(scene, 'shoes')];
    if (!bottom || !shoe) return [];
    const legwear = oneIn(scene, 'legwear');
    const chain = [bottom, ...(legwear ? [legwear] : []), shoe].map((worn) => lab(mainHex(worn)));
    const breaks = chain.slice(1).map((colour, i) => Math.abs(colour.l - (chain[i]?.l ?? 0)));
    const worst = Math.max(...breaks);
    const wants = scene.client.goals.includes('longer-leg');
    const pieces = [bottom.piece.id, ...(legwear ? [legwear.piece.id] : []), shoe.piece.id];
    const runs = chain.slice(1).every((colour, i) => deltaE(colour, chain[i] ?? colour) <= at.run);
    const covered =
      ['trousers', 'jeans', 'leggings'].includes(bottom.piece.category) || legwear !== undefined;
    if (runs && covered)
      return [{ tone: 'works', pieces, text: `One line from the waist to the toe: ${named(bottom, shoe)}.` }];
    if (worst > at.contrast && wants && covered)
      return [
        {
          tone: 'note',
          pieces,
          measured: `ΔL* ${worst.toFixed(0)}; from ${at.contrast} breaks the line`,
          text: `${named(shoe)} breaks the leg line; nearer to ${named(bottom)} the leg runs on.`,
        },
      ];
    return [];
  },
  examples: [
    [
      {
        title: 'Black trousers over white shoes, for a longer leg',
        look: [solid('trousers', '#17171a'), solid('sneaker', '#fbfbf9')],
        client: { goals: ['longer-leg'] },
        expect: 'note',
      },
      {
        title: 'The same over black shoes',
        look: [solid('trousers', '#17171a'), solid('loafer', '#1a1a1d')],
        client: { goals: ['longer-leg'] },
        expect: 'works',
      },
    ],
  ],
});
