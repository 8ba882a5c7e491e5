import { saveAppointmentCall } from '@contracts/box/save-appointment';
import { isHere } from '@core/box';
import { changeBox } from '@data/box/boxes';
import { note } from '../audit';
import { conflict, stale } from '../problem';
import { instantIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { dressedBox } from './box-view';
import { boxOf } from './lines';

export const saveAppointment = serve(saveAppointmentCall, {
  async run(context, { boxId, version, at }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (row.version !== version) throw stale([{ path: 'at', message: `the box is ${row.state} now` }]);
    if (!isHere(row.state)) throw conflict('This box has gone out, or was given up.');
    const { zone } = await shopOf(tx, actor.shopId);
    await changeBox(tx, boxId, { appointmentAt: at === null ? null : instantIn(zone, at) });
    await note(context, at === null ? 'no appointment' : 'appointment', 'box', boxId);
    return dressedBox(tx, actor, boxId, now);
  },
});
