import { ENDED, isOpen, stepOf } from '@core/box';
import { BODY_MEASURES, bodyOf } from '@core/figure';
import { deskActions, type DeskBox } from '@core/schedule';
import type { DeskView } from '@contracts/box/desk-view';
import type { BoxRow, ClientRow, ClientView } from '@contracts/client/client-view';
import type { OwnedView } from '@contracts/closet/owned-view';
import type { Database, Reader } from '@data/db';
import { pieceOfOwned } from '@data/pieces';
import {
  alteration,
  box,
  boxLine,
  boxOccasion,
  client,
  garment,
  hold,
  occasion,
  ownedItem,
  user,
  variant,
} from '@data/schema';
import { and, asc, count, desc, eq, gte, inArray, isNull, min, notInArray } from 'drizzle-orm';
import { dueWith } from './box/due';
import { alteringDays } from './box/lines';
import { stylistsOf } from './box/stylists';
import { linksOf } from './client/brief-link';
import { occasionsOf } from './client/occasions';
import { consentsOf } from './client/consents';
import { changesOf } from './client/person';
import { rhythmOf } from './client/rhythms';
import { clientOf } from './client/profile';
import { type Actor, seesPersons, stylistsOnly } from './context';
import { openProposals } from './stock/ledger';
import { photosOf } from './photo/photos';
import { dayIn, shopOf, shopView } from './shop/settings';
import { releaseExpired } from './stock/holds';

export async function deskView(db: Database, actor: Actor, now: Date): Promise<DeskView> {
  const shop = await shopOf(db, actor.shopId);
  const today = dayIn(shop.zone, now);
  await db.transaction((tx) => releaseExpired(tx, now));
  const rows = await db
    .select({ box, name: client.name, stylist: user.name })
    .from(box)
    .innerJoin(client, eq(client.id, box.clientId))
    .innerJoin(user, eq(user.id, box.stylistId))
    .where(and(eq(box.shopId, actor.shopId), notInArray(box.state, [...ENDED])));
  const sees = seesPersons(actor);
  const ids = rows.map((row) => row.box.id);
  const proposals = actor.role === 'owner' ? await openProposals(db, actor, shop.zone) : [];
  if (ids.length === 0) return { today, me: sees ? actor.name : undefined, actions: [], open: 0, proposals };
  const days = await db
    .select({ boxId: boxOccasion.boxId, day: min(occasion.day) })
    .from(boxOccasion)
    .innerJoin(occasion, eq(occasion.id, boxOccasion.occasionId))
    .where(inArray(boxOccasion.boxId, ids))
    .groupBy(boxOccasion.boxId);
  const lines = await db
    .select()
    .from(boxLine)
    .where(and(inArray(boxLine.boxId, ids), isNull(boxLine.removedAt)));
  const holds =
    lines.length > 0
      ? await db
          .select()
          .from(hold)
          .where(
            and(
              inArray(
                hold.boxLineId,
                lines.map((line) => line.id),
              ),
              eq(hold.state, 'active'),
            ),
          )
      : [];
  const jobs =
    lines.length > 0
      ? await db
          .select()
          .from(alteration)
          .where(
            inArray(
              alteration.boxLineId,
              lines.map((line) => line.id),
            ),
          )
      : [];
  // Sizes that an open box has a line of and no unit: whoever pulled it waits for the next one.
  const inOpenBox = new Set(rows.filter(({ box: row }) => isOpen(row.state)).map(({ box: row }) => row.id));
  const waitedFor = new Set(
    lines
      .filter((line) => inOpenBox.has(line.boxId) && !holds.some(({ boxLineId }) => boxLineId === line.id))
      .map(({ variantId }) => variantId),
  );
  const facts = rows.map(({ box: row, name, stylist }): DeskBox => {
    const own = lines.filter((line) => line.boxId === row.id);
    const held = holds.filter((each) => own.some((line) => line.id === each.boxLineId));
    const altering = alteringDays(jobs.filter((job) => own.some((line) => line.id === job.boxLineId)));
    const day = days.find((each) => each.boxId === row.id)?.day;
    // A hold is asked about only when somebody else waits for its unit.
    const soonest = held
      .flatMap(({ expiresAt, variantId }) => (expiresAt && waitedFor.has(variantId) ? [expiresAt] : []))
      .sort((a, b) => a.getTime() - b.getTime())[0];
    return {
      id: row.id,
      number: row.number,
      client: name,
      state: row.state,
      stylist: sees ? stylist : undefined,
      wantedBy: row.wantedBy ?? undefined,
      due: dueWith(day ?? undefined, row, shop, altering),
      decideBy: row.decideBy ?? undefined,
      holdUntil: soonest ? dayIn(shop.zone, soonest) : undefined,
      heldLines: held.length,
      toCheckIn: own.filter((line) => line.decision === 'return' && !line.checkedInAt).length,
      undecided: own.filter((line) => line.decision === 'undecided').length,
    };
  });
  const actions = deskActions(facts, today);
  return {
    today,
    // Whoever packs sees what is to be packed, sent and checked in.
    me: sees ? actor.name : undefined,
    actions: sees ? actions : actions.filter(({ step, verb }) => step === 'out' || verb === 'Check in'),
    open: rows.length,
    proposals,
  };
}

