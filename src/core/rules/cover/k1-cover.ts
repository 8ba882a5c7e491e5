import { ZONES, type Zone } from '../../piece';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { type Scene } from '../scene';

const words = wording({
  covered: () => 'Covers everything that should be covered.',
  bare: ({ zone }: { zone: Zone }, say) =>
    `${say.zones([zone])} ${say.zonesVerb('be', [zone])} bare; ${say.they('keep')} ${say.zonesVerb('be', [zone]) === 'are' ? 'them' : 'it'} covered.`,
  sheer: ({ zone }: { zone: Zone }, say) =>
    `${say.zones([zone])} ${say.zonesVerb('show', [zone])} through ${say.the()}; ${say.they('keep')} ${say.zonesVerb('be', [zone]) === 'are' ? 'them' : 'it'} covered.`,
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
            return zones.length > 0 ? zones : undefined;
          },
        };
  },
  find(scene) {
    const wanted = wantedZones(scene);
    if (wanted.size === 0 || scene.pieces.length === 0) return [];
    const covered = new Set<Zone>([...scene.cover.values()].flatMap((zones) => [...zones]));
    const bare = [...wanted].filter((zone) => !covered.has(zone));
    if (bare.length === 0) return [{ code: 'covered', tone: 'works', pieces: [] }];
    return bare.map((zone): Said => {
      const half = scene.pieces.find((worn) => worn.halfCovers.has(zone));
      const found = { tone: 'blocks', zone, pieces: half ? ids(half) : [] } as const;
      return scene.client.cover.includes(zone)
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
  ],
});

function wantedZones(scene: Pick<Scene, 'client' | 'occasion'>): Set<Zone> {
  const musts = (scene.occasion?.musts ?? []).filter((word): word is Zone =>
    (ZONES as readonly string[]).includes(word),
  );
  return new Set([...scene.client.cover, ...musts]);
}
