import { measure, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { inSlot } from '../fields';
import { solid } from '../given';

const isWideBelow = ({ piece, slot, effects }: Worn): boolean =>
  (piece.cut.leg === 'wide' || piece.cut.leg === 'flare' || piece.cut.silhouette === 'full') &&
  (slot === 'bottom' || slot === 'whole') &&
  effects.leg !== 'in the boot' &&
  effects.leg !== 'cuffed';

const words = wording({
  ends: (_, say) => `Tuck in the ends of ${say.the()}: they could catch.`,
  wide: (_, say) =>
    `${say.the()} could catch in a chain or a wheel. Clip or cuff ${say.it()}, or choose a closer leg.`,
  sleeves: (_, say) => `Mind the full sleeves of ${say.the()} near flames and moving parts.`,
});
type Said = FoundBy<typeof words>;

/** K6: trailing ends, pins and full sleeves where something turns or burns. A caution, never a verdict. */
export const safety = defineRule({
  id: 'K6',
  facet: 'K',
  title: 'Safety',
  question: 'Can something catch, trail or slip?',
  thresholds: {
    trail: { value: 450, unit: 'mm', says: 'Ends longer than this trail.', min: 200, max: 900 },
    cycling: { value: 3.5, unit: 'met', says: 'From this activity somebody is cycling.', min: 2, max: 6 },
  },
  words,
  reads: () => ({
    of: (worn) => [
      worn.slot === 'scarf' && (measure(worn, 'lengthFlat')?.mm ?? 1800),
      isWideBelow(worn),
      worn.piece.cut.sleeveVolume === 'full',
    ],
  }),
  find(scene, at) {
    const { occasion } = scene;
    const said: Said[] = [];
    const moving =
      (occasion?.activityMet ?? 0) >= at.cycling ||
      /cycl|\bbik(?:e|es|ing)\b|scooter|workshop|machine|escalator|stove|kitchen|\bfires?\b|fireside|bonfire|campfire|\blathe|\bforge\b|weld/i.test(
        [occasion?.title, occasion?.place, ...(occasion?.carry ?? [])].join(' '),
      );
    if (!moving) return [];
    for (const scarf of inSlot(scene, 'scarf')) {
      const ends = (measure(scarf, 'lengthFlat')?.mm ?? 1800) / 2 - 350;
      if (ends > at.trail)
        said.push({
          code: 'ends',
          tone: 'note',
          pieces: ids(scarf),
          measured: { value: ends, unit: 'mm', most: at.trail },
        });
    }
    const wide = scene.pieces.find(isWideBelow);
    if (wide) said.push({ code: 'wide', tone: 'note', pieces: ids(wide) });
    const sleeves = scene.pieces.find(({ piece }) => piece.cut.sleeveVolume === 'full');
    if (sleeves) said.push({ code: 'sleeves', tone: 'note', pieces: ids(sleeves) });
    return said;
  },
  examples: [
    [
      {
        title: 'A long scarf on a bicycle',
        look: [solid('scarf', '#b3222e', { measures: { lengthFlat: 2000 } })],
        occasion: { activityMet: 4 },
        expect: 'note',
      },
      {
        title: 'A short one',
        look: [solid('scarf', '#b3222e', { measures: { lengthFlat: 900 } })],
        occasion: { activityMet: 4 },
        expect: 'silent',
      },
    ],
  ],
});
