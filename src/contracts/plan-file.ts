import {
  FAIR_SHARE,
  linearOf,
  linearOfTogether,
  type LinearModel,
  type Luggage,
  packFor,
  type Plan,
  planOf,
  planTogether,
  type PlanLook,
  type PlanProblem,
} from '@core/plan';
import { CATEGORIES, pieceFrom } from '@core/piece';
import { readAsk } from '@core/reading';
import { z } from 'zod';
import { type Fault, faultsOf } from './faults';
import { jsonValues } from './json-values';
import { occasionSchema } from './occasion';
import { asGiven, minorSchema, pieceSchema } from './piece';
import { clientFileSchema, schoolsSchema } from './profile';

const PLAN_FORMAT = 'ivory-rail/plan@1';
const MOST_CANDIDATES = 2000;
const MOST_BOXES = 40;

const count = z
  .number({ error: 'a whole number' })
  .int('a whole number')
  .min(0, 'not below 0')
  .max(60, 'at most 60');

const askSchema = z
  .strictObject({
    text: z.string().min(1).max(200).optional(),
    kinds: z.array(z.enum(CATEGORIES)).min(1).max(CATEGORIES.length).optional(),
    must: z.boolean().default(false),
  })
  .refine(({ text, kinds }) => text !== undefined || kinds !== undefined, {
    error: 'an ask has a text or kinds',
  });

const boxShape = {
  client: clientFileSchema.optional(),
  schools: schoolsSchema.partial().optional(),
  occasions: z
    .array(occasionSchema.extend({ weight: z.number().min(0).max(100).default(1) }))
    .min(1, 'a plan is for at least one occasion')
    .max(20, 'at most 20 occasions'),
  closet: z.array(pieceSchema).max(2000).default([]),
  budgetMinor: minorSchema,
  most: count,
  least: count.default(0),
  bounds: z.partialRecord(z.enum(CATEGORIES), z.tuple([count, count])).default({}),
  asks: z.array(askSchema).max(40).default([]),
  pins: z.array(z.string()).max(60).default([]),
  bans: z.array(z.string()).max(MOST_CANDIDATES).default([]),
};
const candidatesSchema = z
  .array(
    pieceSchema.extend({
      priceMinor: minorSchema,
      keep: z.number().min(0).max(1).optional(),
      stock: z.number().int().min(0).optional(),
    }),
    { error: 'no list of candidates' },
  )
  .max(MOST_CANDIDATES, `at most ${MOST_CANDIDATES} candidates`);
const format = z.literal(PLAN_FORMAT, { error: `the format is ${PLAN_FORMAT}` }).optional();
const travelSchema = z.strictObject({
  days: z.number().int('a whole number').min(1, 'at least one day').max(120, 'at most 120 days'),
  maxPieces: count.min(1, 'at least one piece'),
  maxG: z.number().positive('grams above 0').optional(),
});

const oneBoxSchema = z
  .strictObject({ format, ...boxShape, candidates: candidatesSchema, travel: travelSchema.optional() })
  .superRefine((box, context) => {
    onceEach(box.candidates, context);
    checkBox(box, box.candidates, [], context);
  });

/** A journey may do without a shop: nothing to spend, and as many pieces as the luggage takes. */
const travelling = (raw: unknown): unknown => {
  if (raw === null || typeof raw !== 'object' || !('travel' in raw)) return raw;
  const { travel } = raw as { travel: { maxPieces?: unknown } | null };
  return { candidates: [], budgetMinor: 0, most: travel?.maxPieces, ...raw };
};

const manyBoxesSchema = z
  .strictObject({
    format,
    candidates: candidatesSchema,
    boxes: z
      .array(z.strictObject(boxShape))
      .min(1, 'at least one box')
      .max(MOST_BOXES, `at most ${MOST_BOXES} boxes`),
  })
  .superRefine(({ boxes, candidates }, context) => {
    onceEach(candidates, context);
    boxes.forEach((box, b) => checkBox(box, candidates, ['boxes', b], context));
  });

