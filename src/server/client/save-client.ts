import { saveClientCall } from '@contracts/client/save-client';
import { BODY_MEASURES } from '@core/figure';
import { client, clientMeasure } from '@data/schema';
import { eq, sql } from 'drizzle-orm';
import { note } from '../audit';
import { stale } from '../problem';
import { serve } from '../use-case';
import { clientOf } from './profile';

export const saveClient = serve(saveClientCall, {
  async run(context, input) {
    const { tx, actor, now } = context;
    const values = {
      name: input.name,
      about: input.about,
      email: input.email || null,
      phone: input.phone || null,
      sizes: input.sizes,
      profile: input.profile,
      boxBudgetMinor: input.boxBudgetMinor,
      pieceBudgetMinor: input.pieceBudgetMinor as Record<string, number>,
      notes: input.notes,
    };
    let id = input.id;
    let version = 1;
    if (id) {
      const known = await clientOf(tx, actor.shopId, id, true);
      const { row } = known;
      if (row.version !== input.version)
        throw stale([{ path: 'client', message: `${row.name} was saved elsewhere` }], currentOf(known));
      version = row.version + 1;
      await tx
        .update(client)
        .set({ ...values, version: sql`${client.version} + 1` })
        .where(eq(client.id, id));
    } else {
      const [made] = await tx
        .insert(client)
        .values({ ...values, shopId: actor.shopId, createdAt: now })
        .returning({ id: client.id });
      if (!made) throw new Error('the client was not made');
      id = made.id;
    }
    await tx.delete(clientMeasure).where(eq(clientMeasure.clientId, id));
    const given = BODY_MEASURES.flatMap((name) => {
      const mm = input.measures[name];
      return mm === undefined
        ? []
        : [
            {
              clientId: id,
              name,
              mm: Math.round(mm),
              origin: input.estimated.includes(name) ? ('estimated' as const) : ('given' as const),
              takenAt: now,
            },
          ];
    });
    if (given.length > 0) await tx.insert(clientMeasure).values(given);
    await note(context, input.id ? 'change' : 'add', 'client', id);
    return { id, version };
  },
});

/** A client as it stands, in the shape it is saved in. */
function currentOf({ row, given, profile }: Awaited<ReturnType<typeof clientOf>>) {
  const { estimated = [], ...measures } = given;
  const { measures: _measures, ...stored } = profile;
  return {
    id: row.id,
    version: row.version,
    name: row.name,
    about: row.about,
    email: row.email ?? '',
    phone: row.phone ?? '',
    sizes: row.sizes,
    measures,
    estimated,
    profile: stored,
    boxBudgetMinor: row.boxBudgetMinor,
    pieceBudgetMinor: row.pieceBudgetMinor,
    notes: row.notes,
  };
}
