import { asc, inArray, sql } from 'drizzle-orm';
import { LRUCache } from 'lru-cache';
import type { Reader } from '../db';
import { grouped } from '@core/grouped';
import { garment, variant } from '../schema';

/** A garment with its sizes, but for where their units are. */
export interface KnownGarment {
  readonly row: typeof garment.$inferSelect;
  readonly sizes: readonly (typeof variant.$inferSelect)[];
}

/** A garment in one version of its row: it and everything of its sizes is the same wherever this is the same. */
export interface GarmentVersion {
  readonly id: string;
  /** `xmin` and `ctid` of the row, which every change of it or of a size writes anew. */
  readonly rowVersion: string;
}

/** Row version of a garment, for use within a statement over garments. */
export const rowVersion = sql<string>`${garment}.xmin::text || ' ' || ${garment}.ctid::text`;

/** What this process read before, the longest unasked for forgotten first; a pull list reads two hundred. */
const known = new LRUCache<string, KnownGarment>({ max: 4000 });

/**
 * Garments in the versions asked for, in that order: what this process read before is not read again. Nothing of it is
 * ever out of date, since a change gives a garment another version.
 */
export async function knownGarments(db: Reader, wanted: readonly GarmentVersion[]): Promise<KnownGarment[]> {
  const keyOf = ({ id, rowVersion: version }: GarmentVersion): string => `${id} ${version}`;
  const missing = wanted.filter((each) => !known.has(keyOf(each))).map(({ id }) => id);
  const read = await readGarments(db, missing);
  return wanted.flatMap((each) => {
    const key = keyOf(each);
    const one = known.get(key) ?? read.get(each.id);
    if (one) known.set(key, one);
    return one ? [one] : [];
  });
}

async function readGarments(db: Reader, ids: readonly string[]): Promise<Map<string, KnownGarment>> {
  if (ids.length === 0) return new Map();
  const rows = await db
    .select()
    .from(garment)
    .where(inArray(garment.id, [...ids]));
  const sizes = await db
    .select()
    .from(variant)
    .where(sql`${variant.garmentId} = any(${sql.param(ids)}::uuid[])`)
    .orderBy(asc(variant.position));
  const ofGarment = grouped(sizes, ({ garmentId }) => garmentId);
  return new Map(rows.map((row) => [row.id, { row, sizes: ofGarment.get(row.id) ?? [] }]));
}
