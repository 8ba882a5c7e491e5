import { deltaEHex } from '../../colour';
import { hemHeight } from '../../figure';
import { measure } from '../../piece';
import { defineRule } from '../define';
import { hemOf, mainHex, oneIn } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { wholeIn } from '../reads';

/** P7: what goes with a tall boot. */
export const tallBoots = defineRule({
  id: 'P7',
  facet: 'P',
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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    needs: ({ piece }) => piece.category === 'tall-boot',
    of: (worn) =>
      worn.piece.category === 'tall-boot' ? worn : wholeIn('bottom', 'whole', 'top', 'shoes')(worn),
  }),
  evaluate(scene, at) {
    const boot = scene.pieces.find(({ piece }) => piece.category === 'tall-boot');
    const [bottom, whole] = [oneIn(scene, 'bottom'), oneIn(scene, 'whole')];
    if (!boot || (!bottom && !whole)) return [];
    const shaft = measure(boot, 'shaft')?.mm ?? 380;
    const heel = measure(boot, 'heel')?.mm ?? 0;
    const lower = bottom ?? whole;
    if (!lower) return [];
    const pieces = [boot.piece.id, lower.piece.id];
    const legs = ['trousers', 'jeans', 'leggings'].includes(lower.piece.category);
    if (legs) {
      const tucked = lower.mode.id === 'into-boots' || lower.piece.category === 'leggings';
      if (!tucked) return [];
      const slim =
        lower.piece.category === 'leggings' || ['skinny', 'slim'].includes(lower.piece.cut.leg ?? '');
      const apart = deltaEHex(mainHex(lower), mainHex(boot));
      if (!slim)
        return [
          {
            tone: 'fights',
            pieces,
            text: `${named(lower)} is too wide to go into ${named(boot)}; a slim leg, or worn over.`,
          },
        ];
      if (apart > at.near)
        return [
          {
            tone: 'fights',
            pieces,
            measured: `ΔE ${apart.toFixed(0)}; up to ${at.near}`,
            text: `${named(lower)} tucked into ${named(boot)} wants its colour near the boot.`,
          },
        ];
      if (shaft > scene.marks.knee) {
        const top = oneIn(scene, 'top');
        const hem = top && hemHeight(top, scene.marks);
        if (hem === undefined || hem > scene.marks.crotch + 20)
          return [
            {
              tone: 'fights',
              pieces,
              text: `Over the knee, ${named(boot)} wants a top that covers the seat.`,
            },
          ];
      }
      return [{ tone: 'works', pieces, text: `${named(lower)} runs on into ${named(boot)}.` }];
    }
    const hem = hemOf(scene, lower);
    if (!hem || hem.defaulted) return [];
    const strip = Math.round(hem.heightMm - (shaft + heel));
    const measured = `${strip} mm above the shaft; up to ${at.above} mm, or over it`;
    return strip <= at.above
      ? [{ tone: 'works', pieces, measured, text: `${named(lower)} meets ${named(boot)}.` }]
      : [{ tone: 'fights', pieces, measured, text: `${named(lower)} ends too far above ${named(boot)}.` }];
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
