import { stockLedgerCall } from '@contracts/stock/stock-ledger';
import { settleProposalCall } from '@contracts/stock/settle-proposal';
import { moveStockCall } from '@contracts/stock/move-stock';
import { countStockCall } from '@contracts/stock/count-stock';
import { type Cause, countDifference, type Place, PROPOSED, sizeWords } from '@core/stock';
import type { LedgerView, ProposalView } from '@contracts/stock/ledger-view';
import type { Reader, Writer } from '@data/db';
import { locationsOf } from '@data/shop/locations';
import {
  addProposal,
  balancesOf,
  findProposal,
  lockedShelf,
  movementsOf,
  proposalsOpen,
  settleProposalRow,
} from '@data/stock/books';
import { releaseExpired } from '@data/stock/holds';
import { moveStock, type Movement, NothingThere } from '@data/stock/ledger';
import { findSize } from '@data/stock/sizes';
import { note } from '../audit';
import type { Actor } from '../context';
import { conflict, invalid, notFound } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';

/** The size and the location, both of this shop. */
async function mustBeOurs(db: Reader, actor: Actor, variantId: string, locationId?: string): Promise<void> {
  if (!(await findSize(db, actor.shopId, variantId))) throw notFound('That size');
  if (!locationId) return;
  const places = await locationsOf(db, actor.shopId);
  if (!places.some(({ id }) => id === locationId)) throw notFound('That location');
}

/** A stock-take of one size at one location: the difference is posted with its reason. */
export const countStock = serve(countStockCall, {
  async run(context, { variantId, locationId, counted, expected, reason }) {
    const { tx, actor, now } = context;
    await mustBeOurs(tx, actor, variantId, locationId);
    await releaseExpired(tx, now, [variantId]);
    // Two counts at once are one after the other.
    const shelf = await lockedShelf(tx, variantId, locationId);
    if (shelf !== expected)
      throw conflict(`Something moved while you counted: the books say ${shelf} now. Count again.`);
    const difference = countDifference(shelf, counted);
    if (difference) {
      await move(tx, { variantId, locationId, cause: 'count', reason, actorId: actor.id, ...difference });
      await note(context, 'count', 'variant', variantId, { shelf, counted });
    }
    return ledgerOf(tx, actor, variantId);
  },
});

export const moveByHand = serve(moveStockCall, {
  async run(context, { variantId, locationId, cause, qty, reason }) {
    const { tx, actor, now } = context;
    await mustBeOurs(tx, actor, variantId, locationId);
    await releaseExpired(tx, now, [variantId]);
    if (actor.role === 'packer' && PROPOSED.includes(cause)) {
      if (reason === '') throw invalid([{ path: 'reason', message: 'say why, for the owner' }]);
      await addProposal(tx, {
        shopId: actor.shopId,
        variantId,
        locationId,
        cause,
        qty,
        reason,
        actorId: actor.id,
        createdAt: now,
      });
      await note(context, `propose ${cause}`, 'variant', variantId, { qty });
      return ledgerOf(tx, actor, variantId);
    }
    await move(tx, { variantId, locationId, cause, qty, reason: reason || undefined, actorId: actor.id });
    await note(context, cause, 'variant', variantId, { qty });
    return ledgerOf(tx, actor, variantId);
  },
});

/** The owner books what a packer proposed, in the packer's words, or leaves it. */
export const settleProposal = serve(settleProposalCall, {
  async run(context, { id, accept }) {
    const { tx, actor, now } = context;
    const row = await findProposal(tx, actor.shopId, id);
    if (!row) throw notFound('That proposal');
    if (row.settledAt) throw conflict('Somebody settled this already.');
    const { variantId, locationId, qty, reason } = row;
    const cause = row.cause as Cause;
    if (accept) {
      await releaseExpired(tx, now, [variantId]);
      await move(tx, { variantId, locationId, cause, qty, reason, actorId: actor.id });
    }
    await settleProposalRow(tx, id, { settledAt: now, settledBy: actor.id, accepted: accept });
    await note(context, accept ? `confirm ${cause}` : `leave ${cause}`, 'variant', variantId, { qty });
    return ledgerOf(tx, actor, variantId);
  },
});

/** Proposals that wait for an owner, oldest first; of one size or of the whole shop. */
export async function openProposals(
  db: Reader,
  { shopId }: Actor,
  zone: string,
  variantId?: string,
): Promise<ProposalView[]> {
  const rows = await proposalsOpen(db, shopId, variantId);
  return rows.map(({ row, title, size, location: at, by }) => ({
    id: row.id,
    variantId: row.variantId,
    title,
    size: sizeWords(size),
    location: at,
    cause: row.cause as Cause,
    qty: row.qty,
    reason: row.reason,
    by: by ?? 'somebody',
    day: dayIn(zone, row.createdAt),
  }));
}

export const stockLedger = serve(stockLedgerCall, {
  async run({ tx, actor, now }, { variantId }) {
    await mustBeOurs(tx, actor, variantId);
    await releaseExpired(tx, now, [variantId]);
    return ledgerOf(tx, actor, variantId);
  },
});

async function move(tx: Writer, movement: Movement): Promise<void> {
  try {
    await moveStock(tx, movement);
  } catch (error) {
    if (error instanceof NothingThere)
      throw conflict(`There are ${error.there} at ${error.place}, not ${error.wanted}.`);
    throw error;
  }
}

/** Balances and movements of a size, with the shelf after each as they were booked. */
async function ledgerOf(db: Reader, actor: Actor, variantId: string): Promise<LedgerView> {
  const { zone } = await shopOf(db, actor.shopId);
  const balances = await balancesOf(db, variantId);
  const rows = await movementsOf(db, variantId);
  const shelves = new Map<string, number>();
  const oldestFirst = [...rows].reverse().map(({ movement, ...row }) => {
    const before = shelves.get(movement.locationId) ?? 0;
    const change = movement.toPlace === 'shelf' ? 1 : movement.fromPlace === 'shelf' ? -1 : 0;
    const shelfAfter = before + change * movement.qty;
    shelves.set(movement.locationId, shelfAfter);
    return {
      id: movement.id,
      day: dayIn(zone, movement.at),
      qty: movement.qty,
      from: movement.fromPlace as Place,
      to: movement.toPlace as Place,
      cause: movement.cause as Cause,
      reason: movement.reason ?? '',
      by: row.by ?? 'the app',
      location: row.location,
      box: row.box ? { id: row.box.id, number: row.box.number } : undefined,
      shelfAfter,
    };
  });
  const proposals = await openProposals(db, actor, zone, variantId);
  return { variantId, balances, proposals, movements: oldestFirst.reverse() };
}
