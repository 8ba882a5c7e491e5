import { text } from 'node:stream/consumers';
import { connect } from '@data/db';
import { briefLink, client, invitation, outbox, session } from '@data/schema';
import { note } from '@server/audit';
import { openBoxNumbers } from '@server/box/lines';
import { erasePerson } from '@server/client/eraser';
import { theApp } from '@server/context';
import { and, inArray, isNull } from 'drizzle-orm';
import { migrate } from './migrate';

/**
 * What a restored shop needs before it opens: brought up to this release as the owner of its schema, every session ended,
 * every private link closed (it may have been passed on since), and everybody whose ids stand on standard input erased again:
 * they were erased after the backup was made.
 */
const {
  MIGRATE_URL: ownerUrl,
  DATABASE_URL: appUrl = ownerUrl,
  BACKUP_URL: backupUrl,
  ADMIN_URL: adminUrl = ownerUrl,
} = process.env;
if (!ownerUrl || !appUrl || !adminUrl) throw new Error('MIGRATE_URL is wanted');
await migrate(ownerUrl, appUrl, backupUrl);
const erased = (await text(process.stdin)).split(/\s+/).filter(Boolean);
const { db, close } = connect(adminUrl, 1);
try {
  const now = new Date();
  await db.transaction(async (tx) => {
    await tx.delete(session);
    await tx
      .update(invitation)
      .set({ revokedAt: now })
      .where(and(isNull(invitation.revokedAt), isNull(invitation.usedAt)));
    await tx
      .update(briefLink)
      .set({ revokedAt: now })
      .where(and(isNull(briefLink.revokedAt), isNull(briefLink.sentAt)));
    await tx.update(outbox).set({ link: null });
    if (erased.length === 0) return;
    const people = await tx
      .select({ id: client.id, shopId: client.shopId })
      .from(client)
      .where(and(inArray(client.id, erased), isNull(client.erasedAt)));
    for (const { id, shopId } of people) {
      const open = await openBoxNumbers(tx, id);
      await erasePerson(tx, id, now);
      await note({ tx, actor: theApp(shopId), now }, 'erase', 'client', id, { again: true });
      for (const number of open)
        process.stdout.write(
          `Box ${number} was open when the backup was made, and its client was erased since: close or cancel it.\n`,
        );
    }
    if (people.length > 0)
      process.stdout.write(`${people.length} who were erased after the backup are erased again.\n`);
  });
} finally {
  await close();
}
