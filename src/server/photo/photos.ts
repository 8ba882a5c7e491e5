import { removePhotoCall } from '@contracts/photo/remove-photo';
import { savePhotoCall } from '@contracts/photo/save-photo';
import { type Actor, seesPersons } from '../context';
import type { Reader } from '@data/db';
import { addPhoto, dropPhotoOf, findPhoto, lockedShown, type Shown } from '@data/photo/photos';
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
    await dropPhotoOf(tx, of, id);
    const photoId = await addPhoto(tx, {
      ...kept,
      shopId: actor.shopId,
      ...(of === 'garment' ? { garmentId: id } : { ownedItemId: id }),
      createdAt: now,
    });
    await note(context, 'add photo', of === 'garment' ? 'garment' : 'owned_item', id);
    return { photoId };
  },
});

export const removePhoto = serve(removePhotoCall, {
  async run(context, { of, id }) {
    const { tx, actor } = context;
    await mustBeHere(tx, actor, of, id);
    await dropPhotoOf(tx, of, id);
    await note(context, 'remove photo', of === 'garment' ? 'garment' : 'owned_item', id);
    return { id };
  },
});

/** Locked: of two photos put on a thing at the same moment the later one stays. */
async function mustBeHere(db: Reader, actor: Actor, of: Shown, id: string): Promise<void> {
  const shown = await lockedShown(db, of, id);
  if (shown && 'clientId' in shown) await clientOf(db, actor.shopId, shown.clientId);
  else if (shown?.shopId !== actor.shopId) throw notFound(of === 'garment' ? 'That garment' : 'That piece');
}

/** The bytes of a photo of this shop. Photos of what a client owns are personal: a packer gets none. */
export async function photoBytes(
  db: Reader,
  actor: Actor,
  id: string,
): Promise<{ readonly jpeg: Buffer; readonly personal: boolean }> {
  if (!isId(id)) throw notFound('That photo');
  const row = await findPhoto(db, actor.shopId, id);
  if (!row || (row.garmentId === null && !seesPersons(actor))) throw notFound('That photo');
  return { jpeg: row.jpeg, personal: row.garmentId === null };
}
