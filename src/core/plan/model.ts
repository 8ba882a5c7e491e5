import { NOBODY } from '../client';
import { isTwin } from '../closet';
import { guardPiece, isRefused } from '../guard';
import { answersAsk, isOtherRail, refusedByAsk } from '../pull';
import type { Piece } from '../piece';
import type { Settings } from '../rules';
import { considered, looksOf, type PlanLook } from './enumerate';
import type { PlanProblem } from './problem';

/**
 * What a box is worth, in points. An occasion is dressed by its best looks: the first counts `looks[0]` of its score, the
 * second `looks[1]`, the third `looks[2]`; so much more for each look opened for it (one that only an accessory makes new in
 * part), up to `mostOpened`; an ask answered;
 * and the chance to be kept less the price of risk, nought at even odds. Working values of the trade, no source.
 */
export const WORTH = { looks: [1, 0.4, 0.2], opened: 1.5, mostOpened: 36, ask: 30, keep: 12 } as const;

/** The problem as a model: what may be chosen, what it brings, what binds it. The same for the search and for the proof. */
export interface PlanModel {
  /** Candidates that may be chosen at all. */
  readonly allowed: readonly boolean[];
  /** Those that looks are made of and the search chooses among; of a large stock not all. */
  readonly considered: readonly boolean[];
  readonly price: readonly number[];
  /** Points of each candidate by itself. */
  readonly own: readonly number[];
  readonly weights: readonly number[];
  /** What the first, the second … look of each occasion counts of its score. */
  readonly ranks: readonly (readonly number[])[];
  /** Points of each look opened beyond those, up to `WORTH.mostOpened` of an occasion. */
  readonly opened: number;
  /** Grams of each candidate, where luggage has a limit. */
  readonly grams?: readonly number[] | undefined;
  readonly mostG?: number | undefined;
  /** Looks of each occasion, best first. */
  readonly looks: readonly (readonly PlanLook[])[];
  /** Candidates that answer each ask. */
  readonly answering: readonly { readonly by: readonly number[]; readonly must: boolean }[];
  readonly twins: readonly (readonly [number, number])[];
  readonly pins: readonly number[];
  readonly groups: readonly {
    readonly name: string;
    readonly of: readonly number[];
    readonly least: number;
    readonly most: number;
  }[];
  readonly budgetMinor: number;
  readonly least: number;
  readonly most: number;
}

/** Places of the candidates that may be chosen at all. */
export const openOf = ({ allowed }: Pick<PlanModel, 'allowed'>): number[] =>
  allowed.flatMap((may, place) => (may ? [place] : []));

/** Near twins: nearly the same, or one style in two colours. A box sends one of them. */
const isNear = (one: Piece, other: Piece): boolean =>
  isTwin(one, other) || (one.styleId !== undefined && one.styleId === other.styleId);

