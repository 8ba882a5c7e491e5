import { judge, type Setting } from '../look';
import type { Occasion } from '../occasion';
import type { Piece } from '../piece';
import type { Settings } from '../rules';
import { farthest } from './choose';
import { factsOf, isCloth, lookDistance, type LookFacts } from './distance';
import { LookSearch, type Rail, railOf, type Tried } from './looks';

/** Points below the best look from which a look is no way to show somebody. */
export const WITHIN = 10;
/** Looks that ways are chosen among, for one occasion: the best, and those of each set of clothes. */
const MOST_CHOSEN_FROM = 300;

export interface WaysInput {
  /** Box and closet; on request the shelf. */
  readonly pieces: readonly Piece[];
  /** Ids that every way holds. */
  readonly around: readonly string[];
  /** Ids that none does. */
  readonly bans?: readonly string[] | undefined;
  readonly count: number;
  /** The client, schools and budget; the occasion is set for each. */
  readonly setting: Omit<Setting, 'occasion'>;
  readonly occasions?: readonly Occasion[] | undefined;
  readonly settings?: Settings | undefined;
  /** A rail made before for an occasion out of the same pieces; absent: it is made. */
  readonly rails?: ((occasion: Occasion | undefined) => Rail) | undefined;
}

/** A way of wearing what it is about. */
export interface Way {
  /** In their modes, clothes first. */
  readonly pieces: readonly Piece[];
  readonly occasion?: string | undefined;
  readonly score: number;
  readonly sendable: boolean;
}

export interface Ways {
  readonly ways: readonly Way[];
  /** Least distance between any two, 0 to 1; 0 for fewer than two. */
  readonly distance: number;
  /** Best score of any look, by which the others are measured. */
  readonly best: number;
  /** Why there are fewer than were asked for. */
  readonly fewer?: 'none sendable' | 'no more' | undefined;
}

interface Candidate {
  readonly pieces: readonly Piece[];
  readonly occasion: Occasion | undefined;
  readonly score: number;
  readonly facts: LookFacts;
}

/**
 * So many ways to wear something that differ most from each other (`lookDistance`), among the sendable looks within ten
 * points of the best one for their occasion. Yields a first answer out of clothes and shoes, then the whole one.
 * @throws RangeError for an id that no piece has
 */
export function* waysOf(input: WaysInput): Generator<Ways, Ways> {
  const { around, bans = [], count, setting, settings = {}, occasions = [] } = input;
  const { pieces } = input;
  const placeOf = (id: string): number => {
    const place = pieces.findIndex((piece) => piece.id === id);
    if (place < 0) throw new RangeError(`waysOf: ${id} is not among the pieces`);
    return place;
  };
  const pins = around.map(placeOf);
  const outs = bans.map(placeOf);
  const railFor =
    input.rails ?? ((occasion: Occasion | undefined) => railOf(pieces, { ...setting, occasion }, settings));
  const searches = (occasions.length > 0 ? occasions : [undefined]).map((occasion) => ({
    occasion,
    search: new LookSearch(railFor(occasion), pins, outs),
  }));
  for (const { search } of searches) search.begin();
  const first = chosenFrom(searches, pieces, new Set(around), count);
  if (searches.every(({ search }) => search.isWhole)) return checked(first, setting, settings);
  yield first.answer;
  for (const { search } of searches) search.grow();
  return checked(chosenFrom(searches, pieces, new Set(around), count), setting, settings);
}

interface Chosen {
  readonly answer: Ways;
  readonly candidates: readonly Candidate[];
}

function chosenFrom(
  searches: readonly { readonly occasion: Occasion | undefined; readonly search: LookSearch }[],
  pieces: readonly Piece[],
  around: ReadonlySet<string>,
  count: number,
): Chosen {
  let best = 0;
  const candidates = searches.flatMap(({ occasion, search }): Candidate[] => {
    const found = search.found().sort((a, b) => b.score - a.score || (a.key < b.key ? -1 : 1));
    const top = found[0]?.score ?? 0;
    best = Math.max(best, top);
    const good = found.filter(({ score }) => score >= top - WITHIN);
    return spread(good, search).map(({ look, score }): Candidate => {
      const worn = look.map((place): Piece => {
        const { piece, mode } = search.variants[place] as (typeof search.variants)[number];
        const own = pieces[piece] as Piece;
        return mode === undefined ? own : { ...own, mode };
      });
      return { pieces: worn, occasion, score, facts: factsOf(worn, around) };
    });
  });
  const { chosen, least } = farthest(candidates.length, count, (i, j) =>
    lookDistance((candidates[i] as Candidate).facts, (candidates[j] as Candidate).facts),
  );
  const ways = chosen.map((i) => wayOf(candidates[i] as Candidate)).sort((a, b) => b.score - a.score);
  return {
    candidates,
    answer: {
      ways,
      distance: ways.length < 2 ? 0 : least,
      best,
      ...(ways.length < count ? { fewer: ways.length === 0 ? 'none sendable' : 'no more' } : {}),
    },
  };
}

/** The looks ways are chosen among: all of a few; of many the best of every set of clothes, then the best. */
function spread(good: readonly Tried[], search: LookSearch): Tried[] {
  if (good.length <= MOST_CHOSEN_FROM) return [...good];
  const seen = new Set<string>();
  const firsts = good.filter(({ look }) => {
    const clothes = look
      .map((place) => search.variants[place] as (typeof search.variants)[number])
      .filter(({ worn }) => isCloth(worn))
      .map(({ piece }) => piece)
      .join();
    return !seen.has(clothes) && seen.add(clothes) !== undefined;
  });
  return [...new Set([...firsts.slice(0, MOST_CHOSEN_FROM * 0.7), ...good])].slice(0, MOST_CHOSEN_FROM);
}

const wayOf = ({ pieces, occasion, score }: Candidate): Way => ({
  pieces: [...pieces].sort((a, b) => Number(isCloth(b)) - Number(isCloth(a))),
  occasion: occasion?.title,
  score,
  sendable: true,
});

/** The answer as `judge` itself says it; what it would not send is left out. */
function checked({ answer, candidates }: Chosen, setting: WaysInput['setting'], settings: Settings): Ways {
  const ways = answer.ways.flatMap((way): Way[] => {
    const occasion = candidates.find(({ occasion: its }) => its?.title === way.occasion)?.occasion;
    const { sendable, score } = judge(way.pieces, { ...setting, occasion }, settings);
    return sendable ? [{ ...way, score: score.score }] : [];
  });
  return { ...answer, ways };
}
