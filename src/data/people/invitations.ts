import { and, desc, eq, gt, isNull } from 'drizzle-orm';
import type { Reader, Writer } from '../db';
import { invitation } from '../schema';

export type InvitationRow = typeof invitation.$inferSelect;
type InvitationValues = Partial<typeof invitation.$inferInsert>;

/** The newest links of a shop. */
export const invitationsOf = (db: Reader, shopId: string, most: number): Promise<InvitationRow[]> =>
  db
    .select()
    .from(invitation)
    .where(eq(invitation.shopId, shopId))
    .orderBy(desc(invitation.createdAt))
    .limit(most);

/** A link of a shop, locked. */
export async function lockedInvitation(
  tx: Writer,
  shopId: string,
  id: string,
): Promise<InvitationRow | undefined> {
  const [row] = await tx
    .select()
    .from(invitation)
    .where(and(eq(invitation.id, id), eq(invitation.shopId, shopId)))
    .for('update');
  return row;
}

/** The link of a hashed token while it may be used, locked when `lock` is set. */
export async function openInvitation(
  db: Reader,
  tokenHash: string,
  now: Date,
  lock = false,
): Promise<InvitationRow | undefined> {
  const query = db
    .select()
    .from(invitation)
    .where(
      and(
        eq(invitation.tokenHash, tokenHash),
        isNull(invitation.usedAt),
        isNull(invitation.revokedAt),
        gt(invitation.expiresAt, now),
      ),
    );
  const [row] = await (lock ? query.for('update') : query);
  return row;
}

/** A new link; its id. */
export async function addInvitation(tx: Writer, values: typeof invitation.$inferInsert): Promise<string> {
  const [made] = await tx.insert(invitation).values(values).returning({ id: invitation.id });
  if (!made) throw new Error('the link was not made');
  return made.id;
}

export async function changeInvitation(tx: Writer, id: string, values: InvitationValues): Promise<void> {
  await tx.update(invitation).set(values).where(eq(invitation.id, id));
}

/** Stops every link of an address that was not used yet; their ids. */
export async function stopInvitations(
  tx: Writer,
  shopId: string,
  email: string,
  now: Date,
): Promise<string[]> {
  const before = await tx
    .update(invitation)
    .set({ revokedAt: now })
    .where(
      and(
        eq(invitation.shopId, shopId),
        eq(invitation.email, email),
        isNull(invitation.usedAt),
        isNull(invitation.revokedAt),
      ),
    )
    .returning({ id: invitation.id });
  return before.map(({ id }) => id);
}
