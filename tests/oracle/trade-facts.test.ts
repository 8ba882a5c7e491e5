import { NOBODY, type Occasion, type Profile, type Setting } from '@core/look';
import { type Category, type GivenPiece, pieceFrom } from '@core/piece';
import type { Tone } from '@core/rules';
import { describe, expect, it } from 'vitest';
import { anOccasion, toneOf } from '../support/judging';

/**
 * Facts of the trade as worked looks: common practice, no source. Each stands beside the one change that flips it.
 * The expectations were written before the looks were judged.
 */
type Given = Partial<GivenPiece>;
const p = (category: Category, hex: string, more: Given = {}): GivenPiece => ({
  id: category,
  category,
  colours: [{ hex, share: 1 }],
  ...more,
});
const print = (
  category: Category,
  a: string,
  b: string,
  kind: NonNullable<GivenPiece['pattern']>['kind'],
  repeatMm: number,
  more: Given = {},
): GivenPiece => ({
  ...p(category, a),
  colours: [
    { hex: a, share: 0.6 },
    { hex: b, share: 0.4 },
  ],
  pattern: { kind, repeatMm, contrast: 0.5 },
  ...more,
});
const client = (more: Partial<Profile>): Setting => ({ client: { ...NOBODY, ...more } });
const at = (more: Partial<Occasion>, setting: Setting = {}): Setting => ({
  ...setting,
  occasion: anOccasion(more),
});
const tone = (rule: string, look: readonly GivenPiece[], setting?: Setting): Tone | 'silent' =>
  toneOf(rule, look.map(pieceFrom), setting);

const NAVY = '#1f2a44';
const WHITE = '#fbfbf9';
const BLACK = '#17171a';
const tall = client({ measures: { heightMm: 1700, insideLegLength: 790, bust: 920, waist: 740, hip: 980 } });

