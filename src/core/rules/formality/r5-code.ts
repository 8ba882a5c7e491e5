import { chroma, colourName, colourNames, deltaE, lab } from '../../colour';
import { CATEGORIES, TEXTURES, type Worn, type Zone, ZONES } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { areaOf, isMain, mainsOf } from '../fields';
import { solid } from '../given';
import { type Scene } from '../scene';

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

const words = wording({
  bare: ({ occasion, zone }: { occasion: string; zone: Zone }, say) =>
    `${say.zones([zone])} ${say.zonesVerb('be', [zone])} bare; ${say.event(occasion)} asks for cover.`,
  banned: ({ occasion, word }: { occasion: string; word: string }, say) =>
    `${say.event(occasion)} rules out ${word}: ${say.the()}.`,
  black: ({ occasion }: { occasion: string }, say) =>
    `${say.event(occasion)} calls for all black; ${say.the()} ${say.verb('be')} not.`,
  missing: ({ occasion, word }: { occasion: string; word: string }, say) =>
    `${say.event(occasion)} calls for ${word}.`,
});
type Said = FoundBy<typeof words>;

/** R5: codes of work and occasion. They are the host's and the employer's, and stand. */
export const code = defineRule({
  id: 'R5',
  facet: 'R',
  title: 'Code',
  question: 'Does it keep to the code of the occasion?',
  mayOverrule: false,
  words,
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
  find(scene) {
    const { occasion, pieces } = scene;
    if (!occasion || pieces.length === 0) return [];
    const said: Said[] = [];
    for (const ban of occasion.bans) {
      if ((ZONES as readonly string[]).includes(ban)) {
        const covered = [...scene.cover.values()].some((zones) => zones.has(ban as (typeof ZONES)[number]));
        if (!covered)
          said.push({
            code: 'bare',
            tone: 'blocks',
            pieces: [],
            zone: ban as Zone,
            params: { occasion: occasion.title, zone: ban as Zone },
          });
        continue;
      }
      const hits = meaning(ban);
      const found = hits ? pieces.filter((worn) => hits(scene, worn)) : [];
      if (found.length > 0)
        said.push({
          code: 'banned',
          tone: 'blocks',
          pieces: ids(...found),
          params: { occasion: occasion.title, word: ban },
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
            code: 'black',
            tone: 'blocks',
            pieces: ids(...not),
            params: { occasion: occasion.title },
          });
        continue;
      }
      const hits = meaning(must);
      if (hits && !pieces.some((worn) => hits(scene, worn)))
        said.push({
          code: 'missing',
          tone: 'blocks',
          pieces: [],
          params: { occasion: occasion.title, word: must },
        });
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
