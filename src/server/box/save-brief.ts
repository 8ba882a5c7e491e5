import { saveBriefCall } from '@contracts/box/save-brief';
import { broughtTo, isSettled } from '@core/box';
import { type Ask, readAsk } from '@core/reading';
import type { Fault } from '@contracts/faults';
import type { Writer } from '@data/db';
import { box, boxAsk, boxOccasion, occasion } from '@data/schema';
import { and, asc, eq, inArray, sql } from 'drizzle-orm';
import { note } from '../audit';
import { conflict, invalid, stale } from '../problem';
import { serve } from '../use-case';
import { setHoldClock } from './hold-clock';
import { boxView } from './box-view';
import { boxOf, type BoxRecord } from './lines';

export const saveBrief = serve(saveBriefCall, {
  async run(context, input) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, input.boxId, true);
    if (row.version !== input.version) throw stale(whatChanged(row, input), await currentOf(tx, row));
    if (isSettled(row.state)) throw conflict('The brief of a box that has gone out stays as it was.');
    const known =
      input.occasionIds.length > 0
        ? await tx
            .select({ id: occasion.id })
            .from(occasion)
            .where(and(inArray(occasion.id, input.occasionIds), eq(occasion.clientId, row.clientId)))
        : [];
    const missing = input.occasionIds.filter((id) => !known.some((each) => each.id === id));
    if (missing.length > 0)
      throw invalid(
        missing.map((id) => ({
          path: `occasionIds[${input.occasionIds.indexOf(id)}]`,
          message: 'not an occasion of this client',
        })),
      );
    await tx.delete(boxOccasion).where(eq(boxOccasion.boxId, row.id));
    if (known.length > 0)
      await tx.insert(boxOccasion).values(known.map((each) => ({ boxId: row.id, occasionId: each.id })));
    await keepAsks(
      context.tx,
      row.id,
      input.asks.map((ask) => (typeof ask === 'string' ? readAsk(ask) : ask)),
    );
    await tx
      .update(box)
      .set({
        budgetMinor: input.budgetMinor,
        mood: input.mood,
        notToSend: input.notToSend,
        state: broughtTo(row.state, 'pulling'),
        version: sql`${box.version} + 1`,
      })
      .where(eq(box.id, row.id));
    await setHoldClock(context, row);
    await note(context, 'brief', 'box', row.id, { asks: input.asks.length, budgetMinor: input.budgetMinor });
    return boxView(tx, actor, row.id, now);
  },
});

/** The brief as it stands, in the shape it is saved in. */
async function currentOf(tx: Writer, row: BoxRecord) {
  const chosen = await tx.select().from(boxOccasion).where(eq(boxOccasion.boxId, row.id));
  const asks = await tx.select().from(boxAsk).where(eq(boxAsk.boxId, row.id)).orderBy(asc(boxAsk.position));
  return {
    version: row.version,
    budgetMinor: row.budgetMinor,
    occasionIds: chosen.map(({ occasionId }) => occasionId),
    asks: asks.map(({ ask }) => ask),
    mood: row.mood,
    notToSend: row.notToSend,
  };
}

/** Asks keep their identity by their words, so that lines pulled for one stay with it. */
async function keepAsks(tx: Writer, boxId: string, asks: readonly Ask[]): Promise<void> {
  const before = await tx.select().from(boxAsk).where(eq(boxAsk.boxId, boxId));
  const gone = before
    .filter((each) => !asks.some(({ text }) => text === each.ask.text))
    .map((each) => each.id);
  if (gone.length > 0) await tx.delete(boxAsk).where(inArray(boxAsk.id, gone));
  for (const [position, ask] of asks.entries()) {
    const same = before.find((each) => each.ask.text === ask.text);
    if (same) await tx.update(boxAsk).set({ position, ask }).where(eq(boxAsk.id, same.id));
    else await tx.insert(boxAsk).values({ boxId, position, ask });
  }
}

function whatChanged(
  row: BoxRecord,
  input: { budgetMinor: number | null; notToSend: string; mood: readonly string[] },
): Fault[] {
  const changed: Fault[] = [];
  if (row.budgetMinor !== input.budgetMinor)
    changed.push({
      path: 'budgetMinor',
      message: `now ${row.budgetMinor === null ? 'no budget' : (row.budgetMinor / 100).toFixed(2)}`,
    });
  if (row.notToSend !== input.notToSend)
    changed.push({ path: 'notToSend', message: `now "${row.notToSend}"` });
  if (row.mood.join() !== input.mood.join())
    changed.push({ path: 'mood', message: `now ${row.mood.join(', ') || 'none'}` });
  return changed.length > 0
    ? changed
    : [{ path: 'version', message: `the box is at ${row.version} now (${row.state})` }];
}
