import { isTucked, type Worn } from '../../piece';
import { lab } from '../../colour';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { fieldsOf, isPrint } from '../fields';
import { solid } from '../given';

const words = wording({
  block: (_, say) =>
    `${say.the()} ${say.verb('be')} one large pale area. A scarf, a tuck or a longer layer would break it up.`,
});
type Said = FoundBy<typeof words>;

/** A loose plain top, or a day dress cut like one; trousers, skirts and ceremony dresses are no block. */
const isBlock = (worn: Worn): boolean =>
  !isPrint(worn) &&
  worn.piece.fabric.texture === 'smooth' &&
  worn.piece.volume !== 'close' &&
  (worn.slot === 'top' ||
    (worn.slot === 'whole' &&
      worn.facts.skirted &&
      ['shift', 'straight', undefined].includes(worn.piece.cut.silhouette) &&
      worn.piece.formality < 7));

/** A scarf, an open front, a belt or a tuck breaks it. */
const breaks = (worn: Worn): boolean =>
  worn.slot === 'scarf' ||
  worn.slot === 'belt' ||
  (worn.slot === 'layer' && worn.effects.front !== 'closed') ||
  worn.effects.waist !== undefined ||
  isTucked(worn);

/** P16: one large pale plain area, unbroken. */
export const block = defineRule({
  id: 'P16',
  facet: 'P',
  title: 'Block',
  question: 'Is one plain pale area too large?',
  thresholds: {
    area: { value: 0.45, unit: 'share', says: 'Larger than this is a block.', min: 0.3, max: 0.9 },
    pale: { value: 85, unit: 'L*', says: 'Paler than this counts.', min: 70, max: 95 },
  },
  words,
  reads: (_given, at) => ({
    of: (worn) => breaks(worn) || undefined,
    fields: () => [at.area],
    seen: (worn) => isBlock(worn) || undefined,
  }),
  find(scene, at) {
    if (scene.pieces.some(breaks)) return [];
    return fieldsOf(scene, at.area)
      .filter(({ worn, hex }) => lab(hex).l > at.pale && isBlock(worn))
      .map(({ worn, area }): Said => ({
        code: 'block',
        tone: 'note',
        pieces: ids(worn),
        measured: { value: area, unit: 'share', most: at.area },
      }));
  },
  examples: [
    [
      {
        title: 'A long white shirt dress alone',
        look: [solid('dress', '#fbfbf9', { measures: { length: 1150 } })],
        expect: 'note',
      },
      {
        title: 'With a long dark coat over it',
        look: [
          solid('dress', '#fbfbf9', { measures: { length: 1150 } }),
          solid('coat', '#1f2a44', { mode: 'buttoned', measures: { length: 1160 } }),
        ],
        expect: 'silent',
      },
    ],
  ],
});
