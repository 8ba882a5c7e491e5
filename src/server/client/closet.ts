import { retireOwnedCall } from '@contracts/closet/retire-owned';
import { saveOwnedManyCall } from '@contracts/closet/save-owned-many';
import { saveOwnedCall } from '@contracts/closet/save-owned';
import { closetKey, storedOf } from '@contracts/closet-file';
import { type GivenPiece, pieceFrom } from '@core/piece';
import type { StoredAttributes } from '@contracts/piece';
import { addOwned, changeOwned, closetOf, lockedOwned } from '@data/client/closet';
import { note } from '../audit';
import { notFound, stale } from '../problem';
import { serve } from '../use-case';
import { clientOf } from './profile';

export const saveOwned = serve(saveOwnedCall, {
  async run(context, { id, version: seen, clientId, formality, ...input }) {
    const { tx, actor, now } = context;
    await clientOf(tx, actor.shopId, clientId);
    const usual = pieceFrom({ id: 'new', category: input.category, colours: input.colours }).formality;
    const values = { ...input, formality: formality ?? usual };
    if (id) {
      const row = await lockedOwned(tx, id);
      if (row?.clientId !== clientId) throw notFound('That piece');
      if (row.version !== seen)
        throw stale([{ path: 'piece', message: `${row.title} was saved elsewhere` }], {
          id,
          clientId,
          version: row.version,
          title: row.title,
          category: row.category,
          formality: row.formality,
          colours: row.colours,
          attributes: row.attributes,
          assumed: row.assumed,
          loved: row.loved,
          wornWeekly: row.wornWeekly,
        });
      await changeOwned(tx, id, values);
      await note(context, 'change', 'owned_item', id, { clientId });
      return { id, version: row.version + 1 };
    }
    const [made = ''] = await addOwned(tx, [{ ...values, clientId, createdAt: now }]);
    await note(context, 'add', 'owned_item', made, { clientId });
    return { id: made, version: 1 };
  },
});

/** Takes many pieces at once (a pasted list, a file, staples). What the closet holds already is not added twice. */
export const saveOwnedMany = serve(saveOwnedManyCall, {
  async run(context, { clientId, items }) {
    const { tx, actor, now } = context;
    // Locked, so that one list sent twice at once is added once.
    await clientOf(tx, actor.shopId, clientId, true);
    const held = await closetOf(tx, clientId);
    const known = new Set(held.map((each) => closetKey(each as Parameters<typeof closetKey>[0])));
    const fresh = items.flatMap(({ piece, assumed, loved, wornWeekly }) => {
      const stored = storedOf(piece as GivenPiece);
      const key = closetKey(stored);
      if (known.has(key)) return [];
      known.add(key);
      return [
        {
          ...stored,
          colours: [...stored.colours],
          attributes: stored.attributes as StoredAttributes,
          clientId,
          assumed,
          loved,
          wornWeekly,
          createdAt: now,
        },
      ];
    });
    await addOwned(tx, fresh);
    await note(context, 'add pieces', 'client', clientId, { added: fresh.length });
    return { added: fresh.length, known: items.length - fresh.length };
  },
});

export const retireOwned = serve(retireOwnedCall, {
  async run(context, { id, retired }) {
    const { tx, actor, now } = context;
    const item = await lockedOwned(tx, id);
    if (!item) throw notFound('That piece');
    await clientOf(tx, actor.shopId, item.clientId);
    await changeOwned(tx, id, { retiredAt: retired ? now : null });
    await note(context, retired ? 'retire' : 'bring back', 'owned_item', id);
    return { id, version: item.version + 1 };
  },
});
