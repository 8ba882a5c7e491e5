import { lab } from '../../colour';
import { heatIndex } from '../../weather';
import { defineRule } from '../define';
import { isMain, mainHex, mainsOf } from '../fields';
import { solid } from '../given';
import { named, USUAL_WEIGHT } from '../rule';
import { type Worn } from '../../piece';

/** Heavy, lined or dark: it keeps the heat. */
const isClose = (worn: Worn): boolean =>
  worn.piece.fabric.weight === 'heavy' || worn.piece.fabric.lined || lab(mainHex(worn)).l < 28;

/** W4: dark, heavy or lined clothes in the heat. */
export const heat = defineRule({
  id: 'W4',
  facet: 'W',
  title: 'Heat',
  question: 'Is it bearable in the heat?',
  thresholds: {
    warm: {
      value: 32,
      unit: '°C',
      says: 'Heat index from which dark, heavy or lined is a note.',
      min: 27,
      max: 40,
    },
    hot: { value: 38, unit: '°C', says: 'Heat index from which it fights.', min: 32, max: 50 },
  },
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: 'Heat index: Rothfusz (1990), NWS SR 90-23. What is too warm: common practice, no source.',
  reads: ({ occasion }) =>
    occasion ? { of: (worn) => (isMain(worn) && isClose(worn) ? true : undefined) } : 'nothing',
  evaluate(scene, at) {
    const { occasion } = scene;
    const airC = Math.max(occasion?.outdoorC ?? -99, occasion?.indoorC ?? -99);
    if (!occasion || airC < 27) return [];
    const index = heatIndex(airC, occasion.humidityPct);
    if (index < at.warm) return [];
    const close = mainsOf(scene).filter(isClose);
    if (close.length === 0) return [];
    return [
      {
        tone: index >= at.hot ? 'fights' : 'note',
        pieces: close.map(({ piece }) => piece.id),
        measured: `heat index ${index.toFixed(0)} °C; from ${at.warm} take care`,
        text: `${named(...close)} in this heat: lighter, paler, unlined. Shade and water come first.`,
      },
    ];
  },
  examples: [
    [
      {
        title: 'A lined dark blazer at 36 °C',
        look: [solid('blazer', '#17171a', { fabric: { lined: true } })],
        occasion: { outdoorC: 36, humidityPct: 60 },
        expect: 'fights',
      },
      {
        title: 'A pale unlined one',
        look: [solid('blazer', '#e8e0cf')],
        occasion: { outdoorC: 36, humidityPct: 60 },
        expect: 'silent',
      },
    ],
  ],
});
