import { occasion } from '@data/schema';
import { and, eq } from 'drizzle-orm';
import { note } from '../audit';
import { notFound } from '../problem';
import { defineUseCase } from '../use-case';
import { clientOf } from './profile';

export const saveOccasion = defineUseCase({
  name: 'save-occasion',
  roles: ['owner', 'stylist'],
  writes: true,
  async run(context, { id, clientId, occasion: given }) {
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
      await note(context, 'change', 'occasion', id, { clientId });
      return { id };
    }
    const [made] = await tx
      .insert(occasion)
      .values({ ...values, clientId, createdAt: now })
      .returning({ id: occasion.id });
    if (!made) throw new Error('the occasion was not added');
    await note(context, 'add', 'occasion', made.id, { clientId });
    return { id: made.id };
  },
});