export async function clientRows(db: Reader, actor: Actor, now: Date): Promise<ClientRow[]> {
  stylistsOnly(actor);
  const shop = await shopOf(db, actor.shopId);
  const today = dayIn(shop.zone, now);
  const people = await db
    .select()
    .from(client)
    .where(and(eq(client.shopId, actor.shopId), isNull(client.erasedAt)))
    .orderBy(asc(client.name));
  const closets = await db
    .select({ clientId: ownedItem.clientId, pieces: count() })
    .from(ownedItem)
    .where(isNull(ownedItem.retiredAt))
    .groupBy(ownedItem.clientId);
  const open = await db
    .select()
    .from(box)
    .where(and(eq(box.shopId, actor.shopId), notInArray(box.state, [...ENDED])))
    .orderBy(asc(box.number));
  const next = await db.select().from(occasion).where(gte(occasion.day, today)).orderBy(asc(occasion.day));
  return people.map((person) => {
    const current = open.find((each) => each.clientId === person.id);
    const coming = next.find((each) => each.clientId === person.id);
    return {
      id: person.id,
      name: person.name,
      about: person.about,
      closet: closets.find((each) => each.clientId === person.id)?.pieces ?? 0,
      openBox: current ? { id: current.id, number: current.number, step: stepOf(current.state) } : undefined,
      nextOccasion: coming?.day ? { title: coming.title, day: coming.day } : undefined,
    };
  });
}

export async function clientView(db: Reader, actor: Actor, id: string, now: Date): Promise<ClientView> {
  stylistsOnly(actor);
  const { row, given, profile } = await clientOf(db, actor.shopId, id);
  const shop = await shopOf(db, actor.shopId);
  const owned = await db
    .select()
    .from(ownedItem)
    .where(eq(ownedItem.clientId, id))
    .orderBy(asc(ownedItem.category), asc(ownedItem.title));
  const body = bodyOf(given);
  const view = (each: (typeof owned)[number]): OwnedView => ({
    id: each.id,
    version: each.version,
    piece: pieceOfOwned(each),
    assumed: each.assumed,
    loved: each.loved,
    wornWeekly: each.wornWeekly,
    fromBox: each.boxLineId !== null,
    photo: photos.get(each.id),
  });
  const photos = await photosOf(
    db,
    'owned',
    owned.map((each) => each.id),
  );
  return {
    id,
    version: row.version,
    name: row.name,
    about: row.about,
    email: row.email ?? '',
    phone: row.phone ?? '',
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
    links: await linksOf(db, id, now),
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
  const rows = await db.select().from(box).where(eq(box.clientId, clientId)).orderBy(desc(box.number));
  if (rows.length === 0) return [];
  const lines = await db
    .select({ line: boxLine, title: garment.title })
    .from(boxLine)
    .innerJoin(variant, eq(variant.id, boxLine.variantId))
    .innerJoin(garment, eq(garment.id, variant.garmentId))
    .where(
      and(
        inArray(
          boxLine.boxId,
          rows.map((row) => row.id),
        ),
        isNull(boxLine.removedAt),
      ),
    );
  return rows.map((row) => {
    const own = lines.filter(({ line }) => line.boxId === row.id);
    return {
      id: row.id,
      number: row.number,
      state: row.state,
      step: stepOf(row.state),
      lines: own.length,
      kept: own.filter(({ line }) => line.decision === 'keep').length,
      netMinor: row.total?.netMinor,
      outDay: row.outAt ? dayIn(zone, row.outAt) : undefined,
      returned: own
        .filter(({ line }) => line.decision === 'return')
        .map(({ line, title }) => ({ title, reason: line.reason ?? '' })),
    };
  });
}

export async function shopFor(db: Reader, actor: Actor) {
  return shopView(await shopOf(db, actor.shopId));
}
