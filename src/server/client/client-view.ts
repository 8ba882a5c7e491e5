import { addressLines } from '@core/client';
import { comesBack, stepOf } from '@core/box';
import { BODY_MEASURES, bodyOf } from '@core/figure';
import { clientListCall } from '@contracts/client/client-list';
import { clientPageCall } from '@contracts/client/client-page';
import type { BoxRow, ClientRow, ClientView } from '@contracts/client/client-view';
import type { OwnedView } from '@contracts/closet/owned-view';
import { boxesOfClient, linesWithTitles, openBoxes } from '@data/box/boxes';
import { clientsOf } from '@data/client/clients';
import { closetSizes, everythingOwned, type OwnedRow } from '@data/client/closet';
import { occasionsFrom, occasionsOf } from '@data/client/occasions';
import type { Reader } from '@data/db';
import { stylistsOf } from '@data/people/users';
import { photosOf } from '@data/photo/photos';
import { pieceOfOwned } from '@data/pieces';
import { type Actor, stylistsOnly } from '../context';
import { serve } from '../use-case';
import { dayIn, shopOf } from '../shop/settings';
import { linksOf } from './brief-link';
import { consentsOf } from './consents';
import { changesOf } from './person';
import { clientOf } from './profile';
import { rhythmOf } from './rhythms';

/** The clients of a shop, each in a line. */
export async function clientRows(db: Reader, actor: Actor, now: Date): Promise<ClientRow[]> {
  stylistsOnly(actor);
  const shop = await shopOf(db, actor.shopId);
  const today = dayIn(shop.zone, now);
  const people = await clientsOf(db, actor.shopId);
  const closets = await closetSizes(db);
  const open = await openBoxes(db, actor.shopId);
  const next = await occasionsFrom(db, actor.shopId, today);
  return people.map((person) => {
    const current = open.find(({ box }) => box.clientId === person.id)?.box;
    const coming = next.find((each) => each.clientId === person.id);
    return {
      id: person.id,
      name: person.name,
      about: person.about,
      closet: closets.get(person.id) ?? 0,
      openBox: current ? { id: current.id, number: current.number, step: stepOf(current.state) } : undefined,
      nextOccasion: coming?.day ? { title: coming.title, day: coming.day } : undefined,
    };
  });
}

export const clientList = serve(clientListCall, {
  run: ({ tx, actor, now }) => clientRows(tx, actor, now),
});

export const clientPage = serve(clientPageCall, {
  run: ({ tx, actor, now }, { clientId }) => clientView(tx, actor, clientId, now),
});

/** A client's page. */
export async function clientView(db: Reader, actor: Actor, id: string, now: Date): Promise<ClientView> {
  stylistsOnly(actor);
  const { row, given, profile } = await clientOf(db, actor.shopId, id);
  const shop = await shopOf(db, actor.shopId);
  const owned = await everythingOwned(db, id);
  const body = bodyOf(given);
  const view = (each: OwnedRow): OwnedView => ({
    id: each.id,
    version: each.version,
    piece: pieceOfOwned(each),
    assumed: each.assumed,
    loved: each.loved,
    wornWeekly: each.wornWeekly,
    fromBox: each.boxLineId !== null,
    photo: photos.get(each.id),
  });
  const photos = await photosOf(db, { owned: owned.map((each) => each.id) });
  return {
    id,
    version: row.version,
    name: row.name,
    about: row.about,
    email: row.email ?? '',
    phone: row.phone ?? '',
    address: addressLines(row.address).join('\n'),
    sizes: row.sizes,
    given,
    // A neck or a finger that nobody measured follows from nothing: it is not shown as if it did.
    body: BODY_MEASURES.filter((name) => body.origins[name] === 'given' || !UNGUESSED.has(name)).map(
      (name) => ({ name, mm: Math.round(body[name]), origin: body.origins[name] }),
    ),
    profile,
    boxBudgetMinor: row.boxBudgetMinor,
    pieceBudgetMinor: row.pieceBudgetMinor,
    notes: row.notes,
    owned: owned.filter(({ retiredAt }) => !retiredAt).map(view),
    retired: owned.filter(({ retiredAt }) => retiredAt).map(view),
    occasions: await occasionsOf(db, id),
    boxes: await boxHistory(db, id, shop.zone),
    links: await linksOf(db, { clientId: id, zone: shop.zone }, now),
    rhythm: await rhythmOf(db, shop, id),
    stylists: await stylistsOf(db, actor.shopId),
    me: actor.id,
    today: dayIn(shop.zone, now),
    ...(await consentsOf(db, row, shop)),
    changes: await changesOf(db, actor.shopId, id, shop.zone),
  };
}

const UNGUESSED: ReadonlySet<string> = new Set(['neck', 'handGirth', 'wristGirth', 'fingerMm']);

async function boxHistory(db: Reader, clientId: string, zone: string): Promise<BoxRow[]> {
  const rows = await boxesOfClient(db, clientId);
  const all = await linesWithTitles(
    db,
    rows.map((row) => row.id),
  );
  const lines = all.filter(({ line }) => line.removedAt === null);
  return rows.map((row) => {
    const own = lines.filter(({ line }) => line.boxId === row.id);
    return {
      id: row.id,
      number: row.number,
      state: row.state,
      step: stepOf(row.state),
      lines: own.length,
      kept: own.filter(({ line }) => line.decision === 'keep' && !line.cameBackAt).length,
      netMinor: row.total?.netMinor,
      outDay: row.outAt ? dayIn(zone, row.outAt) : undefined,
      returned: own
        .filter(({ line }) => comesBack(line.decision) || line.cameBackAt)
        .map(({ line, title }) => ({ title, reason: line.reason ?? '' })),
    };
  });
}
