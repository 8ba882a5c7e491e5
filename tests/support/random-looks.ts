import { NOBODY, type Profile } from '@core/client';
import { type Occasion } from '@core/occasion';
import { type Setting } from '@core/look';
import {
  CATEGORIES,
  CATEGORY,
  type Category,
  type GivenPiece,
  modesOf,
  NECKLINES,
  type Piece,
  pieceFrom,
  TEXTURES,
} from '@core/piece';
import { stream } from './stream';

const random = stream(11);
export const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
export const some = (chance: number): boolean => random() < chance;
export const between = (lo: number, hi: number): number => Math.round(lo + random() * (hi - lo));

const HEXES = [
  '#1f2a44',
  '#fbfbf9',
  '#f3ecdc',
  '#17171a',
  '#9c4a24',
  '#1f4032',
  '#84868a',
  '#611f2f',
  '#b3222e',
  '#e07b2c',
  '#b52a72',
  '#3c7d4b',
  '#6d5a3c',
  '#5f4331',
  '#c8a083',
  '#6a6d72',
] as const;
/** The three primaries: no template of hues holds them. */
const PRIMARIES = ['#d02020', '#20a020', '#2020d0'] as const;
let palette: readonly string[] = HEXES;
export const OF = (slot: string): Category[] =>
  CATEGORIES.filter((category) => CATEGORY[category].slot === slot);

/** A piece as a shop has them, with everything a rule may look at; two in three measured. */
export function anyOf(category: Category, id: string): Piece {
  const { shape } = CATEGORY[category];
  const first = pick(palette);
  const colours = some(0.7)
    ? [{ hex: first, share: 1 }]
    : [
        { hex: first, share: 0.6 },
        { hex: pick(palette), share: 0.4 },
      ];
  const given: GivenPiece = {
    id,
    category,
    colours,
    owned: some(0.4),
    set: some(0.08) ? 'suit' : undefined,
    pattern:
      colours.length > 1
        ? {
            kind: pick(['stripe', 'check', 'floral', 'dot', 'animal']),
            direction: pick(['across', 'along']),
            repeatMm: between(6, 120),
            contrast: random(),
          }
        : undefined,
    fabric: {
      texture: pick(TEXTURES),
      finish: pick(['matt', 'matt', 'matt', 'matt', 'sheen', 'sparkle']),
      weight: pick(['light', 'mid', 'heavy']),
      sheer: pick(['opaque', 'opaque', 'opaque', 'semi', 'sheer']),
      stretchPct: pick([0, 0, 15, 30]),
      lined: some(0.3),
      fibres: [{ name: pick(['wool', 'cotton', 'silk', 'linen', 'merino']), pct: 100 }],
    },
    metal: (shape === 'jewel' && some(0.45)) || some(0.08) ? pick(['yellow', 'white', 'rose']) : 'none',
    metalContent: shape === 'jewel' ? [pick(['nickel', 'nickel-free', 'unknown', 'white gold'])] : [],
    material: shape === 'jewel' ? pick(['pearl', 'wood', 'stone', 'metal', 'glass']) : undefined,
    formality: between(0, 10),
    hour: pick(['any', 'any', 'day', 'evening']),
    statement: pick([0, 0, 1, 2, 3, 4, 5]),
    edge: between(0, 5),
    moods: [pick(['calm', 'playful', 'sharp', 'romantic', 'sporty', 'earthy', 'polished'])],
    volume: pick(['close', 'easy', 'full']),
    structure: between(0, 3),
    cut: {
      neckline: pick(NECKLINES),
      sleeve: pick(['none', 'short', 'long']),
      sleeveVolume: pick([undefined, 'full', 'close']),
      strap: some(0.2) ? 'thin' : undefined,
      silhouette: pick(['straight', 'pencil', 'full', 'a-line']),
      leg: pick(['skinny', 'slim', 'straight', 'flare', 'wide', 'barrel']),
      toe: pick(['round', 'almond', 'pointed', 'open']),
      sole: pick(['smooth', 'grip', 'lug']),
      heelTipMm: pick([undefined, 8, 40]),
      drop: category === 'earrings' ? between(2, 60) : undefined,
      waistDetail: pick(['none', 'none', 'tie']),
    },
    features: some(0.15)
      ? [{ zone: pick(['back', 'chest', 'knees']), what: 'detail', atMm: between(300, 700) }]
      : [],
    facts: { vent: some(0.3), waterproof: some(0.2) },
    care: pick(['machine', 'hand', 'dry-clean', undefined]),
    priceMinor: between(1000, 40_000),
    weightG: between(100, 1500),
    warmthClo: some(0.3) ? between(2, 9) / 10 : undefined,
    measures: some(0.7) ? measuresOf(category) : {},
  };
  const piece = pieceFrom(given);
  const modes = modesOf(piece);
  const elsewhere = modes.filter(({ changes }) => changes.slot !== undefined);
  // Ways that move a piece to another place are few among many, and are asked for as often.
  const from = some(0.3) && elsewhere.length > 0 ? elsewhere : modes;
  return some(0.6) && modes.length > 1 ? { ...piece, mode: pick(from).id } : piece;
}

