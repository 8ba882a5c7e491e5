import { measure, type Worn } from '../../piece';
import { defineRule } from '../define';
import { inSlot } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';

const isWideBelow = ({ piece, slot, mode }: Worn): boolean =>
  (piece.cut.leg === 'wide' || piece.cut.leg === 'flare' || piece.cut.silhouette === 'full') &&
  (slot === 'bottom' || slot === 'whole') &&
  mode.id !== 'into-boots' &&
  mode.id !== 'cuffed';

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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    of: (worn) => [
      worn.slot === 'scarf' && (measure(worn, 'lengthFlat')?.mm ?? 1800),
      isWideBelow(worn),
      worn.piece.cut.sleeveVolume === 'full',
    ],
  }),
  evaluate(scene, at) {
    const { occasion } = scene;
    const said: Said[] = [];
    const moving =
      (occasion?.activityMet ?? 0) >= at.cycling ||
      /cycl|bicycle|workshop|machine|escalator|stove|kitchen|fire/i.test(
        [occasion?.title, occasion?.place, ...(occasion?.carry ?? [])].join(' '),
      );
    if (!moving) return [];
    for (const scarf of inSlot(scene, 'scarf')) {
      const ends = (measure(scarf, 'lengthFlat')?.mm ?? 1800) / 2 - 350;
      if (ends > at.trail)
        said.push({
          tone: 'note',
          pieces: [scarf.piece.id],
          measured: `ends of ${Math.round(ends)} mm; up to ${at.trail} mm here`,
          text: `Tuck in the ends of ${named(scarf)}: they may catch.`,
        });
    }
    const wide = scene.pieces.find(isWideBelow);
    if (wide)
      said.push({
        tone: 'note',
        pieces: [wide.piece.id],
        text: `${named(wide)} may reach a chain or a wheel; clip, cuff, or choose closer.`,
      });
    const sleeves = scene.pieces.find(({ piece }) => piece.cut.sleeveVolume === 'full');
    if (sleeves)
      said.push({
        tone: 'note',
        pieces: [sleeves.piece.id],
        text: `The full sleeves of ${named(sleeves)} want care near flame and moving parts.`,
      });
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
