import { deltaEHex, hue, hueApart, isNeutral, lab } from '../../colour';
import { textureFamily, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { isChromatic, isMain, isVivid, mainHex } from '../fields';
import { solid } from '../given';
import type { Schools } from '../../client';
import { metIn, pairTable, type Count } from '../reads';

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
    `${say.number(say.count, 'accessory', 'accessories')} in one colour look bought as a set. Change one.`,
  match: (_, say) => `${say.the()} match.`,
  mismatch: (_, say) => `${say.the()} don’t match.`,
  stray: (_, say) => `${say.the()} ${say.verb('share')} neither depth nor colour with anything else.`,
  together: (_, say) => `${say.the()} go well together.`,
  contrast: (_, say) => `One contrast, ${say.the(0)}, and it looks meant.`,
  alike: () => 'All the leather goods match. Let one differ.',
  scattered: () => 'The leather goods all go their own way.',
});
type Said = FoundBy<typeof words>;

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
  reads: ({ schools }, at) => ({ tally: (pool) => tallyHides(pool, at, schools.hides) }),
  find(scene, at) {
    const found = scene.pieces.filter(isHide);
    const extras = scene.pieces.filter(isExtra);
    const said: Said[] = [];
    const crowd =
      extras.length < at.many
        ? []
        : extras.filter(
            (worn) =>
              extras.filter((other) => deltaEHex(mainHex(worn), mainHex(other)) <= at.match).length >=
              at.many,
          );
    if (crowd.length > 0) said.push({ code: 'crowd', tone: 'note', pieces: ids(...crowd) });
    if (found.length < 2) return said;
    const pieces = ids(...found);
    const { hides: school } = scene.schools;
    if (school === 'match') {
      said.push(
        found.every((worn) => found.every((other) => goes(worn, other, at.match)))
          ? { code: 'match', tone: 'works', pieces }
          : { code: 'mismatch', tone: 'note', pieces },
      );
    } else if (school === 'coordinate') {
      const stray = found.find(
        (worn) =>
          !found.some((other) => sameDepth(worn, other, at.depth)) &&
          !scene.pieces.some((main) => repeats(main, worn, at.near)),
      );
      said.push(
        stray
          ? { code: 'stray', tone: 'note', pieces: ids(stray) }
          : { code: 'together', tone: 'works', pieces },
      );
    } else {
      const alone = found.filter((worn) =>
        found.every((other) => other === worn || !goes(worn, other, at.match)),
      );
      const [odd] = alone;
      said.push(
        odd && (alone.length === 1 || found.length === 2)
          ? { code: 'contrast', tone: 'works', pieces: ids(odd, ...found.filter((worn) => worn !== odd)) }
          : { code: odd ? 'scattered' : 'alike', tone: 'note', pieces },
      );
    }
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

/** The same counted over a pool. */
function tallyHides(pool: readonly Worn[], at: Limits, school: Schools['hides']): Count {
  const size = pool.length;
  const hide = Uint8Array.from(pool, (worn) => (isHide(worn) ? 1 : 0));
  const extra = Uint8Array.from(pool, (worn) => (isExtra(worn) ? 1 : 0));
  const same = pairTable(
    pool,
    (a, b) => isExtra(a) && isExtra(b) && deltaEHex(mainHex(a), mainHex(b)) <= at.match,
  );
  const match = pairTable(pool, (a, b) => isHide(a) && isHide(b) && goes(a, b, at.match));
  const sits = pairTable(
    pool,
    (worn, other) =>
      isHide(worn) && ((isHide(other) && sameDepth(worn, other, at.depth)) || repeats(other, worn, at.near)),
  );
  return (look, says) => {
    const { picks, count } = look;
    let [hides, extras] = [0, 0];
    for (let i = 0; i < count; i++) {
      hides += hide[picks[i] as number] as number;
      extras += extra[picks[i] as number] as number;
    }
    if (extras >= at.many)
      for (let i = 0; i < count; i++)
        if (metIn(same, size, look, i) >= at.many) {
          says.note++;
          break;
        }
    if (hides < 2) return;
    const table = school === 'coordinate' ? sits : match;
    let [alone, strays] = [0, 0];
    for (let i = 0; i < count; i++) {
      if (hide[picks[i] as number] === 0) continue;
      const met = metIn(table, size, look, i);
      if (met === 1) alone++;
      if (met < (school === 'match' ? hides : 1)) strays++;
    }
    const good = school === 'contrast' ? alone === 1 || (hides === 2 && alone === 2) : strays === 0;
    if (good) says.works++;
    else says.note++;
  };
}
