import type {
  BACKS,
  CARES,
  IRONINGS,
  Department,
  DIRECTIONS,
  FINISHES,
  HOURS,
  JEWEL_MATERIALS,
  Leg,
  MeasureName,
  METALS,
  Neckline,
  Origin,
  PatternKind,
  RISES,
  SEASONS,
  SHEERS,
  SIDES,
  SILHOUETTES,
  Sleeve,
  SOLES,
  STRAPS,
  Texture,
  TOES,
  VOLUMES,
  WAIST_DETAILS,
  WEIGHTS,
  Zone,
  Slot,
} from './words';

/** A colour of a piece with the share of the piece it takes, 0..1. */
export interface Swatch {
  readonly hex: string;
  readonly share: number;
  readonly name?: string | undefined;
  /** Where the colour comes from; absent: measured or given. */
  readonly origin?: (typeof COLOUR_ORIGINS)[number] | undefined;
}

/** A colour read off a photo is less sure than one that was measured. */
export const COLOUR_ORIGINS = ['measured', 'photo', 'tapped', 'named'] as const;

export interface Pattern {
  readonly kind: PatternKind;
  readonly direction?: (typeof DIRECTIONS)[number] | undefined;
  /** Repeat in mm, 1..1000. */
  readonly repeatMm: number;
  /** 0 (tone on tone) .. 1 (black on white). */
  readonly contrast: number;
}

export interface Fabric {
  readonly fibres: readonly { readonly name: string; readonly pct: number }[];
  readonly texture: Texture;
  readonly finish: (typeof FINISHES)[number];
  readonly weight: (typeof WEIGHTS)[number];
  readonly sheer: (typeof SHEERS)[number];
  readonly stretchPct: number;
  readonly lined: boolean;
}

export interface Cut {
  readonly neckline?: Neckline | undefined;
  readonly necklineDepthMm?: number | undefined;
  readonly strap?: (typeof STRAPS)[number] | undefined;
  readonly bareSide?: (typeof SIDES)[number] | undefined;
  readonly sleeve?: Sleeve | undefined;
  readonly sleeveVolume?: (typeof VOLUMES)[number] | undefined;
  readonly back?: (typeof BACKS)[number] | undefined;
  readonly silhouette?: (typeof SILHOUETTES)[number] | undefined;
  readonly waistDetail?: (typeof WAIST_DETAILS)[number] | undefined;
  readonly leg?: Leg | undefined;
  readonly rise?: (typeof RISES)[number] | undefined;
  readonly toe?: (typeof TOES)[number] | undefined;
  readonly sole?: (typeof SOLES)[number] | undefined;
  readonly heelTipMm?: number | undefined;
  /** Drop of earrings, mm. */
  readonly drop?: number | undefined;
  readonly train?: boolean | undefined;
}

export type Measures = { readonly [name in MeasureName]?: number | undefined };
export type MeasureOrigins = { readonly [name in MeasureName]?: Origin | undefined };

/** Measures that somebody took or worked out: without those that were only filled in from the category. */
export const ownMeasures = (
  { measures }: { readonly measures: Measures },
  origins: MeasureOrigins,
): Measures =>
  Object.fromEntries(
    Object.entries(measures).filter(([name]) => origins[name as MeasureName] !== 'defaulted'),
  );

/** A part that differs from the piece (sheer sleeves) or comes off (a cape). */
export interface Part {
  readonly zone: Zone;
  readonly fabric?: Fabric | undefined;
  readonly colours?: readonly Swatch[] | undefined;
  readonly detachable?: boolean | undefined;
  readonly priceMinor?: number | undefined;
}

export interface Facts {
  readonly closure?: string | undefined;
  readonly pockets?: { readonly real: number; readonly depthMm: number } | undefined;
  readonly vent?: boolean | undefined;
  readonly beltLoops?: boolean | undefined;
  readonly waterproof?: boolean | undefined;
  readonly releasedHem?: boolean | undefined;
  readonly reversible?: boolean | undefined;
}