type BoxFile = z.output<z.ZodObject<typeof boxShape>>;
type CandidateFile = z.output<typeof candidatesSchema>[number];
type Path = (string | number)[];

function onceEach(
  list: readonly { readonly id: string }[],
  context: z.RefinementCtx,
  path: Path = ['candidates'],
): void {
  const ids = new Set<string>();
  list.forEach(({ id }, i) => {
    if (ids.has(id))
      context.addIssue({ code: 'custom', path: [...path, i, 'id'], message: `there are two pieces ${id}` });
    ids.add(id);
  });
}

/** What a schema of single fields cannot see: ids that stand twice, pins of nothing, bounds upside down. */
function checkBox(
  { closet, pins, bans, bounds }: BoxFile,
  candidates: readonly { readonly id: string }[],
  at: Path,
  context: z.RefinementCtx,
): void {
  const offered = new Set(candidates.map(({ id }) => id));
  closet.forEach(({ id }, i) => {
    if (offered.has(id))
      context.addIssue({
        code: 'custom',
        path: [...at, 'closet', i, 'id'],
        message: `there are two pieces ${id}`,
      });
  });
  onceEach(closet, context, [...at, 'closet']);
  const known = (list: readonly string[], name: string): void =>
    list.forEach((id, i) => {
      if (!offered.has(id))
        context.addIssue({ code: 'custom', path: [...at, name, i], message: `there is no candidate ${id}` });
    });
  known(pins, 'pins');
  known(bans, 'bans');
  for (const [category, span] of Object.entries(bounds))
    if (span[0] > span[1])
      context.addIssue({
        code: 'custom',
        path: [...at, 'bounds', category],
        message: 'the least is above the most',
      });
}

export type PlanFile =
  | { readonly kind: 'box'; readonly problem: PlanProblem }
  | { readonly kind: 'boxes'; readonly problems: readonly PlanProblem[] }
  | { readonly kind: 'travel'; readonly problem: PlanProblem; readonly luggage: Luggage };

export type ReadPlan =
  | { readonly ok: true; readonly file: PlanFile }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Reads a plan file: of one box, of several over one list of candidates, or of a journey; all faults are gathered. */
export function readPlan(text: string): ReadPlan {
  const parsed = jsonValues(text);
  if (!parsed.ok) return parsed;
  if (parsed.many) return { ok: false, faults: [{ path: '(file)', message: 'one object, not several' }] };
  const [raw] = parsed.values;
  if (raw !== null && typeof raw === 'object' && 'boxes' in raw) {
    const read = manyBoxesSchema.safeParse(raw);
    if (!read.success) return { ok: false, faults: faultsOf(read.error) };
    const { boxes, candidates } = read.data;
    return { ok: true, file: { kind: 'boxes', problems: boxes.map((box) => problemOf(box, candidates)) } };
  }
  const read = oneBoxSchema.safeParse(travelling(raw));
  if (!read.success) return { ok: false, faults: faultsOf(read.error) };
  const { candidates, travel, format: _format, ...box } = read.data;
  const problem = problemOf(box, candidates);
  return { ok: true, file: travel ? { kind: 'travel', problem, luggage: travel } : { kind: 'box', problem } };
}

function problemOf(
  { client, schools, occasions, closet, asks, ...rest }: BoxFile,
  candidates: readonly CandidateFile[],
): PlanProblem {
  return {
    ...rest,
    setting: { client, schools },
    occasions: occasions.map(({ weight, ...occasion }) => ({ occasion, weight })),
    closet: closet.map((given) => pieceFrom({ owned: true, ...asGiven(given) })),
    candidates: candidates.map(({ keep, stock, ...given }) => ({
      piece: pieceFrom({ owned: false, ...asGiven(given) }),
      priceMinor: given.priceMinor,
      keep,
      stock,
    })),
    asks: asks.map(({ text, kinds, must }) => {
      const understood =
        text === undefined ? { text: (kinds ?? []).join(', '), kinds: [], unknown: [] } : readAsk(text);
      return { must, ask: kinds ? { ...understood, kinds } : understood };
    }),
  };
}

