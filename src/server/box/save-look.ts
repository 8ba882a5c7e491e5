import { removeLookCall } from '@contracts/look/remove-look';
import { saveLookCall } from '@contracts/look/save-look';
import { broughtTo, hasLeft, isSettled } from '@core/box';
import { piecesOf, settingOf } from '@contracts/look-pieces';
import { judge } from '@core/look';
import { spokenOf } from '@core/trial';
import { changeBox } from '@data/box/boxes';
import { addLook, changeLook, removeLook as dropLook } from '@data/box/looks';
import { note } from '../audit';
import { conflict, invalid, notFound, stale } from '../problem';
import { serve } from '../use-case';
import { dressedBox } from './box-view';
import { boxOf } from './lines';
import { lookGround } from './look-ground';

export const saveLook = serve(saveLookCall, {
  async run(context, input) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, input.boxId, true);
    if (isSettled(row.state)) throw conflict('The looks of a box that has gone out stay as they were.');
    const before = await lookGround(tx, actor.shopId, row);
    const known = new Set([
      ...before.lines.map((line) => line.piece.id),
      ...before.owned.map((piece) => piece.id),
    ]);
    const faults = input.pieces.flatMap(({ ref }, i) =>
      known.has(ref) ? [] : [{ path: `pieces[${i}]`, message: 'not in this box or closet any more' }],
    );
    if (new Set(input.pieces.map(({ ref }) => ref)).size < input.pieces.length)
      faults.push({ path: 'pieces', message: 'one piece stands in the look twice' });
    if (faults.length > 0) throw invalid(faults);
    const occasion = before.occasions.find(({ id }) => id === input.occasionId)?.occasion;
    if (input.occasionId !== null && !occasion)
      throw invalid([{ path: 'occasionId', message: 'not an occasion of this box' }]);
    const { findings } = judge(
      piecesOf(before, input.pieces),
      settingOf(before, occasion),
      before.shop.settings,
    );
    const values = {
      ...spokenOf(findings),
      stages: input.stages,
      occasionId: input.occasionId,
      title: input.title,
      pieces: input.pieces,
      overrules: input.overrules,
      note: input.note,
    };
    if (input.id) {
      const current = before.looks.find((each) => each.id === input.id);
      if (!current) throw notFound('That look');
      if (current.version !== input.version)
        throw stale([{ path: 'look', message: `${current.title || 'the look'} was saved again elsewhere` }], {
          version: current.version,
          occasionId: current.occasionId,
          title: current.title,
          pieces: current.pieces,
          overrules: current.overrules,
          stages: current.stages,
          note: current.note,
        });
      await changeLook(tx, input.id, values);
    } else await addLook(tx, { ...values, boxId: row.id, position: before.looks.length, createdAt: now });
    const state = broughtTo(row.state, 'combining');
    if (state !== row.state) await changeBox(tx, row.id, { state });
    await note(context, 'look', 'box', row.id, {
      pieces: input.pieces.length,
      overruled: input.overrules.map((each) => each.rule),
    });
    return dressedBox(tx, actor, row.id, now);
  },
});

export const removeLook = serve(removeLookCall, {
  async run(context, { boxId, id }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (hasLeft(row.state)) throw conflict('The looks of a box that has gone out stay as they were.');
    if (!(await dropLook(tx, boxId, id))) throw notFound('That look');
    await note(context, 'remove look', 'box', boxId, { lookId: id });
    return dressedBox(tx, actor, boxId, now);
  },
});
