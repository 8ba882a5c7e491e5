import { CLOTHES_MOST_CLO, ensembleClo, holdsPmv, minutesWarm, pmv, requiredClo } from '../../weather';
import { defineRule } from '../define';
import { inSlot } from '../fields';
import { solid } from '../given';
import { named, type Said, USUAL_WEIGHT } from '../rule';

/** What comes off indoors. */
const COATS: readonly string[] = ['coat', 'raincoat', 'cape'];

/** W1: warm enough, and not too warm, where the occasion is. */
export const warmth = defineRule({
  id: 'W1',
  facet: 'W',
  title: 'Warmth',
  question: 'Is it warm enough, and not too warm?',
  thresholds: {
    vote: { value: 0.7, unit: 'PMV', says: 'Indoors: within this it is comfortable.', min: 0.2, max: 2 },
    slack: {
      value: 0.5,
      unit: 'clo',
      says: 'Outdoors: this much more or less still does.',
      min: 0.1,
      max: 1.5,
    },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source:
    'ISO 9920 (ensembles), ISO 7730 (indoors, radiant = air); outdoors Burton & Edholm, "Man in a Cold Environment" (1955).',
  reads: ({ occasion }) =>
    occasion
      ? {
          of: (worn) => [
            worn.clo,
            COATS.includes(worn.piece.category),
            ['top', 'bottom', 'whole', 'layer'].includes(worn.slot) && worn.slot,
          ],
        }
      : 'nothing',
  evaluate(scene, at) {
    const { occasion, pieces } = scene;
    const clo = ensembleClo(pieces);
    if (!occasion || clo === undefined) return [];
    const said: Said[] = [];
    const met = occasion.activityMet ?? 1.2;
    const layers = inSlot(scene, 'layer');
    const { indoorC, outdoorC, humidityPct, windMs = 1 } = occasion;
    if (indoorC !== undefined) {
      // Indoors a coat comes off; what is beneath is judged.
      const inside = pieces.filter(({ piece }) => !COATS.includes(piece.category));
      const worn = ensembleClo(inside) ?? clo;
      const climate = { airC: indoorC, radiantC: indoorC, airMs: 0.1, humidityPct, met, clo: worn };
      if (!holdsPmv(climate))
        said.push({
          tone: 'note',
          pieces: [],
          cannotTell: true,
          text: `Cannot tell for ${indoorC} °C indoors: out of the range of the standard.`,
        });
      else {
        const vote = pmv(climate);
        const measured = `${worn.toFixed(2)} clo at ${indoorC} °C: PMV ${vote.toFixed(1)}; ±${at.vote} is comfortable`;
        said.push(
          Math.abs(vote) <= at.vote
            ? { tone: 'works', pieces: [], measured, text: 'Comfortable indoors.' }
            : {
                tone: 'note',
                pieces: vote > 0 && layers[0] ? [layers[0].piece.id] : [],
                measured,
                text:
                  vote > 0
                    ? `Warm indoors${layers[0] ? `; ${named(layers[0])} may come off` : ''}.`
                    : 'Cool indoors; one layer more.',
              },
        );
      }
    }
    if (outdoorC !== undefined && outdoorC < 20) {
      const wanted = requiredClo(outdoorC, windMs, met);
      const minutes = minutesWarm(outdoorC, windMs, met, clo);
      const measured = `${clo.toFixed(2)} clo; ${wanted.toFixed(1)} wanted at ${outdoorC} °C, ${windMs} m/s, ${met} met`;
      if (wanted > CLOTHES_MOST_CLO)
        said.push({
          tone: 'note',
          pieces: [],
          measured,
          text: 'Too cold for clothes alone: shelter and movement count here.',
        });
      else if (clo < wanted - at.slack)
        said.push({
          tone: 'note',
          pieces: [],
          measured,
          text: `Cool outdoors after about ${Math.round(minutes / 5) * 5} minutes; one layer more.`,
        });
      else if (clo > wanted + at.slack * 2 && layers[0])
        said.push({
          tone: 'note',
          pieces: [layers[0].piece.id],
          measured,
          text: `Warm outdoors; ${named(layers[0])} may stay at home.`,
        });
      else said.push({ tone: 'works', pieces: [], measured, text: 'Warm enough outdoors.' });
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