const look = ({ pieces, score }: PlanLook) => ({
  pieces: pieces.map(({ id, mode }) => (mode === undefined ? { id } : { id, mode })),
  score,
});
const rounded = (value: number): number => Math.round(value * 1000) / 1000;
const conflictNames = (conflict: readonly { readonly name: string }[]): string[] =>
  conflict.map(({ name }) => name);

/** Solves a model exactly; the best there can be, or undefined where the time came before the proof. */
type Prove = (model: LinearModel) => Promise<number | undefined>;

/** A plan as the format prints it, without its time and its proof. */
function boxPrinted({ occasions, candidates }: PlanProblem, plan: Plan) {
  const idOf = (place: number): string => candidates[place]?.piece.id ?? '';
  return {
    pieces: plan.chosen.map(idOf),
    value: rounded(plan.value),
    spentMinor: plan.spentMinor,
    occasions: occasions.map(({ occasion }, i) => ({
      title: occasion.title,
      looks: (plan.looks[i] ?? []).map(look),
    })),
    refusal: plan.refusal.map(({ place, costs }) => ({ piece: idOf(place), costs: rounded(costs) })),
  };
}

async function proofOf(linear: LinearModel, value: number, prove: Prove | undefined) {
  const bound = prove && (await prove(linear));
  if (bound === undefined) return prove ? { proof: 'not found within the time' } : {};
  const gap = Math.max(0, bound - value) / Math.max(1e-9, Math.abs(bound));
  return { bound: rounded(bound), gap: rounded(gap) };
}

/** What a plan file is answered with. `now` tells the time in ms; `prove` solves the model exactly. */
export async function planPrinted(
  file: PlanFile,
  seed: number,
  now: () => number,
  prove?: Prove,
): Promise<Record<string, unknown>> {
  const began = now();
  const took = (): number => Math.round(now() - began);
  if (file.kind === 'boxes') {
    const together = planTogether(file.problems, seed);
    const ms = took();
    const { boxes, value } = together;
    const linear = linearOfTogether(together);
    return {
      format: PLAN_FORMAT,
      boxes: boxes.map((box, b) => ({
        ...(box.conflict.length > 0
          ? { pieces: [], conflict: conflictNames(box.conflict) }
          : boxPrinted(file.problems[b] as PlanProblem, box)),
        alone: rounded(box.alone),
        fair: box.fair,
      })),
      value: rounded(value),
      fairShare: FAIR_SHARE,
      ms,
      model: linear.size,
      ...(await proofOf(linear, value, prove)),
    };
  }
  if (file.kind === 'travel') {
    const { problem, luggage } = file;
    const packed = packFor(problem, luggage, seed);
    const ms = took();
    const linear = linearOf(packed.model);
    return {
      format: PLAN_FORMAT,
      pieces: packed.pieces.map(({ id }) => id),
      value: rounded(packed.value),
      spentMinor: packed.spentMinor,
      grams: packed.grams,
      days: packed.days.map(({ day, occasion, look: worn }) => ({
        day,
        occasion: problem.occasions[occasion]?.occasion.title,
        ...(worn ? look(worn) : { pieces: [] }),
      })),
      undressed: packed.days.filter((each) => !each.look).map(({ day }) => day),
      ms,
      model: linear.size,
      ...(await proofOf(linear, packed.value, prove)),
    };
  }
  const plan: Plan = planOf(file.problem, seed);
  const ms = took();
  if (plan.conflict.length > 0)
    return { format: PLAN_FORMAT, pieces: [], conflict: conflictNames(plan.conflict), ms };
  const linear = linearOf(plan.model);
  return {
    format: PLAN_FORMAT,
    ...boxPrinted(file.problem, plan),
    ms,
    model: linear.size,
    ...(await proofOf(linear, plan.value, prove)),
  };
}
