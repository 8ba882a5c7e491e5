import type { PackingView, ParcelView } from '@contracts/box/parcel-view';
import { addressLines } from '@core/client';
import { enclosuresOf, isPlayedNumber, parcelSize, parcelStands } from '@core/parcel';
import type { BoxRecord } from '@data/box/boxes';
import type { LineRecord } from '@data/box/lines';
import { parcelsOf } from '@data/box/parcels';
import type { Reader } from '@data/db';
import type { ShopRow } from '@data/shop/shops';
import type { ClientRecord } from '@data/client/clients';
import type { LookRow } from '@data/box/looks';
import { calendarOf, clockIn, dayIn } from '../shop/settings';
import { pieceOfLine } from './lines';

/** What went out of a box, parcel by parcel, and where each is by a carrier that is only played. */
export async function parcelViews(
  db: Reader,
  boxId: string,
  shop: ShopRow,
  now: Date,
): Promise<ParcelView[]> {
  const today = dayIn(shop.zone, now);
  return (await parcelsOf(db, boxId)).map(({ no, tracking, sentAt }) => {
    const day = dayIn(shop.zone, sentAt);
    return {
      no,
      tracking: tracking ?? undefined,
      day,
      stands:
        shop.carrier === 'simulated' && tracking && isPlayedNumber(tracking)
          ? parcelStands(day, today, shop.transitDays, calendarOf(shop))
          : undefined,
    };
  });
}

interface Packed {
  readonly row: BoxRecord;
  readonly shop: ShopRow;
  readonly person: Pick<ClientRecord['row'], 'address'>;
  readonly looks: readonly Pick<LookRow, 'pieces'>[];
  readonly lines: readonly LineRecord[];
}

/** Weight, carton, what goes along and where to: what whoever packs needs beside the pieces. */
export function packingOf({ row, shop, person, lines, looks }: Packed): PackingView {
  const worn = new Map(looks.flatMap(({ pieces }) => pieces).map(({ ref, mode }) => [ref, mode]));
  const pieces = lines.map((record) => ({
    piece: { ...pieceOfLine(record), mode: worn.get(`line:${record.line.id}`) },
    fit: record.line.fit,
    lineId: record.line.id,
    laidIn: record.line.laidIn,
  }));
  const enclosed = enclosuresOf(pieces);
  return {
    to: addressLines(person.address),
    size: parcelSize(
      pieces.map(({ piece }) => piece),
      enclosed.length,
    ),
    enclosed,
    carrier: shop.carrier,
    appointment: row.appointmentAt ? clockIn(shop.zone, row.appointmentAt) : undefined,
  };
}
