import { isTwin } from '../closet';
import { colourName, deltaEHex } from '../colour';
import { type Ask, needsNoIron } from '../box';
import { type Body } from '../figure';
import { fitWords, type FitVerdict, shoeFit, type SizeFit, sizeFit } from '../fit';
import type { Profile } from '../look';
import { CATEGORY, type MeasureOrigins, type Measures, type Piece } from '../piece';

export interface SizeOffer {
  readonly variantId: string;
  readonly size: string;
  readonly measures: Measures;
  readonly origins: MeasureOrigins;
  /** Units on the shelf now. */
  readonly free: number;
}

export interface Candidate {
  readonly piece: Piece;
  readonly sizes: readonly SizeOffer[];
}

export interface Ranked {
  readonly piece: Piece;
  readonly size: SizeOffer;
  readonly verdict: FitVerdict;
  readonly fit: string;
  /** 0..100, the sum of what speaks for it; higher first. */
  readonly points: number;
  readonly reasons: readonly string[];
  readonly doubt?: string | undefined;
}

const FIT_POINTS: Readonly<Record<FitVerdict, number>> = {
  right: 40,
  close: 24,
  roomy: 26,
  'too small': 0,
  'too big': 4,
};

/** The size of a garment that fits best among those on the shelf; undefined when all are gone. */
export function bestSize(
  piece: Piece,
  sizes: readonly SizeOffer[],
  body: Body,
): { size: SizeOffer; verdict: FitVerdict; fit: string } | undefined {
  const offers = sizes.filter((size) => size.free > 0).map((size) => ({ size, ...fitOf(piece, size, body) }));
  return offers.sort(
    (a, b) => FIT_POINTS[b.verdict] - FIT_POINTS[a.verdict] || Math.abs(a.off) - Math.abs(b.off),
  )[0];
}

/** Fit of one size of a garment on a body, in a word and a line. */
export function fitOf(
  piece: Piece,
  size: SizeOffer,
  body: Body,
): { verdict: FitVerdict; fit: string; off: number } {
  if (CATEGORY[piece.category].shape === 'shoe') {
    const number = Number(size.size);
    if (!Number.isFinite(number)) return { verdict: 'right', fit: 'Fit not measured', off: 0 };
    const verdict = shoeFit(number, body.footLength);
    return {
      verdict,
      fit: `Size ${size.size} on a foot of ${Math.round(body.footLength)} mm: ${verdict}`,
      off: number,
    };
  }
  const found: SizeFit = sizeFit(piece, size.measures, size.origins, body);
  const middle = found.decides ? (found.decides.wantedMm[0] + found.decides.wantedMm[1]) / 2 : 0;
  return {
    verdict: found.verdict,
    fit: fitWords(found),
    off: found.decides ? found.decides.easeMm - middle : 0,
  };
}

export interface PullSetting {
  readonly body: Body;
  readonly client: Profile;
  readonly ask?: Ask | undefined;
  readonly leftMinor?: number | undefined;
  readonly owned: readonly Piece[];
}

/** Ranks candidates for an ask with reasons; sold-out and refused pieces are left out by the caller. */
export function rankPull(candidates: readonly Candidate[], setting: PullSetting): Ranked[] {
  return candidates
    .flatMap((candidate) => {
      const best = bestSize(candidate.piece, candidate.sizes, setting.body);
      return best ? [rank(candidate.piece, best, setting)] : [];
    })
    .sort((a, b) => b.points - a.points || (a.piece.title < b.piece.title ? -1 : 1));
}

function rank(
  piece: Piece,
  best: { size: SizeOffer; verdict: FitVerdict; fit: string },
  setting: PullSetting,
): Ranked {
  const { client, ask, leftMinor, owned } = setting;
  const reasons: string[] = [best.fit];
  const doubts: string[] = [];
  let points = FIT_POINTS[best.verdict];
  if (best.verdict === 'too small' || best.verdict === 'too big') doubts.push(best.fit);
  if (ask) {
    if (ask.categories.includes(piece.category)) points += 16;
    if (ask.colourHex && isInColour(piece, ask.colourHex)) {
      points += 14;
      reasons.push(`In ${colourName(ask.colourHex)}, as asked`);
    }
    if (ask.washable) {
      if (piece.care === 'machine') [points, reasons[reasons.length]] = [points + 6, 'Goes in the machine'];
      else doubts.push('Cannot go in the machine');
    }
    if (ask.waterproof) {
      if (piece.facts.waterproof) [points, reasons[reasons.length]] = [points + 8, 'May get wet'];
      else doubts.push('Not made for wet');
    }
    if (ask.noIron) {
      if (needsNoIron(piece)) [points, reasons[reasons.length]] = [points + 5, 'Wants no ironing'];
      else doubts.push('Wants ironing');
    }
    if (ask.mostMinor !== undefined && (piece.priceMinor ?? 0) > ask.mostMinor) {
      points -= 12;
      doubts.push('Over what the ask may cost');
    }
  }
  if (client.colourCard.like.length > 0 && nearest(piece, client.colourCard.like) < 14) {
    points += 10;
    reasons.push('In a colour this client likes');
  }
  if (nearest(piece, client.colourCard.avoid) < 10) {
    points -= 14;
    doubts.push('In a colour this client avoids');
  }
  const mood = piece.moods.find((word) => client.moods.includes(word));
  if (mood) {
    points += 6;
    reasons.push(`${mood[0]?.toUpperCase()}${mood.slice(1)}, a mood word of theirs`);
  }
  if (leftMinor !== undefined && piece.priceMinor !== undefined) {
    if (piece.priceMinor <= leftMinor) points += 8;
    else {
      points -= 20;
      doubts.push('More than is left of the budget');
    }
  }
  const twin = owned.find((own) => isTwin(piece, own));
  if (twin) {
    points -= 18;
    doubts.push(`Nearly the same as ${twin.title}, already owned`);
  }
  if (best.size.free === 1) doubts.push('The last one in this size');
  return {
    piece,
    size: best.size,
    verdict: best.verdict,
    fit: best.fit,
    points,
    reasons: reasons.slice(0, 3),
    doubt: doubts[0],
  };
}

function nearest(piece: Piece, hexes: readonly string[]): number {
  const main = piece.colours.filter((swatch) => swatch.share >= 0.15);
  return Math.min(Infinity, ...hexes.flatMap((hex) => main.map((swatch) => deltaEHex(hex, swatch.hex))));
}

/** Within this a colour is the one that was asked for, in words: "green" takes in bottle and moss. */
const AS_ASKED = 24;

const isInColour = (piece: Piece, hex: string): boolean => nearest(piece, [hex]) < AS_ASKED;

/** True for a piece of the kind and the colour an ask names; an ask that names neither is answered by no piece. */
export const answersAsk = (piece: Piece, { categories, colourHex }: Ask): boolean =>
  (categories.length > 0 || colourHex !== undefined) &&
  (categories.length === 0 || categories.includes(piece.category)) &&
  (colourHex === undefined || isInColour(piece, colourHex));
