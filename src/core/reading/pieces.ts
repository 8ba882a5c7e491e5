import { colourName } from '../colour';
import { CATEGORY, type Category, type GivenPiece, type PatternKind, type Piece } from '../piece';
import type { LengthWord, Reading } from './reading';

/** Repeats somebody means who names a pattern; from memory. mm, and contrast where it is not middling. */
const PATTERN: { readonly [kind in PatternKind]?: Omit<NonNullable<GivenPiece['pattern']>, 'kind'> } = {
  stripe: { direction: 'across', repeatMm: 24 },
  check: { repeatMm: 40 },
  dot: { repeatMm: 30 },
  floral: { repeatMm: 90 },
  animal: { repeatMm: 60 },
  geometric: { repeatMm: 60 },
  graphic: { repeatMm: 200 },
  abstract: { repeatMm: 120 },
  marl: { repeatMm: 3, contrast: 0.2 },
};

type Fabric = NonNullable<GivenPiece['fabric']>;
/** What a fibre or a texture usually brings along. Common practice. */
const CLOTH: Readonly<Record<string, Fabric>> = {
  silk: { finish: 'sheen', weight: 'light' },
  merino: { weight: 'light' },
  cashmere: { finish: 'soft' },
  linen: { texture: 'linen' },
  satin: { finish: 'sheen' },
  sequin: { finish: 'sparkle' },
  lace: { sheer: 'semi' },
  mesh: { sheer: 'sheer' },
  tweed: { weight: 'heavy' },
};
const NOTED: Readonly<Record<string, Fabric>> = {
  sheer: { sheer: 'sheer' },
  lined: { lined: true },
  stretch: { stretchPct: 15 },
  stretchy: { stretchPct: 15 },
  lightweight: { weight: 'light' },
  heavyweight: { weight: 'heavy' },
};

/** Lengths by word, mm: from the shoulder for a dress, from the waistband for a skirt. From memory. */
const DRESS: { readonly [word in LengthWord]?: number } = {
  mini: 860,
  knee: 980,
  midi: 1120,
  ankle: 1300,
  maxi: 1400,
  full: 1400,
};
const SKIRT: { readonly [word in LengthWord]?: number } = {
  mini: 420,
  knee: 580,
  midi: 760,
  ankle: 900,
  maxi: 1000,
  full: 1000,
};
/** A top that ends so far below the shoulder is cropped, mm. */
const CROPPED = 500;
const lengthOf = (category: Category, word: LengthWord | undefined): number | undefined => {
  if (word === undefined) return undefined;
  const { shape, skirted } = CATEGORY[category];
  if (skirted) return (shape === 'whole' ? DRESS : SKIRT)[word];
  return shape === 'upper' && word === 'cropped' ? 480 : undefined;
};

/** The word for how long a dress, a skirt or a top is, by the nearest usual length; undefined where nobody measured it. */
export function lengthWordOf({
  category,
  measures,
}: Pick<Piece, 'category' | 'measures'>): LengthWord | undefined {
  const { shape, skirted } = CATEGORY[category];
  const { length } = measures;
  if (length === undefined) return undefined;
  if (!skirted) return shape === 'upper' && length <= CROPPED ? 'cropped' : undefined;
  const usual = Object.entries(shape === 'whole' ? DRESS : SKIRT) as [LengthWord, number][];
  return usual.reduce((best, each) =>
    Math.abs(each[1] - length) < Math.abs(best[1] - length) ? each : best,
  )[0];
}

function fabricOf({ fibres = [], textures = [], notes = '' }: Reading): Fabric | undefined {
  const pct = fibres.length > 0 ? Math.floor(100 / fibres.length) : 0;
  const said: Fabric = Object.assign(
    {},
    ...[...fibres, ...textures].map((word) => CLOTH[word] ?? {}),
    ...notes.split(', ').map((word) => NOTED[word] ?? {}),
    textures[0] ? { texture: textures[0] } : {},
    fibres.length > 0
      ? { fibres: fibres.map((name, i) => ({ name, pct: i === 0 ? 100 - pct * (fibres.length - 1) : pct })) }
      : {},
  ) as Fabric;
  return Object.keys(said).length > 0 ? said : undefined;
}

const GROUND = '#f3ecdc';
const UNSAID = '#84868a';

/** A reading as a piece, with what its words usually mean; undefined while no kind is named. */
export function pieceOfReading(reading: Reading): Omit<GivenPiece, 'id'> | undefined {
  const [category] = reading.kinds;
  if (!category) return undefined;
  const hexes = (reading.colours ?? []).slice(0, 3).map(({ hex }) => hex);
  const [first = UNSAID] = hexes;
  const [kind] = reading.patterns ?? [];
  const pattern = kind && kind !== 'solid' ? { contrast: 0.5, ...PATTERN[kind], kind } : undefined;
  // One colour named of a print is its ground or its figure: the other is taken to be pale.
  const isPrinted = pattern && kind !== 'marl' && hexes.length === 1;
  const shares = hexes.length <= 1 ? [1] : hexes.length === 2 ? [0.65, 0.35] : [0.6, 0.25, 0.15];
  const colours = isPrinted
    ? [
        { hex: first, share: 0.65 },
        { hex: GROUND, share: 0.35 },
      ]
    : shares.map((share, i) => ({ hex: hexes[i] ?? first, share }));
  const length = lengthOf(category, reading.length);
  const fabric = fabricOf(reading);
  const care = reading.care?.find((each) => each === 'machine' || each === 'hand' || each === 'dry-clean');
  const said = reading.text.trim();
  return {
    title: ((said[0] ?? '').toUpperCase() + said.slice(1)).slice(0, 120),
    category,
    owned: true,
    colours: colours.map((swatch) => ({ ...swatch, name: colourName(swatch.hex) })),
    ...(pattern ? { pattern } : {}),
    ...(fabric ? { fabric } : {}),
    ...(reading.cut ? { cut: reading.cut } : {}),
    ...(reading.volume ? { volume: reading.volume } : {}),
    ...(length ? { measures: { length } } : {}),
    ...(reading.department ? { department: reading.department } : {}),
    ...(care === 'machine' || care === 'hand' || care === 'dry-clean' ? { care } : {}),
    ...(reading.care?.includes('noIron') ? { ironing: 'none' } : {}),
  };
}
