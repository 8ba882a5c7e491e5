import { NOBODY, type Profile, schoolsFor } from '@core/client';
import { type BodyMeasure, type BodyMeasures, bodyOf } from '@core/figure';
import {
  chooseSize,
  fitOf,
  isOneSize,
  type OfferFit,
  readSize,
  SIZE_SYSTEMS,
  type SizeMeaning,
  type SizeOffer,
  wearable,
  workaroundOf,
  workaroundWords,
} from '@core/fit';
import {
  CATEGORIES,
  type Category,
  CATEGORY,
  DEPARTMENTS,
  MEASURES,
  pieceFrom,
  VOLUMES,
  wear,
} from '@core/piece';
import { z } from 'zod';
import { type Fault, faultsOf } from './faults';
import { jsonValues, prefixOf } from './json-values';
import { cutSchema, fabricSchema, measuresSchema } from './piece';
import { clientFileSchema, schoolsSchema } from './profile';

const FIT_FORMAT = 'ivory-rail/fit@1';

const labelSchema = z.union([z.string(), z.number()]).transform((label) => String(label).trim());

const fitFileSchema = z.strictObject({
  format: z.literal(FIT_FORMAT, { error: `the format is ${FIT_FORMAT}` }).optional(),
  client: clientFileSchema.optional(),
  garment: z.strictObject({
    category: z.enum(CATEGORIES, { error: 'not a known category' }),
    department: z.enum(DEPARTMENTS).optional(),
    label: z.string().max(80).optional(),
    title: z.string().max(120).optional(),
    fabric: fabricSchema.optional(),
    volume: z.enum(VOLUMES).optional(),
    cut: cutSchema.optional(),
    mode: z.string().max(40).optional(),
  }),
  sizes: z
    .array(
      z.strictObject({
        system: z.enum(SIZE_SYSTEMS).optional(),
        label: labelSchema,
        measures: measuresSchema.optional(),
      }),
      { error: 'no list of sizes' },
    )
    .min(1, 'a garment has at least one size')
    .max(100, 'at most 100 sizes'),
  schools: schoolsSchema.partial().optional(),
  usual: z.strictObject({ system: z.enum(SIZE_SYSTEMS).optional(), label: labelSchema }).optional(),
});
export type FitFile = z.output<typeof fitFileSchema>;

export type ReadFits =
  | { readonly ok: true; readonly files: readonly FitFile[]; readonly many: boolean }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Reads a fit file: one garment on one client, an array of them, or JSON lines. All faults are gathered. */
export function readFits(text: string): ReadFits {
  const parsed = jsonValues(text);
  if (!parsed.ok) return parsed;
  const read = parsed.values.map((value) => fitFileSchema.safeParse(value));
  const faults = read.flatMap(({ error }, i) => (error ? faultsOf(error, prefixOf(i, parsed.many)) : []));
  return faults.length > 0
    ? { ok: false, faults }
    : { ok: true, files: read.flatMap(({ data }) => data ?? []), many: parsed.many };
}

/** A garment whose labels count as somebody's usual size does, where it says nothing of this kind. */
const CLOTHES: Category = 'dress';

/** Body measures a usual size stands for: the middles of what it is meant for. */
function usualMeasures(
  usual: FitFile['usual'],
  category: Category,
  department: Profile['department'],
): BodyMeasures {
  if (!usual) return {};
  const meaning =
    readSize(usual.label, { category, department, system: usual.system }) ??
    readSize(usual.label, { category: CLOTHES, department, system: usual.system });
  return Object.fromEntries(
    Object.entries(meaning?.body ?? {}).map(([name, [from, below]]) => [name, (from + below) / 2]),
  );
}

/** What a client's page says, with a usual size in the place of what was never measured. */
function measuresOf({ client, usual, garment }: FitFile): BodyMeasures {
  const { estimated = [], ...given } = client?.measures ?? {};
  const department = client?.department ?? garment.department;
  const stood = usualMeasures(usual, garment.category, department);
  const missing = (Object.keys(stood) as BodyMeasure[]).filter((name) => given[name] === undefined);
  return { ...stood, ...given, estimated: [...estimated, ...missing] };
}

