import { measure } from '../../piece';
import { defineRule } from '../define';
import { oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';
import { wholeIn } from '../reads';

/** W3: the shoe and the ground. */
export const ground = defineRule({
  id: 'W3',
  facet: 'W',
  title: 'Ground',
  question: 'Does the shoe suit the ground?',
  thresholds: {
    tip: { value: 20, unit: 'mm', says: 'A heel tip narrower than this sinks and catches.', min: 8, max: 40 },
    heel: {
      value: 50,
      unit: 'mm',
      says: 'A heel higher than this is unsteady on rough ground.',
      min: 25,
      max: 100,
    },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ occasion }) => (occasion?.surfaces?.length ? { of: wholeIn('shoes') } : 'nothing'),
  evaluate(scene, at) {
    const shoe = oneIn(scene, 'shoes');
    const surfaces = scene.occasion?.surfaces ?? [];
    if (!shoe || surfaces.length === 0) return [];
    const { sole, heelTipMm, toe } = shoe.piece.cut;
    const heel = measure(shoe, 'heel');
    const high = heel !== undefined && heel.origin !== 'defaulted' && heel.mm > at.heel;
    const thin = heelTipMm !== undefined && heelTipMm < at.tip;
    const said: Said[] = [];
    const pieces = [shoe.piece.id];
    for (const surface of surfaces) {
      if (surface === 'ice' && sole !== 'grip' && sole !== 'lug')
        said.push({ tone: 'fights', pieces, text: `${named(shoe)} on ice: a sole that grips is wanted.` });
      else if ((surface === 'wet' || surface === 'deck') && sole === 'smooth')
        said.push({
          tone: 'fights',
          pieces,
          text: `${named(shoe)} has a smooth sole, and the ground is ${surface === 'wet' ? 'wet' : 'a deck'}.`,
        });
      else if (
        (surface === 'grass' || surface === 'cobbles' || surface === 'sand' || surface === 'deck') &&
        thin
      )
        said.push({
          tone: 'fights',
          pieces,
          measured: `tip ${heelTipMm} mm; from ${at.tip} mm stands`,
          text: `The thin heel of ${named(shoe)} sinks or catches on ${surface}.`,
        });
      else if ((surface === 'grass' || surface === 'cobbles' || surface === 'sand') && high)
        said.push({
          tone: 'note',
          pieces,
          measured: `heel ${heel.mm} mm; up to ${at.heel} mm on rough ground`,
          text: `${named(shoe)} is high for ${surface}.`,
        });
      else if ((surface === 'wet' || surface === 'grass') && toe === 'open')
        said.push({
          tone: 'note',
          pieces,
          text: `${named(shoe)} is open, and the ground is ${surface === 'wet' ? 'wet' : 'grass'}.`,
        });
    }
    return said.length > 0
      ? said
      : [{ tone: 'works', pieces, text: `${named(shoe)} stands on ${surfaces.join(' and ')}.` }];
  },
  examples: [
    [
      {
        title: 'A thin heel on grass',
        look: [solid('heel', '#17171a', { cut: { heelTipMm: 9 }, measures: { heel: 80 } })],
        occasion: { surfaces: ['grass'] },
        expect: 'fights',
      },
      {
        title: 'A block heel on grass',
        look: [solid('heel', '#17171a', { cut: { heelTipMm: 45 }, measures: { heel: 45 } })],
        occasion: { surfaces: ['grass'] },
        expect: 'works',
      },
    ],
  ],
});
