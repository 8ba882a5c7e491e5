import { chroma, deltaEHex, lab } from '../../colour';
import { defineRule } from '../define';
import { fieldsOf, isChromatic, isMain, isPrint, mainHex, mainsOf } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { isTonal, TONE_FIELD } from './c4-tonal';
import { above } from '../reads';
import { textureFamily } from '../../piece';

/** C3: plain main pieces want something that lifts them. */
export const plain = defineRule({
  id: 'C3',
  facet: 'C',
  title: 'Plain',
  question: 'When all is plain, does something lift it?',
  thresholds: {
    statement: {
      value: 2,
      unit: 'points',
      says: 'From this statement a piece lifts the look.',
      min: 1,
      max: 5,
    },
    chroma: { value: 25, unit: 'C*', says: 'Least chroma of an accent.', min: 10, max: 60 },
    apart: {
      value: 20,
      unit: 'ΔE',
      says: 'Least distance of an accent from the main pieces.',
      min: 8,
      max: 40,
    },
    least: { value: 0.02, unit: 'share', says: 'Least area of an accent.', min: 0.005, max: 0.1 },
    most: { value: 0.15, unit: 'share', says: 'Most area of an accent.', min: 0.05, max: 0.4 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: (_given, at) => ({
    silencedBy: (worn) => isMain(worn) && isPrint(worn),
    of: (worn) =>
      isMain(worn)
        ? [mainHex(worn), worn.piece.structure >= 2, worn.piece.statement >= at.statement]
        : worn.piece.statement >= at.statement || undefined,
    fields: (hex) => (chroma(lab(hex)) >= at.chroma ? [TONE_FIELD, at.least, above(at.most)] : [TONE_FIELD]),
    seen: ({ piece }) => [piece.fabric.texture === 'denim', textureFamily(piece.fabric)],
  }),
  evaluate(scene, at) {
    const mains = mainsOf(scene);
    if (mains.length === 0 || mains.some(isPrint) || isTonal(scene)) return [];
    const lifting = scene.pieces.find((worn) => worn.piece.statement >= at.statement);
    const accents = fieldsOf(scene, at.least).filter(
      ({ worn, hex, area }) =>
        area <= at.most &&
        isChromatic(worn, { hex }) &&
        chroma(lab(hex)) >= at.chroma &&
        mains.every((main) => main === worn || deltaEHex(mainHex(main), hex) >= at.apart),
    );
    const tint = mains.find((main) => {
      const colour = lab(mainHex(main));
      const c = chroma(colour);
      return (
        colour.l > 80 &&
        c >= 8 &&
        c <= 25 &&
        mains.some((other) => other !== main && other.piece.structure >= 2)
      );
    });
    for (const [i, one] of accents.entries()) {
      const stranger = accents
        .slice(i + 1)
        .find((other) => other.worn !== one.worn && deltaEHex(one.hex, other.hex) > at.apart);
      if (stranger)
        return [
          {
            tone: 'note',
            pieces: [one.worn.piece.id, stranger.worn.piece.id],
            text: `${named(one.worn, stranger.worn)} are two accents that have nothing to do with each other; keep one.`,
          },
        ];
    }
    const lift = accents[0]?.worn ?? lifting ?? tint;
    if (lift)
      return [{ tone: 'works', pieces: [lift.piece.id], text: `All plain, and ${named(lift)} lifts it.` }];
    return [
      {
        tone: 'note',
        pieces: [],
        text: 'Everything is plain. A print, one accent or one thing to look at would lift it.',
      },
    ];
  },
  examples: [
    [
      {
        title: 'A navy tee and stone trousers',
        look: [solid('tee', '#1f2a44', { statement: 0 }), solid('trousers', '#8a6f4a', { statement: 0 })],
        expect: 'note',
      },
      {
        title: 'The same with a red belt',
        look: [
          solid('tee', '#1f2a44', { statement: 0 }),
          solid('trousers', '#8a6f4a', { statement: 0 }),
          solid('belt', '#b3222e', { statement: 2 }),
        ],
        expect: 'works',
      },
    ],
  ],
});
