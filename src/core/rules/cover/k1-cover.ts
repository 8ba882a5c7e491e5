import { ZONES, type Zone } from '../../piece';
import { defineRule } from '../define';
import { type Scene } from '../scene';
import { COMMON_PRACTICE, type Said, USUAL_WEIGHT } from '../rule';

/** K1: what is worn, taken together, keeps covered what the client and the occasion want covered. */
export const cover = defineRule({
  id: 'K1',
  facet: 'K',
  title: 'Cover',
  question: 'Is everything covered that is to be covered?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: false,
  source: COMMON_PRACTICE,
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
  evaluate(scene) {
    const wanted = wantedZones(scene);
    if (wanted.size === 0 || scene.pieces.length === 0) return [];
    const covered = new Set<Zone>([...scene.cover.values()].flatMap((zones) => [...zones]));
    const bare = [...wanted].filter((zone) => !covered.has(zone));
    if (bare.length === 0) return [{ tone: 'works', pieces: [], text: 'Covers everything asked for.' }];
    return bare.map((zone): Said => {
      const half = scene.pieces.find((worn) => worn.halfCovers.has(zone));
      return {
        tone: 'blocks',
        zone,
        pieces: half ? [half.piece.id] : [],
        text: half
          ? `${words(zone)} shows through ${half.piece.title}; it is to be covered.`
          : `${words(zone)} is not covered, and is to be.`,
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

const words = (zone: Zone): string => `The ${zone.replace('-', ' ')}`;
