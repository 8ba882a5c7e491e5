import type { ConsentsView } from '@contracts/consent/consent-view';
import { saveConsentCall } from '@contracts/consent/save-consent';
import { withdrawConsentCall } from '@contracts/consent/withdraw-consent';
import { type Day, keptUntil } from '@core/schedule';
import type { Reader, Writer } from '@data/db';
import { box, clientMeasure, consent, occasion } from '@data/schema';
import { and, desc, eq, isNull, max } from 'drizzle-orm';
import { note } from '../audit';
import { invalid, notFound } from '../problem';
import { dayIn, keepingOf, shopOf, type ShopRow } from '../shop/settings';
import { serve } from '../use-case';
import { eraseMeasures, erasePhotos } from './eraser';
import { clientOf, type ClientRow } from './profile';

/** The last day anything was done for a client: her last box, measure or occasion, or the day she came. */
export async function lastDayOf(db: Reader, row: ClientRow, zone: string): Promise<Day> {
  const [boxes] = await db
    .select({ out: max(box.outAt), closed: max(box.closedAt), begun: max(box.createdAt) })
    .from(box)
    .where(eq(box.clientId, row.id));
  const [taken] = await db
    .select({ at: max(clientMeasure.takenAt) })
    .from(clientMeasure)
    .where(eq(clientMeasure.clientId, row.id));
  const [ahead] = await db
    .select({ day: max(occasion.day) })
    .from(occasion)
    .where(eq(occasion.clientId, row.id));
  const instants = [row.createdAt, boxes?.out, boxes?.closed, boxes?.begun, taken?.at];
  const days = instants.flatMap((instant) => (instant ? [dayIn(zone, instant)] : []));
  return [...days, ahead?.day ?? ''].sort().at(-1) ?? '';
}

/** What a client agreed to, newest first, and how long the shop keeps what is hers. */
export async function consentsOf(db: Reader, row: ClientRow, shop: ShopRow): Promise<ConsentsView> {
  const rows = await db
    .select()
    .from(consent)
    .where(eq(consent.clientId, row.id))
    .orderBy(desc(consent.givenOn), desc(consent.createdAt));
  return {
    consents: rows.map(({ about, way, givenOn, withdrawnOn }) => ({
      about,
      way,
      givenOn,
      withdrawnOn: withdrawnOn ?? undefined,
    })),
    keptUntil: keptUntil(await lastDayOf(db, row, shop.zone), keepingOf(shop)),
  };
}

/** False for somebody who took back that the shop may write to them. */
export async function mayWrite(db: Reader, clientId: string): Promise<boolean> {
  const rows = await db
    .select({ withdrawnOn: consent.withdrawnOn })
    .from(consent)
    .where(and(eq(consent.clientId, clientId), eq(consent.about, 'messages')));
  return rows.length === 0 || rows.some(({ withdrawnOn }) => withdrawnOn === null);
}

/** Ends what stands, as of a day. */
const endStanding = (
  tx: Writer,
  clientId: string,
  about: ConsentsView['consents'][number]['about'],
  day: Day,
) =>
  tx
    .update(consent)
    .set({ withdrawnOn: day })
    .where(and(eq(consent.clientId, clientId), eq(consent.about, about), isNull(consent.withdrawnOn)))
    .returning({ id: consent.id });

export const saveConsent = serve(saveConsentCall, {
  async run(context, { clientId, about, way, givenOn }) {
    const { tx, actor, now } = context;
    const { row } = await clientOf(tx, actor.shopId, clientId, true);
    const shop = await shopOf(tx, actor.shopId);
    const today = dayIn(shop.zone, now);
    if (givenOn > today) throw invalid([{ path: 'givenOn', message: 'is still to come' }]);
    await endStanding(tx, clientId, about, today);
    await tx.insert(consent).values({ clientId, about, way, givenOn, actorId: actor.id, createdAt: now });
    await note(context, `agreed: ${about}`, 'client', clientId, { way });
    return consentsOf(tx, row, shop);
  },
});

export const withdrawConsent = serve(withdrawConsentCall, {
  async run(context, { clientId, about, erase }) {
    const { tx, actor, now } = context;
    const { row } = await clientOf(tx, actor.shopId, clientId, true);
    const shop = await shopOf(tx, actor.shopId);
    const ended = await endStanding(tx, clientId, about, dayIn(shop.zone, now));
    if (ended.length === 0) throw notFound('That agreement');
    let erased = 0;
    if (erase && about === 'measures') erased = await eraseMeasures(tx, clientId);
    if (erase && about === 'photos') erased = await erasePhotos(tx, clientId);
    await note(context, `no longer agreed: ${about}`, 'client', clientId, { erased });
    return { ...(await consentsOf(tx, row, shop)), erased };
  },
});
