import { NOBODY } from '@core/client';
import type { Writer } from '../db';
import {
  box,
  boxAsk,
  boxHandover,
  boxLine,
  boxLink,
  boxOccasion,
  briefLink,
  client,
  clientMeasure,
  clientProposal,
  consent,
  idempotency,
  limitPass,
  look,
  occasion,
  ownedItem,
  parcel,
  photo,
  rhythm,
} from '../schema';
import { eq, inArray, or, sql } from 'drizzle-orm';

/** What each deed here takes away; numbers, lines, prices, tax, payments and movements are the shop's books and stay. */

/** Empties boxes of what they say of a person: looks, asks, letter, notes, reasons. */
export async function emptyBoxes(tx: Writer, ids: readonly string[]): Promise<void> {
  if (ids.length === 0) return;
  const own = [...ids];
  await tx.delete(boxLink).where(inArray(boxLink.boxId, own));
  await tx.delete(look).where(inArray(look.boxId, own));
  await tx.delete(boxOccasion).where(inArray(boxOccasion.boxId, own));
  await tx.update(boxLine).set({ askId: null, note: '', fit: null }).where(inArray(boxLine.boxId, own));
  await tx.delete(boxAsk).where(inArray(boxAsk.boxId, own));
  await tx.update(boxHandover).set({ note: '' }).where(inArray(boxHandover.boxId, own));
  await tx
    .update(box)
    .set({ letter: null, mood: [], notToSend: '', notesNext: '' })
    .where(inArray(box.id, own));
  await tx.update(parcel).set({ tracking: null }).where(inArray(parcel.boxId, own));
  // Why a limit was let pass, and what was asked, say something of the person; the audit keeps the code alone.
  await tx
    .delete(limitPass)
    .where(
      inArray(
        limitPass.boxLineId,
        tx.select({ id: boxLine.id }).from(boxLine).where(inArray(boxLine.boxId, own)),
      ),
    );
}

/** Her measures; how many there were. */
export async function eraseMeasures(tx: Writer, clientId: string): Promise<number> {
  const gone = await tx
    .delete(clientMeasure)
    .where(eq(clientMeasure.clientId, clientId))
    .returning({ name: clientMeasure.name });
  // A form that was opened before does not bring them back.
  if (gone.length > 0)
    await tx
      .update(client)
      .set({ version: sql`${client.version} + 1` })
      .where(eq(client.id, clientId));
  return gone.length;
}

/** Photos of what she owns and those she sent; how many there were. */
export async function erasePhotos(tx: Writer, clientId: string): Promise<number> {
  const gone = await tx
    .delete(photo)
    .where(
      or(
        inArray(
          photo.ownedItemId,
          tx.select({ id: ownedItem.id }).from(ownedItem).where(eq(ownedItem.clientId, clientId)),
        ),
        inArray(
          photo.briefLinkId,
          tx.select({ id: briefLink.id }).from(briefLink).where(eq(briefLink.clientId, clientId)),
        ),
      ),
    )
    .returning({ id: photo.id });
  return gone.length;
}

/**
 * Answers kept for second senders may hold this person; nobody else's are touched, and keys stay, so that no deed is done
 * again.
 */
export async function blankAnswers(tx: Writer, ids: readonly string[]): Promise<void> {
  for (const id of ids)
    await tx
      .update(idempotency)
      .set({ answer: null })
      .where(sql`${idempotency.answer}::text like ${`%${id}%`}`);
}

/** The whole person; answers how many boxes stay, without a name. */
export async function erasePerson(tx: Writer, clientId: string, now: Date): Promise<number> {
  const boxes = await tx.select({ id: box.id }).from(box).where(eq(box.clientId, clientId));
  const ids = boxes.map(({ id }) => id);
  await tx.delete(ownedItem).where(eq(ownedItem.clientId, clientId));
  await eraseMeasures(tx, clientId);
  await tx.delete(briefLink).where(eq(briefLink.clientId, clientId));
  await emptyBoxes(tx, ids);
  await tx.delete(occasion).where(eq(occasion.clientId, clientId));
  await tx.delete(clientProposal).where(eq(clientProposal.clientId, clientId));
  await tx.delete(rhythm).where(eq(rhythm.clientId, clientId));
  await tx.delete(consent).where(eq(consent.clientId, clientId));
  await blankAnswers(tx, [clientId, ...ids]);
  const { measures: _measures, ...nobody } = NOBODY;
  await tx
    .update(client)
    .set({
      name: 'Erased',
      about: '',
      email: null,
      phone: null,
      address: null,
      sizes: {},
      profile: nobody as typeof client.$inferInsert.profile,
      boxBudgetMinor: null,
      pieceBudgetMinor: {},
      notes: '',
      erasedAt: now,
      version: sql`${client.version} + 1`,
    })
    .where(eq(client.id, clientId));
  return ids.length;
}
