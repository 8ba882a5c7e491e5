import type { StylistView } from '@contracts/box/box-view';
import type { Writer } from '@data/db';
import { keptStylist } from '@data/people/users';
import { invalid } from '../problem';

/** Somebody who may have boxes, kept from being ended until the transaction is over; refused at `path` for anybody else. */
export async function stylistOf(tx: Writer, shopId: string, id: string, path: string): Promise<StylistView> {
  const found = await keptStylist(tx, shopId, id);
  if (!found) throw invalid([{ path, message: 'not somebody here who has boxes' }]);
  return found;
}
