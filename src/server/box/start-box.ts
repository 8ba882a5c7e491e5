import { startBoxCall } from '@contracts/box/start-box';
import { box } from '@data/schema';
import { eq, max, sql } from 'drizzle-orm';
import { note } from '../audit';
import { clientOf } from '../client/profile';
import { serve } from '../use-case';

export const startBox = serve(startBoxCall, {
  async run(context, { clientId }) {
    const { tx, actor, now } = context;
    // Locked: somebody who is being erased takes no new box.
    const { row: person } = await clientOf(tx, actor.shopId, clientId, true);
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
        number: (last?.number ?? 100) + 1,
        budgetMinor: person.boxBudgetMinor,
        mood: person.profile.moods.slice(0, 4),
        createdAt: now,
      })
      .returning({ id: box.id });
    if (!made) throw new Error('the box was not made');
    await note(context, 'start', 'box', made.id, { clientId });
    return { id: made.id };
  },
});
