import { openOf, type PlanModel } from './model';

/** Something a box must do, with its name as the reader knows it. */
export interface Must {
  readonly name: string;
  readonly kind: 'budget' | 'most' | 'least' | 'pin' | 'ask' | 'bound';
  /** Place in the problem's own list, where it has one. */
  readonly at?: number | undefined;
}

/** Every must of a model; names are given by whoever knows them. */
export function mustsOf(model: PlanModel, pins: readonly string[], asks: readonly string[]): Must[] {
  return [
    { kind: 'budget', name: 'budget' },
    { kind: 'most', name: 'most' },
    ...(model.least > 0 ? [{ kind: 'least', name: 'least' } as const] : []),
    ...pins.map((id, at) => ({ kind: 'pin', name: `pin ${id}`, at }) as const),
    ...asks.flatMap((text, at) =>
      model.answering[at]?.must ? [{ kind: 'ask', name: text, at } as const] : [],
    ),
    ...model.groups.flatMap(({ name, least }, at) =>
      least > 0 ? [{ kind: 'bound', name: `at least ${least} ${name}`, at } as const] : [],
    ),
  ];
}

/** Choices gone through at most while it is asked whether anything satisfies some musts. */
const MOST_TRIED = 20_000;

/**
 * A choice that satisfies these musts, the cheapest that depth-first search finds; undefined where there is none (or none
 * within so many tries). Each open must is met in turn by the cheapest candidates that meet it.
 */
export function feasible(model: PlanModel, musts: readonly Must[]): Uint8Array | undefined {
  const has = (kind: Must['kind']): boolean => musts.some((must) => must.kind === kind);
  const most = has('most') ? model.most : Infinity;
  const budget = has('budget') ? model.budgetMinor : Infinity;
  const least = has('least') ? model.least : 0;
  const byPrice = (places: readonly number[]): number[] =>
    [...places].sort((a, b) => (model.price[a] as number) - (model.price[b] as number));
  const open = byPrice(openOf(model));
  const groupOf = new Map(model.groups.flatMap((group, at) => group.of.map((place) => [place, at] as const)));
  const chosen = new Uint8Array(model.price.length);
  const inGroup = model.groups.map(() => 0);
  let [count, spent, tried] = [0, 0, 0];
  const clashes = new Map<number, number[]>();
  for (const [a, b] of model.twins) {
    clashes.set(a, [...(clashes.get(a) ?? []), b]);
    clashes.set(b, [...(clashes.get(b) ?? []), a]);
  }
  const mayAdd = (place: number): boolean => {
    if (chosen[place] || !model.allowed[place]) return false;
    const group = groupOf.get(place);
    return (
      count < most &&
      spent + (model.price[place] as number) <= budget &&
      (group === undefined || (inGroup[group] as number) < (model.groups[group]?.most ?? Infinity)) &&
      !(clashes.get(place) ?? []).some((other) => chosen[other])
    );
  };
  const change = (place: number, by: 1 | -1): void => {
    chosen[place] = by === 1 ? 1 : 0;
    count += by;
    spent += by * (model.price[place] as number);
    const group = groupOf.get(place);
    if (group !== undefined) inGroup[group] = (inGroup[group] as number) + by;
  };
  /** What meets the first must that is not met yet; undefined when all are. */
  const unmet = (): readonly number[] | undefined => {
    for (const { kind, at = -1 } of musts) {
      if (kind === 'pin') {
        const place = model.pins[at];
        if (place === undefined) return [];
        if (!chosen[place]) return [place];
      } else if (kind === 'ask') {
        const by = model.answering[at]?.by ?? [];
        if (!by.some((place) => chosen[place])) return byPrice(by);
      } else if (kind === 'bound') {
        const group = model.groups[at];
        if (group && (inGroup[at] as number) < group.least) return byPrice(group.of);
      }
    }
    return count < least ? open : undefined;
  };
  const walk = (): boolean => {
    const next = unmet();
    if (next === undefined) return true;
    if (tried++ > MOST_TRIED) return false;
    for (const place of next) {
      if (!mayAdd(place)) continue;
      change(place, 1);
      if (walk()) return true;
      change(place, -1);
    }
    return false;
  };
  return walk() ? chosen : undefined;
}

/** A smallest set of musts that cannot be satisfied together: take any one away, and the rest can. Empty when all can. */
export function conflictOf(model: PlanModel, musts: readonly Must[]): readonly Must[] {
  if (feasible(model, musts)) return [];
  let left = [...musts];
  for (const must of musts) {
    const without = left.filter((each) => each !== must);
    if (!feasible(model, without)) left = without;
  }
  return left;
}
