import { closeBoxCall } from '@contracts/tally/close-box';
import { checkInLineCall } from '@contracts/tally/check-in-line';
import { decideLineCall } from '@contracts/tally/decide-line';
import { keepAllCall } from '@contracts/tally/keep-all';
import type { Parsed } from '@contracts/calls';
import { comesBack, type Decider, type Decision, isClosed, mayMove, mayTally } from '@core/box';
import { saysSize } from '@core/learn';
import { type BoxRecord, changeBox } from '@data/box/boxes';
import { alterationsOf, changeLine, type LineRecord, linesOf } from '@data/box/lines';
import { addPayment } from '@data/box/payments';
import { addReceipt } from '@data/box/receipts';
import { addOwned } from '@data/client/closet';
import { moveStock } from '@data/stock/ledger';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, invalid, Refusal, stale } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { serve } from '../use-case';
import { boxView } from './box-view';
import { boxOf, inLockOrder, lineOf, mayReturn, pieceOfLine, waitsForParcel } from './lines';
import { termsOf, totalOf } from './money';
import { viewFor } from './pack-view';
import { factsOf } from './move-box';
import { takeExchangeBack } from './exchange';

async function tallied(context: Context, boxId: string): Promise<BoxRecord> {
  const row = await boxOf(context.tx, context.actor.shopId, boxId, true);
  if (isClosed(row.state))
    throw conflict('This box is closed; what comes back later is a return of its own.');
  if (!mayTally(row.state)) throw conflict('This box has not gone out yet.');
  // A version for every decision: whoever closes has seen the sum that is charged.
  await changeBox(context.tx, boxId, { state: 'tallying' });
  return row;
}

/** What somebody says of a piece that was sent. */
interface Said extends Pick<
  Parsed<'decide-line'>,
  'boxId' | 'lineId' | 'decision' | 'reason' | 'fitPoint' | 'note'
> {
  readonly by: Decider;
  /** What stood there when it was said; somebody else may have decided meanwhile. */
  readonly was?: Decision | undefined;
}

/** Stores a decision of one line, whoever says it. @throws Refusal 409 for what is settled already */
export async function decide(context: Context, said: Said): Promise<void> {
  await tallied(context, said.boxId);
  await store(context, said);
}

/** The same for a box that is being tallied already. */
async function store(
  context: Context,
  { boxId, lineId, decision, reason, fitPoint, note: words, by, was }: Said,
): Promise<void> {
  const { tx } = context;
  const line = await lineOf(tx, boxId, lineId);
  if (was !== undefined && line.decision !== was)
    throw conflict('The shop noted something else of this piece meanwhile; it is shown now.');
  if (decision === 'return') {
    const jobs = await alterationsOf(tx, [lineId]);
    if (!mayReturn(jobs)) throw conflict('This piece was altered for this client and stays with them.');
  }
  if (waitsForParcel({ line })) throw conflict('This one has not been sent yet.');
  if (line.checkedInAt && decision !== 'return')
    throw conflict('This piece has been checked in already; it came back.');
  if (line.decision === 'exchange') await takeExchangeBack(context, line);
  await changeLine(tx, lineId, {
    decision,
    decidedBy: decision === 'undecided' ? null : by,
    reason: decision === 'return' ? reason : null,
    fitPoint: decision === 'return' && reason && saysSize(reason) ? fitPoint : null,
    note: words,
  });
  await note(context, `decide ${decision}`, 'box_line', lineId, { boxId, reason, by });
}

export const decideLine = serve(decideLineCall, {
  async run(context, said) {
    await decide(context, { ...said, by: 'shop' });
    return boxView(context.tx, context.actor, said.boxId, context.now);
  },
});

/** Every piece that is still to be decided is kept. */
export async function keepRest(context: Context, boxId: string, by: Decider): Promise<void> {
  await tallied(context, boxId);
  for (const record of await linesOf(context.tx, boxId)) {
    const { line } = record;
    if (line.decision === 'undecided' && !waitsForParcel(record))
      await store(context, {
        boxId,
        lineId: line.id,
        decision: 'keep',
        reason: null,
        fitPoint: null,
        note: line.note,
        by,
      });
  }
}

