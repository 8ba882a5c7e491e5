import { linearOf, type LinearModel, type Plan, planOf, type PlanLook, type PlanProblem } from '@core/plan';
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

const planFileSchema = z
  .strictObject({
    format: z.literal(PLAN_FORMAT, { error: `the format is ${PLAN_FORMAT}` }).optional(),
    client: clientFileSchema.optional(),
    schools: schoolsSchema.partial().optional(),
    occasions: z
      .array(occasionSchema.extend({ weight: z.number().min(0).max(100).default(1) }))
      .min(1, 'a plan is for at least one occasion')
      .max(20, 'at most 20 occasions'),
    closet: z.array(pieceSchema).max(2000).default([]),
    candidates: z
      .array(
        pieceSchema.extend({
          priceMinor: minorSchema,
          keep: z.number().min(0).max(1).optional(),
          stock: z.number().int().min(0).optional(),
        }),
        { error: 'no list of candidates' },
      )
      .max(MOST_CANDIDATES, `at most ${MOST_CANDIDATES} candidates`),
    budgetMinor: minorSchema,
    most: count,
    least: count.default(0),
    bounds: z.partialRecord(z.enum(CATEGORIES), z.tuple([count, count])).default({}),
    asks: z.array(askSchema).max(40).default([]),
    pins: z.array(z.string()).max(60).default([]),
    bans: z.array(z.string()).max(MOST_CANDIDATES).default([]),
  })
  .superRefine(({ candidates, closet, pins, bans, bounds }, context) => {
    const ids = new Set<string>();
    const once = (list: readonly { readonly id: string }[], path: string): void =>
      list.forEach(({ id }, i) => {
        if (ids.has(id))
          context.addIssue({ code: 'custom', path: [path, i, 'id'], message: `there are two pieces ${id}` });
        ids.add(id);
      });
    once(candidates, 'candidates');
    const offered = new Set(ids);
    once(closet, 'closet');
    const known = (list: readonly string[], path: string): void =>
      list.forEach((id, i) => {
        if (!offered.has(id))
          context.addIssue({ code: 'custom', path: [path, i], message: `there is no candidate ${id}` });
      });
    known(pins, 'pins');
    known(bans, 'bans');
    for (const [category, span] of Object.entries(bounds))
      if (span[0] > span[1])
        context.addIssue({
          code: 'custom',
          path: ['bounds', category],
          message: 'the least is above the most',
        });
  });

export type ReadPlan =
  | { readonly ok: true; readonly problem: PlanProblem }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Reads a plan file; all faults are gathered. */
export function readPlan(text: string): ReadPlan {
  const parsed = jsonValues(text);
  if (!parsed.ok) return parsed;
  if (parsed.many) return { ok: false, faults: [{ path: '(file)', message: 'one object, not several' }] };
  const read = planFileSchema.safeParse(parsed.values[0]);
  if (!read.success) return { ok: false, faults: faultsOf(read.error) };
  const { client, schools, occasions, closet, candidates, asks, ...rest } = read.data;
  return {
    ok: true,
    problem: {
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
    },
  };
}

const look = ({ pieces, score }: PlanLook) => ({
  pieces: pieces.map(({ id, mode }) => (mode === undefined ? { id } : { id, mode })),
  score,
});
const rounded = (value: number): number => Math.round(value * 1000) / 1000;

/** The plan of a file as the format prints it. `now` tells the time in ms; `prove` solves the model exactly. */
export async function planPrinted(
  problem: PlanProblem,
  seed: number,
  now: () => number,
  prove?: (model: LinearModel) => Promise<number | undefined>,
): Promise<Record<string, unknown>> {
  const began = now();
  const plan: Plan = planOf(problem, seed);
  const ms = Math.round(now() - began);
  if (plan.conflict.length > 0)
    return { format: PLAN_FORMAT, pieces: [], conflict: plan.conflict.map(({ name }) => name), ms };
  const linear = linearOf(plan.model);
  const bound = prove && (await prove(linear));
  const idOf = (place: number): string => problem.candidates[place]?.piece.id ?? '';
  return {
    format: PLAN_FORMAT,
    pieces: plan.chosen.map(idOf),
    value: rounded(plan.value),
    spentMinor: plan.spentMinor,
    occasions: problem.occasions.map(({ occasion }, i) => ({
      title: occasion.title,
      looks: (plan.looks[i] ?? []).map(look),
    })),
    refusal: plan.refusal.map(({ place, costs }) => ({ piece: idOf(place), costs: rounded(costs) })),
    ms,
    model: linear.size,
    ...(bound === undefined
      ? prove
        ? { proof: 'not found within the time' }
        : {}
      : {
          bound: rounded(bound),
          gap: rounded(Math.max(0, bound - plan.value) / Math.max(1e-9, Math.abs(bound))),
        }),
  };
}
