import { removePhotoCall } from '@contracts/photo/remove-photo';
import { savePhotoCall } from '@contracts/photo/save-photo';
import { type Actor, seesPersons } from '../context';
import type { Reader } from '@data/db';
import { garment, ownedItem, photo } from '@data/schema';
import { and, eq, inArray } from 'drizzle-orm';
import { note } from '../audit';
import { clientOf } from '../client/profile';
import { isId, notFound } from '../problem';
import { serve } from '../use-case';
import { readPhoto } from './read-photo';

/** Puts a photo on a garment or an owned item, in place of the one before. */
export const savePhoto = serve(savePhotoCall, {
  prepare: ({ dataBase64 }) => readPhoto(Buffer.from(dataBase64, 'base64')),
  async run(context, { of, id }, kept) {
    const { tx, actor, now } = context;
    await mustBeHere(tx, actor, of, id);
    await tx.delete(photo).where(eq(of === 'garment' ? photo.garmentId : photo.ownedItemId, id));
    const [made] = await tx
      .insert(photo)
      .values({
        ...kept,
        shopId: actor.shopId,
        ...(of === 'garment' ? { garmentId: id } : { ownedItemId: id }),
        createdAt: now,
      })
      .returning({ id: photo.id });
    if (!made) throw new Error('the photo was not kept');
    await note(context, 'add photo', of === 'garment' ? 'garment' : 'owned_item', id);
    return { photoId: made.id };
  },
});

export const removePhoto = serve(removePhotoCall, {
  async run(context, { of, id }) {
    const { tx, actor } = context;
    await mustBeHere(tx, actor, of, id);
    await tx.delete(photo).where(eq(of === 'garment' ? photo.garmentId : photo.ownedItemId, id));
    await note(context, 'remove photo', of === 'garment' ? 'garment' : 'owned_item', id);
    return { id };
  },
});

/** Locked: of two photos put on a thing at the same moment the later one stays. */
async function mustBeHere(db: Reader, actor: Actor, of: 'garment' | 'owned', id: string): Promise<void> {
  if (of === 'garment') {
    const [row] = await db
      .select({ id: garment.id })
      .from(garment)
      .where(and(eq(garment.id, id), eq(garment.shopId, actor.shopId)))
      .for('no key update');
    if (!row) throw notFound('That garment');
    return;
  }
  const [item] = await db.select().from(ownedItem).where(eq(ownedItem.id, id)).for('no key update');
  if (!item) throw notFound('That piece');
  await clientOf(db, actor.shopId, item.clientId);
}

/** The bytes of a photo of this shop. Photos of what a client owns are personal: a packer gets none. */
export async function photoBytes(
  db: Reader,
  actor: Actor,
  id: string,
): Promise<{ readonly jpeg: Buffer; readonly personal: boolean }> {
  if (!isId(id)) throw notFound('That photo');
  const [row] = await db
    .select()
    .from(photo)
    .where(and(eq(photo.id, id), eq(photo.shopId, actor.shopId)));
  if (!row || (row.garmentId === null && !seesPersons(actor))) throw notFound('That photo');
  return { jpeg: row.jpeg, personal: row.garmentId === null };
}

/** Ids of the photos of garments or owned items, by what they show. */
export async function photosOf(
  db: Reader,
  of: 'garment' | 'owned',
  ids: readonly string[],
): Promise<ReadonlyMap<string, string>> {
  if (ids.length === 0) return new Map();
  const column = of === 'garment' ? photo.garmentId : photo.ownedItemId;
  const rows = await db
    .select({ id: photo.id, shows: column })
    .from(photo)
    .where(inArray(column, [...ids]));
  return new Map(rows.flatMap(({ id, shows }) => (shows ? [[shows, id] as const] : [])));
}
