import { deltaE, lab } from '../../colour';
import { hemHeight, liftOf } from '../../figure';
import { measure } from '../../piece';
import { defineRule } from '../define';
import { knowsBody, mainHex, oneIn, waistbandOf } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
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
  const at = hem !== undefined && top.mode.id === 'untucked' ? hem : waist;
  const height = scene.body.heightMm + lift;
  const known = (measure(top, 'length')?.origin ?? 'defaulted') !== 'defaulted' || at === waist;
  return { share: (height - (at + lift)) / height, strength, known };
}

/** P4: the main break stands at a third, not in the middle. */
export const thirds = defineRule({
  id: 'P4',
  facet: 'P',
  title: 'Thirds',
  question: 'Does the main break stand at a third rather than the middle?',
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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: () => ({
    of: (worn) =>
      worn.slot === 'bottom'
        ? [mainHex(worn), worn.measures.rise]
        : worn.slot === 'top'
          ? worn
          : heelOf(worn),
  }),
  evaluate(scene, at) {
    const found = mainBreak(scene);
    const top = oneIn(scene, 'top');
    if (!found || !top || found.strength < at.strength) return [];
    const { share, known } = found;
    const measured = `at ${share.toFixed(2)} of the height; 0.30–0.42 or 0.58–0.70 is a third`;
    if (share >= 0.3 && share <= 0.42 && known)
      return [{ tone: 'works', pieces: [top.piece.id], measured, text: 'The break stands at a third.' }];
    if (share >= 0.58 && share <= 0.7 && known)
      return [
        { tone: 'works', pieces: [top.piece.id], measured, text: 'The break stands low, at two thirds.' },
      ];
    if (share < at.halfFrom || share > at.halfTo || !known || !knowsBody(scene)) return [];
    return [
      {
        tone: 'note',
        pieces: [top.piece.id],
        measured,
        text: `${named(top)} ends in the middle and halves the figure; tuck it, belt it, or take a shorter or longer one.`,
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
