import { measure, thicknessMm } from '../../piece';
import { defineRule } from '../define';
import { inSlot } from '../fields';
import { solid } from '../given';
import { named, type Said, USUAL_WEIGHT } from '../rule';
import { wholeIn } from '../reads';

/** P11: a layer must hold what is beneath it. */
export const under = defineRule({
  id: 'P11',
  facet: 'P',
  title: 'Room beneath',
  question: 'Does the layer hold what is worn beneath?',
  thresholds: {
    spare: { value: 0, unit: 'mm', says: 'Least room left at bust and upper arm.', min: -40, max: 80 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: 'Girth of a layer over another: 2π × thickness. Common practice, no source.',
  reads: () => ({ needs: ({ slot }) => slot === 'layer', of: wholeIn('layer', 'top', 'whole') }),
  evaluate(scene, at) {
    const said: Said[] = [];
    for (const layer of inSlot(scene, 'layer')) {
      if (layer.mode.id === 'over-shoulders' || ['cape', 'shawl', 'waistcoat'].includes(layer.piece.category))
        continue;
      for (const inner of inSlot(scene, 'top', 'whole')) {
        const pieces = [layer.piece.id, inner.piece.id];
        const sleeve = inner.piece.cut.sleeveVolume ?? (inner.piece.volume === 'full' ? 'full' : undefined);
        if (sleeve === 'full' && layer.piece.volume === 'close') {
          said.push({
            tone: 'fights',
            pieces,
            text: `The full sleeves of ${named(inner)} do not go into ${named(layer)}.`,
          });
          continue;
        }
        for (const point of ['upperArm', 'bust'] as const) {
          const [outside, inside] = [measure(layer, point), measure(inner, point)];
          if (!outside || !inside || outside.origin === 'defaulted' || inside.origin === 'defaulted')
            continue;
          const left = outside.mm - inside.mm - 2 * Math.PI * thicknessMm(inner.piece.fabric);
          if (left >= at.spare || layer.mode.id === 'open') continue;
          said.push({
            tone: 'fights',
            pieces,
            measured: `${Math.round(left)} mm left at the ${point === 'bust' ? 'bust' : 'upper arm'}; at least ${at.spare} mm`,
            text: `${named(layer)} is too close at the ${point === 'bust' ? 'bust' : 'upper arm'} for ${named(inner)}.`,
          });
          break;
        }
      }
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A chunky knit under a close blazer',
        look: [
          solid('blazer', '#1f2a44', { mode: 'buttoned', measures: { bust: 1000, upperArm: 340 } }),
          solid('chunky-knit', '#d3c5ab', {
            fabric: { weight: 'heavy' },
            measures: { bust: 1100, upperArm: 400 },
          }),
        ],
        expect: 'fights',
      },
      {
        title: 'A fine knit under it',
        look: [
          solid('blazer', '#1f2a44', { mode: 'buttoned', measures: { bust: 1000, upperArm: 340 } }),
          solid('fine-knit', '#d3c5ab', {
            fabric: { weight: 'light' },
            measures: { bust: 940, upperArm: 300 },
          }),
        ],
        expect: 'silent',
      },
    ],
  ],
});