function measuresOf(category: Category): GivenPiece['measures'] {
  const { shape, slot } = CATEGORY[category];
  const girths = {
    bust: between(820, 1200),
    waist: between(640, 1000),
    hip: between(880, 1200),
    upperArm: between(280, 420),
    shoulder: between(360, 440),
  };
  if (category === 'trousers' || category === 'jeans')
    return {
      ...girths,
      thigh: between(520, 720),
      inseam: between(610, 900),
      rise: between(220, 330),
      legOpening: between(280, 520),
    };
  if (category === 'skirt') return { ...girths, length: between(380, 1060) };
  if (category === 'shorts') return { ...girths, inseam: between(60, 300), rise: between(220, 330) };
  if (shape === 'whole') return { ...girths, length: between(800, 1460), sleeve: between(180, 640) };
  if (shape === 'upper')
    return {
      ...girths,
      length: slot === 'layer' ? between(560, 1250) : between(380, 880),
      sleeve: between(180, 660),
    };
  if (shape === 'shoe')
    return {
      heel: between(5, 110),
      shaft: category === 'tall-boot' ? between(320, 620) : between(100, 160),
      shaftGirth: 380,
    };
  if (category === 'scarf') return { width: between(20, 1200), lengthFlat: between(300, 2100) };
  return {
    width: between(20, 480),
    lengthFlat: between(300, 2000),
    chain: between(380, 850),
    caseMm: between(24, 50),
  };
}

/** One print of the three primaries in equal parts over quiet things: the one thing no hue template holds. */
function printed(): Piece[] {
  palette = ['#17171a', '#84868a'];
  const shares = [0.34, 0.33, 0.33];
  const dress: Piece = {
    ...anyOf('dress', 'p0'),
    colours: PRIMARIES.map((hex, i) => ({ hex, share: shares[i] ?? 0 })),
    pattern: { kind: 'geometric', repeatMm: 60, contrast: 0.6 },
  };
  return [dress, anyOf(pick(OF('shoes')), 'p1'), ...(some(0.5) ? [anyOf(pick(OF('layer')), 'p2')] : [])];
}

/** What is seldom put together by chance: a pin in what it would mark, a strap sold alone, a thick tie, pale boots. */
function small(): Piece[] {
  palette = HEXES;
  const style = 'harbour-bag';
  const ivory = { colours: [{ hex: '#f3ecdc', share: 1 }] };
  const white = { colours: [{ hex: '#d8d2e8', share: 1 }] };
  return [
    anyOf(pick(OF('top')), 'p0'),
    anyOf('brooch', 'p1'),
    { ...anyOf('tie', 'p2'), mode: pick(['small-knot', 'wide-knot']) },
    { ...anyOf('belt', 'p3'), fastensTo: [style] },
    ...(some(0.5) ? [{ ...anyOf('bag', 'p4'), styleId: style }] : []),
    { ...anyOf('ankle-boot', 'p5'), ...ivory },
    { ...anyOf('coat', 'p6'), ...white },
  ];
}

/** Leggings in boots over the knee under a short top; and a loose white day dress with nothing on it. */
function rare(): Piece[] {
  const plain = { pattern: { kind: 'solid', repeatMm: 10, contrast: 0 } } as const;
  if (some(0.5)) {
    palette = ['#17171a'];
    const boot: Piece = {
      ...anyOf('tall-boot', 'p0'),
      measures: { shaft: 620, heel: 30 },
      origins: { shaft: 'given' },
    };
    const top = { ...anyOf('tee', 'p2'), measures: { length: between(520, 600) } };
    return [boot, anyOf('leggings', 'p1'), top];
  }
  palette = ['#fbfbf9'];
  const dress = anyOf('dress', 'p0');
  return [
    {
      ...dress,
      ...plain,
      colours: [{ hex: '#fbfbf9', share: 1 }],
      fabric: { ...dress.fabric, texture: 'smooth', sheer: 'opaque' },
      cut: { ...dress.cut, silhouette: 'shift' },
      volume: 'easy',
      formality: 4,
      mode: undefined,
    },
    anyOf(pick(OF('shoes')), 'p1'),
  ];
}

