import type { BoxView } from '@contracts/box/box-view';
import { type ClientRecord, findClient } from '@data/client/clients';
import type { Reader } from '@data/db';
import { isId, notFound } from '../problem';

/** A client of the shop, her row locked for the rest of the transaction when `lock` is set; an erased one is not here. */
export async function clientOf(db: Reader, shopId: string, id: string, lock = false): Promise<ClientRecord> {
  const found = isId(id) ? await findClient(db, shopId, id, lock) : undefined;
  if (!found) throw notFound('That client');
  return found;
}

/** What those who dress a client see of her on every step of a box. */
export const dressed = ({ row, profile }: ClientRecord): BoxView['client'] => ({
  id: row.id,
  name: row.name,
  about: row.about,
  profile,
  pieceBudgetMinor: row.pieceBudgetMinor,
});