/**
 * What a piece is made of, cut like and worth: everything a way of wearing may change. Lengths in
 * mm, girths as full circumference, mass in g, insulation in clo, price in minor units.
 */
export interface Attributes {
  readonly slot?: Slot | undefined;
  /** Whose rail it hangs on; absent: nobody said. */
  readonly department?: Department | undefined;
  readonly colours: readonly Swatch[];
  readonly pattern: Pattern;
  readonly fabric: Fabric;
  readonly parts: readonly Part[];
  readonly metal: (typeof METALS)[number];
  readonly metalContent: readonly string[];
  readonly material?: (typeof JEWEL_MATERIALS)[number] | undefined;
  /** 0 beach .. 10 full evening dress. */
  readonly formality: number;
  readonly hour: (typeof HOURS)[number];
  readonly seasons: readonly (typeof SEASONS)[number][];
  /** 0..5: how much it asks to be looked at. */
  readonly statement: number;
  readonly moods: readonly string[];
  /** 0..5: how far from the usual. */
  readonly edge: number;
  readonly volume: (typeof VOLUMES)[number];
  /** 0 drapes .. 3 stands by itself. */
  readonly structure: number;
  readonly cut: Cut;
  readonly measures: Measures;
  readonly covers?: readonly Zone[] | undefined;
  readonly features: readonly {
    readonly zone: Zone;
    readonly what: string;
    readonly atMm?: number | undefined;
  }[];
  readonly facts: Facts;
  readonly warmthClo?: number | undefined;
  /** As the label says it; absent while nobody entered it. */
  readonly care?: (typeof CARES)[number] | undefined;
  /** As the label or the shop says; absent: nobody said, and the cloth is no witness. */
  readonly ironing?: (typeof IRONINGS)[number] | undefined;
  readonly weightG?: number | undefined;
  readonly bag?: { readonly capacityL: number; readonly zip: boolean } | undefined;
  /** Style codes of what it fastens to, where it is a part sold alone: a strap, a collar, an inset, laces. */
  readonly fastensTo?: readonly string[] | undefined;
}

/** All that a way of wearing may do. */
export const EFFECTS = {
  /** Into the waistband: all round, one side of the front, or the front middle; `out` hangs over it. */
  tuck: ['out', 'full', 'half', 'front'],
  front: ['open', 'closed'],
  /** Drawn in at the waist with a belt, or by knotting the two fronts. */
  waist: ['belted', 'knotted'],
  sleeves: ['rolled', 'pushed'],
  /** Arms free beneath it, or only one of them in its sleeve. */
  arms: ['free', 'one free'],
  leg: ['over the shoe', 'in the boot', 'cuffed'],
  collar: ['up', 'closed'],
  carried: ['under the arm', 'across', 'in the hand'],
  /** A square or oblong tied as a garment. */
  tied: ['skirt', 'short skirt', 'dress', 'halter'],
  /** Where a wrapped front is tied. */
  wrapped: ['side', 'low', 'deep', 'back'],
  /** Only this of it shows; the rest is under another piece. */
  shows: ['below the waist'],
  as: ['layer', 'beneath', 'top', 'round the shoulders'],
  nap: ['turned'],
  /** How a tie is knotted. */
  knot: ['small', 'wide'],
  press: ['pressed'],
} as const;

/**
 * What wearing it so does to a piece, as facts: drawings, rules and the letter read these and never the id of a mode, so
 * that a shop's own way of wearing works like ours.
 */
export type Effects = {
  readonly [name in keyof typeof EFFECTS]?: (typeof EFFECTS)[name][number] | undefined;
};

/** A way of wearing: `changes` overrides any attribute; `how` is the instruction the letter prints. */
export interface Mode {
  readonly id: string;
  readonly title: string;
  readonly how: string;
  readonly changes: Partial<Attributes>;
  /** What it does; absent: what its id is known for, else nothing but its changes. */
  readonly effects?: Effects | undefined;
}
