import { saveBriefCall } from '@contracts/box/save-brief';
import { broughtTo, isSettled } from '@core/box';
import { readAsk } from '@core/reading';
import type { Fault } from '@contracts/faults';
import { asksOf, keepAsks } from '@data/box/asks';
import { type BoxRecord, changeBox, occasionIdsOf, setOccasions } from '@data/box/boxes';
import { occasionsAmong } from '@data/client/occasions';
import type { Writer } from '@data/db';
import { note } from '../audit';
import { conflict, invalid, stale } from '../problem';
import { serve } from '../use-case';
import { setHoldClock } from './hold-clock';
import { money } from '@core/money';
import { shopOf } from '../shop/settings';
import { dressedBox } from './box-view';
import { boxOf } from './lines';

export const saveBrief = serve(saveBriefCall, {
  async run(context, input) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, input.boxId, true);
    if (row.version !== input.version) {
      const { currency } = await shopOf(tx, actor.shopId);
      throw stale(whatChanged(row, input, currency), await currentOf(tx, row));
    }
    if (isSettled(row.state)) throw conflict('The brief of a box that has gone out stays as it was.');
    const known = await occasionsAmong(tx, row.clientId, input.occasionIds);
    const missing = input.occasionIds.filter((id) => !known.has(id));
    if (missing.length > 0)
      throw invalid(
        missing.map((id) => ({
          path: `occasionIds[${input.occasionIds.indexOf(id)}]`,
          message: 'not an occasion of this client',
        })),
      );
    await setOccasions(tx, row.id, [...known]);
    const { english } = await shopOf(tx, actor.shopId);
    await keepAsks(
      tx,
      row.id,
      input.asks.map((ask) => (typeof ask === 'string' ? readAsk(ask, english) : ask)),
    );
    await changeBox(tx, row.id, {
      budgetMinor: input.budgetMinor,
      mood: input.mood,
      notToSend: input.notToSend,
      state: broughtTo(row.state, 'pulling'),
    });
    await setHoldClock(context, row);
    await note(context, 'brief', 'box', row.id, { asks: input.asks.length, budgetMinor: input.budgetMinor });
    return dressedBox(tx, actor, row.id, now);
  },
});

/** The brief as it stands, in the shape it is saved in. */
async function currentOf(tx: Writer, row: BoxRecord) {
  return {
    version: row.version,
    budgetMinor: row.budgetMinor,
    occasionIds: await occasionIdsOf(tx, row.id),
    asks: (await asksOf(tx, row.id)).map(({ ask }) => ask),
    mood: row.mood,
    notToSend: row.notToSend,
  };
}

function whatChanged(
  row: BoxRecord,
  input: { budgetMinor: number | null; notToSend: string; mood: readonly string[] },
  currency: string,
): Fault[] {
  const changed: Fault[] = [];
  if (row.budgetMinor !== input.budgetMinor)
    changed.push({
      path: 'budgetMinor',
      message: `now ${row.budgetMinor === null ? 'no budget' : money(row.budgetMinor, currency)}`,
    });
  if (row.notToSend !== input.notToSend)
    changed.push({ path: 'notToSend', message: `now "${row.notToSend}"` });
  if (row.mood.join() !== input.mood.join())
    changed.push({ path: 'mood', message: `now ${row.mood.join(', ') || 'none'}` });
  return changed.length > 0
    ? changed
    : [{ path: 'version', message: `the box is at ${row.version} now (${row.state})` }];
}
