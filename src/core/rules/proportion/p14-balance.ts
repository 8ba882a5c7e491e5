import type { Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { inSlot, isPrint, oneIn } from '../fields';
import { solid } from '../given';
import { hasWaist, waistReads } from './p5-volume';

/** Draws the eye: a print, a statement, a shine, a full shape. */
const draws = (worn: Worn): boolean =>
  isPrint(worn) ||
  worn.piece.statement >= 2 ||
  worn.piece.fabric.finish === 'sheen' ||
  worn.piece.volume === 'full';

const words = wording({
  there: ({ where }: { where: 'above' | 'below' }) => `The interest is ${where}, where it balances the line.`,
  elsewhere: ({ where }: { where: 'above' | 'below' }) => `Interest ${where} would balance the line.`,
  waist: () => 'The waist is marked.',
  'no-waist': () => 'A tuck, a belt or a seam would mark the waist.',
});
type Said = FoundBy<typeof words>;

/** Hip over bust of the ordinary figure, mm: 55 to 80 in size tables (EN 13402-3 letter codes, from memory). */
const HIP_OVER_BUST = 70;

/** P14: interest where the client's own line asks for it. School balance only; own it is silent. */
export const balance = defineRule({
  id: 'P14',
  facet: 'P',
  title: 'Balance',
  question: 'School balance: is the interest where the line wants it?',
  thresholds: {
    apart: {
      value: 40,
      unit: 'mm',
      says: 'A hip this far above or below what the size table gives for the bust wants balance.',
      min: 20,
      max: 150,
    },
    waist: {
      value: 180,
      unit: 'mm',
      says: 'A waist this much below both wants following.',
      min: 100,
      max: 300,
    },
  },
  words,
  reads: ({ schools }) =>
    schools.shape === 'balance'
      ? {
          of: (worn) => [
            ['top', 'layer', 'neck', 'scarf'].includes(worn.slot) && draws(worn),
            worn.slot === 'bottom' && draws(worn),
            ['top', 'whole'].includes(worn.slot) && worn.slot,
            waistReads(worn),
          ],
        }
      : 'nothing',
  find(scene, at) {
    const { bust, waist, hip } = scene.client.measures;
    if (scene.schools.shape !== 'balance' || bust === undefined || hip === undefined) return [];
    const upper = inSlot(scene, 'top', 'layer', 'neck', 'scarf').filter(draws);
    const lower = inSlot(scene, 'bottom').filter(draws);
    const said: Said[] = [];
    const speak = (good: readonly Worn[], other: readonly Worn[], where: 'above' | 'below'): void => {
      if (good.length > 0)
        said.push({ code: 'there', tone: 'works', pieces: ids(...good), params: { where } });
      else if (other.length > 0)
        said.push({ code: 'elsewhere', tone: 'note', pieces: ids(...other), params: { where } });
    };
    // The size table itself has the hip larger than the bust; what counts is how far a figure is from that.
    const beyond = hip - bust - HIP_OVER_BUST;
    if (beyond >= at.apart) speak(upper, lower, 'above');
    else if (-beyond >= at.apart) speak(lower, upper, 'below');
    if (waist !== undefined && Math.min(bust, hip) - waist >= at.waist && oneIn(scene, 'top', 'whole'))
      said.push(
        hasWaist(scene)
          ? { code: 'waist', tone: 'works', pieces: [] }
          : { code: 'no-waist', tone: 'note', pieces: [] },
      );
    return said;
  },
  examples: [
    [
      {
        title: 'A printed skirt under a plain top, school balance, fuller hip',
        look: [solid('tee', '#1f2a44', { statement: 0 }), solid('skirt', '#b3222e', { statement: 3 })],
        client: { measures: { bust: 900, hip: 1040 }, schools: { shape: 'balance' } },
        expect: 'note',
      },
      {
        title: 'The interest above instead',
        look: [solid('blouse', '#b3222e', { statement: 3 }), solid('skirt', '#1f2a44', { statement: 0 })],
        client: { measures: { bust: 900, hip: 1040 }, schools: { shape: 'balance' } },
        expect: 'works',
      },
    ],
  ],
});
