import { type Day, keptUntil } from '@core/schedule';
import type { Database, Writer } from '@data/db';
import { boxesOfClient, openBoxNumbers } from '@data/box/boxes';
import { type ClientRow, clientRow, clientsOf } from '@data/client/clients';
import { blankAnswers, emptyBoxes, eraseMeasures, erasePhotos } from '@data/client/eraser';
import { findRhythm } from '@data/client/rhythms';
import { allShops, type ShopRow } from '@data/shop/shops';
import { note } from '../audit';
import { theApp } from '../context';
import { dayIn, keepingOf } from '../shop/settings';
import { lastDayOf } from './consents';

/**
 * Lets go of what the shop's terms keep no longer: measures and photos of clients whose last box is long past, and what a
 * closed box says of a person. Somebody with an open box, a rhythm or an occasion to come is still a client. How many clients it
 * touched; each in its own transaction, and doing it twice does nothing more.
 */
export async function keepNoLonger(db: Database, now: Date): Promise<number> {
  let touched = 0;
  for (const terms of await allShops(db)) {
    if (Object.values(keepingOf(terms)).every((months) => months === null)) continue;
    const people = await clientsOf(db, terms.id);
    for (const { id } of people) if (await db.transaction((tx) => letGo(tx, terms, id, now))) touched++;
  }
  return touched;
}

async function letGo(tx: Writer, terms: ShopRow, clientId: string, now: Date): Promise<boolean> {
  const row = await clientRow(tx, clientId, true);
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
  const regular = await findRhythm(tx, clientId);
  return (regular && !regular.pausedAt) || (await openBoxNumbers(tx, clientId)).length > 0;
}

/** Boxes that were closed long enough ago and still say something; how many. */
async function emptyOld(tx: Writer, terms: ShopRow, row: ClientRow, today: Day): Promise<number> {
  const boxes = await boxesOfClient(tx, row.id);
  const old = boxes.filter(({ closedAt, letter, notesNext, mood }) => {
    const until = keptUntil(dayIn(terms.zone, closedAt ?? row.createdAt), keepingOf(terms)).boxes;
    const says = letter !== null || notesNext !== '' || mood.length > 0;
    return says && until !== undefined && until < today;
  });
  const ids = old.map(({ id }) => id);
  await emptyBoxes(tx, ids);
  await blankAnswers(tx, ids);
  return ids.length;
}
