import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { solid } from '../given';
import { completeness, type Worn, type Zone } from '../../piece';
import { coverWanted } from './wanted';

/** A waistcoat is worn to the end; any other layer may come off. */
const isLayer = ({ slot, facts }: Worn): boolean => slot === 'layer' && !facts.staysOn;

/** A lining keeps sheer cloth from showing what is beneath. */
const showsThrough = ({ piece: { fabric } }: Worn): boolean => fabric.sheer !== 'opaque' && !fabric.lined;

interface Stays {
  readonly layers: number;
  readonly why: 'nothing' | 'chest' | 'sheer' | 'zones';
  readonly sheer?: string | undefined;
  readonly zones: readonly Zone[];
}

const words = wording({
  stands: (_, say) => `The look still works without ${say.the()}.`,
  stays: ({ layers, why, sheer, zones }: Stays, say) => {
    const over = say.from(0, layers);
    const [beneath] = say.count > layers ? [say.from(layers)] : [];
    const because =
      why === 'nothing' || !beneath
        ? `there is nothing under ${over.it()}`
        : why === 'chest'
          ? `${beneath.the()} ${beneath.verb('do')}n’t cover enough alone`
          : why === 'sheer'
            ? `${say.called(sheer ?? '')} shows through`
            : `${say.zones(zones)} would be bare`;
    return `${over.the()} must stay on: ${because}.`;
  },
});

/** K2: under a layer that comes off, each thing stands by itself. */
export const alone = defineRule({
  id: 'K2',
  facet: 'K',
  title: 'Stands alone',
  question: 'Does the look still work when the layer comes off?',
  thresholds: {
    warmer: {
      value: 8,
      unit: '°C',
      says: 'Indoors this much warmer, the layer will come off.',
      min: 3,
      max: 20,
    },
  },
  words,
  reads: ({ client, coverOf }) => {
    const zones = [...new Set([...(['chest', 'midriff', 'back'] as const), ...coverWanted(client)])];
    return {
      needs: isLayer,
      of: (worn) => [
        worn.slot,
        isLayer(worn),
        zones.map((zone) => coverOf(worn).has(zone)),
        (worn.slot === 'top' || worn.slot === 'whole') && showsThrough(worn),
      ],
    };
  },
  find(scene, at) {
    const layers = scene.pieces.filter(isLayer);
    if (layers.length === 0) return [];
    const rest = scene.pieces.filter((worn) => !layers.includes(worn));
    const covered = (zone: 'chest' | 'midriff' | 'back'): boolean =>
      rest.some(({ piece }) => scene.cover.get(piece.id)?.has(zone));
    const sheer = rest.find((worn) => (worn.slot === 'top' || worn.slot === 'whole') && showsThrough(worn));
    const uncovered = coverWanted(scene.client).filter(
      (zone) =>
        !rest.some(({ piece }) => scene.cover.get(piece.id)?.has(zone)) &&
        layers.some(({ piece }) => scene.cover.get(piece.id)?.has(zone)),
    );
    const beneath = rest.find(({ slot }) => slot === 'top' || slot === 'whole');
    const why: Stays['why'] | undefined = !beneath
      ? 'nothing'
      : !covered('chest')
        ? 'chest'
        : sheer
          ? 'sheer'
          : uncovered.length > 0
            ? 'zones'
            : undefined;
    const { indoorC, outdoorC } = scene.occasion ?? {};
    const off = indoorC !== undefined && outdoorC !== undefined && indoorC - outdoorC >= at.warmer;
    if (!why)
      return completeness(rest).complete ? [{ code: 'stands', tone: 'works', pieces: ids(...layers) }] : [];
    return [
      {
        code: 'stays',
        tone: off ? 'fights' : 'note',
        pieces: ids(...layers, ...(beneath ? [beneath] : [])),
        params: { layers: layers.length, why, sheer: sheer?.piece.id, zones: uncovered },
      },
    ];
  },
  examples: [
    [
      {
        title: 'A sheer blouse under a jacket that comes off',
        look: [
          solid('blouse', '#17171a', { fabric: { sheer: 'sheer' } }),
          solid('blazer', '#1f2a44'),
          solid('trousers', '#17171a'),
          solid('heel', '#17171a'),
        ],
        occasion: { indoorC: 21, outdoorC: 5 },
        expect: 'fights',
      },
      {
        title: 'An opaque one',
        look: [
          solid('blouse', '#17171a'),
          solid('blazer', '#1f2a44'),
          solid('trousers', '#17171a'),
          solid('heel', '#17171a'),
        ],
        occasion: { indoorC: 21, outdoorC: 5 },
        expect: 'works',
      },
    ],
  ],
});
