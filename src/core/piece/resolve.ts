import { average, lab, labToHex } from '../colour';
import { memo } from '../memo';
import { sleeveOf } from './cut-of';
import type { Effects, MeasureOrigins, Measures, Mode, Swatch } from './attributes';
import { CATEGORY } from './kinds';
import type { CategoryFacts } from './kinds/kind';
import { modeOf } from './modes';
import type { Piece } from './piece';
import { MEASURES, type MeasureName, type Origin, type Slot, type Zone } from './words';

/** A piece as it is worn: mode applied, measures complete, cover and seen colours worked out. */
export interface Worn {
  readonly piece: Piece;
  readonly mode: Mode;
  /** What wearing it so does. */
  readonly effects: Effects;
  readonly facts: CategoryFacts;
  readonly slot: Slot;
  /** Layer order from the skin outwards. */
  readonly order: number;
  readonly measures: Measures;
  readonly origins: MeasureOrigins;
  readonly covers: ReadonlySet<Zone>;
  /** Zones covered by semi-sheer cloth only. */
  readonly halfCovers: ReadonlySet<Zone>;
  /** Colours as the eye meets them, largest first: a micro pattern is the one colour it melts into. */
  readonly seen: readonly Swatch[];
  /** Every colour of the cloth, micro or not; these count for echoes. */
  readonly swatches: readonly Swatch[];
  readonly micro: boolean;
  readonly clo: number;
}

/** True when a pattern is too small or too faint to be seen as one (repeat × contrast < 2). */
export function isMicro(piece: Pick<Piece, 'pattern'>): boolean {
  const { kind, repeatMm, contrast } = piece.pattern;
  return kind === 'solid' || kind === 'marl' || repeatMm * contrast < 2;
}

/** Where a piece stands among the layers when a way of wearing moves it to another slot. */
const SLOT_ORDER: Partial<Record<Slot, number>> = { beneath: 10, top: 22, whole: 30, bottom: 31, layer: 42 };

/** Pile brushed upwards drinks the light: about 7 L* darker. Common practice, no source. */
function darker(swatch: Swatch): Swatch {
  const colour = lab(swatch.hex);
  return { ...swatch, hex: labToHex({ ...colour, l: Math.max(2, colour.l - 7) }) };
}

/** Sequins brushed back show the colour behind, pile a deeper one. */
function turned({ colours, fabric }: Piece): readonly Swatch[] {
  const [front, back, ...rest] = colours;
  if (fabric.texture === 'sequin' && front && back)
    return [{ ...back, share: front.share }, { ...front, share: back.share }, ...rest];
  return colours.map(darker);
}

/** A wrap is tied anew: the depth of its neck follows the way it is tied, mm. */
const WRAP_DEPTH = { side: 230, low: 270, deep: 330, back: 60 } as const;
const withWrap = (piece: Piece, { wrapped }: Effects): Piece =>
  wrapped === undefined ? piece : { ...piece, cut: { ...piece.cut, necklineDepthMm: WRAP_DEPTH[wrapped] } };

/** A measure of a worn piece in mm with its origin, or undefined when the category has none. */
export function measure(worn: Worn, name: MeasureName): { mm: number; origin: Origin } | undefined {
  const mm = worn.measures[name];
  return mm === undefined ? undefined : { mm, origin: worn.origins[name] ?? 'defaulted' };
}

/** Applies the mode worn, fills measures from its category and works out cover and colours. */
export const wear = memo(wearAnew);

/**
 * How much warmer or cooler a cloth is than the usual of its kind: by weight, and by fibre. Common practice, no source; the
 * tables of ISO 9920 give a range of about this width for a garment.
 */
function warmthOf({ weight, fibres }: Piece['fabric']): number {
  const warm = fibres.some(
    ({ name, pct }) => pct >= 30 && /wool|merino|cashmere|alpaca|mohair|down|fleece/i.test(name),
  );
  const cool = fibres.some(({ name, pct }) => pct >= 50 && /linen|silk|viscose|lyocell/i.test(name));
  return { light: 0.8, mid: 1, heavy: 1.4 }[weight] * (warm ? 1.2 : cool ? 0.9 : 1);
}

const NO_EFFECTS: Effects = {};

function wearAnew(piece: Piece): Worn {
  const mode = modeOf(piece);
  const changed: Piece = { ...piece, ...mode.changes };
  const effects = mode.effects ?? NO_EFFECTS;
  const now: Piece =
    effects.nap === 'turned' ? { ...changed, colours: turned(changed) } : withWrap(changed, effects);
  const facts = CATEGORY[piece.category];
  const slot = mode.changes.slot ?? piece.slot ?? facts.slot;
  const { measures, origins } = complete(now, facts.measures);
  const { covers, halfCovers } = cover(now, effects, facts);
  const micro = isMicro(now);
  const first = now.colours[0];
  return {
    piece: now,
    mode,
    effects,
    facts,
    slot,
    order: slot === facts.slot ? facts.order : (SLOT_ORDER[slot] ?? facts.order + 15),
    measures,
    origins,
    covers,
    halfCovers,
    // A plain piece with a band, a strap or a sole of a second colour has two colours; only a small pattern melts into one.
    seen:
      micro && now.pattern.kind !== 'solid' && first
        ? [{ hex: average(now.colours), share: 1 }]
        : now.colours,
    swatches: now.colours,
    micro,
    clo: now.warmthClo ?? facts.clo * warmthOf(now.fabric),
  };
}

