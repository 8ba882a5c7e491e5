import { endRhythmCall } from '@contracts/rhythm/end-rhythm';
import type { RhythmView } from '@contracts/rhythm/rhythm-view';
import { saveRhythmCall } from '@contracts/rhythm/save-rhythm';
import { skipNextCall } from '@contracts/rhythm/skip-next';
import { addDays, arrivalDates, dayAfter, workingDaysBefore } from '@core/schedule';
import type { Database, Reader, Writer } from '@data/db';
import { boxesInMaking } from '@data/box/boxes';
import { clientRow } from '@data/client/clients';
import {
  addRhythm,
  changeRhythm,
  clientsWithRhythm,
  endRhythmRow,
  findRhythm,
  type RhythmRow,
} from '@data/client/rhythms';
import type { ShopRow } from '@data/shop/shops';
import { note } from '../audit';
import { startBoxFor } from '../box/start-box';
import { stylistOf } from '../box/stylists';
import { theApp } from '../context';
import { invalid, stale } from '../problem';
import { calendarOf, dayIn, leadTimes, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { clientOf } from './profile';

/** The day the brief of the next box is opened: early enough to style it without haste. */
const opensOn = (row: RhythmRow, shop: ShopRow): string =>
  workingDaysBefore(
    arrivalDates(row.nextDay, leadTimes(shop), calendarOf(shop)).styleBy,
    shop.styleDays,
    calendarOf(shop),
  );

const viewOf = (row: RhythmRow, shop: ShopRow): RhythmView => ({
  version: row.version,
  pace: row.pace,
  every: row.every,
  nextDay: row.nextDay,
  opensOn: opensOn(row, shop),
  paused: row.pausedAt !== null,
  stylistId: row.stylistId,
});

export async function rhythmOf(db: Reader, shop: ShopRow, clientId: string): Promise<RhythmView | undefined> {
  const row = await findRhythm(db, clientId);
  return row && viewOf(row, shop);
}

/** The row, locked; refused for whoever saw another one. */
async function seenRow(tx: Writer, clientId: string, version: number, shop: ShopRow): Promise<RhythmRow> {
  const row = await findRhythm(tx, clientId, 'wait');
  if (!row) throw stale([{ path: 'rhythm', message: 'it was ended elsewhere' }]);
  if (row.version !== version)
    throw stale([{ path: 'rhythm', message: 'it was changed elsewhere' }], { ...viewOf(row, shop) });
  return row;
}

export const saveRhythm = serve(saveRhythmCall, {
  async run(context, { clientId, version, pace, every, nextDay, stylistId, paused }) {
    const { tx, actor, now } = context;
    const { row: person } = await clientOf(tx, actor.shopId, clientId, true);
    const shop = await shopOf(tx, actor.shopId);
    if (nextDay < dayIn(shop.zone, now))
      throw invalid([{ path: 'nextDay', message: 'is past; give the day the next box should be with them' }]);
    await stylistOf(tx, actor.shopId, stylistId, 'stylistId');
    const values = { pace, every, firstDay: nextDay, nextDay, stylistId, pausedAt: paused ? now : null };
    if (version === undefined) {
      if (!(await addRhythm(tx, { ...values, clientId, createdAt: now })))
        throw stale([{ path: 'rhythm', message: `${person.name} has a rhythm already` }], {
          ...(await rhythmOf(tx, shop, clientId)),
        });
    } else {
      const row = await seenRow(tx, clientId, version, shop);
      // Counted on from where it began, as long as what it counts stays the same.
      const same = row.pace === pace && row.every === every && row.nextDay === nextDay;
      await changeRhythm(tx, clientId, {
        ...values,
        firstDay: same ? row.firstDay : nextDay,
        version: row.version + 1,
      });
    }
    await note(context, paused ? 'pause rhythm' : 'set rhythm', 'client', clientId, { pace, every });
    return { rhythm: await rhythmOf(tx, shop, clientId) };
  },
});

export const skipNext = serve(skipNextCall, {
  async run(context, { clientId, version }) {
    const { tx, actor } = context;
    await clientOf(tx, actor.shopId, clientId, true);
    const shop = await shopOf(tx, actor.shopId);
    const row = await seenRow(tx, clientId, version, shop);
    await changeRhythm(tx, clientId, { nextDay: dayAfter(row, row.nextDay), version: row.version + 1 });
    await note(context, 'skip a box', 'client', clientId, { day: row.nextDay });
    return { rhythm: await rhythmOf(tx, shop, clientId) };
  },
});

export const endRhythm = serve(endRhythmCall, {
  async run(context, { clientId, version }) {
    const { tx, actor } = context;
    await clientOf(tx, actor.shopId, clientId, true);
    await seenRow(tx, clientId, version, await shopOf(tx, actor.shopId));
    await endRhythmRow(tx, clientId);
    await note(context, 'end rhythm', 'client', clientId);
    return {};
  },
});

/**
 * Opens the briefs whose day has come; how many. Each in its own transaction under its row's lock, so that several workers
 * may do it at once. A day that passed while no worker ran is left out, and so is one that comes while a box of hers is still
 * being made: two at once help nobody.
 */
export async function openRhythmBoxes(db: Database, now: Date): Promise<number> {
  let opened = 0;
  for (const clientId of await clientsWithRhythm(db))
    if (await db.transaction((tx) => openNext(tx, clientId, now))) opened++;
  return opened;
}

async function openNext(tx: Writer, clientId: string, now: Date): Promise<boolean> {
  const row = await findRhythm(tx, clientId, 'skip');
  if (!row || row.pausedAt) return false;
  const person = await clientRow(tx, clientId);
  if (!person) return false;
  const shop = await shopOf(tx, person.shopId);
  const today = dayIn(shop.zone, now);
  const set = (nextDay: string) => changeRhythm(tx, clientId, { nextDay, version: row.version + 1 });
  if (row.nextDay < today) {
    await set(dayAfter(row, addDays(today, -1)));
    return false;
  }
  if (opensOn(row, shop) > today || (await boxesInMaking(tx, clientId)) > 0) return false;
  const context = { tx, actor: theApp(shop.id), now };
  await startBoxFor(context, { clientId, stylistId: row.stylistId, wantedBy: row.nextDay });
  await set(dayAfter(row, row.nextDay));
  return true;
}
