import { passLimitsCall } from '@contracts/pull/pass-limits';
import { isHere } from '@core/box';
import { isRefused } from '@core/guard';
import { linesOf } from '@data/box/lines';
import { addPasses } from '@data/box/passes';
import { note } from '../audit';
import { conflict, invalid } from '../problem';
import { serve } from '../use-case';
import { guardOfBox } from './guard';
import { dressedBox } from './box-view';
import { boxOf, waitsForParcel } from './lines';

/**
 * Lets limits pass by name, and answers what was asked about content, each for one line. An allergy or a never cannot be
 * passed. The audit holds who, when and the code; the reason and what it is about stand where erasing empties them.
 */
export const passLimits = serve(passLimitsCall, {
  async run(context, { boxId, passes, reason }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    const lines = await linesOf(tx, boxId);
    // Of a box that is out, only what waits for its parcel is still asked about.
    const asks = isHere(row.state) ? lines : lines.filter(waitsForParcel);
    if (asks.length === 0) throw conflict('This box has gone out: what was decided stays as it was.');
    const found = await guardOfBox(tx, row, lines);
    const faults = passes.flatMap(({ lineId, code, about }, i) => {
      const isAsked = asks.some(({ line }) => line.id === lineId);
      const asked = isAsked && found.get(lineId)?.find((each) => each.code === code && each.about === about);
      if (!asked) return [{ path: `passes[${i}]`, message: 'this is not asked of that piece any more' }];
      return isRefused(asked)
        ? [
            {
              path: `passes[${i}]`,
              message: 'nobody can pass this: take the piece out, or change the client’s page',
            },
          ]
        : [];
    });
    if (faults.length > 0) throw invalid(faults);
    await addPasses(
      tx,
      passes.map(({ lineId, code, about }) => ({
        boxLineId: lineId,
        code,
        about,
        reason,
        actorId: actor.id,
        at: now,
      })),
    );
    for (const { lineId, code } of passes)
      await note(context, `pass ${code}`, 'box_line', lineId, { boxId, code });
    return dressedBox(tx, actor, boxId, now);
  },
});
