import {
  CATEGORIES,
  CATEGORY,
  LEGS,
  NECKLINES,
  PATTERN_KINDS,
  type Piece,
  SILHOUETTES,
  SLEEVES,
  TEXTURES,
  TOES,
} from '../piece';
import { make, PATTERN } from './specimen';

/** A piece drawn for us to look at. */
export interface Specimen {
  readonly title: string;
  readonly piece: Piece;
}

export interface SpecimenGroup {
  readonly title: string;
  readonly specimens: readonly Specimen[];
}

const HUES = ['#5f7d84', '#2d4a45', '#a9553a', '#e4dac4', '#2a2c35', '#6b4a6b', '#b98f3f', '#7a8a6a'];

const hue = (i: number): string => HUES[i % HUES.length] ?? '#808080';
const each = <T extends string>(words: readonly T[], piece: (word: T, i: number) => Piece): Specimen[] =>
  words.map((word, i) => ({ title: word, piece: piece(word, i) }));

/** Opening of each leg shape, mm. */
const OPENING = {
  skinny: 260,
  slim: 300,
  straight: 380,
  bootcut: 440,
  flare: 540,
  wide: 600,
  barrel: 380,
} as const;
const THIGH = {
  skinny: 520,
  slim: 560,
  straight: 600,
  bootcut: 570,
  flare: 560,
  wide: 680,
  barrel: 640,
} as const;
const HEM = {
  straight: 1010,
  shift: 1100,
  'a-line': 1500,
  pencil: 940,
  bias: 1500,
  full: 2700,
  'fit-and-flare': 2100,
} as const;
const REPEAT = {
  stripe: 36,
  check: 60,
  dot: 46,
  floral: 84,
  animal: 70,
  geometric: 64,
  graphic: 200,
  abstract: 110,
  marl: 12,
  solid: 10,
} as const;

/** Every category and every main variant, in groups: what the specimen page and the tests draw. */
export const SPECIMENS: readonly SpecimenGroup[] = [
  {
    title: 'Categories',
    specimens: CATEGORIES.map((category, i) => ({
      title: CATEGORY[category].label,
      piece: make(category, category, hue(i)),
    })),
  },
  {
    title: 'Necklines',
    specimens: each(NECKLINES, (neckline, i) =>
      make(`neck-${neckline}`, 'blouse', hue(i), {
        cut: { neckline, sleeve: neckline === 'collar' ? 'long' : 'short' },
      }),
    ),
  },
  {
    title: 'Sleeves',
    specimens: [
      ...each(SLEEVES, (sleeve, i) =>
        make(`sleeve-${sleeve}`, 'blouse', hue(i), { cut: { neckline: 'crew', sleeve } }),
      ),
      {
        title: 'full',
        piece: make('sleeve-full', 'blouse', hue(6), {
          cut: { neckline: 'crew', sleeve: 'long', sleeveVolume: 'full' },
        }),
      },
    ],
  },
  {
    title: 'Legs',
    specimens: each(LEGS, (leg, i) =>
      make(`leg-${leg}`, 'trousers', hue(i), {
        cut: { leg, waistDetail: leg === 'wide' ? 'pleat' : 'none' },
        measures: { legOpening: OPENING[leg], thigh: THIGH[leg] },
      }),
    ),
  },
  {
    title: 'Skirts',
    specimens: each(SILHOUETTES, (silhouette, i) =>
      make(`skirt-${silhouette}`, 'skirt', hue(i), {
        cut: { silhouette },
        measures: { hemWidth: HEM[silhouette], length: 700 },
        facts: { vent: silhouette === 'pencil' },
      }),
    ),
  },
  {
    title: 'Dresses',
    specimens: each(SILHOUETTES, (silhouette, i) =>
      make(`dress-${silhouette}`, 'dress', hue(i), {
        cut: {
          silhouette,
          neckline: 'scoop',
          sleeve: 'short',
          waistDetail: silhouette === 'fit-and-flare' ? 'tie' : 'none',
        },
        measures: { hemWidth: HEM[silhouette], length: 1080 },
      }),
    ),
  },
  {
    title: 'Toes',
    specimens: each(TOES, (toe, i) =>
      make(`toe-${toe}`, toe === 'open' ? 'sandal' : 'heel', hue(i), {
        cut: { toe, heelTipMm: 12 },
        measures: { heel: 80 },
      }),
    ),
  },
  {
    title: 'Patterns',
    specimens: each(PATTERN_KINDS, (kind) =>
      make(`pattern-${kind}`, 'skirt', '#808080', {
        colours: kind === 'solid' ? PATTERN.slice(0, 1).map((swatch) => ({ ...swatch, share: 1 })) : PATTERN,
        pattern: { kind, repeatMm: REPEAT[kind], contrast: 0.6 },
        cut: { silhouette: 'a-line' },
      }),
    ),
  },
  {
    title: 'Cloth',
    specimens: each(TEXTURES, (texture, i) =>
      make(`cloth-${texture}`, 'fine-knit', hue(i), {
        fabric: { texture, sheer: texture === 'mesh' ? 'semi' : 'opaque' },
        cut: { neckline: 'crew', sleeve: 'long' },
      }),
    ),
  },
  {
    title: 'Parts and hems',
    specimens: [
      {
        title: 'sheer sleeves',
        piece: make('sheer-sleeves', 'blouse', '#2a2c35', {
          cut: { neckline: 'crew', sleeve: 'long' },
          parts: [
            {
              zone: 'upper-arms',
              detachable: true,
              fabric: {
                fibres: [],
                texture: 'mesh',
                finish: 'matt',
                weight: 'light',
                sheer: 'sheer',
                stretchPct: 0,
                lined: false,
              },
            },
          ],
        }),
      },
      {
        title: 'sparkle in front',
        piece: make('front', 'dress', '#2d4a45', {
          parts: [
            {
              zone: 'chest',
              colours: [{ hex: '#b98f3f', share: 1 }],
              fabric: {
                fibres: [],
                texture: 'sequin',
                finish: 'sparkle',
                weight: 'mid',
                sheer: 'opaque',
                stretchPct: 0,
                lined: true,
              },
            },
          ],
        }),
      },
      {
        title: 'overskirt',
        piece: make('overskirt', 'jumpsuit', '#e4dac4', {
          cut: { neckline: 'v', leg: 'slim' },
          parts: [{ zone: 'thighs', detachable: true, colours: [{ hex: '#6b4a6b', share: 1 }] }],
        }),
      },
      {
        title: 'cape',
        piece: make('cape-part', 'dress', '#5f7d84', {
          parts: [{ zone: 'shoulders', detachable: true, colours: [{ hex: '#2a2c35', share: 1 }] }],
        }),
      },
      {
        title: 'longer back hem',
        piece: make('back-hem', 'tunic', '#a9553a', { measures: { length: 700, lengthBack: 800 } }),
      },
    ],
  },
];
