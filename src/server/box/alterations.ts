import { removeAlterationCall } from '@contracts/pull/remove-alteration';
import { saveAlterationCall } from '@contracts/pull/save-alteration';
import { isOpen } from '@core/box';
import { alterationFault, altered } from '@core/fit';
import { dropAlteration, type LineRecord, linesOf, putAlteration } from '@data/box/lines';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, invalid, notFound } from '../problem';
import { pieceOfGarment } from '@data/pieces';
import { shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { setHoldClock } from './hold-clock';
import { dressedBox } from './box-view';
import { boxOf } from './lines';

/** The line of a box that may still be changed. */
async function openLine({ tx, actor }: Context, boxId: string, lineId: string): Promise<LineRecord> {
  const row = await boxOf(tx, actor.shopId, boxId, true);
  if (!isOpen(row.state)) throw conflict('This box is packed: its pieces stay as they are.');
  const record = (await linesOf(tx, boxId)).find(({ line }) => line.id === lineId);
  if (!record) throw notFound('That line');
  return record;
}

/** A job on a line of the box; its price joins the money, its days the dates. One of each kind a line. */
export const saveAlteration = serve(saveAlterationCall, {
  async run(context, { boxId, lineId, job, mm, priceMinor, leadDays }) {
    const { tx, actor, now } = context;
    const { garment, variant, alterations } = await openLine(context, boxId, lineId);
    const others = alterations.filter((each) => each.job !== job);
    const { alteredMayReturn, english, units } = await shopOf(tx, actor.shopId);
    const piece = altered(pieceOfGarment(garment, variant), others);
    const fault = alterationFault(piece, { job, mm }, { english, units });
    if (fault) throw invalid([{ path: 'mm', message: fault }]);
    await putAlteration(tx, {
      boxLineId: lineId,
      job,
      mm,
      priceMinor,
      leadDays,
      mayReturn: alteredMayReturn,
      createdAt: now,
    });
    await setHoldClock(context, await boxOf(tx, actor.shopId, boxId));
    await note(context, 'alter', 'box_line', lineId, { boxId, job, priceMinor });
    return dressedBox(tx, actor, boxId, now);
  },
});

export const removeAlteration = serve(removeAlterationCall, {
  async run(context, { boxId, lineId, id }) {
    const { tx, actor, now } = context;
    const { alterations } = await openLine(context, boxId, lineId);
    if (!alterations.some((each) => each.id === id)) throw notFound('That alteration');
    await dropAlteration(tx, id);
    await setHoldClock(context, await boxOf(tx, actor.shopId, boxId));
    await note(context, 'leave unaltered', 'box_line', lineId, { boxId });
    return dressedBox(tx, actor, boxId, now);
  },
});
