import { text } from 'node:stream/consumers';
import { openBoxNumbers } from '@data/box/boxes';
import { erasePerson } from '@data/client/eraser';
import { connect } from '@data/db';
import { closeEveryDoor, stillHere } from '@data/restored';
import { note } from '@server/audit';
import { theApp } from '@server/context';
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
    await closeEveryDoor(tx, now);
    const people = await stillHere(tx, erased);
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
