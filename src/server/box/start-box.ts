import { startBoxCall } from '@contracts/box/start-box';
import { isHere } from '@core/box';
import type { Reader } from '@data/db';
import { box } from '@data/schema';
import { eq, max, sql } from 'drizzle-orm';
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
  // Box numbers are given one at a time per shop.
  await tx.execute(sql`select pg_advisory_xact_lock(hashtext(${`box-number:${actor.shopId}`}))`);
  const [last] = await tx
    .select({ number: max(box.number) })
    .from(box)
    .where(eq(box.shopId, actor.shopId));
  const [made] = await tx
    .insert(box)
    .values({
      shopId: actor.shopId,
      clientId,
      stylistId,
      wantedBy: wantedBy ?? null,
      number: (last?.number ?? 100) + 1,
      budgetMinor: person.boxBudgetMinor,
      mood: person.profile.moods.slice(0, 4),
      createdAt: now,
    })
    .returning({ id: box.id });
  if (!made) throw new Error('the box was not made');
  await note(context, wantedBy ? 'start by rhythm' : 'start', 'box', made.id, { clientId });
  return { id: made.id };
}

/** Boxes of a client that are still being made. */
export async function boxesInMaking(db: Reader, clientId: string): Promise<number> {
  const rows = await db.select({ state: box.state }).from(box).where(eq(box.clientId, clientId));
  return rows.filter(({ state }) => isHere(state)).length;
}
