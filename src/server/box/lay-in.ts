import { layInCall } from '@contracts/out/lay-in';
import { hasLeft } from '@core/box';
import { changeLine } from '@data/box/lines';
import { conflict } from '../problem';
import { serve } from '../use-case';
import { boxOf, lineOf } from './lines';
import { dressedBox } from './box-view';
import { viewFor } from './pack-view';

/** A small thing goes into the parcel with its piece; the box is locked, so that two who pack lose no tick of each other. */
export const layIn = serve(layInCall, {
  async run({ tx, actor, now }, { boxId, lineId, what, done }) {
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (hasLeft(row.state)) throw conflict('This box has gone out.');
    const { laidIn } = await lineOf(tx, boxId, lineId);
    const rest = laidIn.filter((each) => each !== what);
    await changeLine(tx, lineId, { laidIn: done ? [...rest, what] : rest });
    return viewFor(tx, actor, boxId, now, dressedBox);
  },
});
