import { BOX_STATES } from '@core/box';
import { BODY_MEASURES } from '@core/figure';
import { ALTERATION_JOBS, FIT_POINTS } from '@core/fit';
import { CARES, CATEGORIES, PATTERN_KINDS, SEASONS, TEXTURES } from '@core/piece';
import { GUARD_CODES } from '@core/guard';
import { CRITERIA } from '@core/pull';
import { BY_HAND, isEan13 } from '@core/stock';
import { ENGLISHES, LENGTH_UNITS } from '@core/words';
import { z } from 'zod';
import { closetItemSchema } from './closet-item';
import { daySchema, occasionSchema, stageSchema } from './occasion';
import { BRIEF_FIELDS } from './own-brief';
import { coloursSchema, hexSchema, measuresSchema, minorSchema, storedAttributesSchema } from './piece';
import { bodyMeasuresSchema, schoolsSchema, storedProfileSchema } from './profile';
import { ruleSettingsSchema } from './rule-settings';

const uuid = z.uuid({ error: 'not an id' });
const version = z.number().int().min(1, 'the version is missing').max(2_147_483_647, 'no version');
const text = (most: number) => z.string().trim().max(most, `at most ${most} characters`);
const name = text(120).min(1, 'missing');
const askSchema = z.strictObject({
  text: text(200).min(1, 'an ask is empty'),
  categories: z.array(z.enum(CATEGORIES)).max(CATEGORIES.length),
  colourHex: hexSchema.optional(),
  washable: z.boolean().optional(),
  waterproof: z.boolean().optional(),
  noIron: z.boolean().optional(),
  mostMinor: minorSchema.optional(),
});
const email = z.union([z.literal(''), z.email('not an e-mail address')]).optional();

export const saveClientInput = z.strictObject({
  id: uuid.optional(),
  version: version.optional(),
  name,
  about: text(300).default(''),
  email,
  phone: text(40).optional(),
  sizes: z
    .record(z.string().min(1).max(20), z.string().max(12))
    .refine((sizes) => Object.keys(sizes).length <= 40, { error: 'at most 40 sizes' })
    .default({}),
  measures: bodyMeasuresSchema,
  /** Measures that follow from a usual size; marked so wherever they show. */
  estimated: z.array(z.enum(BODY_MEASURES)).default([]),
  profile: storedProfileSchema,
  boxBudgetMinor: minorSchema.nullable().default(null),
  pieceBudgetMinor: z.partialRecord(z.enum(CATEGORIES), minorSchema).default({}),
  notes: text(20_000).default(''),
});

export const saveOwnedInput = z.strictObject({
  id: uuid.optional(),
  /** Of a piece that is there; absent for a new one. */
  version: version.optional(),
  clientId: uuid,
  title: name,
  category: z.enum(CATEGORIES),
  formality: z.number().min(0).max(10).optional(),
  colours: coloursSchema,
  attributes: storedAttributesSchema.default({}),
  assumed: z.boolean().default(false),
  loved: z.boolean().default(false),
  wornWeekly: z.boolean().default(false),
});
export const retireOwnedInput = z.strictObject({ id: uuid, retired: z.boolean() });

/** Many pieces at once: a pasted list, a file, staples. */
export const saveOwnedManyInput = z.strictObject({
  clientId: uuid,
  items: z.array(closetItemSchema).min(1, 'nothing to add').max(500, 'at most 500 pieces at once'),
});

export const makeBriefLinkInput = z.strictObject({ clientId: uuid });
export const revokeBriefLinkInput = z.strictObject({ clientId: uuid, id: uuid });
export const settleBriefInput = z.strictObject({
  clientId: uuid,
  id: uuid,
  /** Lines taken over; the others are left. */
  take: z.array(z.enum(BRIEF_FIELDS)),
});
export const exportClientInput = z.strictObject({ clientId: uuid });
export const eraseClientInput = z.strictObject({
  clientId: uuid,
  /** Typed by hand, so that nobody is erased by a slip. */
  name,
});

const unitsSchema = z
  .number({ error: 'a whole number is wanted' })
  .int('a whole number is wanted')
  .min(0, 'not below 0')
  .max(100_000, 'too many');
