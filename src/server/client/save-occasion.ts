import { removeOccasionCall } from '@contracts/occasion/remove-occasion';
import { saveOccasionCall } from '@contracts/occasion/save-occasion';
import { repeatDays } from '@core/occasion';
import type { Writer } from '@data/db';
import { box, boxOccasion, look, occasion, occasionStage } from '@data/schema';
import { and, asc, eq } from 'drizzle-orm';
import { note } from '../audit';
import { setHoldClock } from '../box/hold-clock';
import { conflict, notFound, stale } from '../problem';
import { serve } from '../use-case';
import { occasionsOf } from './occasions';
import { clientOf } from './profile';

export const saveOccasion = serve(saveOccasionCall, {
  async run(context, { id, version: seen, clientId, occasion: given, stages, repeat }) {
    const { tx, actor, now } = context;
    await clientOf(tx, actor.shopId, clientId);
    const { title, date, formality, ...details } = given;
    const values = { title, day: date, formalityLo: formality[0], formalityHi: formality[1], details };
    if (id) {
      const row = await lockedOccasion(tx, clientId, id);
      if (row.version !== seen) {
        const before = (await occasionsOf(tx, clientId)).find((each) => each.id === id);
        throw stale([{ path: 'occasion', message: `${row.title} was saved elsewhere` }], {
          id,
          clientId,
          version: row.version,
          occasion: before?.occasion,
          stages: before?.stages ?? [],
        });
      }
      const version = row.version + 1;
      await tx
        .update(occasion)
        .set({ ...values, version })
        .where(eq(occasion.id, id));
      await keepStages(tx, id, stages);
      // Boxes for it hold their pieces to another day now.
      const boxes = await tx
        .select({ box })
        .from(box)
        .innerJoin(boxOccasion, eq(boxOccasion.boxId, box.id))
        .where(eq(boxOccasion.occasionId, id))
        .orderBy(asc(box.id));
      for (const { box: each } of boxes) await setHoldClock(context, each);
      await note(context, 'change', 'occasion', id, { clientId });
      return { id, version };
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
    return { id: first, version: 1 };
  },
});

async function lockedOccasion(tx: Writer, clientId: string, id: string) {
  const [row] = await tx
    .select()
    .from(occasion)
    .where(and(eq(occasion.id, id), eq(occasion.clientId, clientId)))
    .for('update');
  if (!row) throw notFound('That occasion');
  return row;
}

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

export const removeOccasion = serve(removeOccasionCall, {
  async run(context, { clientId, id }) {
    const { tx, actor } = context;
    await clientOf(tx, actor.shopId, clientId);
    await lockedOccasion(tx, clientId, id);
    const used = await tx.select().from(boxOccasion).where(eq(boxOccasion.occasionId, id)).limit(1);
    if (used.length > 0) throw conflict('A box is styled for this occasion; take it off the brief first.');
    const worn = await tx.select({ id: look.id }).from(look).where(eq(look.occasionId, id)).limit(1);
    if (worn.length > 0)
      throw conflict('A saved look is for this occasion; give the look another one or delete it first.');
    await tx.delete(occasion).where(eq(occasion.id, id));
    await note(context, 'remove', 'occasion', id, { clientId });
    return { id };
  },
});
