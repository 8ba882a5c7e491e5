import { holdPlannedCall } from '@contracts/plan/hold-planned';
import { type PlanCandidates, planCandidatesCall } from '@contracts/plan/plan-candidates';
import { broughtTo, isOpen } from '@core/box';
import { asFit, inSize, wearable } from '@core/fit';
import { guardPiece, isRefused } from '@core/guard';
import type { Piece } from '@core/piece';
import { answersAsk, isOtherRail, rankPull } from '@core/pull';
import { asksOf } from '@data/box/asks';
import { changeBox } from '@data/box/boxes';
import { linesOf } from '@data/box/lines';
import { releaseExpired } from '@data/stock/holds';
import { lockStock } from '@data/stock/ledger';
import { shelfWith } from '@data/stock/sizes';
import { note } from '../audit';
import type { Context } from '../context';
import { conflict } from '../problem';
import { chancesFor } from '../ledger/chance';
import { serve } from '../use-case';
import { dressedBox } from './box-view';
import { candidatesFor, rankSetting } from './candidates';
import { takeLine, variantOf } from './hold-line';
import { boxOf, pieceOfLine } from './lines';

/** Candidates a plan is made of at most, the ones that suit best; what answers an ask is among them all the same. */
const MOST_PLANNED = 120;

/** What may be planned into a box: on the shelf, in a size that fits, not in it yet, and nothing she may not wear. */
async function plannable({ tx, actor, now }: Context, boxId: string): Promise<PlanCandidates> {
  const row = await boxOf(tx, actor.shopId, boxId);
  await releaseExpired(tx, now);
  const lines = await linesOf(tx, boxId);
  const inBox = new Set(lines.map(({ garment }) => garment.id));
  const setting = await rankSetting(tx, actor, row, lines);
  const { client, owned } = setting;
  const candidates = await candidatesFor(tx, { shopId: actor.shopId }, now);
  const asks = await asksOf(tx, boxId);
  const chanceOf = await chancesFor(tx, actor.shopId, row.clientId);
  const isAsked = (piece: Piece): boolean => asks.some(({ ask }) => answersAsk(piece, ask));
  const shelf = rankPull(
    candidates.filter(({ piece }) => !inBox.has(piece.id)),
    setting,
  )
    .filter(({ choice, candidate: { piece } }) => wearable(choice) && !isOtherRail(piece, client.department))
    .filter(
      ({ candidate: { piece } }) =>
        !guardPiece(piece, { client, looks: [], closet: owned, notToSend: row.notToSend }).some(isRefused),
    )
    .slice(0, MOST_PLANNED)
    .map(({ candidate, choice }) => ({
      variantId: choice.offer.variantId,
      piece: { ...inSize(candidate.piece, choice.offer), id: choice.offer.variantId },
      size: choice.size,
      priceMinor: candidate.piece.priceMinor ?? 0,
      free: choice.offer.free,
      fit: asFit(choice),
      keep: chanceOf?.({
        piece: candidate.piece,
        label: candidate.label,
        verdict: choice.verdict,
        asked: isAsked(candidate.piece),
      }).chance,
    }));
  const held = lines.flatMap((record): [string, number][] => {
    const piece = pieceOfLine(record);
    const { label } = record.garment;
    // Nobody looked how it sits: as good as any.
    const verdict = record.line.fit?.verdict ?? 'right';
    const chance = chanceOf?.({ piece, label, verdict, asked: isAsked(piece) }).chance;
    return chance === undefined ? [] : [[piece.id, chance]];
  });
  return { candidates: shelf, held: Object.fromEntries(held) };
}

export const planCandidates = serve(planCandidatesCall, {
  run: (context, { boxId }) => plannable(context, boxId),
});

export const holdPlanned = serve(holdPlannedCall, {
  async run(context, { boxId, pieces }) {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId, true);
    if (!isOpen(row.state))
      throw conflict('This box is packed: take a step back before changing what is in it.');
    const wanted = pieces.map(({ variantId }) => variantId);
    await releaseExpired(tx, now, wanted);
    // All of them at once and in one order: two plans over one shelf cannot wait for each other.
    await lockStock(tx, wanted);
    const missed: { variantId: string; title: string; size: string }[] = [];
    const held: string[] = [];
    for (const { variantId, askId } of pieces) {
      const { garment, variant } = await variantOf(tx, actor.shopId, variantId);
      if (!(await shelfWith(tx, variantId))) {
        missed.push({ variantId, title: garment.title, size: variant.size });
        continue;
      }
      held.push((await takeLine(context, row, { variantId, askId })).lineId);
    }
    if (held.length > 0) await changeBox(tx, boxId, { state: broughtTo(row.state, 'pulling') });
    await note(context, 'hold a plan', 'box', boxId, { lines: held, missed: missed.length });
    return { view: await dressedBox(tx, actor, boxId, now), missed };
  },
});
