import type { Profile } from '@core/client';
import {
  bestWays,
  goesBest,
  judge,
  type Keeping,
  keepsLook,
  type LookMend,
  lookMends,
  type Mend,
  type MendInput,
  oneOff,
} from '@core/look';
import { type Alternatives, alternativesTo } from '@core/pull';
import { expose } from 'comlink';

const verdictOf = ({ pieces, setting, settings, overrules }: MendInput) =>
  judge(pieces, setting, settings, overrules);

/** Tries changes on a look away from the page: hundreds of looks are judged for one answer. */
const work = {
  mends: (input: MendInput): readonly LookMend[] => lookMends(input, verdictOf(input)),
  /** Other ways of wearing what is on, that lift the look. */
  ways: (input: MendInput): readonly Mend[] => bestWays(input),
  /** The piece whose leaving lifts the look most. */
  less: (input: MendInput): Mend | undefined => oneOff(input, verdictOf(input)),
  /** Ids of what is not worn, what goes best with the look first. */
  best: (input: MendInput): readonly string[] => goesBest(input, verdictOf(input)),
  /** What could be worn in the place of a piece and keeps the look: out of closet, box and shelf. */
  instead(input: MendInput, pieceId: string, client: Profile): Alternatives<Keeping> {
    const worn = new Set(input.pieces.map(({ id }) => id));
    const others = [...input.pool, ...(input.stock ?? [])].filter(({ id }) => !worn.has(id));
    const piece = input.pieces.find(({ id }) => id === pieceId);
    if (!piece) return { colours: [] };
    return alternativesTo({ piece }, keepsLook(input, verdictOf(input), pieceId, others), client);
  },
};
export type MendWork = typeof work;

expose(work);
