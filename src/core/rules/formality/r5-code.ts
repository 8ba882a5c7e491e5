import { chroma, lab } from '../../colour';
import type { Worn, Zone } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { areaOf, coveredZones, isMain, mainsOf } from '../fields';
import { solid } from '../given';
import { type CodeWord, codeWord } from './code-word';
import { type Scene } from '../scene';

/** Visible share from which a colour is there at all. */
const CODE_AREA = 0.1;

/** Whether enough of a colour shows on a piece. */
const shows = (scene: Scene, worn: Worn, has: (hex: string) => boolean): boolean =>
  worn.facts.part !== 'none' &&
  worn.seen.some(({ hex, share }) => has(hex) && share * areaOf(scene, worn) >= CODE_AREA);

/** Pieces of a look that are what a word says; undefined for a word that says nothing of single pieces. */
function meeting(scene: Scene, code: CodeWord, isMust = false): readonly Worn[] | undefined {
  if (code.about === 'colour') return scene.pieces.filter((worn) => shows(scene, worn, code.has));
  if (code.about === 'pieces') return scene.pieces.filter(isMust ? code.does : code.has);
  return undefined;
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
    const words = [...(occasion?.bans ?? []), ...(occasion?.musts ?? [])].map(codeWord);
    if (words.length === 0) return 'nothing';
    return {
      fields: () => [CODE_AREA],
      seen: () => true,
      of: (worn) => [
        words.map((word) =>
          word.about === 'cover'
            ? word.zones.filter((zone) => coverOf(worn).has(zone))
            : word.about === 'pieces' && [word.has(worn), word.does(worn)],
        ),
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
      const code = codeWord(ban);
      // Cover that is asked for is K1's; a part that is not to show is said here.
      for (const zone of code.about === 'cover' ? code.zones : [])
        if (!coveredZones(scene).has(zone))
          said.push({
            code: 'bare',
            tone: 'blocks',
            pieces: [],
            zone,
            params: { occasion: occasion.title, zone },
          });
      const found = meeting(scene, code) ?? [];
      if (found.length > 0)
        said.push({
          code: 'banned',
          tone: 'blocks',
          pieces: ids(...found),
          params: { occasion: occasion.title, word: ban },
        });
    }
    for (const must of occasion.musts) {
      const code = codeWord(must);
      if (code.about === 'all black') {
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
      }
      if (meeting(scene, code, true)?.length === 0)
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
