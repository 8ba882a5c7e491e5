import type { ConsentsView } from '@contracts/consent/consent-view';
import { saveConsentCall } from '@contracts/consent/save-consent';
import { withdrawConsentCall } from '@contracts/consent/withdraw-consent';
import { type Day, keptUntil } from '@core/schedule';
import type { Reader } from '@data/db';
import { lastOfBoxes } from '@data/box/boxes';
import { type ClientRow, measuresOf } from '@data/client/clients';
import { addConsent, consentRows, endConsents } from '@data/client/consents';
import { eraseMeasures, erasePhotos } from '@data/client/eraser';
import { occasionRows } from '@data/client/occasions';
import type { ShopRow } from '@data/shop/shops';
import { note } from '../audit';
import { invalid, notFound } from '../problem';
import { dayIn, keepingOf, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { clientOf } from './profile';

/** The last day anything was done for a client: her last box, measure or occasion, or the day she came. */
export async function lastDayOf(db: Reader, row: ClientRow, zone: string): Promise<Day> {
  const boxes = await lastOfBoxes(db, row.id);
  const measures = await measuresOf(db, row.id);
  const ahead = await occasionRows(db, row.id);
  const instants = [
    row.createdAt,
    boxes?.out,
    boxes?.closed,
    boxes?.begun,
    ...measures.map(({ takenAt }) => takenAt),
  ];
  const days = [
    ...instants.flatMap((instant) => (instant ? [dayIn(zone, instant)] : [])),
    ...ahead.map(({ day }) => day ?? ''),
  ];
  return days.sort().at(-1) ?? '';
}

/** What a client agreed to, newest first, and how long the shop keeps what is hers. */
export async function consentsOf(db: Reader, row: ClientRow, shop: ShopRow): Promise<ConsentsView> {
  const rows = await consentRows(db, row.id);
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

/** Where a client is written to; undefined for somebody without an address, or who took back that the shop may write. */
export async function addressOf(
  db: Reader,
  { id, email }: Pick<ClientRow, 'id' | 'email'>,
): Promise<string | undefined> {
  if (!email) return undefined;
  const rows = await consentRows(db, id, 'messages');
  return rows.length === 0 || rows.some(({ withdrawnOn }) => withdrawnOn === null) ? email : undefined;
}

export const saveConsent = serve(saveConsentCall, {
  async run(context, { clientId, about, way, givenOn }) {
    const { tx, actor, now } = context;
    const { row } = await clientOf(tx, actor.shopId, clientId, true);
    const shop = await shopOf(tx, actor.shopId);
    const today = dayIn(shop.zone, now);
    if (givenOn > today) throw invalid([{ path: 'givenOn', message: 'is still to come' }]);
    await endConsents(tx, clientId, about, today);
    await addConsent(tx, { clientId, about, way, givenOn, actorId: actor.id, createdAt: now });
    await note(context, `agreed: ${about}`, 'client', clientId, { way });
    return consentsOf(tx, row, shop);
  },
});

export const withdrawConsent = serve(withdrawConsentCall, {
  async run(context, { clientId, about, erase }) {
    const { tx, actor, now } = context;
    const { row } = await clientOf(tx, actor.shopId, clientId, true);
    const shop = await shopOf(tx, actor.shopId);
    if ((await endConsents(tx, clientId, about, dayIn(shop.zone, now))) === 0)
      throw notFound('That agreement');
    let erased = 0;
    if (erase && about === 'measures') erased = await eraseMeasures(tx, clientId);
    if (erase && about === 'photos') erased = await erasePhotos(tx, clientId);
    await note(context, `no longer agreed: ${about}`, 'client', clientId, { erased });
    return { ...(await consentsOf(tx, row, shop)), erased };
  },
});
