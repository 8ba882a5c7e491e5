import { takeBackLineCall } from '@contracts/tally/take-back-line';
import { isClosed } from '@core/box';
import { saysSize } from '@core/learn';
import { creditOf, money } from '@core/money';
import { daysBetween } from '@core/schedule';
import { changeBox } from '@data/box/boxes';
import { addCreditNote } from '@data/box/credit-notes';
import { alterationsOf, changeLine } from '@data/box/lines';
import { retireOwnedOfLine } from '@data/client/closet';
import { note } from '../audit';
import { conflict, invalid } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { counted } from '@core/words';
import { dressedBox } from './box-view';
import { giveBack } from './give-back';
import { boxOf, lineOf, mayReturn } from './lines';
import { putAway } from './put-away';

/**
 * A kept piece comes back after its box was closed. The box, its receipt and its other lines stay as they are; the client
 * gets back what this line came to, less what is withheld, by a credit note.
 */
export const takeBackLine = serve(takeBackLineCall, {
  async run(context, { boxId, lineId, reason, fitPoint, note: words, withheldMinor, backTo }) {
    const { tx, actor, now } = context;
    // Locked: two who take back the same piece at once give the money back once.
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isClosed(row.state)) throw conflict('This box is still open: decide the piece at the tally.');
    const line = await lineOf(tx, boxId, lineId);
    if (line.cameBackAt) throw conflict('This piece was taken back already, and its money given back.');
    if (line.decision !== 'keep' || line.netMinor === null || line.taxMinor === null)
      throw invalid([{ path: 'lineId', message: 'only a piece that was kept can come back' }]);
    if (!mayReturn(await alterationsOf(tx, [lineId])))
      throw conflict('This piece was altered for this client and stays with them.');
    const shop = await shopOf(tx, actor.shopId);
    const days = row.closedAt ? daysBetween(dayIn(shop.zone, row.closedAt), dayIn(shop.zone, now)) : 0;
    if (shop.lateReturnDays !== null && days > shop.lateReturnDays && actor.role !== 'owner')
      throw conflict(
        `This box was settled ${counted(days, 'day')} ago, and pieces come back within ${shop.lateReturnDays}. An owner may still take it back.`,
      );
    if (withheldMinor > line.netMinor)
      throw invalid([
        {
          path: 'withheldMinor',
          message: `the piece came to ${money(line.netMinor, shop.currency)}; no more can be withheld`,
        },
      ]);
    const credit = creditOf(
      { netMinor: line.netMinor, taxMinor: line.taxMinor },
      withheldMinor,
      row.terms?.rounding ?? shop.rounding,
    );
    await putAway(tx, actor, line, 'late-return', backTo);
    await changeLine(tx, lineId, {
      cameBackAt: now,
      reason,
      fitPoint: reason && saysSize(reason) ? fitPoint : null,
      note: words,
    });
    await retireOwnedOfLine(tx, lineId, now);
    const no = await addCreditNote(tx, {
      shopId: actor.shopId,
      boxId,
      boxLineId: lineId,
      ...credit,
      backTo,
      actorId: actor.id,
      at: now,
    });
    await giveBack(context, boxId, credit.amountMinor);
    await changeBox(tx, boxId, {});
    await note(context, 'take back', 'box_line', lineId, { boxId, no, ...credit, backTo });
    return dressedBox(tx, actor, boxId, now);
  },
});
