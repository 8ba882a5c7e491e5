import { whyNotCall } from '@contracts/pull/why-not';
import { pullListCall } from '@contracts/pull/pull-list';
import { lab, type Lab } from '@core/colour';
import { type GuardFinding, guardPiece, isRefused } from '@core/guard';
import { asFit, fitOf, inSize, wearable } from '@core/fit';
import type { Piece } from '@core/piece';
import {
  fastensToNothing,
  isAsColoured,
  isOtherRail,
  otherRail,
  rankPull,
  type Ranked,
  type RankSetting,
  refusedByAsk,
  type WhyLeftOut,
} from '@core/pull';
import { kindsWanted } from '@core/reading';
import type { Parsed } from '@contracts/calls';
import type { PullAnswer } from '@contracts/pull/pull-list';
import type { LeftOut, PullRow } from '@contracts/pull/pull-row';
import type { WhyNotAnswer } from '@contracts/pull/why-not';
import { findAsk } from '@data/box/asks';
import { linesOf } from '@data/box/lines';
import { placesByVariant, type PullWish, soldOut, titlesOf } from '@data/stock/garments';
import { releaseExpired } from '@data/stock/holds';
import type { Context } from '../context';
import { chancesFor } from '../ledger/chance';
import { serve } from '../use-case';
import { candidatesFor, rankSetting } from './candidates';
import { boxOf } from './lines';

const MOST_ROWS = 60;
/** Other sizes of a candidate that may be held in its place. */
const OTHER_SIZES = 6;
const MOST_LEFT_OUT = 40;

export const pullList = serve(pullListCall, {
  async run(context, input): Promise<PullAnswer> {
    const { clientId, setting, wish, inBox, notToSend } = await askedFor(context, input);
    const candidates = await candidatesFor(context.tx, wish, context.now);
    const ranked = rankPull(
      candidates.filter(({ piece }) => !inBox.has(piece.id)),
      setting,
    );
    const { ask } = setting;
    // What an ask rules out is never offered in answer to it; nor, unasked, what hangs on a rail that is not shopped.
    const asked = ranked.map((each) => ({ each, why: notWantedBy(each.candidate.piece, setting) }));
    const wanted = asked.flatMap(({ each, why }) => (why === undefined ? [each] : []));
    const shown = wanted.filter((each) => !input.fitsOnly || fits(each));
    const refusals = new Map(shown.map((each) => [each, refusalOf(each, setting, notToSend)]));
    const isOut = (each: Ranked): boolean => refusals.get(each) !== undefined;
    // What she may not wear stands last, and says why.
    const first = [...shown.filter((each) => !isOut(each)), ...shown.filter(isOut)].slice(0, MOST_ROWS);
    const places = await placesByVariant(
      context.tx,
      first.map(({ choice }) => choice.offer.variantId),
    );
    const chanceOf = await chancesFor(context.tx, context.actor.shopId, clientId);
    const rows = first.map((each) => ({
      ...rowOf(each, setting, places, guardRanked(each, setting, notToSend)),
      chance: chanceOf?.({
        piece: each.candidate.piece,
        label: each.candidate.label,
        verdict: each.choice.verdict,
        asked: setting.ask !== undefined,
      }),
    }));
    // Of everything there is, nobody asks what is gone.
    const isNarrow = wish.categories?.length !== 0 || input.search !== '';
    const gone = (isNarrow ? await soldOut(context.tx, wish) : []).map(({ title }) => ({
      title,
      why: SOLD_OUT,
    }));
    const unfit = input.fitsOnly ? wanted.filter((each) => !fits(each)).map(unfitOf) : [];
    const notWanted = asked.flatMap(({ each, why }) =>
      why === undefined ? [] : [{ title: each.candidate.piece.title, why }],
    );
    const sizeGone = shown.flatMap(({ candidate, choice }) =>
      choice.instead
        ? [
            {
              title: candidate.piece.title,
              why: {
                code: 'size-gone' as const,
                params: { ...choice.instead, shown: choice.size },
              },
            },
          ]
        : [],
    );
    const ruledOut = shown
      .filter((each) => isOut(each) && !first.includes(each))
      .flatMap((each) => {
        const refusal = refusals.get(each);
        return refusal
          ? [
              {
                title: each.candidate.piece.title,
                why: { code: 'ruled-out' as const, params: { finding: refusal } },
              },
            ]
          : [];
      });
    const named = ask?.colours ?? [];
    return {
      rows,
      noneIn:
        rows.length > 0 && ask && !rows.some(({ piece }) => isAsColoured(piece, ask))
          ? named.map(({ name }) => name)
          : [],
      leftOut: [...ruledOut, ...notWanted, ...gone, ...unfit, ...sizeGone].slice(0, MOST_LEFT_OUT),
    };
  },
});

/** Why a garment is not wanted, whatever speaks for it: the ask rules it out, or it hangs on a rail that is not shopped. */
function notWantedBy(piece: Piece, setting: RankSetting): WhyLeftOut | undefined {
  const { ask, client } = setting;
  const refused = ask && refusedByAsk(piece, ask);
  if (refused) return refused;
  if (fastensToNothing(piece, setting)) return { code: 'nothing-to-fasten' };
  return !ask?.department && isOtherRail(piece, client.department) ? otherRail(piece) : undefined;
}

const SOLD_OUT: WhyLeftOut = { code: 'sold-out' };
const fits = ({ choice }: Ranked): boolean => wearable(choice);
const unfitOf = ({ candidate, choice }: Ranked): LeftOut => ({
  title: candidate.piece.title,
  why: { code: 'unfit', params: { fit: asFit(choice) } },
});

