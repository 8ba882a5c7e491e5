import { deltaE, lab } from '../../colour';
import { hemHeight, liftOf } from '../../figure';
import { measure } from '../../piece';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { knowsBody, mainHex, oneIn, waistbandOf } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';
import { heelOf } from '../reads';

/** The break that reads strongest, as a share of the height in shoes, from the crown down. */
function mainBreak(
  scene: Scene,
): { readonly share: number; readonly strength: number; readonly known: boolean } | undefined {
  const [top, bottom] = [oneIn(scene, 'top'), oneIn(scene, 'bottom')];
  if (!top || !bottom) return undefined;
  const [a, b] = [lab(mainHex(top)), lab(mainHex(bottom))];
  const strength = Math.max(Math.abs(a.l - b.l), deltaE(a, b));
  const lift = liftOf(scene.pieces);
  const hem = hemHeight(top, scene.marks);
  const waist = waistbandOf(scene, 0);
  const at = hem !== undefined && top.effects.tuck === 'out' ? hem : waist;
  const height = scene.body.heightMm + lift;
  const known = (measure(top, 'length')?.origin ?? 'defaulted') !== 'defaulted' || at === waist;
  return { share: (height - (at + lift)) / height, strength, known };
}

const words = wording({
  'short-long': () => 'Good proportions: short above, long below.',
  'long-short': () => 'Good proportions: long above, short below.',
  half: (_, say) =>
    `${say.the()} ${say.verb('cut')} the figure in half. Tuck, belt, or choose a shorter or longer one.`,
});

/** P4: the main break stands at a third, not in the middle. */
export const thirds = defineRule({
  id: 'P4',
  facet: 'P',
  title: 'Thirds',
  question: 'Is the outfit divided in thirds rather than halves?',
  thresholds: {
    halfFrom: {
      value: 0.46,
      unit: '× height',
      says: 'From here the break halves the figure.',
      min: 0.4,
      max: 0.5,
    },
    halfTo: { value: 0.54, unit: '× height', says: 'To here.', min: 0.5, max: 0.6 },
    strength: { value: 15, unit: 'ΔE', says: 'A weaker break is not seen.', min: 5, max: 40 },
  },
  words,
  reads: () => ({
    of: (worn) =>
      worn.slot === 'bottom'
        ? [mainHex(worn), worn.measures.rise]
        : worn.slot === 'top'
          ? worn
          : heelOf(worn),
  }),
  find(scene, at) {
    const found = mainBreak(scene);
    const top = oneIn(scene, 'top');
    if (!found || !top || found.strength < at.strength) return [];
    const { share, known } = found;
    const measured = (least: number, most: number) => ({ value: share, unit: 'share', least, most }) as const;
    if (share >= 0.3 && share <= 0.42 && known)
      return [{ code: 'short-long', tone: 'works', pieces: ids(top), measured: measured(0.3, 0.42) }];
    if (share >= 0.58 && share <= 0.7 && known)
      return [{ code: 'long-short', tone: 'works', pieces: ids(top), measured: measured(0.58, 0.7) }];
    if (share < at.halfFrom || share > at.halfTo || !known || !knowsBody(scene)) return [];
    return [
      {
        code: 'half',
        tone: 'note',
        pieces: ids(top),
        measured: measured(0.3, 0.42),
      },
    ];
  },
  examples: [
    [
      {
        title: 'A white shirt worn loose to the middle over black trousers',
        look: [
          solid('shirt', '#fbfbf9', { mode: 'untucked', measures: { length: 650 } }),
          solid('trousers', '#17171a', { measures: { rise: 290, inseam: 780 } }),
        ],
        client: { measures: { heightMm: 1700 } },
        expect: 'note',
      },
      {
        title: 'The same shirt tucked',
        look: [
          solid('shirt', '#fbfbf9', { mode: 'full-tuck', measures: { length: 650 } }),
          solid('trousers', '#17171a', { measures: { rise: 290, inseam: 780 } }),
        ],
        client: { measures: { heightMm: 1700 } },
        expect: 'works',
      },
    ],
  ],
});
