import type { ConsentAbout } from '@core/client';
import { and, desc, eq, isNull } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { consent } from '../schema';

type ConsentRow = typeof consent.$inferSelect;

/** What a client agreed to, newest first; of one thing or of all. */
export const consentRows = (db: Reader, clientId: string, about?: ConsentAbout): Promise<ConsentRow[]> =>
  db
    .select()
    .from(consent)
    .where(and(eq(consent.clientId, clientId), about ? eq(consent.about, about) : undefined))
    .orderBy(desc(consent.givenOn), desc(consent.createdAt));

export async function addConsent(tx: Writer, values: typeof consent.$inferInsert): Promise<void> {
  await tx.insert(consent).values(values);
}

/** Ends what stands, as of a day; how many there were. */
export async function endConsents(
  tx: Writer,
  clientId: string,
  about: ConsentAbout,
  day: string,
): Promise<number> {
  const ended = await tx
    .update(consent)
    .set({ withdrawnOn: day })
    .where(and(eq(consent.clientId, clientId), eq(consent.about, about), isNull(consent.withdrawnOn)))
    .returning({ id: consent.id });
  return ended.length;
}
