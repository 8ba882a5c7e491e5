import { deltaE, lab } from '../../colour';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids, TELLING_WEIGHT } from '../rule';
import { hemHeight, liftOf } from '../../figure';
import { isTrousered, measure, type Worn } from '../../piece';
import { knowsBody, mainHex, oneIn, waistbandOf } from '../fields';
import { heelOf } from '../reads';
import { solid } from '../given';
import { type Scene } from '../scene';

/**
 * Share of the height, in shoes, from the floor to where the eye sees the legs begin: the hem of a top worn over the
 * waistband, or the waistband. Undefined where the client's heights or the length of that top are not known.
 */
function visibleLeg(scene: Scene, bottom: Worn): number | undefined {
  if (!knowsBody(scene) || (measure(bottom, 'rise')?.origin ?? 'defaulted') === 'defaulted') return undefined;
  const lift = liftOf(scene.pieces);
  const band = waistbandOf(scene, 0);
  const top = oneIn(scene, 'top');
  const hem = top?.effects.tuck === 'out' ? hemHeight(top, scene.marks) : undefined;
  if (hem !== undefined && top && (measure(top, 'length')?.origin ?? 'defaulted') === 'defaulted')
    return undefined;
  return (Math.min(band, hem ?? band) + lift) / (scene.body.heightMm + lift);
}

const words = wording({
  runs: () => 'One unbroken line from waist to toe.',
  breaks: (_, say) => {
    const shoe = say.from(say.count - 1);
    return `${shoe.the()} ${shoe.verb('break')} the leg line. A shoe closer in ${say.word('colour')} lengthens the leg.`;
  },
});

/** P3: the line from waist to toe. */
export const legLine = defineRule({
  id: 'P3',
  facet: 'P',
  weight: TELLING_WEIGHT,
  title: 'Leg line',
  question: 'Is the line from waist to toe broken?',
  thresholds: {
    contrast: { value: 35, unit: 'ΔL*', says: 'From this the line is broken.', min: 15, max: 60 },
    shortLeg: {
      value: 0.45,
      unit: 'share',
      says: 'A leg that shows less than this of the height wants no break, whatever the goals.',
      min: 0.3,
      max: 0.55,
    },
    run: { value: 15, unit: 'ΔE', says: 'Within this it runs on.', min: 5, max: 30 },
  },
  words,
  reads: () => ({
    of: (worn) =>
      worn.slot === 'bottom'
        ? ['bottom', mainHex(worn), isTrousered(worn), worn.measures.rise]
        : worn.slot === 'shoes' || worn.slot === 'legwear'
          ? [worn.slot, mainHex(worn), heelOf(worn)]
          : worn.slot === 'top'
            ? worn
            : undefined,
  }),
  find(scene, at) {
    const [bottom, shoe] = [oneIn(scene, 'bottom'), oneIn(scene, 'shoes')];
    if (!bottom || !shoe) return [];
    const legwear = oneIn(scene, 'legwear');
    const chain = [bottom, ...(legwear ? [legwear] : []), shoe].map((worn) => lab(mainHex(worn)));
    // Brown on black breaks as well as white does: half of a large difference of colour counts as one of lightness.
    const breaks = chain
      .slice(1)
      .map((colour, i) =>
        Math.max(Math.abs(colour.l - (chain[i]?.l ?? 0)), deltaE(colour, chain[i] ?? colour) * 0.8),
      );
    const worst = Math.max(...breaks);
    const shown = visibleLeg(scene, bottom);
    const short = shown !== undefined && shown < at.shortLeg;
    const wants = scene.client.goals.includes('longer-leg') || short;
    const pieces = ids(bottom, ...(legwear ? [legwear] : []), shoe);
    const runs = chain.slice(1).every((colour, i) => deltaE(colour, chain[i] ?? colour) <= at.run);
    const covered = isTrousered(bottom) || legwear !== undefined;
    if (runs && covered) return [{ code: 'runs', tone: 'works', pieces }];
    if (worst > at.contrast && wants && covered)
      return [
        {
          code: 'breaks',
          tone: 'note',
          pieces,
          measured: { value: worst, unit: 'ΔL*', most: at.contrast },
        },
      ];
    return [];
  },
  examples: [
    [
      {
        title: 'Black trousers over white shoes, for a longer leg',
        look: [solid('trousers', '#17171a'), solid('sneaker', '#fbfbf9')],
        client: { goals: ['longer-leg'] },
        expect: 'note',
      },
      {
        title: 'The same over black shoes',
        look: [solid('trousers', '#17171a'), solid('loafer', '#1a1a1d')],
        client: { goals: ['longer-leg'] },
        expect: 'works',
      },
    ],
    [
      {
        title: 'A long tee over black trousers and white shoes: the leg shows less than 0.45 of the height',
        look: [
          solid('tee', '#84868a', { measures: { length: 760 } }),
          solid('trousers', '#17171a', { measures: { rise: 260, inseam: 780 } }),
          solid('sneaker', '#fbfbf9', { measures: { heel: 25 } }),
        ],
        client: { measures: { heightMm: 1680 } },
        expect: 'note',
      },
      {
        title: 'A short one, and the leg is long enough to bear the break',
        look: [
          solid('tee', '#84868a', { measures: { length: 470 } }),
          solid('trousers', '#17171a', { measures: { rise: 260, inseam: 780 } }),
          solid('sneaker', '#fbfbf9', { measures: { heel: 25 } }),
        ],
        client: { measures: { heightMm: 1680 } },
        expect: 'silent',
      },
    ],
  ],
});