type Fact = readonly [
  name: string,
  rule: string,
  look: readonly GivenPiece[],
  expect: Tone | 'silent',
  changed: readonly GivenPiece[],
  flips: Tone | 'silent',
  setting?: Setting,
  changedSetting?: Setting,
];
const FACTS: readonly Fact[] = [
  [
    'stripe with floral in a shared navy mixes',
    'N1',
    [print('blouse', WHITE, NAVY, 'stripe', 20), print('skirt', NAVY, '#e6a6b3', 'floral', 90)],
    'works',
    [print('blouse', WHITE, '#3c7d4b', 'stripe', 20), print('skirt', NAVY, '#e6a6b3', 'floral', 90)],
    'note',
    { schools: { pattern: 'mix' } },
  ],
  [
    'two checks of one scale do not mix, of two scales they do',
    'N1',
    [print('blazer', NAVY, WHITE, 'check', 60), print('skirt', NAVY, WHITE, 'check', 64)],
    'note',
    [print('blazer', NAVY, WHITE, 'check', 20), print('skirt', NAVY, WHITE, 'check', 90)],
    'works',
    { schools: { pattern: 'mix' } },
  ],
  [
    'a suit of one checked cloth is no print mix',
    'N1',
    [
      print('blazer', NAVY, WHITE, 'check', 60, { set: 'suit' }),
      print('trousers', NAVY, WHITE, 'check', 60, { set: 'suit' }),
    ],
    'silent',
    [print('blazer', NAVY, WHITE, 'check', 60), print('trousers', NAVY, WHITE, 'check', 60)],
    'note',
    { schools: { pattern: 'mix' } },
  ],
  [
    'ivory beside white is a mistake; a ladder of three pale steps is a plan',
    'C2',
    [p('shirt', '#f6f0e4'), p('trousers', '#fdfdfd')],
    'fights',
    [p('shirt', '#f6f0e4'), p('trousers', '#fdfdfd'), p('blazer', '#d8cdb6', { mode: 'buttoned' })],
    'silent',
  ],
  [
    'two greys of jacket and trousers in unlike cloth pass',
    'C2',
    [p('blazer', '#6a6d72', { structure: 3 }), p('trousers', '#75787d', { structure: 2 })],
    'fights',
    [
      p('blazer', '#6a6d72', { structure: 3, fabric: { texture: 'flannel' } }),
      p('trousers', '#75787d', { structure: 2 }),
    ],
    'silent',
  ],
  [
    'long earrings with the hair down are lost',
    'F4',
    [p('earrings', '#c2a14e', { cut: { drop: 50 } })],
    'note',
    [p('earrings', '#c2a14e', { cut: { drop: 50 } })],
    'works',
    client({ hair: 'down' }),
    client({ hair: 'up' }),
  ],
  [
    'a headpiece and long earrings crowd; studs do not',
    'F4',
    [p('headpiece', '#c2a14e'), p('earrings', '#c2a14e', { cut: { drop: 40 } })],
    'note',
    [p('headpiece', '#c2a14e'), p('earrings', '#c2a14e', { cut: { drop: 6 } })],
    'silent',
  ],
  [
    'a headpiece, long earrings and a strong belt are too many for one focus',
    'F1',
    [
      p('headpiece', '#c2a14e', { statement: 4 }),
      p('earrings', '#c2a14e', { statement: 3 }),
      p('belt', '#b3222e', { statement: 3 }),
      p('dress', NAVY, { statement: 1 }),
    ],
    'fights',
    [p('headpiece', '#c2a14e', { statement: 4 }), p('dress', NAVY, { statement: 1 })],
    'works',
  ],
  [
    'a one-shoulder neck stays bare',
    'F3',
    [p('dress', NAVY, { cut: { neckline: 'one-shoulder' } }), p('necklace', '#c2a14e')],
    'fights',
    [p('dress', NAVY, { cut: { neckline: 'one-shoulder' } })],
    'works',
  ],
  [
    'sparkle over sparkle',
    'S2',
    [
      p('blouse', '#b9bcc0', { fabric: { finish: 'sparkle' } }),
      p('skirt', '#b9bcc0', { fabric: { finish: 'sparkle' } }),
    ],
    'fights',
    [p('blouse', '#b9bcc0', { fabric: { finish: 'sparkle' } }), p('skirt', '#b9bcc0')],
    'works',
  ],
  [
    'a plain tee is lifted by tailoring',
    'R2',
    [p('tee', WHITE), p('skirt', NAVY, { formality: 4 })],
    'fights',
    [p('tee', WHITE), p('skirt', NAVY, { formality: 4 }), p('blazer', NAVY, { structure: 3 })],
    'works',
    at({ formality: [5, 7] }),
  ],
  [
    'a flare over flat shoes drags, over the right heel it does not',
    'P1',
    [
      p('trousers', NAVY, { cut: { leg: 'flare' }, measures: { inseam: 850 } }),
      p('flat', BLACK, { measures: { heel: 10 } }),
    ],
    'fights',
    [
      p('trousers', NAVY, { cut: { leg: 'flare' }, measures: { inseam: 850 } }),
      p('heel', BLACK, { measures: { heel: 75 } }),
    ],
    'works',
    tall,
  ],
  [
    'leggings want the seat covered',
    'P2',
    [p('leggings', BLACK), p('tee', WHITE, { measures: { length: 600 } })],
    'fights',
    [p('leggings', BLACK), p('tunic', WHITE, { measures: { length: 880 } })],
    'works',
    tall,
  ],
  [
    'an open coat does not cover the front over leggings',
    'P2',
    [
      p('leggings', BLACK),
      p('tee', WHITE, { measures: { length: 600 } }),
      p('coat', NAVY, { mode: 'open', measures: { length: 1000 } }),
    ],
    'fights',
    [
      p('leggings', BLACK),
      p('tee', WHITE, { measures: { length: 600 } }),
      p('coat', NAVY, { mode: 'buttoned', measures: { length: 1000 } }),
    ],
    'works',
    tall,
  ],
  [
    'trousers in tall boots want the tone of the boot',
    'P7',
    [p('jeans', '#c9d4e2', { cut: { leg: 'skinny' }, mode: 'into-boots' }), p('tall-boot', BLACK)],
    'fights',
    [p('jeans', '#1c1d24', { cut: { leg: 'skinny' }, mode: 'into-boots' }), p('tall-boot', BLACK)],
    'works',
  ],
  [
    'a wide top over wide trousers wants a waist',
    'P5',
    [p('blouse', WHITE, { volume: 'full', mode: 'untucked' }), p('trousers', NAVY, { cut: { leg: 'wide' } })],
    'fights',
    [
      p('blouse', WHITE, { volume: 'full', mode: 'full-tuck' }),
      p('trousers', NAVY, { cut: { leg: 'wide' } }),
    ],
    'silent',
  ],
  [
    'a scarf too short is no skirt',
    'M1',
    [p('scarf', NAVY, { mode: 'skirt', measures: { width: 700, lengthFlat: 1100 } })],
    'fights',
    [p('scarf', NAVY, { mode: 'skirt', measures: { width: 1100, lengthFlat: 1900 } })],
    'works',
    tall,
  ],
  [
    'a white dress at a wedding, ivory as well',
    'R5',
    [p('dress', '#f3ecdc')],
    'blocks',
    [p('dress', '#a4b096')],
    'silent',
    at({ bans: ['white'] }),
  ],
  [
    'nickel for an allergy to nickel',
    'K5',
    [p('earrings', '#b9bcc0', { metal: 'white', metalContent: ['nickel'] })],
    'blocks',
    [p('earrings', '#b9bcc0', { metal: 'white', metalContent: ['nickel-free'] })],
    'silent',
    client({ allergies: ['nickel'] }),
  ],
  [
    'merino is wool',
    'K5',
    [p('fine-knit', NAVY, { fabric: { fibres: [{ name: 'merino', pct: 100 }] } })],
    'blocks',
    [p('fine-knit', NAVY, { fabric: { fibres: [{ name: 'cotton', pct: 100 }] } })],
    'silent',
    client({ allergies: ['wool'] }),
  ],
  [
    'sheer cloth over a lining covers',
    'K1',
    [p('dress', NAVY, { fabric: { sheer: 'sheer' } })],
    'blocks',
    [p('dress', NAVY, { fabric: { sheer: 'sheer', lined: true } })],
    'works',
    client({ cover: ['chest'] }),
  ],
  [
    'a sheer top cannot stand alone',
    'K2',
    [
      p('blouse', NAVY, { fabric: { sheer: 'sheer' } }),
      p('blazer', NAVY),
      p('trousers', NAVY),
      p('heel', BLACK),
    ],
    'note',
    [p('blouse', NAVY), p('blazer', NAVY), p('trousers', NAVY), p('heel', BLACK)],
    'works',
  ],
  [
    'a thin heel sinks into grass',
    'W3',
    [p('heel', BLACK, { cut: { heelTipMm: 8 }, measures: { heel: 80 } })],
    'fights',
    [p('flat', BLACK, { measures: { heel: 10 } })],
    'works',
    at({ surfaces: ['grass'] }),
  ],
  [
    'a smooth sole on ice',
    'W3',
    [p('loafer', BLACK, { cut: { sole: 'smooth' } })],
    'fights',
    [p('loafer', BLACK, { cut: { sole: 'lug' } })],
    'works',
    at({ surfaces: ['ice'] }),
  ],
  [
    'three metals are one too many',
    'C8',
    [
      p('necklace', '#c2a14e', { metal: 'yellow' }),
      p('earrings', '#b9bcc0', { metal: 'white' }),
      p('ring', '#cf9a86', { metal: 'rose' }),
    ],
    'fights',
    [p('necklace', '#c2a14e', { metal: 'yellow' }), p('earrings', '#c2a14e', { metal: 'yellow' })],
    'works',
  ],
  [
    'red and orange quarrel; red and navy do not',
    'C5',
    [p('blouse', '#c4133a'), p('skirt', '#e58a1f')],
    'fights',
    [p('blouse', '#c4133a'), p('skirt', NAVY)],
    'silent',
  ],
  [
    'a scarf draws a colour out of a print',
    'C1',
    [print('dress', NAVY, '#9c4a24', 'floral', 80), p('scarf', '#9c4a24')],
    'works',
    [print('dress', NAVY, '#9c4a24', 'floral', 80), p('scarf', '#3c7d4b')],
    'silent',
  ],
  [
    'black from head to toe on a June day',
    'C10',
    [p('shirt', BLACK), p('trousers', BLACK)],
    'note',
    [p('shirt', '#c5d6e6'), p('trousers', BLACK)],
    'silent',
    at({ date: '2026-06-12' }),
  ],
  [
    'sneakers under evening trousers',
    'R3',
    [p('trousers', BLACK, { formality: 9 }), p('sneaker', WHITE, { formality: 1 })],
    'note',
    [p('trousers', BLACK, { formality: 9 }), p('flat', BLACK, { formality: 7 })],
    'silent',
  ],
  [
    'a cropped top shows midriff over a low rise',
    'P9',
    [
      p('tee', WHITE, { measures: { length: 400 } }),
      p('jeans', NAVY, { measures: { rise: 220, inseam: 780 } }),
    ],
    'note',
    [
      p('tee', WHITE, { measures: { length: 660 } }),
      p('jeans', NAVY, { measures: { rise: 220, inseam: 780 } }),
    ],
    'silent',
    tall,
  ],
  [
    'a heel above the client’s limit',
    'K4',
    [p('heel', BLACK, { measures: { heel: 80 } })],
    'fights',
    [p('heel', BLACK, { measures: { heel: 35 } })],
    'silent',
    client({ limits: { ...NOBODY.limits, heelMaxMm: 40 } }),
  ],
  [
    'linen with velvet are two seasons',
    'S4',
    [
      p('trousers', '#d3c5ab', { fabric: { texture: 'linen' } }),
      p('blazer', '#532a45', { fabric: { texture: 'velvet' } }),
    ],
    'note',
    [p('trousers', '#d3c5ab'), p('blazer', '#532a45', { fabric: { texture: 'velvet' } })],
    'silent',
  ],
  [
    'full sleeves do not go into a close jacket',
    'P11',
    [p('blazer', NAVY, { volume: 'close' }), p('blouse', WHITE, { cut: { sleeveVolume: 'full' } })],
    'fights',
    [p('blazer', NAVY, { volume: 'close' }), p('blouse', WHITE, { cut: { sleeveVolume: 'close' } })],
    'silent',
  ],
  [
    'between frost and a warm hall something comes off',
    'W2',
    [p('fine-knit', NAVY), p('trousers', NAVY)],
    'fights',
    [p('fine-knit', NAVY), p('trousers', NAVY), p('coat', NAVY)],
    'works',
    at({ indoorC: 21, outdoorC: 2 }),
  ],
];

describe('facts of the trade', () => {
  for (const [name, rule, look, expected, changed, flips, setting, changedSetting] of FACTS) {
    it(`${name} (${rule})`, () => {
      expect(tone(rule, look, setting), 'as it stands').toBe(expected);
      expect(tone(rule, changed, changedSetting ?? setting), 'changed').toBe(flips);
    });
  }
});