export function modelOf(problem: PlanProblem, settings: Settings = {}): PlanModel {
  const { candidates, occasions, asks, bounds, setting } = problem;
  const bans = new Set(problem.bans);
  const allowed = candidates.map(
    ({ piece, stock }) =>
      !bans.has(piece.id) &&
      (stock ?? 1) > 0 &&
      !isOtherRail(piece, setting.client?.department) &&
      // What she may not wear is not planned, however likely it is to be kept: the same guard as at packing.
      !guardPiece(piece, { client: setting.client ?? NOBODY, looks: [], closet: [] }).some(isRefused) &&
      // What an ask of this kind rules out is never sent for it, and what it does not speak of is free.
      !asks.some(({ ask }) => ask.kinds.includes(piece.category) && refusedByAsk(piece, ask) !== undefined),
  );
  // What is dearer than the whole budget is in no look; that it may not be in the box is the budget's to say.
  const affordable = candidates.map(
    ({ priceMinor }, place) => allowed[place] === true && priceMinor <= problem.budgetMinor,
  );
  const open = openOf({ allowed });
  const answering = asks.map(({ ask, must }) => ({
    must,
    by: open.filter((place) => {
      const piece = candidates[place]?.piece;
      return piece !== undefined && answersAsk(piece, ask);
    }),
  }));
  const worthwhile = considered(problem, affordable, new Set(answering.flatMap(({ by }) => by)));
  const near = open.filter((place) => worthwhile[place]);
  const looks = looksOf(problem, worthwhile, settings);
  const groups = Object.entries(bounds).map(([category, [least, most]]) => ({
    name: category,
    of: open.filter((place) => candidates[place]?.piece.category === category),
    least,
    most,
  }));
  return {
    allowed,
    considered: worthwhile,
    price: candidates.map(({ priceMinor }) => priceMinor),
    own: candidates.map(({ keep = 0.5 }) => WORTH.keep * (2 * keep - 1)),
    weights: occasions.map(({ weight }) => weight),
    ranks: occasions.map(() => WORTH.looks),
    opened: WORTH.opened,
    looks,
    answering,
    // Of a large stock only those that are considered are told apart: nothing else is chosen for a look.
    twins: near.flatMap((a, i) =>
      near.slice(i + 1).flatMap((b) => {
        const [one, other] = [candidates[a]?.piece, candidates[b]?.piece];
        return one && other && isNear(one, other) ? [[a, b] as const] : [];
      }),
    ),
    pins: problem.pins.flatMap((id) => {
      const place = candidates.findIndex(({ piece }) => piece.id === id);
      return place < 0 ? [] : [place];
    }),
    groups,
    budgetMinor: problem.budgetMinor,
    least: problem.least,
    most: problem.most,
  };
}

/** Points of a choice that no look brings: what each is by itself, and the asks answered. */
function aloneWorth({ own, answering }: PlanModel, chosen: Uint8Array): number {
  let value = 0;
  for (let place = 0; place < chosen.length; place++) if (chosen[place]) value += own[place] as number;
  for (const { by } of answering) if (by.some((place) => chosen[place])) value += WORTH.ask;
  return value;
}

/** Points of a choice of candidates; whether it may be chosen is another matter. */
export function worthOf(model: PlanModel, chosen: Uint8Array): number {
  let value = aloneWorth(model, chosen);
  for (let o = 0; o < model.looks.length; o++) {
    const looks = model.looks[o] as readonly PlanLook[];
    const ranks = model.ranks[o] as readonly number[];
    let [best, opened, points] = [0, 0, 0];
    for (let l = 0; l < looks.length; l++) {
      const { fresh, score, opens } = looks[l] as PlanLook;
      let there = true;
      for (let i = 0; i < fresh.length && there; i++) there = chosen[fresh[i] as number] === 1;
      if (!there) continue;
      if (best < ranks.length) points += score * (ranks[best++] as number);
      if (fresh.length > 0 && opened < WORTH.mostOpened) {
        const more = Math.min(opens, WORTH.mostOpened - opened);
        opened += more;
        points += model.opened * more;
      }
      if (best === ranks.length && opened >= WORTH.mostOpened) break;
    }
    value += points * (model.weights[o] as number);
  }
  return value;
}

/** How many things stand against a choice: 0 is a box that may be sent. */
export function wrongsOf(model: PlanModel, chosen: Uint8Array): number {
  let [wrongs, count, spent, grams] = [0, 0, 0, 0];
  for (let place = 0; place < chosen.length; place++) {
    if (!chosen[place]) continue;
    count++;
    spent += model.price[place] as number;
    grams += model.grams?.[place] ?? 0;
    if (!model.allowed[place]) wrongs++;
  }
  if (spent > model.budgetMinor) wrongs++;
  if (grams > (model.mostG ?? Infinity)) wrongs++;
  wrongs += Math.max(0, count - model.most) + Math.max(0, model.least - count);
  for (const { of, least, most } of model.groups) {
    const its = of.reduce((sum, place) => sum + (chosen[place] as number), 0);
    wrongs += Math.max(0, its - most) + Math.max(0, least - its);
  }
  for (const [a, b] of model.twins) if (chosen[a] && chosen[b]) wrongs++;
  for (const place of model.pins) if (!chosen[place]) wrongs++;
  for (const { must, by } of model.answering) if (must && !by.some((place) => chosen[place])) wrongs++;
  return wrongs;
}
