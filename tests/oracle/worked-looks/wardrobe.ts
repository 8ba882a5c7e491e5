import type { Profile } from '@core/client';
import { NOBODY } from '@core/client';
import type { Setting } from '@core/look';
import type { Occasion } from '@core/occasion';
import { type GivenPiece, type Piece, pieceFrom } from '@core/piece';

/**
 * Looks that we would put on somebody, and looks that we would change: written down before the judge was asked, by
 * common practice, no source. None is drawn from the demo. Bodies and clothes are made up.
 */
export interface WorkedLook {
  readonly title: string;
  readonly setting: Setting;
  readonly pieces: readonly Piece[];
  /** What a stylist says of it: to be sent, or to be changed for what the rule named here asks. */
  readonly change?: string | undefined;
}

export const WHITE = '#fbfbf9';
export const IVORY = '#f3ecdc';
export const NAVY = '#1f2a44';
export const BLACK = '#17171a';
export const GREY = '#84868a';
export const CHARCOAL = '#3d3f45';
export const CAMEL = '#ad8350';
export const BROWN = '#5f4331';
export const TAN = '#b98f60';
export const RUST = '#9c4a24';
export const MOSS = '#56663f';
export const BOTTLE = '#1f4032';
export const BURGUNDY = '#611f2f';
export const RED = '#b3222e';
export const SKY = '#a6c8de';
export const DENIM = '#3d5a80';
export const MUSTARD = '#c6962d';
export const GOLD = '#c2a14e';
export const SILVER = '#b9bcc0';
export const TEAL = '#1f6a6b';
export const PLUM = '#532a45';
export const SAND = '#d3c5ab';

/** Five bodies of either build; usual lengths for their height. */
export const BODIES = {
  petite: { heightMm: 1560, bust: 860, waist: 680, hip: 930, insideLegLength: 720 },
  middle: { heightMm: 1680, bust: 920, waist: 740, hip: 990, insideLegLength: 785 },
  tall: { heightMm: 1800, bust: 940, waist: 760, hip: 1010, insideLegLength: 850 },
  'full hip': { heightMm: 1670, bust: 940, waist: 780, hip: 1100, insideLegLength: 775 },
  man: { heightMm: 1810, bust: 1000, waist: 860, hip: 1000, shoulderWidth: 460, insideLegLength: 840 },
} as const;
export type BodyName = keyof typeof BODIES;

const OCCASIONS = {
  office: { title: 'the office', formality: [4, 7], time: 'day', indoorC: 22, outdoorC: 14 },
  interview: { title: 'the interview', formality: [5, 8], time: 'day', indoorC: 22, outdoorC: 12 },
  weekend: { title: 'the weekend', formality: [1, 4], time: 'day', indoorC: 21, outdoorC: 15 },
  dinner: { title: 'the dinner', formality: [5, 8], time: 'evening', indoorC: 22, outdoorC: 12 },
  wedding: {
    title: 'the wedding',
    formality: [6, 9],
    time: 'day',
    indoorC: 22,
    outdoorC: 21,
    bans: ['white'],
  },
  garden: {
    title: 'the garden party',
    formality: [4, 7],
    time: 'day',
    outdoorC: 24,
    surfaces: ['grass'],
    date: '2027-06-12',
  },
  gallery: { title: 'the opening', formality: [4, 7], time: 'evening', indoorC: 21, outdoorC: 14 },
  winter: {
    title: 'the market',
    formality: [2, 5],
    time: 'day',
    indoorC: 21,
    outdoorC: 4,
    date: '2026-12-12',
  },
  travel: { title: 'the journey', formality: [2, 5], time: 'day', indoorC: 21, outdoorC: 16 },
} as const satisfies Record<string, Partial<Occasion>>;
export type OccasionName = keyof typeof OCCASIONS;

export const setting = (body: BodyName, occasion: OccasionName, client: Partial<Profile> = {}): Setting => ({
  client: { ...NOBODY, measures: BODIES[body], ...client },
  occasion: {
    humidityPct: 50,
    seenBy: [],
    carry: [],
    bans: [],
    musts: [],
    surfaces: [],
    ...OCCASIONS[occasion],
  } as unknown as Occasion,
});

export const p = (
  category: GivenPiece['category'],
  hex: string,
  more: Partial<GivenPiece> = {},
): GivenPiece => ({
  id: category,
  category,
  colours: [{ hex, share: 1 }],
  ...more,
});
export const print = (
  category: GivenPiece['category'],
  ground: string,
  figure: string,
  pattern: GivenPiece['pattern'],
  more: Partial<GivenPiece> = {},
): GivenPiece => ({
  ...p(category, ground, more),
  colours: [
    { hex: ground, share: 0.65 },
    { hex: figure, share: 0.35 },
  ],
  pattern: { contrast: 0.5, ...pattern },
  statement: more.statement ?? 2,
});

