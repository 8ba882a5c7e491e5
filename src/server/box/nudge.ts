import { markNudgeCall } from '@contracts/pull/mark-nudge';
import { isOpen } from '@core/box';
import { setNudge } from '@data/box/lines';
import { note } from '../audit';
import { conflict, notFound } from '../problem';
import { serve } from '../use-case';
import { dressedBox } from './box-view';
import { boxOf } from './lines';

/** The one braver choice of a box: marking another takes the mark from the first. */
export const markNudge = serve(markNudgeCall, {
  async run(context, { boxId, lineId, nudge }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state)) throw conflict('This box is packed: its pieces stay as they are.');
    if (!(await setNudge(tx, boxId, lineId, nudge))) throw notFound('That line');
    await note(context, nudge ? 'mark as nudge' : 'unmark as nudge', 'box_line', lineId, { boxId });
    return dressedBox(tx, actor, boxId, now);
  },
});
