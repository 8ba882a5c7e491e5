import { defineRule } from '../define';
import { solid } from '../given';
import { COMMON_PRACTICE, named, USUAL_WEIGHT } from '../rule';
import { completeness, type Worn } from '../../piece';

/** A waistcoat is worn to the end; any other layer may come off. */
const isLayer = ({ slot, piece }: Worn): boolean => slot === 'layer' && piece.category !== 'waistcoat';

/** K2: under a layer that comes off, each thing stands by itself. */
export const alone = defineRule({
  id: 'K2',
  facet: 'K',
  title: 'Stands alone',
  question: 'When the layer comes off, is the look still whole?',
  thresholds: {
    warmer: {
      value: 8,
      unit: '°C',
      says: 'Indoors this much warmer, the layer will come off.',
      min: 3,
      max: 20,
    },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: ({ client, coverOf }) => {
    const zones = [...new Set([...(['chest', 'midriff', 'back'] as const), ...client.cover])];
    return {
      needs: isLayer,
      of: (worn) => [
        worn.slot,
        isLayer(worn),
        zones.map((zone) => coverOf(worn).has(zone)),
        (worn.slot === 'top' || worn.slot === 'whole') && worn.piece.fabric.sheer !== 'opaque',
      ],
    };
  },
  evaluate(scene, at) {
    const layers = scene.pieces.filter(isLayer);
    if (layers.length === 0) return [];
    const rest = scene.pieces.filter((worn) => !layers.includes(worn));
    const covered = (zone: 'chest' | 'midriff' | 'back'): boolean =>
      rest.some(({ piece }) => scene.cover.get(piece.id)?.has(zone));
    const sheer = rest.find(
      (worn) => (worn.slot === 'top' || worn.slot === 'whole') && worn.piece.fabric.sheer !== 'opaque',
    );
    const uncovered = scene.client.cover.filter(
      (zone) =>
        !rest.some(({ piece }) => scene.cover.get(piece.id)?.has(zone)) &&
        layers.some(({ piece }) => scene.cover.get(piece.id)?.has(zone)),
    );
    const beneath = rest.find(({ slot }) => slot === 'top' || slot === 'whole');
    const why = !beneath
      ? 'there is nothing under it'
      : !covered('chest')
        ? `${named(beneath)} does not cover by itself`
        : sheer
          ? `${named(sheer)} shows through`
          : uncovered.length > 0
            ? `the ${uncovered.map((zone) => zone.replace('-', ' ')).join(' and ')} would be bare`
            : undefined;
    const { indoorC, outdoorC } = scene.occasion ?? {};
    const off = indoorC !== undefined && outdoorC !== undefined && indoorC - outdoorC >= at.warmer;
    const pieces = [...layers.map(({ piece }) => piece.id), ...(beneath ? [beneath.piece.id] : [])];
    if (!why)
      return completeness(rest).complete
        ? [{ tone: 'works', pieces, text: `Without ${named(...layers)} the look still stands.` }]
        : [];
    return [{ tone: off ? 'fights' : 'note', pieces, text: `${named(...layers)} has to stay on: ${why}.` }];
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
