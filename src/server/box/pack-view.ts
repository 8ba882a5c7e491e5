import { hasLeft, stepOf } from '@core/box';
import { ALTERATION_WORDS } from '@core/fit';
import { packerWords } from '@core/guard';
import { sizeWords } from '@core/stock';
import type { TalliedBox } from '@contracts/box/box-view';
import type { PackLine, PackView } from '@contracts/box/pack-view';
import { linesOf } from '@data/box/lines';
import { looksOf } from '@data/box/looks';
import type { Reader } from '@data/db';
import { pieceOfGarment } from '@data/pieces';
import { clientOf } from '../client/profile';
import { type Actor, seesPersons } from '../context';
import { dayIn, shopOf } from '../shop/settings';
import { packingOf, parcelViews } from './packing';
import { dueOf } from './due';
import { guardOfBox } from './guard';
import { boxOf, isHeld, priceOf, waitsForParcel } from './lines';

/** A box as whoever packs it sees it: every field is listed, and none is of the person but the name. */
async function packView(db: Reader, actor: Actor, id: string, now: Date): Promise<PackView> {
  const row = await boxOf(db, actor.shopId, id);
  const shop = await shopOf(db, actor.shopId);
  const { row: person } = await clientOf(db, actor.shopId, row.clientId);
  const lines = await linesOf(db, id);
  const gone = hasLeft(row.state);
  // Of a box that is out, what waits for its parcel is judged still.
  const guard = gone && !lines.some(waitsForParcel) ? undefined : await guardOfBox(db, row, lines);
  const due = gone ? undefined : await dueOf(db, row, shop, lines);
  return {
    sees: 'parcel',
    id: row.id,
    number: row.number,
    state: row.state,
    step: stepOf(row.state) === 'tally' ? 'tally' : 'out',
    version: row.version,
    today: dayIn(shop.zone, now),
    shop: { name: shop.name, currency: shop.currency },
    client: { name: person.name },
    due: due && { shipBy: due.shipBy },
    letter: row.letter !== null,
    parcels: await parcelViews(db, row.id, shop, now),
    packing: packingOf({ row, shop, person, lines, looks: await looksOf(db, id) }),
    outDay: row.outAt ? dayIn(shop.zone, row.outAt) : undefined,
    returnBy: row.returnBy ?? undefined,
    lines: lines.map((record): PackLine => {
      const { line, variant: size } = record;
      return {
        id: line.id,
        piece: pieceOfGarment(record.garment, size, `line:${line.id}`),
        size: sizeWords(size),
        sku: size.sku,
        location: record.location,
        priceMinor: priceOf(record),
        held: isHeld(record) || (gone && !waitsForParcel(record)),
        scanned: line.scannedAt !== null,
        jobs: record.alterations.map(({ job }) => ALTERATION_WORDS[job]),
        decision: line.decision,
        checkedIn: line.checkedInAt !== null,
        sent: gone && !waitsForParcel(record),
        ruledOut: gone && !waitsForParcel(record) ? undefined : packerWords(guard?.get(line.id) ?? []),
      };
    }),
  };
}

/** The box as the role of an actor sees it; `whole`: as much of it as is asked for by those who see the person. */
export const viewFor = async <V extends TalliedBox>(
  db: Reader,
  actor: Actor,
  id: string,
  now: Date,
  whole: (db: Reader, actor: Actor, id: string, now: Date) => Promise<V>,
): Promise<V | PackView> => (seesPersons(actor) ? whole(db, actor, id, now) : packView(db, actor, id, now));
