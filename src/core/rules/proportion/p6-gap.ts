import { deltaEHex } from '../../colour';
import { isBoot, measure } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { hemOf, knowsBody, mainHex, oneIn } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

const words = wording({
  closes: (_, say) => `${say.the(2)} ${say.verb('close', 2)} the gap above ${say.the(1)}.`,
  cropped: (_, say) =>
    `${say.the(0)} ${say.verb('end', 0)} just above ${say.the(1)}, as a cropped leg should.`,
  far: (_, say) =>
    `${say.the(0)} ${say.verb('end', 0)} well above ${say.the(1)} and a band of leg shows. Choose a longer leg or a higher boot.`,
  strip: (_, say) =>
    `A narrow strip shows between ${say.the()}. Go longer, go shorter, or fill it with legwear in one of their ${say.word('colours')}.`,
});

/** P6: the strip of leg between a hem and a boot. */
export const gap = defineRule({
  id: 'P6',
  facet: 'P',
  title: 'Gap',
  question: 'What shows between hem and boot?',
  thresholds: {
    strip: {
      value: 60,
      unit: 'mm',
      says: 'A strip narrower than this looks like a mistake.',
      min: 20,
      max: 120,
    },
    under: {
      value: -10,
      unit: 'mm',
      says: 'A cropped leg may reach this far into an ankle boot.',
      min: -60,
      max: 0,
    },
    over: { value: 40, unit: 'mm', says: 'Or stand this far above it.', min: 0, max: 90 },
    far: {
      value: 130,
      unit: 'mm',
      says: 'An ankle-length leg up to this far above a boot leaves a gap; above that it is cropped on purpose.',
      min: 60,
      max: 260,
    },
    run: {
      value: 15,
      unit: 'ΔE',
      says: 'Legwear within this of either side closes the gap.',
      min: 5,
      max: 30,
    },
  },
  words,
  reads: () => ({
    needs: isBoot,
    of: (worn) => (worn.slot === 'legwear' ? mainHex(worn) : wholeIn('bottom', 'whole', 'shoes')(worn)),
  }),
  find(scene, at) {
    const [bottom, shoe] = [oneIn(scene, 'bottom', 'whole'), oneIn(scene, 'shoes')];
    const shaft = shoe && measure(shoe, 'shaft');
    const hem = hemOf(scene, bottom);
    if (!bottom || !shoe || !shaft || !hem || bottom.effects.leg === 'in the boot' || !isBoot(shoe))
      return [];
    const heel = measure(shoe, 'heel')?.mm ?? 0;
    const strip = Math.round(hem.heightMm - (shaft.mm + heel));
    const pieces = ids(bottom, shoe);
    const known = !hem.defaulted && shaft.origin !== 'defaulted' && knowsBody(scene);
    const legwear = oneIn(scene, 'legwear');
    const closes =
      legwear && [bottom, shoe].some((worn) => deltaEHex(mainHex(worn), mainHex(legwear)) <= at.run);
    if (strip > 0 && closes)
      return [
        {
          code: 'closes',
          tone: 'works',
          pieces: [...pieces, legwear.piece.id],
          measured: { value: strip, unit: 'mm' },
        },
      ];
    if (!known) return [];
    const leg = bottom.facts.legs === 'long';
    if (leg && shoe.facts.boot === 'ankle' && strip >= at.under && strip <= at.over)
      return [
        {
          code: 'cropped',
          tone: 'works',
          pieces,
          measured: { value: strip, unit: 'mm', least: at.under, most: at.over },
        },
      ];
    if (leg && strip > at.over && strip <= at.far)
      return [
        {
          code: 'far',
          tone: 'note',
          pieces,
          measured: { value: strip, unit: 'mm', least: at.under, most: at.over },
        },
      ];
    if (strip > 0 && strip < at.strip)
      return [
        {
          code: 'strip',
          tone: 'note',
          pieces,
          measured: { value: strip, unit: 'mm', least: at.strip },
        },
      ];
    return [];
  },
  examples: [
    [
      {
        title: 'A skirt that ends just above a tall boot',
        look: [
          solid('skirt', '#1f2a44', { measures: { length: 640 } }),
          solid('tall-boot', '#17171a', { measures: { shaft: 380, heel: 30 } }),
        ],
        client: { measures: { heightMm: 1700, waistHeight: 1060 } },
        expect: 'note',
      },
      {
        title: 'The same with black tights',
        look: [
          solid('skirt', '#1f2a44', { measures: { length: 640 } }),
          solid('tall-boot', '#17171a', { measures: { shaft: 380, heel: 30 } }),
          solid('tights', '#17171a'),
        ],
        client: { measures: { heightMm: 1700, waistHeight: 1060 } },
        expect: 'works',
      },
    ],
  ],
});
