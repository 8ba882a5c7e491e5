import {
  CATEGORIES,
  CATEGORY,
  type Category,
  type GivenPiece,
  LEGS,
  modesOf,
  NECKLINES,
  PATTERN_KINDS,
  type Piece,
  pieceFrom,
  SILHOUETTES,
  SLEEVES,
  TEXTURES,
  TOES,
} from '../piece';

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

/** What makes a category look most like itself. */
const USUAL: Partial<Record<Category, Partial<GivenPiece>>> = {
  shirt: { cut: { neckline: 'collar', sleeve: 'long' } },
  blouse: { cut: { neckline: 'v', sleeve: 'long', sleeveVolume: 'full' } },
  polo: { cut: { neckline: 'collar', sleeve: 'short' } },
  'chunky-knit': { cut: { neckline: 'roll', sleeve: 'long' }, fabric: { texture: 'cable' } },
  'fine-knit': { cut: { neckline: 'crew', sleeve: 'long' } },
  tank: { cut: { neckline: 'scoop' } },
  sweatshirt: { cut: { neckline: 'crew', sleeve: 'long' } },
  gilet: { cut: { neckline: 'high' }, mode: 'buttoned' },
  sunglasses: { material: 'resin' },
  brooch: { metal: 'yellow', material: 'stone' },
  bodysuit: { cut: { neckline: 'scoop', sleeve: 'long' } },
  underlayer: { cut: { strap: 'thin' } },
  cardigan: { cut: { neckline: 'v', sleeve: 'long' }, mode: 'buttoned' },
  waistcoat: { cut: { neckline: 'v' } },
  blazer: { cut: { neckline: 'v', sleeve: 'long' }, structure: 3, mode: 'buttoned' },
  jacket: { cut: { neckline: 'high', sleeve: 'long' }, mode: 'buttoned' },
  overshirt: { cut: { neckline: 'collar', sleeve: 'long' }, mode: 'buttoned' },
  coat: { cut: { neckline: 'v', sleeve: 'long' }, structure: 3, mode: 'buttoned' },
  raincoat: { cut: { neckline: 'high', sleeve: 'long' }, mode: 'buttoned' },
  jeans: { cut: { leg: 'straight' } },
  dress: {
    cut: { neckline: 'v', silhouette: 'fit-and-flare', waistDetail: 'seam' },
    measures: { hemWidth: 2000 },
  },
  bag: { structure: 2, metal: 'yellow' },
  belt: { metal: 'yellow' },
  hat: { structure: 2 },
  necklace: { material: 'pearl' },
  earrings: { cut: { drop: 34 }, metal: 'yellow' },
  watch: { metal: 'yellow' },
  ring: { metal: 'yellow', material: 'stone' },
};

const make = (id: string, category: Category, hex: string, more: Partial<GivenPiece> = {}): Piece =>
  pieceFrom({
    ...USUAL[category],
    id,
    title: id,
    category,
    colours: [{ hex, share: 1 }],
    ...more,
  } as GivenPiece);

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
const PATTERN = [
  { hex: '#24525c', share: 0.62 },
  { hex: '#e0b48a', share: 0.24 },
  { hex: '#a9c4b4', share: 0.14 },
];
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

/** Pieces whose ways of wearing are shown on the figure, every mode of each. */
const WAYS: readonly Piece[] = [
  make('shirt', 'shirt', '#eef0ee'),
  make('tee', 'tee', '#a9553a', { cut: { neckline: 'crew', sleeve: 'short' } }),
  make('tunic', 'tunic', '#7a8a6a'),
  make('cardigan', 'cardigan', '#6b4a6b'),
  make('blazer', 'blazer', '#5b4c3a'),
  make('coat', 'coat', '#ad8350'),
  make('jeans', 'jeans', '#34455f'),
  make('wrap', 'dress', '#24525c', {
    cut: { neckline: 'wrap', sleeve: 'three-quarter', silhouette: 'a-line', waistDetail: 'tie' },
    measures: { hemWidth: 1600, length: 1120 },
  }),
  make('shirt-dress', 'dress', '#7a8a6a', {
    cut: { neckline: 'collar', sleeve: 'long', silhouette: 'a-line' },
    measures: { hemWidth: 1500, length: 1120 },
  }),
  make('scarf', 'scarf', '#9c4a24', {
    measures: { width: 1050, lengthFlat: 1900 },
    colours: PATTERN,
    pattern: { kind: 'geometric', repeatMm: 80, contrast: 0.5 },
  }),
  make('jacket', 'jacket', '#2a2c35', {
    facts: { reversible: true },
    colours: [
      { hex: '#2a2c35', share: 0.9 },
      { hex: '#b98f3f', share: 0.1 },
    ],
  }),
  make('velvet', 'skirt', '#532a45', { fabric: { texture: 'velvet' }, cut: { silhouette: 'a-line' } }),
  make('removable', 'blouse', '#2d4a45', {
    cut: { neckline: 'v', sleeve: 'long', sleeveVolume: 'full' },
    parts: [{ zone: 'upper-arms', detachable: true }],
  }),
  make('bag', 'bag', '#4f1d24'),
];

const slacks = make('slacks', 'trousers', '#3d4148', { cut: { leg: 'straight' }, measures: { inseam: 790 } });
const jersey = make('jersey', 'fine-knit', '#d8cbb2');
const boots = make('boots', 'tall-boot', '#3b2a22');
const shoes = make('shoes', 'loafer', '#3b2a22');

/** A look around one piece in one way of wearing, so that the way can be seen. */
export function wayLooks(): { readonly title: string; readonly pieces: readonly Piece[] }[] {
  return WAYS.flatMap((piece) =>
    modesOf(piece).map((mode) => {
      const slot = mode.changes.slot ?? CATEGORY[piece.category].slot;
      const worn = { ...piece, mode: mode.id };
      const company = [
        ...(slot === 'top' || slot === 'whole' ? [] : [jersey]),
        ...(slot === 'bottom' || slot === 'whole' ? [] : [slacks]),
        mode.effects?.leg === 'in the boot' ? boots : shoes,
      ];
      return { title: `${piece.title}: ${mode.title.toLowerCase()}`, pieces: [worn, ...company] };
    }),
  );
}
