import { sizePhrase } from '@core/fit';
import { checkInLineCall, scanBackCall } from '@contracts/tally/check-in-line';
import { decideLineCall } from '@contracts/tally/decide-line';
import { keepAllCall } from '@contracts/tally/keep-all';
import type { Parsed } from '@contracts/calls';
import { comesBack, type Decider, type Decision, isClosed, mayTally, type ReturnEnd } from '@core/box';
import { saysSize } from '@core/learn';
import { dayInWords } from '@core/schedule';
import { type BoxRecord, changeBox } from '@data/box/boxes';
import { alterationsOf, changeLine, type LineRecord, linesOf } from '@data/box/lines';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict, invalid } from '../problem';
import { dayIn, shopOf } from '../shop/settings';
import { variantOfCode } from '../stock/find-code';
import { serve } from '../use-case';
import { talliedBox } from './box-view';
import { takeExchangeBack } from './exchange';
import { boxOf, lineOf, mayReturn, waitsForParcel } from './lines';
import { viewFor } from './pack-view';
import { moveUnit, putAway } from './put-away';

/** A box that is out, locked, and being tallied from now on. @throws Refusal 409 for one that is settled, or here still */
export async function tallied(context: Context, boxId: string): Promise<BoxRecord> {
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
  if (line.lostAt)
    throw conflict(
      by === 'client'
        ? 'The shop has noted that this piece is lost. If it turns up, please write to them.'
        : 'This piece is lost. Say first that it turned up.',
    );
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
    return talliedBox(context.tx, context.actor, said.boxId, context.now);
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
  async run(context, { boxId, silent }) {
    const { tx, actor, now } = context;
    if (silent) {
      // Only what her letter told her from the first, and no day sooner.
      const from = (await boxOf(tx, actor.shopId, boxId, true)).terms?.silentKeepFrom;
      if (!from) throw conflict('In this shop silence is no answer: ask her.');
      const shop = await shopOf(tx, actor.shopId);
      if (dayIn(shop.zone, now) < from)
        throw conflict(
          `She may still answer: anything she hasn’t answered counts as kept from ${dayInWords(from, shop)} on.`,
        );
      await note(context, 'keep by silence', 'box', boxId, { from });
    }
    await keepRest(context, boxId, 'shop');
    return talliedBox(context.tx, context.actor, boxId, context.now);
  },
});

/** Puts a piece that came back where it goes next. @throws Refusal for one that is here already, or is no return */
async function checkIn(
  context: Context,
  boxId: string,
  line: LineRecord['line'],
  backTo: ReturnEnd,
): Promise<void> {
  const { tx, actor, now } = context;
  if (line.checkedInAt) throw conflict('This piece has been checked in already.');
  const turnsUp = line.decision === 'lost' && backTo !== 'lost';
  if (!comesBack(line.decision) && !turnsUp)
    throw invalid([{ path: 'decision', message: 'only a returned or exchanged piece is checked in' }]);
  // Writing off is proposed by whoever packs, and an owner's to confirm: until then it hangs with the mending.
  if ((backTo === 'written-off' || backTo === 'lost') && actor.role === 'packer')
    throw conflict('A stylist or an owner writes off. Put it with the mending, and say so.');
  if (turnsUp) await moveUnit(tx, actor, line, 'turn-up');
  if (backTo === 'lost') await moveUnit(tx, actor, line, 'lose');
  else await putAway(tx, actor, line, 'come-back', backTo);
  await changeLine(tx, line.id, { checkedInAt: now, ...(backTo === 'lost' ? { lostAt: now } : {}) });
  await note(context, 'check in', 'box_line', line.id, { boxId, backTo });
}

export const checkInLine = serve(checkInLineCall, {
  async run(context, { boxId, lineId, backTo }) {
    await tallied(context, boxId);
    await checkIn(context, boxId, await lineOf(context.tx, boxId, lineId), backTo);
    return viewFor(context.tx, context.actor, boxId, context.now, talliedBox);
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
      open.find(({ line }) => line.decision === 'lost') ??
      open[0] ??
      own[0];
    const title = garment.title;
    if (!found) throw conflict(`${title}, ${sizePhrase(variant.size)}, did not go out with this box.`);
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
    return {
      view: await viewFor(tx, actor, boxId, now, talliedBox),
      title,
      size: variant.size,
      wasUndecided,
    };
  },
});
