import { audit } from '@data/schema';
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
  for (let i = 0; i < entityIds.length; i += NOTED_AT_ONCE)
    await tx.insert(audit).values(
      entityIds.slice(i, i + NOTED_AT_ONCE).map((entityId) => ({
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
/** A statement takes 65,535 values. */
const NOTED_AT_ONCE = 1000;