function complete(piece: Piece, usual: Measures): { measures: Measures; origins: MeasureOrigins } {
  const measures: Partial<Record<MeasureName, number>> = {};
  const origins: Partial<Record<MeasureName, Origin>> = {};
  for (const name of MEASURES) {
    const given = piece.measures[name];
    if (given !== undefined) {
      measures[name] = given;
      origins[name] = piece.origins[name] ?? 'given';
    } else if (usual[name] !== undefined) {
      measures[name] = usualSleeveMm(piece, name) ?? usual[name];
      origins[name] = 'defaulted';
    }
  }
  return { measures, origins };
}

/** Usual sleeve lengths from the shoulder point, mm; common practice. */
const SLEEVE_MM = { none: 0, cap: 90, short: 190, elbow: 330, 'three-quarter': 450, long: 610 } as const;

function usualSleeveMm(piece: Piece, name: MeasureName): number | undefined {
  return name === 'sleeve' && piece.cut.sleeve ? SLEEVE_MM[piece.cut.sleeve] : undefined;
}

const SLEEVE_COVER: Readonly<Record<string, readonly Zone[]>> = {
  none: [],
  cap: [],
  short: [],
  elbow: ['upper-arms'],
  'three-quarter': ['upper-arms'],
  long: ['upper-arms', 'lower-arms'],
};

const UPPER_ZONES: readonly Zone[] = [
  'chest',
  'midriff',
  'back',
  'shoulders',
  'upper-arms',
  'lower-arms',
  'neck',
];

/** Zones that a way of wearing bares. */
function bared({ shows, as, sleeves, arms, front }: Effects): readonly Zone[] {
  return [
    ...(shows === 'below the waist' ? UPPER_ZONES : []),
    ...(as === 'layer' || front === 'open' || arms !== undefined ? (['chest', 'midriff'] as const) : []),
    ...(as === 'round the shoulders' ? (['upper-arms', 'neck', 'seat'] as const) : []),
    ...(sleeves !== undefined || arms !== undefined ? (['lower-arms'] as const) : []),
  ];
}

/** "Ripped", "tear at the knee", "cut-outs". */
const TORN = /\b(torn|tears?|ripped|rips?|cut-?outs?)\b/i;

function cover(piece: Piece, effects: Effects, facts: CategoryFacts) {
  const zones = new Set<Zone>(piece.covers ?? usualCover(piece, facts));
  for (const zone of bared(effects)) zones.delete(zone);
  // Where the cloth is torn on purpose, skin shows.
  for (const { zone, what } of piece.features) if (TORN.test(what)) zones.delete(zone);
  const half = new Set<Zone>();
  for (const part of [{ zone: undefined, fabric: piece.fabric }, ...piece.parts]) {
    if (!part.fabric || part.fabric.sheer === 'opaque' || (part.zone === undefined && piece.fabric.lined))
      continue;
    for (const zone of part.zone ? [part.zone] : [...zones]) {
      if (!zones.delete(zone)) continue;
      if (part.fabric.sheer === 'semi') half.add(zone);
    }
  }
  return { covers: zones, halfCovers: half };
}

function usualCover(piece: Piece, facts: CategoryFacts): Zone[] {
  const zones = new Set<Zone>(facts.covers);
  const { cut, measures } = piece;
  if (facts.shape === 'upper' || facts.shape === 'whole') {
    for (const zone of SLEEVE_COVER[sleeveOf(piece) ?? facts.sleeve] ?? []) zones.add(zone);
    if (cut.neckline === 'high' || cut.neckline === 'roll') zones.add('neck');
    if (cut.neckline === 'strapless' || cut.neckline === 'halter') zones.delete('shoulders');
    if (cut.neckline === 'one-shoulder') zones.delete('shoulders');
    if (cut.strap === 'thin') zones.delete('shoulders');
    if (cut.back === 'low' || cut.back === 'open' || cut.neckline === 'halter') zones.delete('back');
    const depth = cut.necklineDepthMm ?? 0;
    if (depth > 230) zones.delete('chest');
  }
  const length = measures.length;
  if (length !== undefined) {
    for (const [zone, from] of facts.coversFrom) {
      if (length >= from) zones.add(zone);
      else zones.delete(zone);
    }
    if (facts.slot === 'top' || (facts.slot === 'layer' && facts.shape === 'upper' && length < 860)) {
      if (length < 430) zones.delete('midriff');
      if (length >= 720) zones.add('seat');
    }
  }
  if (facts.legs === 'short' && (measures.inseam ?? 200) < 120) zones.delete('thighs');
  if (facts.shape === 'shoe' && cut.toe === 'open') zones.delete('feet');
  return [...zones];
}
