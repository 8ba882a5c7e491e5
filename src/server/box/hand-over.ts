import { handOverCall } from '@contracts/box/hand-over';
import { isEnded } from '@core/box';
import { changeBox } from '@data/box/boxes';
import { addHandover } from '@data/box/handovers';
import { note as noted } from '../audit';
import { conflict, stale } from '../problem';
import { serve } from '../use-case';
import { boxView } from './box-view';
import { boxOf } from './lines';
import { stylistOf } from './stylists';

export const handOver = serve(handOverCall, {
  async run(context, { boxId, version, to, note }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (row.version !== version)
      throw stale([{ path: 'box', message: 'the box was changed elsewhere' }], {
        version: row.version,
        stylistId: row.stylistId,
      });
    if (isEnded(row.state)) throw conflict('A box that is closed stays with whoever made it.');
    const next = await stylistOf(tx, actor.shopId, to, 'to');
    if (row.stylistId === to) throw conflict(`${next.name} has this box already.`);
    await changeBox(tx, boxId, { stylistId: to });
    await addHandover(tx, { boxId, fromId: row.stylistId, toId: to, note, actorId: actor.id, at: now });
    await noted(context, 'hand over', 'box', boxId, { from: row.stylistId, to });
    return boxView(tx, actor, boxId, now);
  },
});