const sizeSchema = z.strictObject({
  id: uuid.optional(),
  size: text(20).min(1, 'missing'),
  length: text(20).default(''),
  sku: text(60).min(1, 'missing'),
  ean: z
    .string()
    .trim()
    .refine((ean) => ean === '' || isEan13(ean), { error: 'not an EAN-13: a digit is wrong or missing' })
    .default(''),
  measures: measuresSchema.default({}),
  /** Units that come in with a new size; one that is here already is delivered to or counted. */
  qty: unitsSchema.default(0),
});
const money = minorSchema.optional();
/** What the stockroom may be narrowed to, besides words and kind. */
export const stockFilterSchema = z.strictObject({
  label: text(80).optional(),
  priceFromMinor: money,
  priceToMinor: money,
  formalityFrom: z.number().min(0).max(10).optional(),
  formalityTo: z.number().min(0).max(10).optional(),
  /** Near this colour. */
  colourHex: hexSchema.optional(),
  season: z.enum(SEASONS).optional(),
  care: z.enum(CARES).optional(),
  pattern: z.enum(PATTERN_KINDS).optional(),
  texture: z.enum(TEXTURES).optional(),
  size: text(20).optional(),
  /** Something on the shelf, nothing, or a size with its last one. */
  shelf: z.enum(['some', 'none', 'last']).optional(),
  photo: z.enum(['with', 'without']).optional(),
});
export const STOCK_SORTS = ['category', 'title', 'label', 'priceMinor', 'shelf'] as const;
export const stockListInput = z.strictObject({
  search: text(80).default(''),
  category: z.enum(CATEGORIES).optional(),
  narrow: stockFilterSchema.default({}),
  archived: z.boolean().default(false),
  sort: z.enum(STOCK_SORTS).default('category'),
  down: z.boolean().default(false),
  offset: z.number().int().min(0).max(1_000_000).default(0),
});
export const garmentSheetInput = z.strictObject({ id: uuid });
export const saveGarmentInput = z.strictObject({
  id: uuid.optional(),
  version: version.optional(),
  title: name,
  label: text(80).default(''),
  /** Colourways of one style share it; absent: from the title. */
  styleId: text(80).default(''),
  setId: text(80).default(''),
  category: z.enum(CATEGORIES),
  formality: z.number().min(0).max(10).optional(),
  colours: coloursSchema,
  priceMinor: minorSchema,
  /** What the shop paid for it; null when it is not said. */
  costMinor: minorSchema.nullable().default(null),
  attributes: storedAttributesSchema.default({}),
  sizes: z.array(sizeSchema).min(1, 'a garment has at least one size').max(60, 'at most 60 sizes'),
  /** Gives sizes without an EAN one of the numbers kept for use inside a shop. */
  numberEans: z.boolean().default(false),
});
const garmentIds = z.array(uuid).min(1, 'nothing chosen').max(20_000, 'at most 20 000 at once');
export const archiveGarmentsInput = z.strictObject({
  ids: garmentIds,
  archived: z.boolean(),
});
export const priceGarmentsInput = z.strictObject({
  ids: garmentIds,
  percent: z
    .number({ error: 'a number is wanted' })
    .min(-90, 'at most 90 % off')
    .max(300, 'at most 300 % more'),
});
/** What many garments are given at once; what is absent stays as it is. */
export const editGarmentsInput = z.strictObject({
  ids: garmentIds,
  set: z
    .strictObject({
      label: text(80).min(1, 'missing').optional(),
      formality: z.number().min(0).max(10).optional(),
      seasons: z.array(z.enum(SEASONS)).min(1, 'at least one').optional(),
      care: z.enum(CARES).optional(),
      moods: z.array(text(40)).max(12).optional(),
      costMinor: minorSchema.nullable().optional(),
    })
    .refine((set) => Object.keys(set).length > 0, { error: 'nothing to change' }),
});
export const findCodeInput = z.strictObject({
  /** A SKU or an EAN-13, as a scanner types it. */
  code: text(60).min(1, 'nothing was read'),
});
export const exportStockInput = z.strictObject({ format: z.enum(['csv', 'json']) });
const atPlace = { variantId: uuid, locationId: uuid } as const;
export const countStockInput = z.strictObject({
  ...atPlace,
  counted: unitsSchema,
  /** What the books said when the count began; another figure now means that something moved meanwhile. */
  expected: unitsSchema,
  reason: text(200).min(1, 'a reason is wanted'),
});
export const moveStockInput = z.strictObject({
  ...atPlace,
  cause: z.enum(BY_HAND),
  qty: unitsSchema.min(1, 'at least one'),
  reason: text(200).default(''),
});
/** Books what was proposed, or leaves it. */
export const settleProposalInput = z.strictObject({ id: uuid, accept: z.boolean() });
export const stockLedgerInput = z.strictObject({ variantId: uuid });

