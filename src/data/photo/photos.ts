import { and, asc, count, eq, inArray, or } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { garment, ownedItem, photo } from '../schema';

export type PhotoRow = typeof photo.$inferSelect;
/** What a photo shows. */
export type Shown = 'garment' | 'owned';

const columnOf = (of: Shown) => (of === 'garment' ? photo.garmentId : photo.ownedItemId);

/** Ids of the photos of garments and of owned items, by the id of what they show: one statement for both. */
export async function photosOf(
  db: Reader,
  shown: Partial<Record<Shown, readonly string[]>>,
): Promise<ReadonlyMap<string, string>> {
  const asked = (['garment', 'owned'] as const).filter((of) => (shown[of] ?? []).length > 0);
  if (asked.length === 0) return new Map();
  const rows = await db
    .select({ id: photo.id, garmentId: photo.garmentId, ownedItemId: photo.ownedItemId })
    .from(photo)
    .where(or(...asked.map((of) => inArray(columnOf(of), [...(shown[of] ?? [])]))));
  return new Map(
    rows.flatMap(({ id, garmentId, ownedItemId }) => {
      const shows = garmentId ?? ownedItemId;
      return shows ? [[shows, id] as const] : [];
    }),
  );
}

/** A photo of a shop with its bytes. */
export async function findPhoto(db: Reader, shopId: string, id: string): Promise<PhotoRow | undefined> {
  const [row] = await db
    .select()
    .from(photo)
    .where(and(eq(photo.id, id), eq(photo.shopId, shopId)));
  return row;
}

/** A new photo; its id. */
export async function addPhoto(tx: Writer, values: typeof photo.$inferInsert): Promise<string> {
  const [made] = await tx.insert(photo).values(values).returning({ id: photo.id });
  if (!made) throw new Error('the photo was not kept');
  return made.id;
}

/** The photo of a thing goes. */
export async function dropPhotoOf(tx: Writer, of: Shown, id: string): Promise<void> {
  await tx.delete(photo).where(eq(columnOf(of), id));
}

/** Locks what a photo is put on: of two put on it at the same moment the later one stays. Undefined when it is not there. */
export async function lockedShown(
  tx: Reader,
  of: Shown,
  id: string,
): Promise<{ readonly shopId: string } | { readonly clientId: string } | undefined> {
  if (of === 'garment') {
    const [row] = await tx
      .select({ shopId: garment.shopId })
      .from(garment)
      .where(eq(garment.id, id))
      .for('no key update');
    return row;
  }
  const [item] = await tx
    .select({ clientId: ownedItem.clientId })
    .from(ownedItem)
    .where(eq(ownedItem.id, id))
    .for('no key update');
  return item;
}

/** Photos sent along with own briefs. */
export async function photosOfBriefs(db: Reader, linkIds: readonly string[]) {
  if (linkIds.length === 0) return [];
  return db
    .select({ id: photo.id, caption: photo.caption, linkId: photo.briefLinkId })
    .from(photo)
    .where(inArray(photo.briefLinkId, [...linkIds]));
}

export async function countBriefPhotos(db: Reader, linkId: string): Promise<number> {
  const [sum] = await db.select({ n: count() }).from(photo).where(eq(photo.briefLinkId, linkId));
  return sum?.n ?? 0;
}

/** Ids of all photos of a shop, in an order that two reads share. */
export const photoIdsOf = async (db: Reader, shopId: string): Promise<string[]> =>
  (await db.select({ id: photo.id }).from(photo).where(eq(photo.shopId, shopId)).orderBy(asc(photo.id))).map(
    ({ id }) => id,
  );
