import { beneathOf } from '@core/letter';
import { judge, lookMends, mendWords, MOST_PIECES, type Setting, type Verdict } from '@core/look';
import { wear, type Piece, pieceFrom } from '@core/piece';
import { sentence, type Settings } from '@core/rules';
import { speaker } from '@core/say';
import { HOUSE_TONGUE } from '@core/words';
import { z } from 'zod';
import { type Fault, faultsOf } from './faults';
import { jsonValues, prefixOf } from './json-values';
import { budgetSchema, occasionSchema } from './occasion';
import { asGiven, pieceSchema } from './piece';
import { clientFileSchema, schoolsSchema } from './profile';

export const LOOK_FORMAT = 'ivory-rail/look@1';
const JUDGEMENT_FORMAT = 'ivory-rail/judgement@1';

const unique = (list: readonly { id: string }[]): boolean =>
  new Set(list.map(({ id }) => id)).size === list.length;

export const lookFileSchema = z.strictObject({
  format: z.literal(LOOK_FORMAT, { error: `the format is ${LOOK_FORMAT}` }),
  client: clientFileSchema.optional(),
  occasion: occasionSchema.optional(),
  schools: schoolsSchema.partial().optional(),
  budget: budgetSchema.optional(),
  pieces: z
    .array(pieceSchema, { error: 'no list of pieces' })
    .min(1, 'a look has at least one piece')
    .max(MOST_PIECES, `a look has at most ${MOST_PIECES} pieces`)
    .refine(unique, { error: 'two pieces share an id' }),
  closet: z.array(pieceSchema).max(2000).optional(),
});

export interface LookFile {
  readonly pieces: readonly Piece[];
  readonly pool: readonly Piece[];
  readonly setting: Setting;
}

export type Read =
  | { readonly ok: true; readonly looks: readonly LookFile[]; readonly many: boolean }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** Reads a look file: one look, an array of looks, or JSON lines. All faults are gathered; none is half read. */
export function readLooks(text: string): Read {
  const parsed = jsonValues(text);
  if (!parsed.ok) return parsed;
  const faults: Fault[] = [];
  const looks: LookFile[] = [];
  parsed.values.forEach((value, i) => {
    const result = lookFileSchema.safeParse(value);
    if (!result.success) faults.push(...faultsOf(result.error, prefixOf(i, parsed.many)));
    else looks.push(toLook(result.data));
  });
  return faults.length > 0 ? { ok: false, faults } : { ok: true, looks, many: parsed.many };
}

function toLook(file: z.infer<typeof lookFileSchema>): LookFile {
  const piece = (given: z.infer<typeof pieceSchema>, owned: boolean): Piece =>
    pieceFrom({ owned, ...asGiven(given) });
  return {
    pieces: file.pieces.map((given) => piece(given, false)),
    pool: (file.closet ?? []).map((given) => piece(given, true)),
    setting: { client: file.client, occasion: file.occasion, schools: file.schools, budget: file.budget },
  };
}

/** Mends printed of one look. */
const MOST_MENDS = 12;

/** The judgement of a look as the file format prints it. */
export function judgementOf(look: LookFile, settings: Settings = {}): Record<string, unknown> {
  const verdict = judge(look.pieces, look.setting, settings);
  const by = speaker([...look.pieces, ...look.pool], { pronoun: look.setting.client?.pronoun });
  const mends = lookMends({ pieces: look.pieces, pool: look.pool, setting: look.setting, settings }, verdict);
  return {
    format: JUDGEMENT_FORMAT,
    complete: verdict.complete,
    ...(verdict.complete ? {} : { missing: verdict.missing }),
    sendable: verdict.sendable,
    score: verdict.score.score,
    facets: verdict.score.facets.map(({ facet, title, share, score, rows }) => ({
      facet,
      title,
      share,
      score,
      rows,
    })),
    findings: verdict.findings.map((finding) => ({ ...finding, text: sentence(finding, by) })),
    mends: mends.slice(0, MOST_MENDS).map((mend) => {
      const { answers, gain, ...change } = mend;
      return { change: { ...change, text: mendWords(mend, by) }, answers, gain };
    }),
    beneath: beneathOf(look.pieces.map(wear), HOUSE_TONGUE),
    hems: verdict.hems.map(({ defaulted, ...hem }) => (defaulted ? { ...hem, cannotTell: true } : hem)),
    areas: areasPrinted(verdict),
    clo: verdict.clo ?? null,
  };
}

const areasPrinted = (verdict: Verdict): { piece: string; hex: string; share: number }[] =>
  verdict.areas.swatches.map(({ piece, hex, share }) => ({
    piece,
    hex,
    share: Math.round(share * 1000) / 1000,
  }));
