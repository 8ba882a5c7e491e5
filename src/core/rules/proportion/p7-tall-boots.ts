import { deltaEHex } from '../../colour';
import { hemHeight } from '../../figure';
import { isClose, isTrousered, measure, type Worn } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { hemOf, inSlot, mainHex, oneIn } from '../fields';
import { solid } from '../given';
import { wholeIn } from '../reads';

const words = wording({
  wide: (_, say) =>
    `${say.the(1)} ${say.verb('be', 1)} too wide to go into ${say.the(0)}. Choose a slim leg, or wear ${say.it(1)} over.`,
  colour: (_, say) => `Tucked in, ${say.the(1)} should be close in ${say.word('colour')} to ${say.the(0)}.`,
  seat: () => 'Over-the-knee boots need a top that covers the seat.',
  runs: (_, say) => `${say.the(1)} ${say.verb('run', 1)} straight into ${say.the(0)}.`,
  meets: (_, say) => `${say.the(1)} ${say.verb('meet', 1)} ${say.the(0)}.`,
  far: (_, say) => `${say.the(1)} ${say.verb('end', 1)} too far above ${say.the(0)}.`,
});

const isTall = ({ facts }: Worn): boolean => facts.boot === 'tall';

/** P7: what goes with a tall boot. */
export const tallBoots = defineRule({
  id: 'P7',
  facet: 'P',
  weight: TELLING_WEIGHT,
  title: 'Tall boots',
  question: 'Do the trousers or the skirt go with a tall boot?',
  thresholds: {
    near: {
      value: 20,
      unit: 'ΔE',
      says: 'Trousers tucked in stand within this of the boot.',
      min: 8,
      max: 40,
    },
    above: {
      value: 120,
      unit: 'mm',
      says: 'A skirt ends at most this far above the shaft.',
      min: 20,
      max: 250,
    },
  },
  words,
  reads: () => ({
    needs: isTall,
    of: (worn) => (isTall(worn) ? worn : wholeIn('bottom', 'whole', 'top', 'layer', 'shoes')(worn)),
  }),
  find(scene, at) {
    const boot = scene.pieces.find(isTall);
    const [bottom, whole] = [oneIn(scene, 'bottom'), oneIn(scene, 'whole')];
    if (!boot || (!bottom && !whole)) return [];
    const shaft = measure(boot, 'shaft')?.mm ?? 380;
    const heel = measure(boot, 'heel')?.mm ?? 0;
    const lower = bottom ?? whole;
    if (!lower) return [];
    const pieces = ids(boot, lower);
    if (isTrousered(lower)) {
      const tucked = lower.effects.leg === 'in the boot' || isClose(lower);
      if (!tucked) return [];
      const slim = isClose(lower) || ['skinny', 'slim'].includes(lower.piece.cut.leg ?? '');
      const apart = deltaEHex(mainHex(lower), mainHex(boot));
      if (!slim) return [{ code: 'wide', tone: 'fights', pieces }];
      if (apart > at.near)
        return [
          {
            code: 'colour',
            tone: 'fights',
            pieces,
            measured: { value: apart, unit: 'ΔE', most: at.near },
          },
        ];
      if (shaft > scene.marks.knee) {
        const covered = inSlot(scene, 'top', 'layer').some(
          (worn) => (hemHeight(worn, scene.marks) ?? Infinity) <= scene.marks.crotch + 20,
        );
        if (!covered) return [{ code: 'seat', tone: 'note', pieces }];
      }
      return [{ code: 'runs', tone: 'works', pieces }];
    }
    const hem = hemOf(scene, lower);
    if (!hem || hem.defaulted) return [];
    const strip = Math.round(hem.heightMm - (shaft + heel));
    const measured = { value: strip, unit: 'mm', most: at.above } as const;
    return strip <= at.above
      ? [{ code: 'meets', tone: 'works', pieces, measured }]
      : [{ code: 'far', tone: 'fights', pieces, measured }];
  },
  examples: [
    [
      {
        title: 'Pale slim trousers into black boots',
        look: [
          solid('trousers', '#d3c5ab', { cut: { leg: 'slim' }, mode: 'into-boots' }),
          solid('tall-boot', '#17171a'),
        ],
        expect: 'fights',
      },
      {
        title: 'Black slim trousers into them',
        look: [
          solid('trousers', '#1a1a1e', { cut: { leg: 'slim' }, mode: 'into-boots' }),
          solid('tall-boot', '#17171a'),
        ],
        expect: 'works',
      },
    ],
  ],
});
