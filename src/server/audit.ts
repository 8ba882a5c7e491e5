import { addDeeds } from '@data/audit';
import type { Context } from './context';

/** Writes who did what; details hold ids and numbers, never measures. */
export async function note(
  context: Context,
  action: string,
  entity: string,
  entityId: string,
  details: Record<string, unknown> = {},
): Promise<void> {
  await noteAll(context, action, entity, [entityId], details);
}

/** The same of many at once, in few statements. */
export async function noteAll(
  { tx, actor, now }: Context,
  action: string,
  entity: string,
  entityIds: readonly string[],
  details: Record<string, unknown> = {},
): Promise<void> {
  await addDeeds(
    tx,
    entityIds.map((entityId) => ({
      shopId: actor.shopId,
      actorId: actor.id || null,
      action,
      entity,
      entityId,
      details,
      at: now,
    })),
  );
}
