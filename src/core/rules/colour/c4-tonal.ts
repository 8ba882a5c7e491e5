import { deltaEHex, hueApart, lab } from '../../colour';
import { defineRule } from '../define';
import { wording } from '../finding';
import { type ColourFacts, fieldsOf, isMain } from '../fields';
import { solid } from '../given';

/** Least visible share of a colour that counts for the tone of a look. */
export const TONE_FIELD = 0.05;
/** Hues within this are one tone. */
const ONE_TONE = 35;

/**
 * One family of hue, or neutrals all through. A colour beside neutrals is an accent, unless most of the look wears it.
 */
export function isOneTone(fields: readonly ColourFacts[]): boolean {
  const coloured = fields.filter(({ chromatic }) => chromatic);
  if (coloured.length > 0 && coloured.length < fields.length && coloured.length < 2) return false;
  for (let i = 0; i < fields.length; i++) {
    const one = fields[i] as ColourFacts;
    if (!one.chromatic) continue;
    for (let j = i + 1; j < fields.length; j++) {
      const other = fields[j] as ColourFacts;
      if (other.chromatic && hueApart(one.hue, other.hue) > ONE_TONE) return false;
    }
  }
  return fields.length >= 2;
}

/** What keeps one tone alive: depth, three steps, or two kinds of cloth. */
function isAlive(fields: readonly ColourFacts[], depth: number): boolean {
  if (fields.some(({ cloth }) => cloth !== fields[0]?.cloth)) return true;
  const levels = fields.map(({ colour }) => colour.l);
  if (Math.max(...levels) - Math.min(...levels) >= depth) return true;
  const ladder = fields.map(({ hex }) => hex).sort((a, b) => lab(a).l - lab(b).l || (a < b ? -1 : 1));
  return (
    ladder.filter((hex, i) => ladder.slice(0, i).every((before) => deltaEHex(before, hex) > 3)).length >= 3
  );
}

const words = wording({
  alive: () => 'One tone, kept alive by depth and texture.',
  flat: () =>
    'One tone in one depth and one cloth looks flat. Go lighter or darker somewhere, or change a cloth.',
});

/** A suit, a twin set: one cloth on purpose. */
const isSet = (fields: readonly ColourFacts[]): boolean => {
  const sets = fields.filter(({ worn }) => isMain(worn)).map(({ worn }) => worn.piece.set);
  return sets.length >= 2 && sets[0] !== undefined && sets.every((set) => set === sets[0]);
};

const TONE = { alive: 'works', flat: 'note' } as const;

/** What C4 says of the colours of a look: one tone that lives, one in one depth and one cloth, or nothing. */
function tonalOf(fields: readonly ColourFacts[], depth: number): keyof typeof TONE | undefined {
  if (!isOneTone(fields)) return undefined;
  if (isAlive(fields, depth)) return 'alive';
  return isSet(fields) ? undefined : 'flat';
}

/** True where C4 finds it flat. */
export const isFlat = (fields: readonly ColourFacts[], depth = 15): boolean =>
  tonalOf(fields, depth) === 'flat';

/** C4: one tone, with depth or touch to keep it alive. */
export const tonal = defineRule({
  id: 'C4',
  facet: 'C',
  title: 'Tonal',
  question: 'If it is all one tone, is there depth or touch in it?',
  thresholds: {
    depth: { value: 15, unit: 'ΔL*', says: 'Difference of lightness that gives depth.', min: 5, max: 40 },
  },
  words,
  reads: (_given, at) => ({
    tally: () => (look, says) => {
      const code = tonalOf(look.reached(TONE_FIELD), at.depth);
      if (code) says[TONE[code]]++;
    },
  }),
  find(scene, at) {
    const code = tonalOf(fieldsOf(scene, TONE_FIELD), at.depth);
    return code ? [{ code, tone: TONE[code], pieces: [] }] : [];
  },
  examples: [
    [
      {
        title: 'A green knit and a green skirt of one depth and cloth',
        look: [solid('shirt', '#3c6d4b'), solid('skirt', '#3c7050')],
        expect: 'note',
      },
      {
        title: 'The same with a bottle green skirt',
        look: [solid('shirt', '#3c6d4b'), solid('skirt', '#173325')],
        expect: 'works',
      },
    ],
  ],
});
