import type { Setting } from '@core/look';
import type { Occasion } from '@core/occasion';
import { type Piece, pieceFrom } from '@core/piece';
import { speaker } from '@core/say';
import { type Way, type Ways, waysOf, wayWords } from '@core/ways';
import { z } from 'zod';
import { type Fault, faultsOf } from './faults';
import { jsonValues } from './json-values';
import { budgetSchema, occasionSchema } from './occasion';
import { asGiven, pieceSchema } from './piece';
import { clientFileSchema, schoolsSchema } from './profile';

const WAYS_FORMAT = 'ivory-rail/ways@1';
const MOST = 2000;

const waysFileSchema = z
  .strictObject({
    format: z.literal(WAYS_FORMAT, { error: `the format is ${WAYS_FORMAT}` }).optional(),
    client: clientFileSchema.optional(),
    occasions: z.array(occasionSchema).max(20, 'at most 20 occasions').default([]),
    schools: schoolsSchema.partial().optional(),
    budget: budgetSchema.optional(),
    pieces: z.array(pieceSchema, { error: 'no list of pieces' }).max(MOST).default([]),
    closet: z.array(pieceSchema).max(MOST).default([]),
    around: z.array(z.string()).max(24, 'at most 24 pieces').default([]),
  })
  .refine(
    ({ pieces, closet }) =>
      new Set([...pieces, ...closet].map(({ id }) => id)).size === pieces.length + closet.length,
    { error: 'two pieces share an id', path: ['pieces'] },
  );

export interface WaysFile {
  readonly pieces: readonly Piece[];
  readonly around: readonly string[];
  readonly setting: Omit<Setting, 'occasion'>;
  readonly occasions: readonly Occasion[];
}

export type ReadWays =
  | { readonly ok: true; readonly file: WaysFile }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Reads a ways file; all faults are gathered. */
export function readWays(text: string): ReadWays {
  const parsed = jsonValues(text);
  if (!parsed.ok) return parsed;
  if (parsed.many) return { ok: false, faults: [{ path: '(file)', message: 'one object, not several' }] };
  const read = waysFileSchema.safeParse(parsed.values[0]);
  if (!read.success) return { ok: false, faults: faultsOf(read.error) };
  const { client, occasions, schools, budget, pieces, closet, around } = read.data;
  const made = (owned: boolean) => (given: z.infer<typeof pieceSchema>) =>
    pieceFrom({ owned, ...asGiven(given) });
  return {
    ok: true,
    file: {
      pieces: [...pieces.map(made(false)), ...closet.map(made(true))],
      around,
      setting: { client, schools, budget },
      occasions,
    },
  };
}

export interface WaysAsked {
  readonly count: number;
  readonly pins: readonly string[];
  readonly bans: readonly string[];
}

/** Ids that are asked for and are not in the file, as faults. */
export const strangers = ({ pieces, around }: WaysFile, { pins, bans }: WaysAsked): Fault[] => {
  const ids = new Set(pieces.map(({ id }) => id));
  const missing = (path: string, list: readonly string[]): Fault[] =>
    list.flatMap((id, i) =>
      ids.has(id) ? [] : [{ path: `${path}[${i}]`, message: `there is no piece ${id}` }],
    );
  return [...missing('around', around), ...missing('--pin', pins), ...missing('--ban', bans)];
};

const last = (steps: Generator<Ways, Ways>): Ways => {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
};

const FEWER: Readonly<Record<NonNullable<Ways['fewer']>, string>> = {
  'none sendable': 'no complete look that may be sent holds all of these pieces',
  'no more': 'there are no more that may be sent within ten points of the best',
};

/** The ways of a file as the format prints them; `now` tells the time in ms. */
export function waysPrinted(
  file: WaysFile,
  { count, pins, bans }: WaysAsked,
  now: () => number,
): Record<string, unknown> {
  const began = now();
  const around = [...new Set([...file.around, ...pins])];
  const found = last(waysOf({ ...file, around, bans, count }));
  const ms = Math.round(now() - began);
  const by = speaker(file.pieces, { pronoun: file.setting.client?.pronoun });
  const held = new Set(around);
  const printed = (way: Way) => ({
    pieces: way.pieces.map(({ id, mode }) => (mode === undefined ? { id } : { id, mode })),
    ...(way.occasion === undefined ? {} : { occasion: way.occasion }),
    score: way.score,
    sendable: way.sendable,
    says: wayWords(way, found.ways, held, by),
  });
  return {
    format: WAYS_FORMAT,
    ways: found.ways.map(printed),
    distance: Math.round(found.distance * 1000) / 1000,
    ms,
    ...(found.fewer ? { fewer: FEWER[found.fewer] } : {}),
  };
}
