import { repeatDays } from '@core/look';
import type { Writer } from '@data/db';
import { boxOccasion, occasion, occasionStage } from '@data/schema';
import { and, eq } from 'drizzle-orm';
import { note } from '../audit';
import { conflict, notFound } from '../problem';
import { defineUseCase } from '../use-case';
import { clientOf } from './profile';

export const saveOccasion = defineUseCase({
  name: 'save-occasion',
  roles: ['owner', 'stylist'],
  writes: true,
  async run(context, { id, clientId, occasion: given, stages, repeat }) {
    const { tx, actor, now } = context;
    await clientOf(tx, actor.shopId, clientId);
    const { title, date, formality, ...details } = given;
    const values = { title, day: date, formalityLo: formality[0], formalityHi: formality[1], details };
    if (id) {
      const changed = await tx
        .update(occasion)
        .set(values)
        .where(and(eq(occasion.id, id), eq(occasion.clientId, clientId)))
        .returning({ id: occasion.id });
      if (changed.length === 0) throw notFound('That occasion');
      await keepStages(tx, id, stages);
      await note(context, 'change', 'occasion', id, { clientId });
      return { id };
    }
    // Each day of a repeating occasion is one of its own: it may be moved, dressed for and boxed by itself.
    const days = repeat ? repeatDays(date, repeat.everyDays, repeat.times) : [date];
    let first = '';
    for (const day of days) {
      const [made] = await tx
        .insert(occasion)
        .values({ ...values, day, clientId, createdAt: now })
        .returning({ id: occasion.id });
      if (!made) throw new Error('the occasion was not added');
      await keepStages(tx, made.id, stages);
      first ||= made.id;
    }
    await note(context, 'add', 'occasion', first, { clientId, days: days.length });
    return { id: first };
  },
});

async function keepStages(
  tx: Writer,
  occasionId: string,
  stages: readonly { readonly title: string; readonly changes: Record<string, unknown> }[],
): Promise<void> {
  await tx.delete(occasionStage).where(eq(occasionStage.occasionId, occasionId));
  if (stages.length > 0)
    await tx
      .insert(occasionStage)
      .values(
        stages.map(({ title, changes }, position) => ({ occasionId, position, title, details: changes })),
      );
}

export const removeOccasion = defineUseCase({
  name: 'remove-occasion',
  roles: ['owner', 'stylist'],
  writes: true,
  async run(context, { clientId, id }) {
    const { tx, actor } = context;
    await clientOf(tx, actor.shopId, clientId);
    const used = await tx.select().from(boxOccasion).where(eq(boxOccasion.occasionId, id)).limit(1);
    if (used.length > 0) throw conflict('A box is styled for this occasion; take it off the brief first.');
    const gone = await tx
      .delete(occasion)
      .where(and(eq(occasion.id, id), eq(occasion.clientId, clientId)))
      .returning({ id: occasion.id });
    if (gone.length === 0) throw notFound('That occasion');
    await note(context, 'remove', 'occasion', id, { clientId });
    return { id };
  },
});
