import { and, asc, eq } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { creditNote } from '../schema';
import { nextNumber } from './numbers';

export type CreditNoteRow = typeof creditNote.$inferSelect;

/** The next credit note of a shop, in a series of its own; its number. */
export async function addCreditNote(
  tx: Writer,
  values: Omit<typeof creditNote.$inferInsert, 'no'>,
): Promise<number> {
  const no = await nextNumber(tx, creditNote, values.shopId);
  await tx.insert(creditNote).values({ ...values, no });
  return no;
}

/** Credit notes of a box, in their order. */
export const creditNotesOf = (db: Reader, boxId: string): Promise<CreditNoteRow[]> =>
  db.select().from(creditNote).where(eq(creditNote.boxId, boxId)).orderBy(asc(creditNote.no));

/** The credit note of a shop under a number. */
export async function creditNoteOf(
  db: Reader,
  shopId: string,
  no: number,
): Promise<CreditNoteRow | undefined> {
  const [row] = await db
    .select()
    .from(creditNote)
    .where(and(eq(creditNote.shopId, shopId), eq(creditNote.no, no)));
  return row;
}
