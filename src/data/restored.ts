import { and, inArray, isNull } from 'drizzle-orm';
import type { Writer } from './db';
import { boxLink, briefLink, client, invitation, outbox, session } from './schema';

/** Ends every session and closes every private link of a restored shop: it may have been passed on since. */
export async function closeEveryDoor(tx: Writer, now: Date): Promise<void> {
  await tx.delete(session);
  await tx
    .update(invitation)
    .set({ revokedAt: now })
    .where(and(isNull(invitation.revokedAt), isNull(invitation.usedAt)));
  await tx
    .update(briefLink)
    .set({ revokedAt: now })
    .where(and(isNull(briefLink.revokedAt), isNull(briefLink.sentAt)));
  await tx.update(boxLink).set({ revokedAt: now }).where(isNull(boxLink.revokedAt));
  await tx.update(outbox).set({ link: null });
}

/** Of these ids, the clients who are there and not erased. */
export async function stillHere(tx: Writer, ids: readonly string[]) {
  if (ids.length === 0) return [];
  return tx
    .select({ id: client.id, shopId: client.shopId })
    .from(client)
    .where(and(inArray(client.id, [...ids]), isNull(client.erasedAt)));
}
