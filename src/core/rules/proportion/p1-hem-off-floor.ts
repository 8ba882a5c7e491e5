import { measure, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { hemOf, knowsBody } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';
import { heelOf } from '../reads';

/** A flare with little width below the thigh reads as a straight leg (P18). */
export function readsAs(worn: Worn, scene: Scene, ease: number): 'wide' | 'straight' | 'other' {
  const { leg } = worn.piece.cut;
  if (leg === 'wide') return 'wide';
  if (leg === 'flare' || leg === 'bootcut') {
    const thigh = measure(worn, 'thigh');
    const loose = thigh && thigh.origin !== 'defaulted' && thigh.mm - scene.body.thigh > ease;
    return loose ? 'straight' : 'wide';
  }
  return leg === 'straight' || leg === undefined || leg === 'barrel' ? 'straight' : 'other';
}

const words = wording({
  unknown: ({ measure: which }: { measure: 'inseam' | 'inside leg' }, say) =>
    `Can’t tell where ${say.the()} ${say.verb('end')}: measure ${which === 'inseam' ? `${say.its()} inseam` : 'the inside leg'}.`,
  'drags-heel': ({ lift }: { lift: number }, say) =>
    `${say.the()} ${say.verb('drag')} in these shoes. Take ${say.it()} up ${say.length(lift)}, or wear a heel that much higher.`,
  'far-too-long': (_, say) => `${say.the()} ${say.verb('be')} far too long. Choose a shorter leg.`,
  low: (_, say) => `${say.the()} all but ${say.verb('touch')} the floor in these shoes.`,
  right: (_, say) => `The hem of ${say.the()} is right for these shoes.`,
  between: ({ down }: { down?: number | undefined }, say) =>
    `${say.the()} ${say.verb('be')} neither full length nor cropped.${down === undefined ? '' : ` The hem can come down ${say.length(down)}.`}`,
  drags: (_, say) => `${say.the()} ${say.verb('drag')} on the floor in these shoes.`,
  trodden: (_, say) => `The hem of ${say.the()} is so low that it will get trodden on.`,
  clears: (_, say) => `${say.the()} ${say.verb('clear')} the floor.`,
});
type Said = FoundBy<typeof words>;

/** What may end near the floor. */
const hasLowHem = ({ slot, facts }: Worn): boolean =>
  slot === 'bottom' || slot === 'whole' || facts.legs !== undefined || facts.skirted || facts.outer;

/** P1: long hems stand just off the floor in the shoes worn. */
export const hemOffFloor = defineRule({
  id: 'P1',
  facet: 'P',
  title: 'Hem off the floor',
  question: 'Does a long hem clear the floor in these shoes?',
  thresholds: {
    wideFrom: { value: 10, unit: 'mm', says: 'Flare, wide, bootcut: from here.', min: 0, max: 40 },
    wideTo: { value: 20, unit: 'mm', says: 'Flare, wide, bootcut: to here.', min: 5, max: 60 },
    straightTo: { value: 35, unit: 'mm', says: 'Straight legs: to here.', min: 10, max: 80 },
    long: { value: 60, unit: 'mm', says: 'Above this it is a cropped leg.', min: 30, max: 120 },
    thighEase: {
      value: 60,
      unit: 'mm',
      says: 'A flare with more thigh ease reads straight (P18).',
      min: 20,
      max: 150,
    },
  },
  source: 'Common practice, half to three quarters of an inch; no source.',
  words,
  reads: () => ({
    of: (worn) => (hasLowHem(worn) ? worn : heelOf(worn)),
  }),
  find(scene, at) {
    const said: Said[] = [];
    for (const worn of scene.pieces) {
      const hem = hemOf(scene, worn);
      const isLeg = worn.slot === 'bottom' || worn.facts.legs !== undefined;
      const clearance = hem?.clearanceMm;
      if (!hem || worn.effects.leg === 'in the boot' || worn.effects.leg === 'cuffed') continue;
      const gown = worn.slot === 'whole' || worn.facts.skirted || worn.facts.outer;
      if (isLeg && clearance !== undefined) {
        const reads = readsAs(worn, scene, at.thighEase);
        if (reads === 'other' || clearance > at.long) continue;
        if (hem.defaulted || !knowsBody(scene)) {
          // Where neither is known there is no question yet.
          if (hem.defaulted && !knowsBody(scene)) continue;
          said.push({
            code: 'unknown',
            tone: 'note',
            cannotTell: true,
            pieces: ids(worn),
            params: { measure: hem.defaulted ? 'inseam' : 'inside leg' },
          });
          continue;
        }
        const to = reads === 'wide' ? at.wideTo : at.straightTo;
        said.push(legSaid(worn, clearance, at.wideFrom, to));
      } else if (gown && !hem.defaulted && knowsBody(scene) && hem.heightMm < 40 && !worn.piece.cut.train) {
        const measured = { value: hem.heightMm, unit: 'mm', least: at.wideFrom } as const;
        const pieces = ids(worn);
        if (hem.heightMm < 0) said.push({ code: 'drags', tone: 'fights', pieces, measured });
        else if (hem.heightMm < at.wideFrom) said.push({ code: 'trodden', tone: 'note', pieces, measured });
        else said.push({ code: 'clears', tone: 'works', pieces, measured });
      }
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A flare over flat shoes that drags',
        look: [
          solid('trousers', '#1f2a44', { cut: { leg: 'flare' }, measures: { inseam: 850 } }),
          solid('flat', '#17171a', { measures: { heel: 10 } }),
        ],
        client: { measures: { heightMm: 1700, insideLegLength: 790 } },
        expect: 'fights',
      },
      {
        title: 'The same over a heel of 75 mm',
        look: [
          solid('trousers', '#1f2a44', { cut: { leg: 'flare' }, measures: { inseam: 850 } }),
          solid('heel', '#17171a', { measures: { heel: 75 } }),
        ],
        client: { measures: { heightMm: 1700, insideLegLength: 790 } },
        expect: 'works',
      },
    ],
  ],
});

/** Beyond this no heel and no hem mends a leg that is too long, mm. Common practice, no source. */
const HOPELESS = 90;

function legSaid(worn: Worn, clearance: number, from: number, to: number): Said {
  const measured = { value: clearance, unit: 'mm', least: from, most: to } as const;
  const pieces = ids(worn);
  const allowance = measure(worn, 'hemAllowance')?.mm ?? 0;
  const lift = from - clearance;
  if (lift > HOPELESS) return { code: 'far-too-long', tone: 'fights', pieces, measured };
  if (clearance < 0) return { code: 'drags-heel', tone: 'fights', pieces, measured, params: { lift } };
  if (clearance < from) return { code: 'low', tone: 'note', pieces, measured };
  if (clearance <= to) return { code: 'right', tone: 'works', pieces, measured };
  const down = clearance - to;
  return {
    code: 'between',
    tone: 'note',
    pieces,
    measured,
    params: { down: allowance >= down ? down : undefined },
  };
}
