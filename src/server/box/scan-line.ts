import { sizePhrase } from '@core/fit';
import { scanLineCall } from '@contracts/out/scan-line';
import { isOpen, mayTally } from '@core/box';
import { isRefused, packerWords } from '@core/guard';
import { changeLine, linesOf } from '@data/box/lines';
import { note } from '../audit';
import { conflict } from '../problem';
import { variantOfCode } from '../stock/find-code';
import { serve } from '../use-case';
import { guardOfBox } from './guard';
import { boxOf, waitsForParcel } from './lines';
import { dressedBox } from './box-view';
import { viewFor } from './pack-view';

/** A piece read by the scanner goes into the parcel; another size than the one that was pulled does not. */
export const scanLine = serve(scanLineCall, {
  async run(context, { boxId, code }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    const all = await linesOf(tx, boxId);
    // Of a box that is out, what was exchanged is packed in a parcel of its own.
    const lines = mayTally(row.state) ? all.filter(waitsForParcel) : all;
    if (!isOpen(row.state) && !(mayTally(row.state) && lines.length > 0))
      throw conflict('This box is packed already.');
    const { variant, garment } = await variantOfCode(tx, actor.shopId, code);
    const own = lines.filter(({ line }) => line.variantId === variant.id);
    const found = own.find(({ line }) => line.scannedAt === null) ?? own[0];
    if (!found) {
      const sibling = lines.find((each) => each.garment.id === garment.id);
      throw conflict(
        sibling
          ? `${garment.title} in ${variant.size} is not in this box: it wants ${sizePhrase(sibling.variant.size)}.`
          : `${garment.title}, ${sizePhrase(variant.size)}, is not in this box.`,
      );
    }
    // What is ruled out does not go into the parcel, and whoever scans it reads what is in it.
    const standing = (await guardOfBox(tx, row, all)).get(found.line.id) ?? [];
    if (standing.some(isRefused)) throw conflict(`${garment.title}: ${packerWords(standing)}`);
    const fresh = found.line.scannedAt === null;
    if (fresh) {
      await changeLine(tx, found.line.id, { scannedAt: now });
      await note(context, 'scan in', 'box_line', found.line.id, { boxId });
    }
    return { view: await viewFor(tx, actor, boxId, now, dressedBox), lineId: found.line.id, fresh };
  },
});
