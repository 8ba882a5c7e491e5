import { isOpen, type Step } from '@core/box';
import type { BoxView } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { cheapestOf } from '@data/stock/garments';
import { type Actor, seesPersons } from '../context';
import { database } from '../database';
import { forbidden } from '../problem';
import { boxView } from './box-view';
import { viewFor } from './pack-view';

/** The box for one of the pages of those who dress its client. */
export async function boxPage(actor: Actor, id: string): Promise<BoxView> {
  if (!seesPersons(actor)) throw forbidden();
  return boxView(database(), actor, id, new Date());
}

/** Boxes planned together at most. */
const MOST_TOGETHER = 12;

/** Open boxes for the page that plans them together, in the order they were ticked. */
export async function boxesPage(actor: Actor, ids: readonly string[]): Promise<BoxView[]> {
  const views: BoxView[] = [];
  for (const id of [...new Set(ids)].slice(0, MOST_TOGETHER)) views.push(await boxPage(actor, id));
  return views.filter(({ state }) => isOpen(state));
}

/** The same with what the cheapest piece of each kind costs, so that a budget can be told what it reaches. */
export const briefPage = async (actor: Actor, id: string) => ({
  view: await boxPage(actor, id),
  cheapest: await cheapestOf(database(), actor.shopId),
});

/** The box for the two pages where parcels go out and come back: each role has its own view. */
export const parcelPage = (actor: Actor, id: string): Promise<BoxView | PackView> =>
  viewFor(database(), actor, id, new Date(), boxView);

/** The step a box opens at, for this role. */
export const stepFor = async (actor: Actor, id: string): Promise<Step> => (await parcelPage(actor, id)).step;
