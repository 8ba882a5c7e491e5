import type { TalliedBox } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { addressLines, readAddress } from '@core/client';
import { dayInWords } from '@core/schedule';
import type { Actor } from '../context';
import { database } from '../database';
import { barsOf, paintBars } from '../pdf/bars';
import { FONT, INK, openPdf, type Sheet, SOFT } from '../pdf/document';
import { conflict } from '../problem';
import { shopOf } from '../shop/settings';
import { dressedBox } from './box-view';
import { viewFor } from './pack-view';

const MARGIN = 56;
/** A narrow module a hand-held scanner reads at arm's length, points. */
const MODULE = 1.1;

interface Label {
  readonly head: string;
  readonly to: readonly string[];
  readonly from: readonly string[];
  readonly tracking: string | undefined;
  readonly about: string;
}

/**
 * Two labels on one sheet: the parcel's way out, and the way back to lay inside. For whoever packs as well: what is on them is
 * on the outside of the parcel.
 * @throws Refusal 409 while nobody entered where it goes, or where it comes back to
 */
export async function parcelLabelPdf(
  actor: Actor,
  boxId: string,
): Promise<{ fileName: string; pdf: Buffer }> {
  const db = database();
  const view = await viewFor(db, actor, boxId, new Date(), dressedBox);
  const shop = await shopOf(db, actor.shopId);
  const { to } = view.packing;
  if (to.length === 0) throw conflict('The client’s postal address is not entered yet.');
  const address = addressLines(readAddress(shop.address));
  if (address.length === 0)
    throw conflict('The shop’s address for parcels is not entered yet (Shop, Terms).');
  const home = [shop.name, ...address];
  const client = [view.client.name, ...to];
  const tracking = trackingOf(view);
  const sheet = openPdf({
    title: `Labels of box ${view.number}`,
    author: shop.name,
    margin: MARGIN,
    paper: shop.paper,
  });
  const half = sheet.height / 2;
  label(sheet, MARGIN, { head: 'To', to: client, from: home, tracking, about: `Box ${view.number}` });
  sheet.decor(() =>
    sheet.doc
      .moveTo(MARGIN / 2, half)
      .lineTo(sheet.width - MARGIN / 2, half)
      .dash(4, { space: 4 })
      .lineWidth(0.5)
      .stroke('#b08d57')
      .undash(),
  );
  label(sheet, half + MARGIN / 2, {
    head: 'Return to',
    to: home,
    from: client,
    tracking: undefined,
    about: view.returnBy
      ? `Box ${view.number}, back by ${dayInWords(view.returnBy, shop)}`
      : `Box ${view.number}`,
  });
  return { fileName: `labels-${view.number}.pdf`, pdf: await sheet.finish() };
}

const trackingOf = ({ parcels }: TalliedBox | PackView): string | undefined => parcels.at(-1)?.tracking;

function label(sheet: Sheet, top: number, { head, to, from, tracking, about }: Label): void {
  const { doc, say, wide } = sheet;
  doc.y = top;
  doc.font(FONT.sans).fontSize(9).fillColor(SOFT);
  say('P', `From ${from.join(', ')}`, { x: MARGIN, y: top, width: wide });
  doc.moveDown(1.5);
  say('P', head, { x: MARGIN, width: wide });
  doc.font(FONT.serif).fontSize(20).fillColor(INK);
  for (const line of to) say('P', line, { x: MARGIN, width: wide });
  doc.moveDown(0.8);
  doc.font(FONT.bold).fontSize(11);
  say('P', about, { x: MARGIN, width: wide });
  if (!tracking) return;
  doc.moveDown(0.8);
  const y = doc.y;
  sheet.figure(`Bar code of ${tracking}`, () =>
    paintBars(doc, barsOf('code128', tracking), { x: MARGIN, y, module: MODULE, height: 48 }),
  );
  doc.font(FONT.sans).fontSize(10).fillColor(INK);
  say('P', tracking, { x: MARGIN, y: y + 54, width: wide });
}