const photoOf = { of: z.enum(['garment', 'owned']), id: uuid } as const;
export const savePhotoInput = z.strictObject({
  ...photoOf,
  dataBase64: z.base64({ error: 'not a file as it was sent' }).min(1, 'the file is empty'),
});
export const removePhotoInput = z.strictObject(photoOf);

export const saveOccasionInput = z.strictObject({
  id: uuid.optional(),
  /** Of an occasion that is there; absent for a new one. */
  version: version.optional(),
  clientId: uuid,
  occasion: occasionSchema.extend({ date: daySchema }),
  stages: z.array(stageSchema).max(8, 'at most 8 stages').default([]),
  /** Weekly is 7; each repeat becomes an occasion of its own. */
  repeat: z
    .strictObject({
      everyDays: z.number().int().min(1, 'at least a day').max(366, 'at most a year'),
      times: z.number().int().min(1, 'at least once').max(52, 'at most 52 times'),
    })
    .optional(),
});
export const removeOccasionInput = z.strictObject({ clientId: uuid, id: uuid });

export const importStockInput = z.strictObject({
  csv: z.string().min(1, 'the file is empty'),
  /** `check` only looks; `good` takes the good rows; `all` takes the file whole or not at all. */
  take: z.enum(['check', 'good', 'all']),
});

export const startBoxInput = z.strictObject({ clientId: uuid });

export const saveBriefInput = z.strictObject({
  boxId: uuid,
  version,
  budgetMinor: minorSchema.nullable(),
  occasionIds: z.array(uuid).max(12),
  /** An ask in words is read; one that was edited comes as it is to be. */
  asks: z.array(z.union([text(200).min(1, 'an ask is empty'), askSchema])).max(20, 'at most 20 asks'),
  mood: z.array(text(40)).max(12),
  notToSend: text(400),
});

export const pullListInput = z.strictObject({
  boxId: uuid,
  askId: uuid.nullable().default(null),
  categories: z.array(z.enum(CATEGORIES)).default([]),
  search: text(80).default(''),
  mostMinor: minorSchema.nullable().default(null),
  /** Only what fits: right, close or roomy. */
  fitsOnly: z.boolean().default(true),
});

const fitText = text(400).default('');
export const holdLineInput = z.strictObject({
  boxId: uuid,
  variantId: uuid,
  askId: uuid.nullable().default(null),
  fit: fitText,
  /** Absent: wherever one is on the shelf. */
  locationId: uuid.optional(),
});
const lineInput = z.strictObject({ boxId: uuid, lineId: uuid });
export const releaseLineInput = lineInput;
export const renewHoldInput = lineInput;
/** Another piece, size or location in the place of a line; looks go on with it. */
export const swapLineInput = lineInput.extend({
  variantId: uuid,
  fit: fitText,
  locationId: uuid.optional(),
});
/** Of one line, or of every line of the box. */
export const lineSwapsInput = z.strictObject({ boxId: uuid, lineId: uuid.optional() });
export const whyNotInput = z.strictObject({
  boxId: uuid,
  askId: uuid.nullable().default(null),
  categories: z.array(z.enum(CATEGORIES)).default([]),
  mostMinor: minorSchema.nullable().default(null),
  fitsOnly: z.boolean().default(true),
  search: text(80).min(2, 'at least two letters'),
});
export const saveAlterationInput = lineInput.extend({
  job: z.enum(ALTERATION_JOBS),
  /** By how much, mm; a hem below 0 is let down. */
  mm: z.number().int('a whole number').min(-300).max(600),
  priceMinor: minorSchema,
  leadDays: z.number().int('whole days').min(0, 'not below 0').max(60, 'at most 60 days'),
});
export const removeAlterationInput = lineInput.extend({ id: uuid });
/** A piece of the pack list read by a scanner. */
export const scanLineInput = z.strictObject({ boxId: uuid, code: text(60).min(1, 'nothing was read') });

