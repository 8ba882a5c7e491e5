import { saveClientCall } from '@contracts/client/save-client';
import { addressLines, readAddress } from '@core/client';
import { BODY_MEASURES } from '@core/figure';
import { addClientRow, changeClient, type ClientRecord, setMeasures } from '@data/client/clients';
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
  address: readAddress(input.address ?? ''),
  sizes: input.sizes,
  profile: input.profile,
  boxBudgetMinor: input.boxBudgetMinor,
  pieceBudgetMinor: input.pieceBudgetMinor as Record<string, number>,
  notes: input.notes,
});

export const saveClient = serve(saveClientCall, {
  async run(context, input) {
    const { tx, actor, now } = context;
    if (!input.id) return { id: await addClient(context, input), version: 1 };
    const known = await clientOf(tx, actor.shopId, input.id, true);
    const { row } = known;
    if (row.version !== input.version)
      throw stale([{ path: 'client', message: `${row.name} was saved elsewhere` }], currentOf(known));
    await changeClient(tx, row.id, valuesOf(input));
    await setMeasures(tx, row.id, measuresIn(input, now));
    await note(context, 'change', 'client', row.id);
    return { id: row.id, version: row.version + 1 };
  },
});

/** Somebody new; her id. */
export async function addClient(context: Context, input: ClientInput): Promise<string> {
  const { tx, actor, now } = context;
  const id = await addClientRow(tx, { ...valuesOf(input), shopId: actor.shopId, createdAt: now });
  await setMeasures(tx, id, measuresIn(input, now));
  await note(context, 'add', 'client', id);
  return id;
}

const measuresIn = (input: ClientInput, now: Date) =>
  BODY_MEASURES.flatMap((name) => {
    const mm = input.measures[name];
    if (mm === undefined) return [];
    const origin = input.estimated.includes(name) ? ('estimated' as const) : ('given' as const);
    return [{ name, mm: Math.round(mm), origin, takenAt: now }];
  });

/** A client as it stands, in the shape it is saved in. */
function currentOf({ row, given, profile }: ClientRecord) {
  const { estimated = [], ...measures } = given;
  const { measures: _measures, ...stored } = profile;
  return {
    id: row.id,
    version: row.version,
    name: row.name,
    about: row.about,
    email: row.email ?? '',
    phone: row.phone ?? '',
    address: addressLines(row.address).join('\n'),
    sizes: row.sizes,
    measures,
    estimated,
    profile: stored,
    boxBudgetMinor: row.boxBudgetMinor,
    pieceBudgetMinor: row.pieceBudgetMinor,
    notes: row.notes,
  };
}
