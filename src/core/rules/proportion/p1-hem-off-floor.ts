import { measure, type Worn } from '../../piece';
import { defineRule } from '../define';
import { hemOf, knowsBody } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';
import { named, type Said, USUAL_WEIGHT } from '../rule';
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

/** P1: long hems stand just off the floor in the shoes worn. */
export const hemOffFloor = defineRule({
  id: 'P1',
  facet: 'P',
  title: 'Hem off the floor',
  question: 'Does a long hem stand where it should in these shoes?',
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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: 'Common practice, half to three quarters of an inch; no source.',
  reads: () => ({
    of: (worn) =>
      ['bottom', 'whole'].includes(worn.slot) || ['jumpsuit', 'skirt', 'coat'].includes(worn.piece.category)
        ? worn
        : heelOf(worn),
  }),
  evaluate(scene, at) {
    const said: Said[] = [];
    for (const worn of scene.pieces) {
      const hem = hemOf(scene, worn);
      const isLeg = worn.slot === 'bottom' || worn.piece.category === 'jumpsuit';
      const clearance = hem?.clearanceMm;
      if (!hem || worn.mode.id === 'into-boots' || worn.mode.id === 'cuffed') continue;
      const gown = worn.slot === 'whole' || worn.piece.category === 'skirt' || worn.piece.category === 'coat';
      if (isLeg && clearance !== undefined) {
        const reads = readsAs(worn, scene, at.thighEase);
        if (reads === 'other' || clearance > at.long) continue;
        if (hem.defaulted || !knowsBody(scene)) {
          // Where neither is known there is no question yet.
          if (hem.defaulted && !knowsBody(scene)) continue;
          said.push({
            tone: 'note',
            cannotTell: true,
            pieces: [worn.piece.id],
            text: `Cannot tell where ${named(worn)} ends: measure ${hem.defaulted ? 'its inseam' : 'the client’s inside leg'}.`,
          });
          continue;
        }
        const to = reads === 'wide' ? at.wideTo : at.straightTo;
        said.push(legSaid(worn, clearance, at.wideFrom, to, at.long));
      } else if (gown && !hem.defaulted && knowsBody(scene) && hem.heightMm < 40 && !worn.piece.cut.train) {
        if (hem.heightMm < 0)
          said.push({
            tone: 'fights',
            pieces: [worn.piece.id],
            measured: `${hem.heightMm} mm; from ${at.wideFrom} mm is wanted`,
            text: `${named(worn)} drags on the floor in these shoes.`,
          });
        else if (hem.heightMm < at.wideFrom)
          said.push({
            tone: 'note',
            pieces: [worn.piece.id],
            measured: `${hem.heightMm} mm; from ${at.wideFrom} mm is wanted`,
            text: `The hem of ${named(worn)} stands ${hem.heightMm} mm off the floor; it will be trodden on.`,
          });
        else
          said.push({
            tone: 'works',
            pieces: [worn.piece.id],
            measured: `${hem.heightMm} mm off the floor`,
            text: `${named(worn)} clears the floor.`,
          });
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

function legSaid(worn: Worn, clearance: number, from: number, to: number, long: number): Said {
  const measured = `${clearance} mm off the floor; ${from} to ${to} mm is wanted`;
  const pieces = [worn.piece.id];
  const allowance = measure(worn, 'hemAllowance')?.mm ?? 0;
  const heel = from - clearance;
  if (clearance < 0)
    return {
      tone: 'fights',
      pieces,
      measured,
      text: `${named(worn)} drags by ${-clearance} mm: a heel ${heel} mm higher, or a hem ${heel} mm shorter.`,
    };
  if (clearance < from)
    return {
      tone: 'note',
      pieces,
      measured,
      text: `The hem of ${named(worn)} stands ${clearance} mm off the floor; ${from} to ${to} mm is wanted.`,
    };
  if (clearance <= to)
    return {
      tone: 'works',
      pieces,
      measured,
      text: `The hem of ${named(worn)} stands right in these shoes.`,
    };
  const down = clearance - to;
  return {
    tone: 'note',
    pieces,
    measured,
    text: `${named(worn)} ends ${clearance} mm off the floor, ${down} mm short of right and not yet cropped (from ${long} mm)${allowance >= down ? `; its hem can be let down ${down} mm` : ''}.`,
  };
}