/** Limits let pass by name, and questions of content answered; one reason for all that are named. */
export const passLimitsInput = z.strictObject({
  boxId: uuid,
  passes: z
    .array(
      z.strictObject({
        lineId: uuid,
        code: z.enum(GUARD_CODES),
        about: z.string().min(1, 'missing').max(300, 'at most 300 characters'),
      }),
    )
    .min(1, 'nothing is named')
    .max(100, 'at most 100 at once'),
  reason: text(300).min(1, 'say why, in a few words'),
});

const pieceRef = z.strictObject({
  ref: z.string().regex(/^(line|owned):[0-9a-f-]{36}$/, 'not a piece of this box or closet'),
  mode: z.string().max(40).optional(),
});
export const saveLookInput = z.strictObject({
  boxId: uuid,
  id: uuid.optional(),
  version: version.optional(),
  occasionId: uuid.nullable(),
  title: text(80).default(''),
  pieces: z.array(pieceRef).min(1, 'a look has at least one piece').max(24, 'a look has at most 24 pieces'),
  overrules: z
    .array(
      z.strictObject({
        rule: z.string().max(8),
        about: z.string().max(2000),
        reason: text(300).min(1, 'a reason is wanted'),
      }),
    )
    .default([]),
  /** What comes off at a stage of the occasion. */
  stages: z
    .array(z.strictObject({ title: text(80), off: z.array(z.string().max(60)).max(24) }))
    .max(8)
    .default([]),
});
export const removeLookInput = z.strictObject({ boxId: uuid, id: uuid });

export const letterSchema = z.strictObject({
  greeting: text(2000),
  pieces: z.array(
    z.strictObject({
      ref: z.string(),
      why: text(1000),
      fit: text(400),
      wear: z.array(text(400)).max(12),
      beneath: z.array(text(400)).max(12),
      facts: text(600),
      care: text(300),
    }),
  ),
  looks: z.array(z.strictObject({ id: z.string(), line: text(1000) })),
  closing: text(2000),
});
export const draftLetterInput = z.strictObject({ boxId: uuid });
export const saveLetterInput = z.strictObject({ boxId: uuid, version, letter: letterSchema });

export const moveBoxInput = z.strictObject({
  boxId: uuid,
  version,
  to: z.enum(BOX_STATES),
  parcel: text(60).optional(),
});

export const REASONS = [
  'too small',
  'too big',
  'too long',
  'too short',
  'colour',
  'cloth',
  'not my style',
  'already own one',
  'too dear',
  'arrived too late',
  'fault',
] as const;
export const decideLineInput = z.strictObject({
  boxId: uuid,
  lineId: uuid,
  decision: z.enum(['undecided', 'keep', 'return']),
  reason: z.enum(REASONS).nullable().default(null),
  /** Where it was too small or too big. */
  fitPoint: z.enum(FIT_POINTS).nullable().default(null),
  note: text(400).default(''),
});
export const checkInLineInput = z.strictObject({ boxId: uuid, lineId: uuid });
export const closeBoxInput = z.strictObject({ boxId: uuid, version, notesNext: text(2000).default('') });

export const saveRulesInput = z.strictObject({
  version,
  settings: ruleSettingsSchema,
  schools: schoolsSchema,
});
export const savePullSettingsInput = z.strictObject({
  version,
  settings: z.strictObject({
    weights: z
      .partialRecord(z.enum(CRITERIA), z.number().min(0, 'not below 0').max(100, 'at most 100'))
      .default({}),
    ownInterest: z.boolean().default(false),
  }),
  alteredMayReturn: z.boolean().default(false),
});

export const saveTongueInput = z.strictObject({
  version,
  english: z.enum(ENGLISHES),
  units: z.enum(LENGTH_UNITS),
});

export const firstOwnerInput = z.strictObject({
  shopName: name,
  town: text(80).default(''),
  currency: z.string().regex(/^[A-Z]{3}$/, 'three capital letters, as EUR'),
  name,
  email: z.email('not an e-mail address'),
  password: z.string().min(12, 'at least 12 characters').max(128, 'at most 128 characters'),
});
