import { removeOccasionCall } from '@contracts/occasion/remove-occasion';
import { saveOccasionCall } from '@contracts/occasion/save-occasion';
import { repeatDays } from '@core/occasion';
import { boxesFor } from '@data/box/boxes';
import { isWornFor } from '@data/box/looks';
import {
  addOccasion,
  changeOccasion,
  isBoxedFor,
  lockedOccasion,
  occasionsOf,
  removeOccasionRow,
  setStages,
} from '@data/client/occasions';
import type { Writer } from '@data/db';
import { note } from '../audit';
import { setHoldClock } from '../box/hold-clock';
import { conflict, notFound, stale } from '../problem';
import { serve } from '../use-case';
import { clientOf } from './profile';

export const saveOccasion = serve(saveOccasionCall, {
  async run(context, { id, version: seen, clientId, occasion: given, stages, repeat }) {
    const { tx, actor, now } = context;
    await clientOf(tx, actor.shopId, clientId);
    const { title, date, formality, ...details } = given;
    const values = { title, day: date, formalityLo: formality[0], formalityHi: formality[1], details };
    if (id) {
      const row = await mustBeHers(tx, clientId, id);
      if (row.version !== seen) {
        const before = (await occasionsOf(tx, clientId)).find((each) => each.id === id);
        throw stale([{ path: 'occasion', message: `${row.title} was saved elsewhere` }], {
          id,
          clientId,
          version: row.version,
          occasion: before?.occasion,
          stages: before?.stages ?? [],
        });
      }
      const version = row.version + 1;
      await changeOccasion(tx, id, { ...values, version });
      await setStages(tx, id, stages);
      // Boxes for it hold their pieces to another day now.
      for (const each of await boxesFor(tx, id)) await setHoldClock(context, each);
      await note(context, 'change', 'occasion', id, { clientId });
      return { id, version };
    }
    // Each day of a repeating occasion is one of its own: it may be moved, dressed for and boxed by itself.
    const days = repeat ? repeatDays(date, repeat.everyDays, repeat.times) : [date];
    let first = '';
    for (const day of days) {
      const made = await addOccasion(tx, { ...values, day, clientId, createdAt: now });
      await setStages(tx, made, stages);
      first ||= made;
    }
    await note(context, 'add', 'occasion', first, { clientId, days: days.length });
    return { id: first, version: 1 };
  },
});

async function mustBeHers(tx: Writer, clientId: string, id: string) {
  const row = await lockedOccasion(tx, clientId, id);
  if (!row) throw notFound('That occasion');
  return row;
}

export const removeOccasion = serve(removeOccasionCall, {
  async run(context, { clientId, id }) {
    const { tx, actor } = context;
    await clientOf(tx, actor.shopId, clientId);
    await mustBeHers(tx, clientId, id);
    if (await isBoxedFor(tx, id))
      throw conflict('A box is styled for this occasion; take it off the brief first.');
    if (await isWornFor(tx, id))
      throw conflict('A saved look is for this occasion; give the look another one or delete it first.');
    await removeOccasionRow(tx, id);
    await note(context, 'remove', 'occasion', id, { clientId });
    return { id };
  },
});
