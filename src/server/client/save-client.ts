import { saveClientCall } from '@contracts/client/save-client';
import { BODY_MEASURES } from '@core/figure';
import { client, clientMeasure } from '@data/schema';
import { eq, sql } from 'drizzle-orm';
import type { Parsed } from '@contracts/calls';
import { note } from '../audit';
import type { Context } from '../context';
import { stale } from '../problem';
import { serve } from '../use-case';
import { clientOf } from './profile';

type ClientInput = Parsed<'save-client'>;

/** The columns of a client, as a form or a file gives them. */
const valuesOf = (input: ClientInput) => ({
  name: input.name,
  about: input.about,
  email: input.email || null,
  phone: input.phone || null,
  sizes: input.sizes,
  profile: input.profile,
  boxBudgetMinor: input.boxBudgetMinor,
  pieceBudgetMinor: input.pieceBudgetMinor as Record<string, number>,
  notes: input.notes,
});

export const saveClient = serve(saveClientCall, {
  async run(context, input) {
    const { tx, actor } = context;
    if (!input.id) return { id: await addClient(context, input), version: 1 };
    const known = await clientOf(tx, actor.shopId, input.id, true);
    const { row } = known;
    if (row.version !== input.version)
      throw stale([{ path: 'client', message: `${row.name} was saved elsewhere` }], currentOf(known));
    await tx
      .update(client)
      .set({ ...valuesOf(input), version: sql`${client.version} + 1` })
      .where(eq(client.id, row.id));
    await tx.delete(clientMeasure).where(eq(clientMeasure.clientId, row.id));
    await keepMeasures(context, row.id, input);
    await note(context, 'change', 'client', row.id);
    return { id: row.id, version: row.version + 1 };
  },
});

/** Somebody new; her id. */
export async function addClient(context: Context, input: ClientInput): Promise<string> {
  const { tx, actor, now } = context;
  const [made] = await tx
    .insert(client)
    .values({ ...valuesOf(input), shopId: actor.shopId, createdAt: now })
    .returning({ id: client.id });
  if (!made) throw new Error('the client was not made');
  await keepMeasures(context, made.id, input);
  await note(context, 'add', 'client', made.id);
  return made.id;
}

async function keepMeasures({ tx, now }: Context, clientId: string, input: ClientInput): Promise<void> {
  const given = BODY_MEASURES.flatMap((name) => {
    const mm = input.measures[name];
    if (mm === undefined) return [];
    const origin = input.estimated.includes(name) ? ('estimated' as const) : ('given' as const);
    return [{ clientId, name, mm: Math.round(mm), origin, takenAt: now }];
  });
  if (given.length > 0) await tx.insert(clientMeasure).values(given);
}

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
