import { lineSwapsCall } from '@contracts/pull/line-swaps';
import { alternativesTo, objectionsTo, rankPull, type Ranked } from '@core/pull';
import { asFit, inSize, wearable } from '@core/fit';
import type { Piece } from '@core/piece';
import { lab } from '@core/colour';
import type { LineSwaps, SwapsAnswer, SwapView } from '@contracts/pull/line-swaps';
import { linesOf } from '@data/box/lines';
import { placesByVariant } from '@data/stock/garments';
import { releaseExpired } from '@data/stock/holds';
import { serve } from '../use-case';
import { candidatesFor, effectsInBox, rankSetting } from './candidates';
import type { BoxRecord } from '@data/box/boxes';
import type { Context } from '../context';
import { boxOf, pieceOfLine } from './lines';

/** What is on the shelf, in the size that was chosen. */
const shelfOf = ({
  candidate,
  choice,
}: {
  readonly candidate: Pick<Ranked['candidate'], 'piece'>;
  readonly choice: Ranked['choice'];
}): SwapView => ({
  variantId: choice.offer.variantId,
  piece: inSize(candidate.piece, choice.offer),
  size: choice.size,
  fit: asFit(choice),
});

/** Pieces nothing is held against, told of each line's kind at most. */
const SAFE_MOST = 30;

/** What could take the place of the lines of a box: cheaper, safer, another colour, from another place. */
export const lineSwaps = serve(lineSwapsCall, {
  async run(context, { boxId, lineId }): Promise<SwapsAnswer> {
    const { tx, actor, now } = context;
    const row = await boxOf(tx, actor.shopId, boxId);
    await releaseExpired(tx, now);
    const all = await linesOf(tx, boxId);
    const setting = await rankSetting(tx, actor, row, all);
    const wanted = all.filter(({ line }) => lineId === undefined || line.id === lineId);
    const inBox = new Set(all.map(({ garment }) => garment.id));
    const places = await placesByVariant(
      tx,
      wanted.map(({ line }) => line.variantId),
    );
    const safe = new Map<string, Piece>();
    const lines: LineSwaps[] = [];
    for (const record of wanted) {
      const { garment: own, line } = record;
      const main = lab(own.colours[0]?.hex ?? '#808080');
      // Nearest to it in colour first: what is nearly the same is among those.
      const near = await candidatesFor(
        tx,
        { shopId: actor.shopId, categories: [own.category], near: main },
        now,
      );
      const there = rankPull(
        near.filter(({ piece }) => !inBox.has(piece.id)),
        setting,
      )
        .filter(({ choice }) => wearable(choice))
        .map(shelfOf);
      there
        .filter(({ piece }) => objectionsTo(piece, setting.client).length === 0)
        .slice(0, SAFE_MOST)
        .forEach(({ piece }) => safe.set(piece.id, piece));
      const { cheaper, safer, colours } = alternativesTo(
        { piece: pieceOfLine(record) },
        there,
        setting.client,
      );
      lines.push({
        lineId: line.id,
        cheaper,
        safer,
        colours,
        effects: lineId === undefined ? undefined : await effectsOf(context, row, line.variantId),
        places: (places.get(line.variantId) ?? []).filter(({ locationId }) => locationId !== line.locationId),
      });
    }
    return { lines, stock: [...safe.values()] };
  },
});

/** The sizes for each way a line may be meant to sit. */
async function effectsOf(context: Context, row: BoxRecord, variantId: string): Promise<LineSwaps['effects']> {
  const found = await effectsInBox(context, row, variantId);
  if (!found) return undefined;
  const { piece, sizes, isTied } = found;
  const views = Object.entries(sizes).flatMap(([effect, choice]) =>
    choice ? [[effect, shelfOf({ candidate: { piece }, choice })] as const] : [],
  );
  return { isTied, sizes: Object.fromEntries(views) };
}
