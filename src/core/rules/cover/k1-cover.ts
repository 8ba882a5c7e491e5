import { type Worn, type Zone } from '../../piece';
import { codeWord } from '../formality/code-word';
import { coveredZones } from '../fields';
import { coverWanted } from './wanted';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { solid } from '../given';
import { ids } from '../rule';
import { type Scene } from '../scene';

const words = wording({
  covered: () => 'Covers everything that should be covered.',
  bare: ({ zone }: { zone: Zone }, say) =>
    `${say.zones([zone])} ${say.zonesVerb('be', [zone])} bare; ${say.they('keep')} ${say.zonesVerb('be', [zone]) === 'are' ? 'them' : 'it'} covered.`,
  sheer: ({ zone }: { zone: Zone }, say) =>
    `${say.zones([zone])} ${say.zonesVerb('show', [zone])} through ${say.the()}; ${say.they('keep')} ${say.zonesVerb('be', [zone]) === 'are' ? 'them' : 'it'} covered.`,
  gapes: ({ zones }: { zones: readonly Zone[] }, say) =>
    `${say.the()} may fall open and bare ${say.zones(zones)} at a step. Belt ${say.it()}, or pin ${say.it()} on the inside.`,
  'bare-there': ({ zone, occasion }: { zone: Zone; occasion: string }, say) =>
    `${say.zones([zone])} ${say.zonesVerb('be', [zone])} bare; ${say.event(occasion)} asks for cover.`,
  'sheer-there': ({ zone, occasion }: { zone: Zone; occasion: string }, say) =>
    `${say.zones([zone])} ${say.zonesVerb('show', [zone])} through ${say.the()}; ${say.event(occasion)} asks for cover.`,
});
type Said = FoundBy<typeof words>;

/** K1: what is worn, taken together, keeps covered what the client and the occasion want covered. */
export const cover = defineRule({
  id: 'K1',
  facet: 'K',
  title: 'Cover',
  question: 'Is everything covered that should be?',
  mayOverrule: false,
  words,
  reads: (given) => {
    const wanted = [...wantedZones(given)];
    return wanted.length === 0
      ? 'nothing'
      : {
          of: (worn) => {
            const zones = wanted.filter((zone) => given.coverOf(worn).has(zone));
            return zones.length > 0 || holdsClosed(worn)
              ? [zones, mayGape(worn), holdsClosed(worn)]
              : undefined;
          },
        };
  },
  find(scene) {
    const wanted = wantedZones(scene);
    if (wanted.size === 0 || scene.pieces.length === 0) return [];
    const covered = coveredZones(scene);
    const bare = [...wanted].filter((zone) => !covered.has(zone));
    if (bare.length === 0) {
      const gaping = gapes(scene, [...wanted]);
      return gaping ? [gaping] : [{ code: 'covered', tone: 'works', pieces: [] }];
    }
    return bare.map((zone): Said => {
      const half = scene.pieces.find((worn) => worn.halfCovers.has(zone));
      const found = { tone: 'blocks', zone, pieces: half ? ids(half) : [] } as const;
      return coverWanted(scene.client).includes(zone)
        ? { code: half ? 'sheer' : 'bare', ...found, params: { zone } }
        : {
            code: half ? 'sheer-there' : 'bare-there',
            ...found,
            params: { zone, occasion: scene.occasion?.title ?? '' },
          };
    });
  },
  examples: [
    [
      {
        title: 'A short-sleeved tee for a client who keeps the arms covered',
        look: [{ id: 'tee', category: 'tee', colours: [{ hex: '#1f2a44', share: 1 }] }],
        client: { cover: ['upper-arms', 'lower-arms'] },
        expect: 'blocks',
      },
      {
        title: 'The same with a cardigan over it',
        look: [
          { id: 'tee', category: 'tee', colours: [{ hex: '#1f2a44', share: 1 }] },
          { id: 'cardigan', category: 'cardigan', colours: [{ hex: '#84868a', share: 1 }] },
        ],
        client: { cover: ['upper-arms', 'lower-arms'] },
        expect: 'works',
      },
    ],
    [
      {
        title: 'Thighs covered only by a cloth tied as a skirt',
        look: [solid('scarf', '#9c4a24', { mode: 'skirt', measures: { width: 1050, lengthFlat: 1800 } })],
        client: { cover: ['thighs'] },
        expect: 'note',
      },
      {
        title: 'The same with a belt over it',
        look: [
          solid('scarf', '#9c4a24', { mode: 'skirt', measures: { width: 1050, lengthFlat: 1800 } }),
          solid('belt', '#5f4331'),
        ],
        client: { cover: ['thighs'] },
        expect: 'works',
      },
    ],
  ],
});

/** Cloth that is only wrapped opens at a step. */
const mayGape = ({ effects: { tied, wrapped } }: Worn): boolean =>
  (tied !== undefined && tied !== 'halter') || (wrapped !== undefined && wrapped !== 'back');
const holdsClosed = ({ slot }: Worn): boolean => slot === 'belt';
const BELOW_THE_KNOT: readonly Zone[] = ['seat', 'thighs', 'knees', 'calves'];

/** Zones that only a wrapped cloth covers, with nothing to hold it closed. */
function gapes(scene: Scene, wanted: readonly Zone[]): Said | undefined {
  if (scene.pieces.some(holdsClosed)) return undefined;
  const covers = (worn: Worn, zone: Zone): boolean => scene.cover.get(worn.piece.id)?.has(zone) === true;
  const sure = scene.pieces.filter((worn) => !mayGape(worn));
  const zones = wanted.filter(
    (zone) => BELOW_THE_KNOT.includes(zone) && !sure.some((worn) => covers(worn, zone)),
  );
  const cloth = scene.pieces.find((worn) => mayGape(worn) && zones.some((zone) => covers(worn, zone)));
  return cloth && zones.length > 0
    ? { code: 'gapes', tone: 'note', cannotTell: true, pieces: ids(cloth), params: { zones } }
    : undefined;
}

function wantedZones(scene: Pick<Scene, 'client' | 'occasion'>): Set<Zone> {
  const musts = (scene.occasion?.musts ?? []).flatMap((word) => {
    const code = codeWord(word);
    return code.about === 'cover' ? code.zones : [];
  });
  return new Set([...coverWanted(scene.client), ...musts]);
}