/** True where there is something of the body to hold a size of this kind against. */
const knows = (
  measures: BodyMeasures,
  category: Category,
  meanings: readonly (SizeMeaning | undefined)[],
): boolean => {
  const said = Object.keys(measures).filter((name) => name !== 'estimated');
  const { shape } = CATEGORY[category];
  // Girths follow each other; a foot or a head follows nothing but height.
  if (shape === 'upper' || shape === 'lower' || shape === 'whole')
    return said.some((name) =>
      ['bust', 'waist', 'hip', 'neck', 'insideLegLength', 'shoulderWidth'].includes(name),
    );
  // A label nobody can read says so by itself; one size fits whoever wears it.
  const read = meanings.filter((meaning) => meaning !== undefined);
  return read.length > 0 && read.every(({ body }) => Object.keys(body).some((name) => said.includes(name)));
};

const round = (mm: number | undefined): number | undefined => (mm === undefined ? undefined : Math.round(mm));

const printed = ({ size, verdict, point, easeMm, origin }: OfferFit): Record<string, unknown> => ({
  label: size,
  verdict,
  ...(point === undefined ? {} : { point }),
  ...(easeMm === undefined ? {} : { easeMm: round(easeMm) }),
  ...(origin === undefined ? {} : { origin }),
});

/** The sizes of a garment on a client as the file format prints them: what would be sent, and how each fits. */
export function fittingOf(file: FitFile): Record<string, unknown> {
  const { garment, sizes, client, schools } = file;
  const { category, fabric, volume, cut, mode, department = client?.department } = garment;
  const given = { category, department, fabric, volume, cut, mode };
  const said = Object.fromEntries(Object.entries(given).filter(([, value]) => value !== undefined));
  const { piece } = wear(
    pieceFrom({ id: 'garment', category, colours: [{ hex: '#808080', share: 1 }], ...said }),
  );
  const measures = measuresOf(file);
  const body = bodyOf(measures);
  const offers = sizes.map((size, i): SizeOffer => {
    const own = size.measures ?? {};
    const given = MEASURES.filter((name) => own[name] !== undefined);
    return {
      variantId: String(i),
      size: size.label,
      system: size.system,
      measures: own,
      origins: Object.fromEntries(given.map((name) => [name, 'given'])),
      free: 1,
    };
  });
  const context = { category, department };
  const faults: Fault[] = [];
  const meanings = offers.map(({ size, system }, i) => {
    const meaning = readSize(size, { ...context, system });
    if (!meaning && !isOneSize(size) && Object.keys(offers[i]?.measures ?? {}).length === 0)
      faults.push({ path: `sizes[${i}].label`, message: `no table knows ${size}, and nobody measured it` });
    return meaning;
  });
  const isKnown = knows(measures, category, meanings) || offers.every(({ size }) => isOneSize(size));
  if (!isKnown)
    faults.push({
      path: 'client',
      message: 'nothing is known of the body: a measure or a usual size is needed',
    });
  const fits = offers.map((offer) => fitOf(piece, offer, body));
  const { size: school } = schoolsFor(client ?? NOBODY, schools);
  const readable = offers.filter((_, i) => fits[i]?.point !== undefined || isOneSize(offers[i]?.size ?? ''));
  const choice = isKnown ? chooseSize(piece, readable, body, { school }) : undefined;
  const works = choice && choice.verdict !== 'right' ? workaroundOf(piece, choice) : undefined;
  return {
    format: FIT_FORMAT,
    send: choice && wearable(choice) ? choice.size : null,
    verdicts: isKnown ? fits.map(printed) : [],
    ...(choice?.between ? { between: choice.between.sizes } : {}),
    ...(works ? { makesItWork: workaroundWords(works) } : {}),
    ...(faults.length > 0 ? { faults } : {}),
  };
}
