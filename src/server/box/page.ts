import type { Step } from '@core/box';
import type { BoxView } from '@contracts/views';
import type { Actor } from '../context';
import { database } from '../database';
import { forbidden } from '../problem';
import { boxView } from './load';

/** The box for one of its pages; a packer has the two steps where parcels go out and come back. */
export async function boxPage(actor: Actor, id: string, step: Step | 'any'): Promise<BoxView> {
  if (actor.role === 'packer' && step !== 'out' && step !== 'tally' && step !== 'any') throw forbidden();
  return boxView(database(), actor, id, new Date());
}
