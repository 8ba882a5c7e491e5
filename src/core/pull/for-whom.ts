import { isSister, isTwin, nextStaple } from '../closet';
import { schoolsFor, type Profile, type Schools } from '../client';
import { bodyOf } from '../figure';
import { chooseSize, type SizeChoice, type SizeContext, wearable } from '../fit';
import { guardPiece, isRefused } from '../guard';
import type { Piece } from '../piece';
import type { Ask } from '../reading';
import { coded, type CodedBy, hasWord, HOUSE_TONGUE, saidOf, spelt, type Tongue } from '../words';
import { answersAsk, AVOIDED, isOtherRail, LIKED, nearestTo } from './ask';
import type { Candidate } from './rank';

/** Why a garment is for somebody, code by code; in the order of what counts most. */
const words = coded({
  ask: ({ text }: { text: string }) => `asked for “${text}”`,
  gap: () => 'missing from the closet',
  sister: ({ title }: { title: string }) => `a sister of the loved ${title}`,
  liked: (_, tongue) => spelt('in a colour that is liked', tongue),
  mood: ({ mood }: { mood: string }) => mood,
});
export type ForWhy = CodedBy<typeof words>;
export const forWhyWords = (why: ForWhy, tongue: Tongue = HOUSE_TONGUE): string => saidOf(words, why, tongue);

/** What each reason counts. Working values of the trade, no source. */
const POINTS: Readonly<Record<ForWhy['code'], number>> = { ask: 40, gap: 20, sister: 16, liked: 8, mood: 4 };

export interface ForClient {
  readonly client: Profile;
  readonly closet: readonly Piece[];
  /** Ids of closet pieces she loves. */
  readonly loved: readonly string[];
  /** Asks nothing was pulled for yet. */
  readonly asks: readonly Ask[];
}

export interface ForHer {
  readonly choice: SizeChoice;
  readonly why: readonly ForWhy[];
  readonly points: number;
}

/** The size of what is there that fits a client, where the garment hangs on her rail at all; undefined when none does. */
export function sizeForHer(
  { piece, sizes, offset }: Candidate,
  client: Profile,
  shop: Schools,
  small?: SizeContext['small'],
): SizeChoice | undefined {
  if (isOtherRail(piece, client.department)) return undefined;
  const { size } = schoolsFor(client, shop);
  const choice = chooseSize(piece, sizes, bodyOf(client.measures), { school: size, offset, small });
  return choice && choice.offer.free > 0 && wearable(choice) ? choice : undefined;
}

/**
 * Whether a garment is for a client, and why: it fits her in a size that is there, nothing stands between it and her, she has
 * not the same already, and something speaks for it. Undefined otherwise.
 */
export function forHer(
  candidate: Candidate,
  { client, closet, loved, asks }: ForClient,
  shop: Schools,
  small?: SizeContext['small'],
): ForHer | undefined {
  const { piece } = candidate;
  if (guardPiece(piece, { client, looks: [], closet }).some(isRefused)) return undefined;
  if (closet.some((own) => isTwin(piece, own))) return undefined;
  if (nearestTo(piece, [...client.colourCard.avoid, ...client.colourCard.never]) < AVOIDED) return undefined;
  const choice = sizeForHer(candidate, client, shop, small);
  if (!choice) return undefined;
  const why: ForWhy[] = [];
  const ask = asks.find((each) => answersAsk(piece, each));
  if (ask) why.push({ code: 'ask', params: { text: ask.text } });
  const gap = nextStaple(closet);
  if (closet.length > 0 && gap?.category === piece.category) why.push({ code: 'gap' });
  const sister = closet.find((own) => loved.includes(own.id) && isSister(piece, own));
  if (sister) why.push({ code: 'sister', params: { title: sister.title } });
  if (client.colourCard.like.length > 0 && nearestTo(piece, client.colourCard.like) < LIKED)
    why.push({ code: 'liked' });
  const mood = piece.moods.find((each) => hasWord(client.moods, each));
  if (mood) why.push({ code: 'mood', params: { mood } });
  if (why.length === 0) return undefined;
  return { choice, why, points: why.reduce((sum, { code }) => sum + POINTS[code], 0) };
}
