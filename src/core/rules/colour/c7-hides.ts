import { deltaE, deltaEHex, hue, hueApart, isNeutral, lab } from '../../colour';
import { textureFamily, type Worn } from '../../piece';
import { defineRule } from '../define';
import { mainHex, mainsOf } from '../fields';
import { solid } from '../given';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';

/** Shoes, bag, belt and watch strap: what is usually hide. */
const isHide = (worn: Worn): boolean =>
  ['shoes', 'bag', 'belt'].includes(worn.slot) ||
  (worn.slot === 'watch' && textureFamily(worn.piece.fabric) === 'hide');

/** C7: shoes, bag and belt by the client's school. */
export const hides = defineRule({
  id: 'C7',
  facet: 'C',
  title: 'Hides',
  question: 'Do shoes, bag and belt get on?',
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
      says: 'Within this a hide repeats a colour of the look.',
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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  evaluate(scene, at) {
    const found = scene.pieces.filter(isHide);
    const extras = scene.pieces.filter((worn) => !worn.facts.main || worn.slot === 'shoes');
    const said: Said[] = [];
    const crowd = extras.filter(
      (worn) =>
        extras.filter((other) => deltaEHex(mainHex(worn), mainHex(other)) <= at.match).length >= at.many,
    );
    if (crowd.length > 0)
      said.push({
        tone: 'note',
        pieces: crowd.map(({ piece }) => piece.id),
        text: `${crowd.length} accessories in one colour look bought together; let one differ.`,
      });
    if (found.length < 2) return said;
    const pieces = found.map(({ piece }) => piece.id);
    const odd = found.filter((worn) => found.some((other) => !goes(worn, other)));
    const { hides: school } = scene.schools;
    if (school === 'match') {
      said.push(
        odd.length === 0
          ? { tone: 'works', pieces, text: `${named(...found)} match.` }
          : { tone: 'note', pieces, text: `${named(...found)} do not match.` },
      );
    } else if (school === 'coordinate') {
      const stray = found.find((worn) => !sits(worn));
      said.push(
        stray
          ? {
              tone: 'note',
              pieces: [stray.piece.id],
              text: `${named(stray)} shares neither depth nor colour with anything.`,
            }
          : { tone: 'works', pieces, text: `${named(...found)} go together.` },
      );
    } else {
      const alone = found.filter((worn) => found.every((other) => other === worn || !goes(worn, other)));
      said.push(
        alone.length === 1 || (found.length === 2 && alone.length === 2)
          ? {
              tone: 'works',
              pieces,
              text: `${named(alone[0] ?? (found[0] as Worn))} is the welcome odd one.`,
            }
          : {
              tone: 'note',
              pieces,
              text:
                alone.length === 0
                  ? 'All the hides match; one might differ.'
                  : 'Every hide goes its own way.',
            },
      );
    }
    return said;

    function goes(a: Worn, b: Worn): boolean {
      const [p, q] = [lab(mainHex(a)), lab(mainHex(b))];
      return a === b || (deltaE(p, q) < at.match && (isNeutral(mainHex(a)) || hueApart(hue(p), hue(q)) < 30));
    }
    function sits(worn: Worn): boolean {
      const own = lab(mainHex(worn));
      return (
        found.some((other) => other !== worn && Math.abs(lab(mainHex(other)).l - own.l) < at.depth) ||
        mainsOf(scene).some((main) => main.swatches.some(({ hex }) => deltaE(lab(hex), own) <= at.near))
      );
    }
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
