import { type Day, keptUntil } from '@core/schedule';
import type { Database, Writer } from '@data/db';
import { box, client, rhythm, shop } from '@data/schema';
import { and, eq, isNull } from 'drizzle-orm';
import { note } from '../audit';
import { openBoxNumbers } from '../box/lines';
import { theApp } from '../context';
import { dayIn, keepingOf, type ShopRow } from '../shop/settings';
import { lastDayOf } from './consents';
import { blankAnswers, emptyBoxes, eraseMeasures, erasePhotos } from './eraser';
import type { ClientRow } from './profile';

/**
 * Lets go of what the shop's terms keep no longer: measures and photos of clients whose last box is long past, and what a
 * closed box says of a person. Somebody with an open box, a rhythm or an occasion to come is still a client. How many clients it
 * touched; each in its own transaction, and doing it twice does nothing more.
 */
export async function keepNoLonger(db: Database, now: Date): Promise<number> {
  let touched = 0;
  for (const terms of await db.select().from(shop)) {
    if (Object.values(keepingOf(terms)).every((months) => months === null)) continue;
    const people = await db
      .select()
      .from(client)
      .where(and(eq(client.shopId, terms.id), isNull(client.erasedAt)));
    for (const { id } of people) if (await db.transaction((tx) => letGo(tx, terms, id, now))) touched++;
  }
  return touched;
}

async function letGo(tx: Writer, terms: ShopRow, clientId: string, now: Date): Promise<boolean> {
  const [row] = await tx
    .select()
    .from(client)
    .where(and(eq(client.id, clientId), isNull(client.erasedAt)))
    .for('update');
  if (!row || (await isClientStill(tx, clientId))) return false;
  const today = dayIn(terms.zone, now);
  const until = keptUntil(await lastDayOf(tx, row, terms.zone), keepingOf(terms));
  const isOver = (day: Day | undefined): boolean => day !== undefined && day < today;
  const gone: Record<string, number> = {};
  if (isOver(until.measures)) gone.measures = await eraseMeasures(tx, clientId);
  if (isOver(until.photos)) gone.photos = await erasePhotos(tx, clientId);
  gone.boxes = await emptyOld(tx, terms, row, today);
  if (Object.values(gone).every((n) => n === 0)) return false;
  await blankAnswers(tx, [clientId]);
  await note({ tx, actor: theApp(terms.id), now }, 'kept no longer', 'client', clientId, gone);
  return true;
}

async function isClientStill(tx: Writer, clientId: string): Promise<boolean> {
  const [regular] = await tx
    .select({ id: rhythm.clientId })
    .from(rhythm)
    .where(and(eq(rhythm.clientId, clientId), isNull(rhythm.pausedAt)));
  return regular !== undefined || (await openBoxNumbers(tx, clientId)).length > 0;
}

/** Boxes that were closed long enough ago and still say something; how many. */
async function emptyOld(tx: Writer, terms: ShopRow, row: ClientRow, today: Day): Promise<number> {
  const boxes = await tx.select().from(box).where(eq(box.clientId, row.id));
  const old = boxes.filter(({ closedAt, letter, notesNext, mood, parcel }) => {
    const until = keptUntil(dayIn(terms.zone, closedAt ?? row.createdAt), keepingOf(terms)).boxes;
    const says = letter !== null || notesNext !== '' || mood.length > 0 || parcel !== null;
    return says && until !== undefined && until < today;
  });
  const ids = old.map(({ id }) => id);
  await emptyBoxes(tx, ids);
  await blankAnswers(tx, ids);
  return ids.length;
}
