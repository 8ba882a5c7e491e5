import { closeBoxCall } from '@contracts/tally/close-box';
import { type BoxRecord, changeBox } from '@data/box/boxes';
import { changeLine, type LineRecord } from '@data/box/lines';
import { addReceipt } from '@data/box/receipts';
import { addOwned } from '@data/client/closet';
import { note } from '../audit';
import type { Context } from '../context';
import { serve } from '../use-case';
import { dressedBox } from './box-view';
import { inLockOrder, pieceOfLine } from './lines';
import { moveUnit } from './put-away';
import { readyToClose, settle } from './settle';

export const closeBox = serve(closeBoxCall, {
  async run(context, { boxId, version, notesNext, way, voucher }) {
    const { tx, actor, now } = context;
    const { row, lines, shop, total } = await readyToClose(context, boxId, version);
    await settle(context, { boxId, shop, dueMinor: total.dueMinor, way, voucher });
    for (const record of inLockOrder(lines)) {
      if (record.line.decision !== 'keep') continue;
      await keep(context, row, record);
      const sums = total.lines.find((each) => each.id === record.line.id);
      await changeLine(tx, record.line.id, {
        netMinor: sums?.netMinor ?? 0,
        taxMinor: sums?.taxMinor ?? 0,
      });
    }
    await addReceipt(tx, {
      shopId: actor.shopId,
      boxId,
      amountMinor: Math.max(0, total.dueMinor),
      at: now,
    });
    await changeBox(tx, boxId, { state: 'closed', total, closedAt: now, notesNext });
    await note(context, 'close', 'box', boxId, { netMinor: total.netMinor, dueMinor: total.dueMinor });
    return dressedBox(tx, actor, boxId, now);
  },
});

/** A kept piece is sold, and joins the closet as it is in this size, altered. */
async function keep({ tx, actor, now }: Context, row: BoxRecord, record: LineRecord): Promise<void> {
  const { line, garment, variant } = record;
  await moveUnit(tx, actor, line, 'keep');
  const asAltered = pieceOfLine(record).measures;
  const measured = Object.entries(variant.measures).flatMap(([name, value]) =>
    value ? [[name, { ...value, mm: asAltered[name as keyof typeof asAltered] ?? value.mm }] as const] : [],
  );
  await addOwned(tx, [
    {
      clientId: row.clientId,
      title: garment.title,
      category: garment.category,
      formality: garment.formality,
      colours: garment.colours,
      attributes: {
        ...garment.attributes,
        styleId: garment.styleId,
        ...(garment.setId ? { set: garment.setId } : {}),
        measures: {
          ...garment.attributes.measures,
          ...Object.fromEntries(measured.map(([name, value]) => [name, value.mm])),
        },
      },
      origins: Object.fromEntries(measured.map(([name, value]) => [name, value.origin])),
      boxLineId: line.id,
      createdAt: now,
    },
  ]);
}
