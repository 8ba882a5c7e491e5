import { deltaEHex, hue, hueApart, isNeutral, lab } from '../../colour';
import { textureFamily, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { isChromatic, isMain, isVivid, mainHex } from '../fields';
import { solid } from '../given';
import type { Schools } from '../../client';
import { metIn, pairTable, type Picked, wholeOf } from '../reads';

/** Shoes, bag, belt and watch strap: what is usually hide. */
const isHide = (worn: Worn): boolean =>
  ((worn.slot === 'shoes' && !worn.facts.sporty) ||
    ['bag', 'belt'].includes(worn.slot) ||
    (worn.slot === 'watch' && textureFamily(worn.piece.fabric) === 'hide')) &&
  // A vivid one is the accent of the look, not its leather.
  !(isChromatic(worn, { hex: mainHex(worn) }) && isVivid(mainHex(worn), 35));

/** What accompanies the look. */
const isExtra = (worn: Worn): boolean =>
  worn.slot === 'shoes' || (!worn.facts.main && worn.slot !== 'legwear' && worn.slot !== 'beneath');

interface Limits {
  readonly match: number;
  readonly depth: number;
  readonly near: number;
  readonly many: number;
}

const words = wording({
  crowd: (_, say) =>
    `${say.number(say.count, 'accessory', 'accessories')} in one ${say.word('colour')} look bought as a set. Change one.`,
  match: (_, say) => `${say.the()} match.`,
  mismatch: (_, say) => `${say.the()} don’t match.`,
  stray: (_, say) =>
    `${say.the()} ${say.verb('share')} neither depth nor ${say.word('colour')} with anything else.`,
  together: (_, say) => `${say.the()} go well together.`,
  contrast: (_, say) => `One contrast, ${say.the(0)}, and it looks meant.`,
  alike: () => 'All the leather goods match. Let one differ.',
  scattered: () => 'The leather goods all go their own way.',
});
type Code = FoundBy<typeof words>['code'];

const WORKS: readonly Code[] = ['match', 'together', 'contrast'];
const toneOf = (code: Code): 'works' | 'note' => (WORKS.includes(code) ? 'works' : 'note');

/** C7: shoes, bag and belt by the client's school. */
export const hides = defineRule({
  id: 'C7',
  facet: 'C',
  title: 'Leather goods',
  question: 'Do shoes, bag and belt go together?',
  thresholds: {
    match: { value: 8, unit: 'ΔE', says: 'School match: within this they are one.', min: 3, max: 20 },
    depth: {
      value: 15,
      unit: 'ΔL*',
      says: 'School coordinate: within this they have one depth.',
      min: 5,
      max: 30,
    },
    near: {
      value: 12,
      unit: 'ΔE',
      says: 'Within this a leather piece repeats a colour of the look.',
      min: 4,
      max: 25,
    },
    many: {
      value: 4,
      unit: 'pieces',
      says: 'From this many accessories in one colour it is too much.',
      min: 3,
      max: 8,
    },
  },
  words,
  reads: ({ schools }, at) => ({
    tally: (pool) => {
      const find = hidesOf(pool, at, schools.hides);
      return (look, says) => find(look, (code) => says[toneOf(code)]++);
    },
  }),
  find({ pieces, schools }, at) {
    const said: FoundBy<typeof words>[] = [];
    hidesOf(
      pieces,
      at,
      schools.hides,
    )(wholeOf(pieces), (code, place) => {
      const about = pieces.filter((_worn, i) => i === place);
      const others = pieces.filter((worn) => isHide(worn) && !about.includes(worn));
      const of = code === 'crowd' ? crowdOf(pieces, at) : code === 'stray' ? about : [...about, ...others];
      said.push({ code, tone: toneOf(code), pieces: ids(...of) });
    });
    return said;
  },
  examples: [
    [
      {
        title: 'Brown shoes and a brown belt',
        look: [solid('loafer', '#5f4331'), solid('belt', '#5b4030'), solid('trousers', '#84868a')],
        expect: 'works',
      },
      {
        title: 'Brown shoes and a white belt',
        look: [solid('loafer', '#5f4331'), solid('belt', '#fbfbf9'), solid('trousers', '#84868a')],
        expect: 'note',
      },
    ],
  ],
});

/** Two hides that match: one colour, and one hue where there is one. */
function goes(a: Worn, b: Worn, match: number): boolean {
  const [p, q] = [mainHex(a), mainHex(b)];
  return a === b || (deltaEHex(p, q) < match && (isNeutral(p) || hueApart(hue(lab(p)), hue(lab(q))) < 30));
}

const sameDepth = (a: Worn, b: Worn, depth: number): boolean =>
  a !== b && Math.abs(lab(mainHex(a)).l - lab(mainHex(b)).l) < depth;

/** A main piece that wears the colour of a hide. */
const repeats = (main: Worn, hide: Worn, near: number): boolean =>
  isMain(main) && main.swatches.some(({ hex }) => deltaEHex(hex, mainHex(hide)) <= near);

/** Accessories of which so many are in one colour that they look bought as a set. */
const crowdOf = (pieces: readonly Worn[], at: Limits): Worn[] => {
  const extras = pieces.filter(isExtra);
  return extras.filter((worn) => extras.filter((other) => isOne(worn, other, at)).length >= at.many);
};
const isOne = (a: Worn, b: Worn, { match }: Limits): boolean => deltaEHex(mainHex(a), mainHex(b)) <= match;

/** Says of a look what its leather goods do, and the place in the pool of the one it is about. */
function hidesOf(
  pool: readonly Worn[],
  at: Limits,
  school: Schools['hides'],
): (look: Picked, say: (code: Code, place?: number) => void) => void {
  const size = pool.length;
  const hide = Uint8Array.from(pool, (worn) => (isHide(worn) ? 1 : 0));
  const extra = Uint8Array.from(pool, (worn) => (isExtra(worn) ? 1 : 0));
  const same = pairTable(pool, (a, b) => isExtra(a) && isExtra(b) && isOne(a, b, at));
  const kin = pairTable(
    pool,
    school === 'coordinate'
      ? (worn, other) =>
          isHide(worn) &&
          ((isHide(other) && sameDepth(worn, other, at.depth)) || repeats(other, worn, at.near))
      : (a, b) => isHide(a) && isHide(b) && goes(a, b, at.match),
  );
  return (look, say) => {
    const { picks, count } = look;
    let [hides, extras] = [0, 0];
    for (let i = 0; i < count; i++) {
      hides += hide[picks[i] as number] as number;
      extras += extra[picks[i] as number] as number;
    }
    if (extras >= at.many)
      for (let i = 0; i < count; i++)
        if (metIn(same, size, look, i) >= at.many) {
          say('crowd');
          break;
        }
    if (hides < 2) return;
    // Each matches itself: one that meets one alone matches nothing else.
    let [alone, odd, strays, stray] = [0, -1, 0, -1];
    for (let i = 0; i < count; i++) {
      const p = picks[i] as number;
      if (hide[p] === 0) continue;
      const met = metIn(kin, size, look, i);
      if (met === 1 && alone++ === 0) odd = p;
      if (met < (school === 'match' ? hides : 1) && strays++ === 0) stray = p;
    }
    if (school === 'match') say(strays === 0 ? 'match' : 'mismatch');
    else if (school === 'coordinate') {
      if (strays === 0) say('together');
      else say('stray', stray);
    } else if (alone === 1 || (alone === 2 && hides === 2)) say('contrast', odd);
    else say(alone === 0 ? 'alike' : 'scattered');
  };
}
