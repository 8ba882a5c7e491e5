import { mayTally } from '@core/box';
import { reminderDue, reminderWords } from '@core/schedule';
import { boxesToRemind, lockedToRemind, markReminded } from '@data/box/reminders';
import { linesIn } from '@data/box/lines';
import { clientRow } from '@data/client/clients';
import type { Database, Writer } from '@data/db';
import { note } from '../audit';
import { addressOf } from '../client/consents';
import { theApp } from '../context';
import { post } from '../outbox/outbox';
import { dayIn, shopOf } from '../shop/settings';
import { newBoxLink } from './box-link';

/**
 * Writes to clients who have not said what they keep, as the shop's rule says: once before the day, once when it has gone by;
 * how many. Each in its own transaction under its box's lock, so that several workers may do it at once.
 */
export async function sendReminders(db: Database, now: Date): Promise<number> {
  let sent = 0;
  for (const id of await boxesToRemind(db)) if (await db.transaction((tx) => remind(tx, id, now))) sent++;
  return sent;
}

async function remind(tx: Writer, boxId: string, now: Date): Promise<boolean> {
  const row = await lockedToRemind(tx, boxId);
  if (!row?.decideBy || !mayTally(row.state)) return false;
  const shop = await shopOf(tx, row.shopId);
  const person = await clientRow(tx, row.clientId);
  const open = (await linesIn(tx, [boxId])).filter(({ decision }) => decision === 'undecided').length;
  const toAddress = person && (await addressOf(tx, person));
  if (!toAddress || open === 0 || !row.letter) return false;
  const { decideBy } = row;
  const kind = reminderDue({
    today: dayIn(shop.zone, now),
    decideBy,
    remindDays: shop.remindDays,
    written: [...(row.remindedAt ? ['before' as const] : []), ...(row.chasedAt ? ['after' as const] : [])],
  });
  if (!kind) return false;
  // The page she has goes on working: this is one more way to it.
  const { id, path, expiresAt } = await newBoxLink(tx, boxId, now);
  await post(
    tx,
    {
      shopId: shop.id,
      kind: 'reminder',
      toName: person.name,
      toAddress,
      subject: `Your box from ${shop.name}`,
      body: reminderWords(
        kind,
        { name: person.name, decideBy, open, silentKeepFrom: row.terms?.silentKeepFrom },
        { english: shop.english, units: shop.units },
      ),
      path,
      expiresAt,
      boxLinkId: id,
    },
    now,
  );
  await markReminded(tx, boxId, kind, now);
  await note({ tx, actor: theApp(shop.id), now }, 'remind', 'box', boxId, { kind });
  return true;
}