/** A look somebody could have put on: the main places filled, the rest by chance. */
export function anyLook(): Piece[] {
  if (some(0.02)) return rare();
  if (some(0.02)) return small();
  if (some(0.05)) return printed();
  palette = some(0.12) ? PRIMARIES : HEXES;
  const worn: Category[] = some(0.3) ? [pick(OF('whole'))] : [pick(OF('top')), pick(OF('bottom'))];
  // A knit over a shirt.
  if (worn[0] === 'shirt' && some(0.6)) worn.push('fine-knit');
  if (some(0.9)) worn.push(pick(OF('shoes')));
  if (some(0.65)) worn.push(pick(OF('layer')));
  for (const slot of ['bag', 'belt', 'scarf', 'head', 'neck', 'ears', 'wrist', 'legwear', 'watch'])
    if (some(0.3)) worn.push(pick(OF(slot)));
  return worn.map((category, i) => anyOf(category, `p${i}`));
}

export function anySetting(): Setting {
  const client: Profile = {
    ...NOBODY,
    measures: some(0.8)
      ? {
          heightMm: between(1520, 1900),
          bust: between(820, 1100),
          waist: between(640, 940),
          hip: between(880, 1150),
          ...(some(0.5)
            ? {
                insideLegLength: between(720, 860),
                shoulderWidth: between(350, 430),
                thigh: between(520, 640),
              }
            : {}),
        }
      : {},
    skinHex: some(0.5) ? '#c8a083' : undefined,
    hair: pick(['up', 'down', undefined]),
    goals: some(0.5) ? [pick(['longer-leg', 'longer-line', 'interest-above', 'interest-below'])] : [],
    cover: some(0.3) ? [pick(['upper-arms', 'knees', 'midriff'])] : [],
    looseOver: some(0.3) ? [pick(['midriff', 'seat', 'thighs'])] : [],
    limits: some(0.5)
      ? {
          ...NOBODY.limits,
          heelMaxMm: 40,
          avoidFibres: ['silk'],
          washableOnly: some(0.5),
          openToe: false,
          bagMaxG: 900,
        }
      : NOBODY.limits,
    allergies: some(0.3) ? [pick(['nickel', 'wool'])] : [],
    nevers: some(0.2) ? [pick(['wool', 'heel', 'animal', 'nickel'])] : [],
    appetite: {
      statement: pick([undefined, 'quiet', 'one', 'bold']),
      pattern: pick([undefined, 'none', 'one', 'mix']),
      edge: pick([undefined, 1, 3]),
    },
    moods: some(0.7) ? [pick(['calm', 'sharp', 'romantic', 'polished'])] : [],
    colourCard: {
      like: some(0.3) ? [pick(HEXES)] : [],
      avoid: some(0.3) ? [pick(HEXES)] : [],
      never: some(0.2) ? [pick(HEXES)] : [],
    },
  };
  const floor = between(0, 8);
  const occasion: Occasion = {
    title: 'o',
    date: pick(['2026-06-10', '2026-12-01']),
    formality: [floor, floor + 2],
    time: pick(['day', 'evening']),
    indoorC: pick([undefined, 8, 19, 22, 27]),
    outdoorC: pick([undefined, -25, 2, 8, 15, 33, 37]),
    humidityPct: between(30, 80),
    windMs: between(0, 10),
    activityMet: pick([1, 1.2, 2, 4]),
    hoursOnFeet: pick([undefined, 1, 5]),
    surfaces: some(0.6) ? [pick(['grass', 'cobbles', 'ice', 'deck', 'sand', 'wet'])] : [],
    carry: [],
    bans: some(0.2) ? [pick(['white', 'red', 'sequin', 'heel', 'knees'])] : [],
    musts: some(0.2) ? [pick(['all-black', 'shoulders', 'upper-arms', 'navy'])] : [],
    seenBy: [],
  };
  return {
    client,
    occasion: some(0.9) ? occasion : undefined,
    schools: {
      colour: pick(['tonal', 'accent', 'harmony', 'free']),
      metals: pick(['match', 'mix']),
      hides: pick(['match', 'coordinate', 'contrast']),
      shine: pick(['calm', 'repeat']),
      shape: pick(['balance', 'own it']),
    },
    budget: { boxMinor: between(20_000, 120_000), pieceMinor: { tee: 20_000 } },
  };
}
