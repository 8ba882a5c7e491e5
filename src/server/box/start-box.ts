import { startBoxCall } from '@contracts/box/start-box';
import { addBox } from '@data/box/boxes';
import { note } from '../audit';
import { clientOf } from '../client/profile';
import type { Context } from '../context';
import { serve } from '../use-case';
import { stylistOf } from './stylists';

export const startBox = serve(startBoxCall, {
  run: (context, { clientId }) => startBoxFor(context, { clientId, stylistId: context.actor.id }),
});

interface NewBox {
  readonly clientId: string;
  readonly stylistId: string;
  /** The day she should have it, for a box of a rhythm. */
  readonly wantedBy?: string | undefined;
}

/** Opens a box for a client, asked for or by her rhythm. */
export async function startBoxFor(
  context: Context,
  { clientId, stylistId, wantedBy }: NewBox,
): Promise<{ readonly id: string }> {
  const { tx, actor, now } = context;
  // Locked: somebody who is being erased takes no new box.
  const { row: person } = await clientOf(tx, actor.shopId, clientId, true);
  await stylistOf(tx, actor.shopId, stylistId, 'stylist');
  const id = await addBox(tx, {
    shopId: actor.shopId,
    clientId,
    stylistId,
    wantedBy: wantedBy ?? null,
    budgetMinor: person.boxBudgetMinor,
    mood: person.profile.moods.slice(0, 4),
    createdAt: now,
  });
  await note(context, wantedBy ? 'start by rhythm' : 'start', 'box', id, { clientId });
  return { id };
}
