import { measure, sleeveOf, thicknessMm, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { inSlot } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

const words = wording({
  sleeves: (_, say) => `The full sleeves of ${say.the(1)} won’t go into ${say.the(0)}.`,
  embellished: (_, say) =>
    `The embellished sleeves of ${say.the(1)} would catch inside ${say.the(0)}. Wear it over the shoulders, or leave it off.`,
  close: ({ point }: { point: 'bust' | 'upper arm' }, say) =>
    `${say.the(0)} ${say.verb('be', 0)} too tight at the ${point} to go over ${say.the(1)}.`,
});
type Said = FoundBy<typeof words>;

/** Beads and sequins on a sleeve catch in the lining of another. */
const hasSparklingSleeves = ({ piece }: Worn): boolean =>
  sleeveOf(piece) !== 'none' &&
  [
    ...piece.parts.flatMap((part) =>
      (part.zone === 'upper-arms' || part.zone === 'lower-arms') && part.fabric ? [part.fabric] : [],
    ),
    piece.fabric,
  ].some(({ texture, finish }) => texture === 'sequin' || finish === 'sparkle');

/** P11: a layer must hold what is beneath it. */
export const under = defineRule({
  id: 'P11',
  facet: 'P',
  weight: TELLING_WEIGHT,
  title: 'Room beneath',
  question: 'Is there room under the layer for what is worn beneath?',
  thresholds: {
    spare: { value: 0, unit: 'mm', says: 'Least room left at bust and upper arm.', min: -40, max: 80 },
  },
  source: 'Girth of a layer over another: 2π × thickness. Common practice, no source.',
  words,
  reads: () => ({ needs: ({ slot }) => slot === 'layer', of: wholeIn('layer', 'top', 'whole') }),
  find(scene, at) {
    const said: Said[] = [];
    for (const layer of inSlot(scene, 'layer')) {
      if (layer.effects.arms !== undefined || layer.facts.armless) continue;
      for (const inner of inSlot(scene, 'top', 'whole')) {
        const pieces = ids(layer, inner);
        const sleeve = inner.piece.cut.sleeveVolume ?? (inner.piece.volume === 'full' ? 'full' : undefined);
        if (sleeve === 'full' && layer.piece.volume === 'close') {
          said.push({ code: 'sleeves', tone: 'fights', pieces });
          continue;
        }
        if (hasSparklingSleeves(inner)) said.push({ code: 'embellished', tone: 'note', pieces });
        for (const point of ['upperArm', 'bust'] as const) {
          const [outside, inside] = [measure(layer, point), measure(inner, point)];
          if (!outside || !inside || outside.origin === 'defaulted' || inside.origin === 'defaulted')
            continue;
          const left = outside.mm - inside.mm - 2 * Math.PI * thicknessMm(inner.piece.fabric);
          if (left >= at.spare || layer.effects.front === 'open') continue;
          said.push({
            code: 'close',
            tone: 'fights',
            pieces,
            params: { point: point === 'bust' ? 'bust' : 'upper arm' },
            measured: { value: left, unit: 'mm', least: at.spare },
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
    [
      {
        title: 'Sequinned sleeves inside a blazer',
        look: [solid('blazer', '#17171a'), solid('blouse', '#b9bcc0', { fabric: { texture: 'sequin' } })],
        expect: 'note',
      },
      {
        title: 'The blazer over the shoulders',
        look: [
          solid('blazer', '#17171a', { mode: 'over-shoulders' }),
          solid('blouse', '#b9bcc0', { fabric: { texture: 'sequin' } }),
        ],
        expect: 'silent',
      },
    ],
  ],
});