/** What stands between a candidate, in the size chosen for it, and the client. */
const guardRanked = (
  { candidate, choice }: Ranked,
  { client, owned }: RankSetting,
  notToSend: string,
): readonly GuardFinding[] =>
  guardPiece(inSize(candidate.piece, choice.offer), { client, looks: [], closet: owned, notToSend });

/**
 * What nobody can pass hangs on cloth, kind and colour, which are the same in every size: asked of the garment as it is
 * kept in memory, it costs little for all candidates; the rest is asked for the rows that are shown.
 */
const refusalOf = (
  { candidate }: Ranked,
  { client, owned }: RankSetting,
  notToSend: string,
): GuardFinding | undefined =>
  guardPiece(candidate.piece, { client, looks: [], closet: owned, notToSend }).find(isRefused);

/** What a list is asked for: how it is ranked, what is looked for, and what is in the box already. */
async function askedFor(
  { tx, actor, now }: Context,
  input: Pick<Parsed<'pull-list'>, 'boxId' | 'askId' | 'categories' | 'search' | 'mostMinor'>,
): Promise<{
  clientId: string;
  setting: RankSetting;
  wish: PullWish;
  inBox: ReadonlySet<string>;
  notToSend: string;
}> {
  const row = await boxOf(tx, actor.shopId, input.boxId);
  await releaseExpired(tx, now);
  const lines = await linesOf(tx, row.id);
  const ask = input.askId ? (await findAsk(tx, row.id, input.askId))?.ask : undefined;
  const setting = { ...(await rankSetting(tx, actor, row, lines)), ask };
  return {
    clientId: row.clientId,
    setting,
    notToSend: row.notToSend,
    wish: {
      shopId: actor.shopId,
      search: input.search,
      mostMinor: input.mostMinor,
      categories: input.categories.length > 0 ? input.categories : ask ? kindsWanted(ask) : [],
      near: wishedColour(ask?.colours?.[0]?.hex, setting.client.colourCard.like),
    },
    inBox: new Set(lines.map(({ garment }) => garment.id)),
  };
}

function rowOf(
  { candidate, choice, points, reasons, doubt }: Ranked,
  { body, small }: RankSetting,
  places: Awaited<ReturnType<typeof placesByVariant>>,
  guard: readonly GuardFinding[],
): PullRow {
  const { piece, sizes, offset, label = '' } = candidate;
  const { offer } = choice;
  const sized = inSize(piece, offer);
  const at = places.get(offer.variantId) ?? [];
  return {
    garmentId: piece.id,
    variantId: offer.variantId,
    label,
    piece: sized,
    size: offer.size,
    free: offer.free,
    fit: asFit(choice),
    fitPoints: choice.points ?? [],
    guard,
    points,
    reasons,
    doubt,
    otherSizes: sizes
      .filter(({ variantId, free }) => free > 0 && variantId !== offer.variantId)
      .slice(0, OTHER_SIZES)
      .map((other) => {
        return {
          variantId: other.variantId,
          size: other.size,
          free: other.free,
          fit: asFit(fitOf(piece, other, body, offset, small)),
        };
      }),
    places: at.length > 1 ? at : [],
  };
}

/** The colour that was asked for, or the first of those the client likes. */
const wishedColour = (asked: string | undefined, liked: readonly string[]): Lab | undefined => {
  const hex = asked ?? liked[0];
  return hex === undefined ? undefined : lab(hex);
};

/** Why garments of a name are not in the list: each filter of it is asked in turn. */
export const whyNot = serve(whyNotCall, {
  async run(context, input): Promise<WhyNotAnswer> {
    const { tx, now } = context;
    const { setting, wish, inBox } = await askedFor(context, input);
    const named = { shopId: wish.shopId, search: input.search };
    const candidates = await candidatesFor(tx, named, now);
    const ranked = rankPull(candidates, setting);
    const gone = await soldOut(tx, named);
    const archived = await titlesOf(tx, { ...named, archived: true });
    const found: LeftOut[] = [
      ...ranked.map((each) => ({
        title: each.candidate.piece.title,
        why: reasonFor(each, setting, wish, inBox, input),
      })),
      ...gone.map(({ title }) => ({ title, why: SOLD_OUT })),
      ...archived.map(({ title }) => ({ title, why: { code: 'archived' as const } })),
    ];
    return { found: found.slice(0, MOST_LEFT_OUT) };
  },
});

function reasonFor(
  each: Ranked,
  setting: RankSetting,
  { categories = [], mostMinor = null }: PullWish,
  inBox: ReadonlySet<string>,
  { fitsOnly }: { readonly fitsOnly: boolean },
): WhyLeftOut {
  const { piece } = each.candidate;
  if (inBox.has(piece.id)) return { code: 'in-box' };
  const notAsked = notWantedBy(piece, setting);
  if (notAsked) return notAsked;
  const finding = guardRanked(each, setting, '').find(isRefused);
  if (finding) return { code: 'ruled-out', params: { finding } };
  if (categories.length > 0 && !categories.includes(piece.category)) return { code: 'other-kind' };
  if (mostMinor !== null && (piece.priceMinor ?? 0) > mostMinor) return { code: 'over-price' };
  if (fitsOnly && !fits(each)) return { code: 'unfit-hidden', params: { fit: asFit(each.choice) } };
  return each.doubt ? { code: 'doubted', params: { doubt: each.doubt } } : { code: 'further' };
}
