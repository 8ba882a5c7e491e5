import { type Occasion } from '../occasion';
import { gramsOf, type Piece, type Slot, wear } from '../piece';
import type { Settings } from '../rules';
import type { PlanLook } from './enumerate';
import { modelOf, type PlanModel, wrongsOf } from './model';
import type { PlanProblem } from './problem';
import { search } from './search';

/** What goes along: so many days, so many pieces and grams at most. */
export interface Luggage {
  readonly days: number;
  readonly maxPieces: number;
  readonly maxG?: number | undefined;
}

/** One day of a journey, with what is worn; nothing where no look is left that was not worn before the same people. */
export interface TravelDay {
  readonly day: number;
  readonly occasion: number;
  readonly look?: PlanLook | undefined;
}

export interface TravelPlan {
  /** What is packed. */
  readonly pieces: readonly Piece[];
  readonly grams: number;
  readonly spentMinor: number;
  readonly days: readonly TravelDay[];
  readonly value: number;
  readonly model: PlanModel;
}

/**
 * Points of a day that is dressed at all, beside the score of its look; and what each packed piece takes away. So a day dressed
 * is worth more than any two pieces left at home, and of two ways to dress all days the lighter one is taken. Working values.
 */
const WORTH = { day: 100, piece: 6 } as const;
/** Fresh beginnings: every piece takes points away, so that few ways lead uphill; of four journeys tried the second is the best. */
const RESTARTS = 2;

/** Which occasion each day is: those with a date in their order, each as often as its turn comes round. */
function daysOf(occasions: readonly Occasion[], days: number): number[] {
  const order = occasions
    .map(({ date }, o) => ({ date: date ?? '', o }))
    .sort((a, b) => (a.date < b.date ? -1 : a.date > b.date ? 1 : a.o - b.o))
    .map(({ o }) => o);
  return Array.from({ length: days }, (_each, day) => order[day % order.length] as number);
}

/** What is worn beneath coats and round the neck: two looks of the same clothes are one outfit to whoever sees both. */
const outfitOf = ({ pieces }: PlanLook): string =>
  pieces
    .map(wear)
    .filter(({ slot }) => OUTFIT.includes(slot))
    .map(({ piece }) => piece.id)
    .sort()
    .join(' ');

const OUTFIT: readonly Slot[] = ['top', 'bottom', 'whole'];

/** Of looks in one outfit the best stays. */
function oncePerOutfit(looks: readonly PlanLook[]): PlanLook[] {
  const seen = new Set<string>();
  return looks.filter((look) => {
    const outfit = outfitOf(look);
    if (seen.has(outfit)) return false;
    seen.add(outfit);
    return true;
  });
}

/** The journey as a model: every piece of closet and box may be packed, and each day is dressed once. */
export function travelModel(problem: PlanProblem, luggage: Luggage, settings: Settings = {}): PlanModel {
  const { closet, candidates, occasions } = problem;
  const all = [...candidates, ...closet.map((piece) => ({ piece, priceMinor: 0, keep: 0.5 }))];
  const model = modelOf({ ...problem, closet: [], candidates: all, bounds: {}, asks: [] }, settings);
  const turns = daysOf(
    occasions.map(({ occasion }) => occasion),
    luggage.days,
  );
  return {
    ...model,
    own: all.map(() => -WORTH.piece),
    twins: [],
    weights: occasions.map(() => 1),
    ranks: occasions.map((_each, o) => turns.filter((turn) => turn === o).map(() => 1)),
    opened: 0,
    looks: model.looks.map((its) =>
      oncePerOutfit(its).map((look) => ({ ...look, score: look.score + WORTH.day })),
    ),
    grams: all.map(({ piece }) => gramsOf(piece)),
    mostG: luggage.maxG,
    least: 0,
    most: luggage.maxPieces,
  };
}

/**
 * Packs for a journey or a season: the fewest pieces of closet and box that dress every day, no outfit twice before the same
 * people (the same occasion), within pieces and grams. The same seed packs the same.
 */
export const packFor = (
  problem: PlanProblem,
  luggage: Luggage,
  seed = 1,
  settings: Settings = {},
): TravelPlan => packWith(problem, luggage, travelModel(problem, luggage, settings), seed);

/** The same of a model that is there already. */
export function packWith(problem: PlanProblem, luggage: Luggage, model: PlanModel, seed = 1): TravelPlan {
  const found = search(model, seed, { restarts: RESTARTS });
  const chosen = wrongsOf(model, found) === 0 ? found : new Uint8Array(found.length);
  const all = [...problem.candidates.map(({ piece }) => piece), ...problem.closet];
  const packed = [...chosen.keys()].filter((place) => chosen[place]);
  const left = model.looks.map((its) => its.filter(({ fresh }) => fresh.every((place) => chosen[place])));
  const days = daysOf(
    problem.occasions.map(({ occasion }) => occasion),
    luggage.days,
  ).map((occasion, i): TravelDay => {
    const look = left[occasion]?.shift();
    return {
      day: i + 1,
      occasion,
      look: look && { ...look, score: look.score - WORTH.day },
    };
  });
  return {
    pieces: packed.map((place) => all[place] as Piece),
    grams: packed.reduce((sum, place) => sum + (model.grams?.[place] ?? 0), 0),
    spentMinor: packed.reduce((sum, place) => sum + (model.price[place] as number), 0),
    days,
    value:
      days.reduce((sum, { look }) => sum + (look ? look.score + WORTH.day : 0), 0) -
      WORTH.piece * packed.length,
    model,
  };
}
