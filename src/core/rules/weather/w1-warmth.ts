import { CLOTHES_MOST_CLO, ensembleClo, holdsPmv, minutesWarm, pmv, requiredClo } from '../../weather';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { inSlot } from '../fields';
import { solid } from '../given';
import { PEEL } from './w2-peel';

const words = wording({
  'unknown-indoors': ({ celsius }: { celsius: number }, say) =>
    `Can’t tell for ${say.warmth(celsius)} indoors: the standard does not reach that far.`,
  indoors: () => 'Comfortable indoors.',
  'warm-indoors': (_, say) => (say.count > 0 ? `Warm indoors; ${say.the()} can come off.` : 'Warm indoors.'),
  'cool-indoors': () => 'Cool indoors: add a layer.',
  'too-cold': () => 'Too cold for clothes alone; shelter and movement count here.',
  'cool-outdoors': ({ minutes }: { minutes: number }) =>
    `Cool outdoors after about ${minutes} minutes: add a layer.`,
  'warm-outdoors': (_, say) => `Warm outdoors; leave ${say.the()} at home.`,
  outdoors: () => 'Warm enough outdoors.',
});
type Said = FoundBy<typeof words>;

/** A gentle walk, met: ISO 8996 table, about 2.0 at 3 km/h; from memory. */
const WALKING_MET = 2;

/** W1: warm enough, and not too warm, where the occasion is. */
export const warmth = defineRule({
  id: 'W1',
  facet: 'W',
  title: 'Warmth',
  question: 'Is it warm enough, and not too warm?',
  thresholds: {
    clearly: {
      value: 1.4,
      unit: 'PMV',
      says: 'Beyond this it is said to be cool or warm indoors.',
      min: 0.5,
      max: 3,
    },
    vote: { value: 0.7, unit: 'PMV', says: 'Indoors: within this it is comfortable.', min: 0.2, max: 2 },
    slack: {
      value: 0.5,
      unit: 'clo',
      says: 'Outdoors: this much more or less still does.',
      min: 0.1,
      max: 1.5,
    },
  },
  source:
    'ISO 9920 (ensembles), ISO 7730 (indoors, radiant = air); outdoors Burton & Edholm, "Man in a Cold Environment" (1955).',
  words,
  reads: ({ occasion }) =>
    occasion
      ? {
          of: (worn) => [
            worn.clo,
            worn.facts.outer,
            ['top', 'bottom', 'whole', 'layer'].includes(worn.slot) && worn.slot,
          ],
        }
      : 'nothing',
  find(scene, at) {
    const { occasion, pieces } = scene;
    const clo = ensembleClo(pieces);
    if (!occasion || clo === undefined) return [];
    const said: Said[] = [];
    const met = occasion.activityMet ?? 1.2;
    // Out of doors one walks, unless it is said that one stands.
    const outdoorMet = occasion.activityMet ?? WALKING_MET;
    const layers = inSlot(scene, 'layer');
    const { indoorC, outdoorC, humidityPct, windMs = 1 } = occasion;
    if (indoorC !== undefined) {
      // Indoors a coat comes off; what is beneath is judged.
      const inside = pieces.filter(({ facts }) => !facts.outer);
      const worn = ensembleClo(inside) ?? clo;
      const climate = { airC: indoorC, radiantC: indoorC, airMs: 0.1, humidityPct, met, clo: worn };
      if (!holdsPmv(climate))
        said.push({
          code: 'unknown-indoors',
          tone: 'note',
          pieces: [],
          cannotTell: true,
          params: { celsius: indoorC },
        });
      else {
        const vote = pmv(climate);
        const measured = { value: vote, unit: 'PMV', least: -at.vote, most: at.vote } as const;
        // Between comfortable and clearly not there is nothing to say.
        if (Math.abs(vote) <= at.vote || Math.abs(vote) > at.clearly)
          said.push(
            Math.abs(vote) <= at.vote
              ? { code: 'indoors', tone: 'works', pieces: [], measured }
              : {
                  code: vote > 0 ? 'warm-indoors' : 'cool-indoors',
                  tone: 'note',
                  pieces: vote > 0 && layers[0] ? ids(layers[0]) : [],
                  measured,
                },
          );
      }
    }
    if (outdoorC !== undefined && outdoorC < 20) {
      const wanted = requiredClo(outdoorC, windMs, outdoorMet);
      const minutes = minutesWarm(outdoorC, windMs, outdoorMet, clo);
      const measured = { value: clo, unit: 'clo', least: wanted } as const;
      if (wanted > CLOTHES_MOST_CLO) said.push({ code: 'too-cold', tone: 'note', pieces: [], measured });
      // Without a layer worth the name W2 says that one is missing.
      else if (
        clo < wanted - at.slack &&
        (layers.some((layer) => layer.clo >= PEEL.layer) || (indoorC ?? outdoorC) - outdoorC < PEEL.apart)
      )
        said.push({
          code: 'cool-outdoors',
          tone: 'note',
          pieces: [],
          measured,
          params: { minutes: Math.round(minutes / 5) * 5 },
        });
      else if (clo > wanted + at.slack * 2 && layers[0])
        said.push({
          code: 'warm-outdoors',
          tone: 'note',
          pieces: ids(layers[0]),
          measured: { value: clo, unit: 'clo', most: wanted + at.slack * 2 },
        });
      else if (clo >= wanted - at.slack) said.push({ code: 'outdoors', tone: 'works', pieces: [], measured });
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A tee and trousers on a cold quay',
        look: [solid('tee', '#1f2a44'), solid('trousers', '#17171a'), solid('sneaker', '#fbfbf9')],
        occasion: { outdoorC: 6, windMs: 4, activityMet: 2 },
        expect: 'note',
      },
      {
        title: 'With a knit and a coat',
        look: [
          solid('tee', '#1f2a44'),
          solid('cardigan', '#84868a', { warmthClo: 0.37 }),
          solid('coat', '#1f2a44', { warmthClo: 0.8 }),
          solid('trousers', '#17171a', { warmthClo: 0.35 }),
          solid('ankle-boot', '#17171a'),
        ],
        occasion: { outdoorC: 6, windMs: 4, activityMet: 2 },
        expect: 'works',
      },
    ],
  ],
});
