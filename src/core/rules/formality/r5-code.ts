import { chroma, colourName, colourNames, deltaE, lab } from '../../colour';
import { CATEGORIES, TEXTURES, type Worn, type Zone, ZONES } from '../../piece';
import { defineRule } from '../define';
import { areaOf, isMain, mainsOf } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';

/** Visible share from which a colour is there at all. */
const CODE_AREA = 0.1;

/** A word of a code as the rule can check it; undefined: kept and shown as not checked. */
function meaning(word: string): ((scene: Scene, worn: Worn) => boolean) | undefined {
  const said = word.trim().toLowerCase();
  if ((CATEGORIES as readonly string[]).includes(said)) return (_scene, { piece }) => piece.category === said;
  if ((TEXTURES as readonly string[]).includes(said))
    return (_scene, { piece }) => piece.fabric.texture === said;
  const named = colourNames.find(({ name }) => name === said);
  if (!named) return undefined;
  const wanted = lab(named.hex);
  // White means white and its neighbours: at a wedding an ivory dress is a white dress.
  const isWhite = ['white', 'ivory', 'cream'].includes(said);
  return (scene, worn) =>
    worn.facts.part !== 'none' &&
    worn.seen.some(({ hex, share }) => {
      const colour = lab(hex);
      const hit = isWhite
        ? colour.l > 88 && chroma(colour) < 16
        : colourName(hex) === said || deltaE(colour, wanted) < 10;
      return hit && share * areaOf(scene, worn) >= CODE_AREA;
    });
}

const isBlack = (hex: string): boolean => lab(hex).l < 22 && chroma(lab(hex)) < 8;

/** R5: codes of work and occasion. They are the host's and the employer's, and stand. */
export const code = defineRule({
  id: 'R5',
  facet: 'R',
  title: 'Code',
  question: 'Does it keep to the code of the occasion?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: false,
  source: COMMON_PRACTICE,
  reads: ({ occasion, coverOf }) => {
    const words = [...(occasion?.bans ?? []), ...(occasion?.musts ?? [])].map((word) =>
      word.trim().toLowerCase(),
    );
    if (words.length === 0) return 'nothing';
    return {
      fields: () => [CODE_AREA],
      seen: () => true,
      of: (worn) => [
        words.map((word) => [
          coverOf(worn).has(word as Zone),
          worn.piece.category === word,
          worn.piece.fabric.texture === word,
        ]),
        worn.facts.part === 'none',
        (isMain(worn) || worn.slot === 'shoes') && worn.seen.every(({ hex }) => isBlack(hex)),
        isMain(worn) || worn.slot === 'shoes',
      ],
    };
  },
  evaluate(scene) {
    const { occasion, pieces } = scene;
    if (!occasion || pieces.length === 0) return [];
    const said: Said[] = [];
    for (const ban of occasion.bans) {
      if ((ZONES as readonly string[]).includes(ban)) {
        const covered = [...scene.cover.values()].some((zones) => zones.has(ban as (typeof ZONES)[number]));
        if (!covered)
          said.push({
            tone: 'blocks',
            pieces: [],
            zone: ban as (typeof ZONES)[number],
            text: `${occasion.title}: ${ban} may not be bare.`,
          });
        continue;
      }
      const hits = meaning(ban);
      const found = hits ? pieces.filter((worn) => hits(scene, worn)) : [];
      if (found.length > 0)
        said.push({
          tone: 'blocks',
          pieces: found.map(({ piece }) => piece.id),
          text: `${occasion.title}: no ${ban}, and ${named(...found)} is.`,
        });
    }
    for (const must of occasion.musts) {
      if ((ZONES as readonly string[]).includes(must)) continue;
      if (must === 'all-black') {
        const not = [...mainsOf(scene), ...pieces.filter(({ slot }) => slot === 'shoes')].filter(
          (worn) => !worn.seen.every(({ hex }) => isBlack(hex)),
        );
        if (not.length > 0)
          said.push({
            tone: 'blocks',
            pieces: not.map(({ piece }) => piece.id),
            text: `${occasion.title} is in black; ${named(...not)} is not.`,
          });
        continue;
      }
      const hits = meaning(must);
      if (hits && !pieces.some((worn) => hits(scene, worn)))
        said.push({ tone: 'blocks', pieces: [], text: `${occasion.title}: ${must} is wanted.` });
    }
    return said;
  },
  examples: [
    [
      {
        title: 'A white dress at a wedding',
        look: [solid('dress', '#f6f1e6')],
        occasion: { title: 'The wedding', bans: ['white'] },
        expect: 'blocks',
      },
      {
        title: 'A sage dress at the same wedding',
        look: [solid('dress', '#a4b096')],
        occasion: { title: 'The wedding', bans: ['white'] },
        expect: 'silent',
      },
    ],
    [
      {
        title: 'Navy trousers where all is black',
        look: [solid('shirt', '#17171a'), solid('trousers', '#1f2a44')],
        occasion: { title: 'The concert', musts: ['all-black'] },
        expect: 'blocks',
      },
      {
        title: 'Black trousers',
        look: [solid('shirt', '#17171a'), solid('trousers', '#17171a')],
        occasion: { title: 'The concert', musts: ['all-black'] },
        expect: 'silent',
      },
    ],
  ],
});
