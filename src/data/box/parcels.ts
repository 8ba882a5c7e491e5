import { asc, eq, max } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { parcel } from '../schema';

export type ParcelRow = typeof parcel.$inferSelect;

/** The next parcel of a box that is locked; its number. `tracking`: the carrier's number of the parcel of this number. */
export async function addParcel(
  tx: Writer,
  {
    tracking,
    ...values
  }: Omit<typeof parcel.$inferInsert, 'no' | 'tracking'> & {
    readonly tracking: (no: number) => string | null;
  },
): Promise<number> {
  const [last] = await tx
    .select({ no: max(parcel.no) })
    .from(parcel)
    .where(eq(parcel.boxId, values.boxId));
  const no = (last?.no ?? 0) + 1;
  await tx.insert(parcel).values({ ...values, no, tracking: tracking(no) });
  return no;
}

/** What went out of a box, in the order it did. */
export const parcelsOf = (db: Reader, boxId: string): Promise<ParcelRow[]> =>
  db.select().from(parcel).where(eq(parcel.boxId, boxId)).orderBy(asc(parcel.no));
