import { lab } from '../../colour';
import { heatIndex } from '../../weather';
import { defineRule } from '../define';
import { wording } from '../finding';
import { ids } from '../rule';
import { isMain, mainHex, mainsOf } from '../fields';
import { solid } from '../given';
import { type Worn } from '../../piece';

/** Heavy, lined or dark: it keeps the heat. */
const isClose = (worn: Worn): boolean =>
  worn.piece.fabric.weight === 'heavy' || worn.piece.fabric.lined || lab(mainHex(worn)).l < 28;

const words = wording({
  hot: (_, say) =>
    `${say.the()} ${say.verb('be')} warm for this heat. Choose lighter, paler, unlined; shade and water come first.`,
});

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
  source: 'Heat index: Rothfusz (1990), NWS SR 90-23. What is too warm: common practice, no source.',
  words,
  reads: ({ occasion }) =>
    occasion ? { of: (worn) => (isMain(worn) && isClose(worn) ? true : undefined) } : 'nothing',
  find(scene, at) {
    const { occasion } = scene;
    const airC = Math.max(occasion?.outdoorC ?? -99, occasion?.indoorC ?? -99);
    if (!occasion || airC < 27) return [];
    const index = heatIndex(airC, occasion.humidityPct);
    if (index < at.warm) return [];
    const close = mainsOf(scene).filter(isClose);
    if (close.length === 0) return [];
    return [
      {
        code: 'hot',
        tone: index >= at.hot ? 'fights' : 'note',
        pieces: ids(...close),
        measured: { value: index, unit: '°C', most: at.warm },
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
