import { audit } from '@data/schema';
import type { Context } from './context';

/** Writes who did what; details hold ids and numbers, never measures. */
export async function note(
  { tx, actor, now }: Context,
  action: string,
  entity: string,
  entityId: string,
  details: Record<string, unknown> = {},
): Promise<void> {
  await tx
    .insert(audit)
    .values({ shopId: actor.shopId, actorId: actor.id || null, action, entity, entityId, details, at: now });
}
