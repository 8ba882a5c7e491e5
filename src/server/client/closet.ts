import { pieceFrom } from '@core/piece';
import { ownedItem } from '@data/schema';
import { and, eq } from 'drizzle-orm';
import { note } from '../audit';
import { notFound } from '../problem';
import { defineUseCase } from '../use-case';
import { clientOf } from './profile';

export const saveOwned = defineUseCase({
  name: 'save-owned',
  roles: ['owner', 'stylist'],
  writes: true,
  async run(context, { id, clientId, formality, ...input }) {
    const { tx, actor, now } = context;
    await clientOf(tx, actor.shopId, clientId);
    const usual = pieceFrom({ id: 'new', category: input.category, colours: input.colours }).formality;
    const values = { ...input, formality: formality ?? usual };
    if (id) {
      const changed = await tx
        .update(ownedItem)
        .set(values)
        .where(and(eq(ownedItem.id, id), eq(ownedItem.clientId, clientId)))
        .returning({ id: ownedItem.id });
      if (changed.length === 0) throw notFound('That piece');
      await note(context, 'change', 'owned_item', id, { clientId });
      return { id };
    }
    const [made] = await tx
      .insert(ownedItem)
      .values({ ...values, clientId, createdAt: now })
      .returning({ id: ownedItem.id });
    if (!made) throw new Error('the piece was not added');
    await note(context, 'add', 'owned_item', made.id, { clientId });
    return { id: made.id };
  },
});

export const retireOwned = defineUseCase({
  name: 'retire-owned',
  roles: ['owner', 'stylist'],
  writes: true,
  async run(context, { id, retired }) {
    const { tx, actor, now } = context;
    const [item] = await tx.select().from(ownedItem).where(eq(ownedItem.id, id));
    if (!item) throw notFound('That piece');
    await clientOf(tx, actor.shopId, item.clientId);
    await tx
      .update(ownedItem)
      .set({ retiredAt: retired ? now : null })
      .where(eq(ownedItem.id, id));
    await note(context, retired ? 'retire' : 'bring back', 'owned_item', id);
    return { id };
  },
});
