/** The closed lists of the trade. Files, forms, rules and the database all draw on these. */

export const ZONES = [
  'head',
  'neck',
  'shoulders',
  'upper-arms',
  'lower-arms',
  'chest',
  'midriff',
  'back',
  'seat',
  'thighs',
  'knees',
  'calves',
  'ankles',
  'feet',
] as const;
export type Zone = (typeof ZONES)[number];

export const PATTERN_KINDS = [
  'solid',
  'marl',
  'stripe',
  'check',
  'dot',
  'floral',
  'animal',
  'geometric',
  'graphic',
  'abstract',
] as const;
export type PatternKind = (typeof PATTERN_KINDS)[number];
export const DIRECTIONS = ['across', 'along', 'bias'] as const;
export type Direction = (typeof DIRECTIONS)[number];

export const TEXTURES = [
  'smooth',
  'rib',
  'cable',
  'boucle',
  'tweed',
  'flannel',
  'denim',
  'corduroy',
  'velvet',
  'suede',
  'leather',
  'lace',
  'mesh',
  'crinkle',
  'linen',
  'satin',
  'sequin',
  'fur',
] as const;
export type Texture = (typeof TEXTURES)[number];
export const FINISHES = ['matt', 'soft', 'sheen', 'sparkle'] as const;
export const WEIGHTS = ['light', 'mid', 'heavy'] as const;
export const SHEERS = ['opaque', 'semi', 'sheer'] as const;

export const NECKLINES = [
  'crew',
  'high',
  'roll',
  'v',
  'scoop',
  'square',
  'boat',
  'collar',
  'halter',
  'one-shoulder',
  'strapless',
  'illusion',
  'wrap',
  'cowl',
] as const;
export type Neckline = (typeof NECKLINES)[number];
export const SLEEVES = ['none', 'cap', 'short', 'elbow', 'three-quarter', 'long'] as const;
export type Sleeve = (typeof SLEEVES)[number];
export const BACKS = ['covered', 'keyhole', 'low', 'open'] as const;
export const SILHOUETTES = [
  'straight',
  'shift',
  'a-line',
  'pencil',
  'bias',
  'full',
  'fit-and-flare',
] as const;
export const WAIST_DETAILS = ['none', 'seam', 'pleat', 'tie', 'elastic'] as const;
export const LEGS = ['skinny', 'slim', 'straight', 'bootcut', 'flare', 'wide', 'barrel'] as const;
export type Leg = (typeof LEGS)[number];
export const RISES = ['low', 'mid', 'high'] as const;
export const TOES = ['round', 'almond', 'pointed', 'square', 'open'] as const;
export const SOLES = ['smooth', 'grip', 'lug'] as const;
export const STRAPS = ['none', 'thin', 'wide'] as const;
export const SIDES = ['left', 'right'] as const;

export const METALS = ['none', 'yellow', 'white', 'rose', 'dark', 'mixed'] as const;
export const HOURS = ['day', 'any', 'evening'] as const;
export type Hour = (typeof HOURS)[number];
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
export const VOLUMES = ['close', 'easy', 'full'] as const;
export const CARES = ['machine', 'hand', 'dry-clean', 'spot', 'do-not-wash'] as const;
/** What a piece wants after it was washed or packed. */
export const IRONINGS = ['none', 'steam', 'press'] as const;
export const JEWEL_MATERIALS = ['pearl', 'wood', 'glass', 'resin', 'stone', 'textile', 'metal'] as const;

export const MEASURES = [
  'length',
  'lengthBack',
  'bust',
  'waist',
  'hip',
  'thigh',
  'upperArm',
  'hemWidth',
  'shoulder',
  'sleeve',
  'rise',
  'inseam',
  'legOpening',
  'shaft',
  'shaftGirth',
  'heel',
  'platform',
  'chain',
  'caseMm',
  'width',
  'lengthFlat',
  'hemAllowance',
] as const;
export type MeasureName = (typeof MEASURES)[number];

export const ORIGINS = ['given', 'chart', 'estimated', 'defaulted'] as const;
/** Where a value comes from; no finding stronger than a note rests on a `defaulted` one. */
export type Origin = (typeof ORIGINS)[number];

/** Whose size tables a garment is cut by, and which rails a client shops. */
export const DEPARTMENTS = ['women', 'men', 'both'] as const;
export type Department = (typeof DEPARTMENTS)[number];

export const GOALS = [
  'longer-leg',
  'defined-waist',
  'interest-above',
  'interest-below',
  'longer-line',
] as const;

export const SLOTS = [
  'beneath',
  'legwear',
  'top',
  'bottom',
  'whole',
  'layer',
  'shoes',
  'bag',
  'belt',
  'scarf',
  'head',
  'eyes',
  'neck',
  'ears',
  'brooch',
  'wrist',
  'hand',
  'gloves',
  'watch',
  'tie',
  'pocket',
] as const;
export type Slot = (typeof SLOTS)[number];
