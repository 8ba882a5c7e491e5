import type { Body } from '../figure';
import { chooseSize, type SizeChoice, type SizeContext, type SizeOffer } from '../fit';
import type { LabelOffset } from '../fit';
import type { Piece } from '../piece';
import { schoolsFor, type Schools } from '../client';
import {
  CRITERIA,
  type GarmentFacts,
  JUDGES,
  type PullSetting,
  type Remark,
  USUAL_PULL_WEIGHTS,
} from './criteria';

export interface Candidate extends GarmentFacts {
  readonly piece: Piece;
  readonly sizes: readonly SizeOffer[];
  /** What decisions taught of its label. */
  readonly offset?: LabelOffset | undefined;
}

/** A remark with what it gave or took, of the points. */
export type Reason = Remark & { readonly points: number };

export interface Ranked {
  readonly candidate: Candidate;
  readonly choice: SizeChoice;
  /** The sum of what speaks for it less what speaks against; higher first. */
  readonly points: number;
  /** The three that speak most for it. */
  readonly reasons: readonly Reason[];
  /** The one that speaks most against it. */
  readonly doubt?: Reason | undefined;
}

export interface RankSetting extends PullSetting {
  readonly body: Body;
  readonly shopSchools: Schools;
  /** What a small bare number on a label counts by in this shop. */
  readonly small?: SizeContext['small'];
}

/** Ranks candidates with reasons; what is gone in every size is left out. */
export function rankPull(candidates: readonly Candidate[], setting: RankSetting): Ranked[] {
  const { size } = schoolsFor(setting.client, setting.shopSchools);
  return candidates
    .flatMap((candidate) => {
      const choice = chooseSize(candidate.piece, candidate.sizes, setting.body, {
        school: size,
        offset: candidate.offset,
        small: setting.small,
      });
      return choice ? [weigh(candidate, choice, setting)] : [];
    })
    .sort((a, b) => b.points - a.points || (a.candidate.piece.title < b.candidate.piece.title ? -1 : 1));
}

const REASONS_SHOWN = 3;

/** Weighs one candidate in the size chosen for it. */
function weigh(candidate: Candidate, choice: SizeChoice, setting: PullSetting): Ranked {
  const weights = setting.settings?.weights ?? {};
  const said = CRITERIA.flatMap((criterion): Reason[] => {
    const weight = weights[criterion] ?? USUAL_PULL_WEIGHTS[criterion];
    if (weight === 0 && criterion !== 'fit') return [];
    return JUDGES[criterion](candidate.piece, choice, setting, candidate).map((remark) => ({
      criterion,
      ...remark,
      points: Math.round(remark.part * weight * 10) / 10,
    }));
  });
  // How it fits is always said, and first: everything else stands on it.
  const byPoints = said
    .filter(({ part, criterion }) => part > 0 || (criterion === 'fit' && part === 0))
    .sort((a, b) => Number(b.criterion === 'fit') - Number(a.criterion === 'fit') || b.points - a.points);
  const against = said.filter(({ part }) => part < 0).sort((a, b) => a.points - b.points);
  return {
    candidate,
    choice,
    points: Math.round(said.reduce((sum, { points }) => sum + points, 0) * 10) / 10,
    reasons: byPoints.slice(0, REASONS_SHOWN),
    doubt: against[0],
  };
}