// Clothes as a shop has them, cut for the bodies above.
export const tailored = { structure: 2, fabric: { texture: 'smooth', weight: 'mid' } } as const;
export const blazer = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('blazer', hex, { ...tailored, statement: 1, ...more });
export const shirt = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('shirt', hex, { cut: { neckline: 'collar', sleeve: 'long' }, mode: 'full-tuck', ...more });
export const blouse = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('blouse', hex, {
    cut: { neckline: 'v', sleeve: 'long' },
    mode: 'full-tuck',
    fabric: { texture: 'satin', weight: 'light' },
    statement: 1,
    ...more,
  });
export const knit = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('fine-knit', hex, {
    cut: { neckline: 'crew', sleeve: 'long' },
    fabric: { texture: 'rib', weight: 'mid', fibres: [{ name: 'wool', pct: 100 }] },
    ...more,
  });
export const tee = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('tee', hex, { cut: { neckline: 'crew', sleeve: 'short' }, ...more });
export const trousers = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('trousers', hex, { cut: { leg: 'straight' }, ...more });
export const jeans = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('jeans', hex, { cut: { leg: 'straight' }, fabric: { texture: 'denim', weight: 'mid' }, ...more });
export const skirt = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('skirt', hex, { cut: { silhouette: 'a-line' }, measures: { length: 700 }, ...more });
export const dress = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('dress', hex, {
    cut: { neckline: 'v', silhouette: 'a-line', sleeve: 'short' },
    measures: { length: 1080 },
    statement: 2,
    ...more,
  });
export const coat = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('coat', hex, {
    structure: 2,
    mode: 'open',
    fabric: { texture: 'smooth', weight: 'heavy', fibres: [{ name: 'wool', pct: 100 }] },
    ...more,
  });
export const cardigan = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('cardigan', hex, { fabric: { texture: 'rib', weight: 'mid' }, mode: 'open', ...more });
export const leather = { texture: 'leather', weight: 'mid' } as const;
export const shoe = (
  category: GivenPiece['category'],
  hex: string,
  heel: number,
  more: Partial<GivenPiece> = {},
) => p(category, hex, { fabric: leather, measures: { heel }, ...more });
export const loafer = (hex: string) => shoe('loafer', hex, 20);
export const sneaker = (hex: string) => shoe('sneaker', hex, 25, { fabric: { texture: 'smooth' } });
export const court = (hex: string, heel = 55) => shoe('heel', hex, heel, { cut: { toe: 'pointed' } });
export const ankle = (hex: string) =>
  p('ankle-boot', hex, { fabric: leather, measures: { heel: 35, shaft: 140, shaftGirth: 260 } });
export const bag = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('bag', hex, { fabric: leather, structure: 2, ...more });
export const belt = (hex: string) => p('belt', hex, { fabric: leather });
export const earrings = (metal: 'yellow' | 'white', drop = 12, statement = 1) =>
  p('earrings', metal === 'yellow' ? GOLD : SILVER, { metal, material: 'metal', cut: { drop }, statement });
export const chain = (metal: 'yellow' | 'white', mm = 440) =>
  p('necklace', metal === 'yellow' ? GOLD : SILVER, {
    metal,
    material: 'metal',
    measures: { chain: mm },
    statement: 1,
  });
export const scarf = (hex: string, more: Partial<GivenPiece> = {}) =>
  p('scarf', hex, {
    fabric: { texture: 'smooth', weight: 'light' },
    measures: { width: 650, lengthFlat: 1700 },
    statement: 1,
    ...more,
  });

const made = (pieces: readonly GivenPiece[]): Piece[] => pieces.map(pieceFrom);
export const send = (title: string, at: Setting, ...pieces: readonly GivenPiece[]): WorkedLook => ({
  title,
  setting: at,
  pieces: made(pieces),
});
/** A look we would change, and the same with one thing changed as we would change it. */
export interface MendedLook extends WorkedLook {
  readonly change: string;
  readonly mended: readonly Piece[];
}

/** The second list stands in for pieces of the same id in the first, or is put on besides; `off` takes pieces off. */
export const mend = (
  title: string,
  rule: string,
  at: Setting,
  pieces: readonly GivenPiece[],
  instead: readonly GivenPiece[],
  off: readonly string[] = [],
): MendedLook => {
  const kept = pieces.filter(({ id }) => !off.includes(id));
  return {
    title,
    change: rule,
    setting: at,
    pieces: made(pieces),
    mended: made([
      ...kept.map((piece) => instead.find(({ id }) => id === piece.id) ?? piece),
      ...instead.filter(({ id }) => !kept.some((piece) => piece.id === id)),
    ]),
  };
};
