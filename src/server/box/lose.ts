import { findLineCall, loseLinesCall } from '@contracts/tally/lose-lines';
import { changeLine, linesOf } from '@data/box/lines';
import { note } from '../audit';
import { conflict, notFound, stale } from '../problem';
import { serve } from '../use-case';
import { talliedBox } from './box-view';
import { inLockOrder, lineOf, waitsForParcel } from './lines';
import { moveUnit } from './put-away';
import { tallied } from './tally';

/**
 * Pieces are given up. Their client is not charged for them, nothing is learned from them, and their units are written off with the
 * reason said; all of it turns round when they turn up.
 */
export const loseLines = serve(loseLinesCall, {
  async run(context, { boxId, version, lineIds, loss }) {
    const { tx, actor, now } = context;
    const row = await tallied(context, boxId);
    if (row.version !== version)
      throw stale([{ path: 'lineIds', message: 'the box was changed elsewhere; look once more' }]);
    const lines = await linesOf(tx, boxId);
    if (lineIds.some((id) => !lines.some(({ line }) => line.id === id))) throw notFound('That line');
    for (const record of inLockOrder(lines.filter(({ line }) => lineIds.includes(line.id)))) {
      const { line, garment } = record;
      if (line.decision === 'lost') continue;
      if (waitsForParcel(record)) throw conflict(`${garment.title} has not been sent yet.`);
      if (line.decision !== 'undecided')
        throw conflict(
          `${garment.title} was decided (${line.decision}), so it arrived. A return that is lost is said at its check-in.`,
        );
      await moveUnit(tx, actor, line, 'lose');
      await changeLine(tx, line.id, { decision: 'lost', decidedBy: 'shop', reason: loss, lostAt: now });
    }
    await note(context, `lose, ${loss}`, 'box', boxId, { lineIds });
    return talliedBox(tx, actor, boxId, now);
  },
});

export const findLine = serve(findLineCall, {
  async run(context, { boxId, lineId }) {
    const { tx, actor, now } = context;
    await tallied(context, boxId);
    const line = await lineOf(tx, boxId, lineId);
    if (!line.lostAt) throw conflict('This piece is not lost.');
    if (line.decision === 'lost' && line.checkedInAt)
      throw conflict('This piece is back in the shop already, and nobody is charged for it.');
    await moveUnit(tx, actor, line, 'turn-up');
    await changeLine(tx, lineId, {
      lostAt: null,
      checkedInAt: null,
      ...(line.decision === 'lost' ? { decision: 'undecided', decidedBy: null, reason: null } : {}),
    });
    await note(context, 'turn up', 'box_line', lineId, { boxId });
    return talliedBox(tx, actor, boxId, now);
  },
});
