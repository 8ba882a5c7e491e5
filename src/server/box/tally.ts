import { checkInLineCall, scanBackCall } from '@contracts/tally/check-in-line';
import { decideLineCall } from '@contracts/tally/decide-line';
import { keepAllCall } from '@contracts/tally/keep-all';
import type { Parsed } from '@contracts/calls';
import { type BackTo, comesBack, type Decider, type Decision, isClosed, mayTally } from '@core/box';
import { saysSize } from '@core/learn';
import { type BoxRecord, changeBox } from '@data/box/boxes';
import { alterationsOf, changeLine, type LineRecord, linesOf } from '@data/box/lines';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, invalid } from '../problem';
import { variantOfCode } from '../stock/find-code';
import { serve } from '../use-case';
import { boxView } from './box-view';
import { takeExchangeBack } from './exchange';
import { boxOf, lineOf, mayReturn, waitsForParcel } from './lines';
import { viewFor } from './pack-view';
import { putAway } from './put-away';

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

/** Puts a piece that came back where it goes next. @throws Refusal for one that is here already, or is no return */
async function checkIn(
  context: Context,
  boxId: string,
  line: LineRecord['line'],
  backTo: BackTo,
): Promise<void> {
  const { tx, actor, now } = context;
  if (line.checkedInAt) throw conflict('This piece has been checked in already.');
  if (!comesBack(line.decision))
    throw invalid([{ path: 'decision', message: 'only a returned or exchanged piece is checked in' }]);
  // Writing off is proposed by whoever packs, and an owner's to confirm: until then it hangs with the mending.
  if (backTo === 'written-off' && actor.role === 'packer')
    throw conflict('A stylist or an owner writes off. Put it with the mending, and say so.');
  await putAway(tx, actor, line, 'come-back', backTo);
  await changeLine(tx, line.id, { checkedInAt: now });
  await note(context, 'check in', 'box_line', line.id, { boxId, backTo });
}

export const checkInLine = serve(checkInLineCall, {
  async run(context, { boxId, lineId, backTo }) {
    await tallied(context, boxId);
    await checkIn(context, boxId, await lineOf(context.tx, boxId, lineId), backTo);
    return viewFor(context.tx, context.actor, boxId, context.now);
  },
});

export const scanBack = serve(scanBackCall, {
  async run(context, { boxId, code, backTo }) {
    const { tx, actor, now } = context;
    await tallied(context, boxId);
    const { variant, garment } = await variantOfCode(tx, actor.shopId, code);
    const own = (await linesOf(tx, boxId)).filter(
      (record) => record.line.variantId === variant.id && !waitsForParcel(record),
    );
    const open = own.filter(({ line }) => !line.checkedInAt);
    const found =
      open.find(({ line }) => comesBack(line.decision)) ??
      open.find(({ line }) => line.decision === 'undecided') ??
      open[0] ??
      own[0];
    const title = garment.title;
    if (!found) throw conflict(`${title}, size ${variant.size}, did not go out with this box.`);
    if (found.line.decision === 'keep')
      throw conflict(`${title} is marked as kept. Ask the stylist before you put it away.`);
    const wasUndecided = found.line.decision === 'undecided';
    if (wasUndecided)
      await store(context, {
        boxId,
        lineId: found.line.id,
        decision: 'return',
        reason: null,
        fitPoint: null,
        note: found.line.note,
        by: 'shop',
      });
    await checkIn(context, boxId, await lineOf(tx, boxId, found.line.id), backTo);
    return { view: await viewFor(tx, actor, boxId, now), title, size: variant.size, wasUndecided };
  },
});