export const keepAll = serve(keepAllCall, {
  async run(context, { boxId }) {
    await keepRest(context, boxId, 'shop');
    return boxView(context.tx, context.actor, boxId, context.now);
  },
});

export const checkInLine = serve(checkInLineCall, {
  async run(context, { boxId, lineId }) {
    const { tx, actor, now } = context;
    await tallied(context, boxId);
    const line = await lineOf(tx, boxId, lineId);
    if (line.checkedInAt) throw conflict('This piece has been checked in already.');
    if (!comesBack(line.decision))
      throw invalid([{ path: 'decision', message: 'only a returned or exchanged piece is checked in' }]);
    const unit = {
      variantId: line.variantId,
      locationId: line.locationId,
      qty: 1,
      boxLineId: lineId,
      actorId: actor.id,
    };
    await moveStock(tx, { ...unit, cause: 'come-back' });
    await moveStock(tx, { ...unit, cause: 'check-in' });
    await changeLine(tx, lineId, { checkedInAt: now });
    await note(context, 'check in', 'box_line', lineId, { boxId });
    return viewFor(tx, actor, boxId, now);
  },
});

export const closeBox = serve(closeBoxCall, {
  async run(context, { boxId, version, notesNext, way }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (row.version !== version)
      throw stale([{ path: 'lines', message: 'a decision was changed; the sum may be another one' }]);
    const lines = await linesOf(tx, boxId);
    const allowed = mayMove(row.state, 'closed', factsOf(row, lines));
    if (!allowed.ok) throw new Refusal(409, allowed.faults[0]?.message ?? 'Not yet.', allowed.faults);
    const shop = await shopOf(tx, actor.shopId);
    const total = totalOf(lines, await termsOf(tx, row, shop, dayIn(shop.zone, now)), shop);
    for (const record of inLockOrder(lines)) {
      if (record.line.decision !== 'keep') continue;
      await keep(context, row, record);
      const sums = total.lines.find((each) => each.id === record.line.id);
      await changeLine(tx, record.line.id, {
        netMinor: sums?.netMinor ?? 0,
        taxMinor: sums?.taxMinor ?? 0,
      });
    }
    if (total.dueMinor > 0)
      await addPayment(tx, {
        boxId,
        kind: 'charge',
        way,
        amountMinor: total.dueMinor,
        at: now,
        actorId: actor.id,
      });
    await addReceipt(tx, {
      shopId: actor.shopId,
      boxId,
      amountMinor: Math.max(0, total.dueMinor),
      at: now,
    });
    await changeBox(tx, boxId, { state: 'closed', total, closedAt: now, notesNext });
    await note(context, 'close', 'box', boxId, { netMinor: total.netMinor, dueMinor: total.dueMinor });
    return boxView(tx, actor, boxId, now);
  },
});

/** A kept piece is sold, and joins the closet as it is in this size, altered. */
async function keep({ tx, actor, now }: Context, row: BoxRecord, record: LineRecord): Promise<void> {
  const { line, garment, variant } = record;
  await moveStock(tx, {
    variantId: line.variantId,
    locationId: line.locationId,
    qty: 1,
    cause: 'keep',
    boxLineId: line.id,
    actorId: actor.id,
  });
  const asAltered = pieceOfLine(record).measures;
  const measured = Object.entries(variant.measures).flatMap(([name, value]) =>
    value ? [[name, { ...value, mm: asAltered[name as keyof typeof asAltered] ?? value.mm }] as const] : [],
  );
  await addOwned(tx, [
    {
      clientId: row.clientId,
      title: garment.title,
      category: garment.category,
      formality: garment.formality,
      colours: garment.colours,
      attributes: {
        ...garment.attributes,
        styleId: garment.styleId,
        ...(garment.setId ? { set: garment.setId } : {}),
        measures: {
          ...garment.attributes.measures,
          ...Object.fromEntries(measured.map(([name, value]) => [name, value.mm])),
        },
      },
      origins: Object.fromEntries(measured.map(([name, value]) => [name, value.origin])),
      boxLineId: line.id,
      createdAt: now,
    },
  ]);
}
