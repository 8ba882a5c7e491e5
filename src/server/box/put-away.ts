import type { BackTo } from '@core/box';
import type { Cause } from '@core/stock';
import type { Writer } from '@data/db';
import type { LineRecord } from '@data/box/lines';
import { moveStock } from '@data/stock/ledger';
import type { Actor } from '../context';

/** How a piece that is back in the shop gets to where it is put. */
const WAY: Readonly<Record<BackTo, readonly Cause[]>> = {
  shelf: ['check-in'],
  cleaning: ['check-in', 'clean'],
  mending: ['check-in', 'mend'],
  'written-off': ['check-in', 'write-off'],
};

/** Moves the unit of a line from whoever had it to where it is put, step by step through the books. */
export async function putAway(
  tx: Writer,
  actor: Actor,
  line: Unit,
  arrives: 'come-back' | 'late-return',
  backTo: BackTo,
): Promise<void> {
  for (const cause of [arrives, ...WAY[backTo]]) await moveUnit(tx, actor, line, cause);
}

type Unit = Pick<LineRecord['line'], 'id' | 'variantId' | 'locationId'>;

/** Moves the unit of a line by one step of the books. */
export const moveUnit = (tx: Writer, actor: Actor, line: Unit, cause: Cause): Promise<void> =>
  moveStock(tx, {
    variantId: line.variantId,
    locationId: line.locationId,
    qty: 1,
    cause,
    boxLineId: line.id,
    actorId: actor.id,
  });
