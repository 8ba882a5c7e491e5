import type { Ask } from '../reading';
import { isSister, isTwin } from '../closet';
import { asFit, type FitVerdict, type SizeChoice } from '../fit';
import type { Profile } from '../client';
import type { Occasion } from '../occasion';
import { type Piece, takesPart, wear } from '../piece';
import { codeWord } from '../rules/formality/code-word';
import { answerTo, AVOIDED, LIKED, nearestTo } from './ask';
import { historyOf } from './history';
import type { DecidedPiece } from '../learn';
import { hasWord } from '../words';
import type { Takers } from './parts';
import type { Said } from './reasons';

/** What a candidate is weighed by. `looks` is counted later and orders only when the stylist asks for it. */
export const CRITERIA = [
  'fit',
  'ask',
  'price',
  'colour',
  'mood',
  'twin',
  'occasions',
  'history',
  'depth',
  'interest',
] as const;
export type Criterion = (typeof CRITERIA)[number];

export const CRITERION_WORDS: Readonly<Record<Criterion, string>> = {
  fit: 'Fit in the nearest size',
  ask: 'Answers the ask',
  price: 'Price against what is left',
  colour: 'Colour card',
  mood: 'Mood words',
  twin: 'Twin, sister or part of something owned',
  occasions: 'Occasions it serves',
  history: 'What was kept and returned before',
  depth: 'Depth of stock',
  interest: 'The shop’s own interest: age and margin',
};

/** Points a criterion may give or take, by default. Working values of the trade, no source. */
export const USUAL_PULL_WEIGHTS: Readonly<Record<Criterion, number>> = {
  fit: 40,
  ask: 34,
  price: 20,
  colour: 14,
  mood: 6,
  twin: 18,
  occasions: 10,
  history: 10,
  depth: 4,
  interest: 10,
};

/** How a shop ranks: its own weights, and whether its own interest counts at all. */
export interface PullSettings {
  readonly weights?: { readonly [criterion in Criterion]?: number | undefined } | undefined;
  readonly ownInterest?: boolean | undefined;
}

export interface PullSetting extends Takers {
  readonly client: Profile;
  readonly ask?: Ask | undefined;
  readonly leftMinor?: number | undefined;
  /** Ids of owned pieces the client loves. */
  readonly loved?: readonly string[] | undefined;
  readonly occasions?: readonly Occasion[] | undefined;
  /** What the client decided about before, newest first. */
  readonly past?: readonly DecidedPiece[] | undefined;
  readonly settings?: PullSettings | undefined;
}

/** What is known of a garment beyond the piece. */
export interface GarmentFacts {
  readonly label?: string | undefined;
  readonly costMinor?: number | undefined;
  /** Days since it came in. */
  readonly ageDays?: number | undefined;
}

/** One thing said for or against a candidate; `part` is so much of the criterion's weight, −1..1 but for a never. */
export type Remark = Said & { readonly criterion: Criterion; readonly part: number };

type Judge = (
  piece: Piece,
  choice: SizeChoice,
  setting: PullSetting,
  facts: GarmentFacts,
) => readonly (Said & { readonly part: number })[];

const FIT_PART: Readonly<Record<FitVerdict, number>> = {
  right: 1,
  roomy: 0.6,
  close: 0.55,
  'too big': -0.4,
  'too small': -0.5,
};

const only = <S extends Said>(holds: boolean, part: number, said: S): (S & { part: number })[] =>
  holds ? [{ ...said, part }] : [];

/** Days on the shelf from which a garment is old stock, and those at which it weighs full. */
const AGE = { from: 60, full: 240 } as const;
/** Share of the price that is margin, from none to much. */
const MARGIN = { from: 0.4, full: 0.7 } as const;
const ramp = (value: number, { from, full }: { from: number; full: number }): number =>
  Math.min(1, Math.max(0, (value - from) / (full - from)));

export const JUDGES: Readonly<Record<Criterion, Judge>> = {
  fit: (_piece, choice) => [{ part: FIT_PART[choice.verdict], code: 'fit', params: { fit: asFit(choice) } }],
  ask: (piece, _choice, { ask }) => (ask ? answerTo(piece, ask) : []),
  price: ({ priceMinor }, _choice, { leftMinor }) => {
    if (leftMinor === undefined || priceMinor === undefined) return [];
    if (priceMinor > leftMinor) return [{ part: -1, code: 'over-budget' }];
    const share = leftMinor > 0 ? priceMinor / leftMinor : 1;
    return [{ part: 0.4, code: share < 0.34 ? 'well-within-budget' : 'within-budget' }];
  },
  colour: (piece, _choice, { client: { colourCard } }) => [
    ...only(colourCard.like.length > 0 && nearestTo(piece, colourCard.like) < LIKED, 0.7, {
      code: 'liked-colour',
    }),
    ...only(nearestTo(piece, colourCard.avoid) < AVOIDED, -1, { code: 'avoided-colour' }),
    ...only(nearestTo(piece, colourCard.never) < AVOIDED, -3, { code: 'never-colour' }),
  ],
  mood: (piece, _choice, { client }) => {
    const mood = piece.moods.find((word) => hasWord(client.moods, word));
    return mood ? [{ part: 1, code: 'mood', params: { mood } }] : [];
  },
  twin: (piece, _choice, { owned, loved = [] }) => {
    const takes = owned.find((own) => takesPart(own, piece));
    if (takes) return [{ part: 1, code: 'fastens', params: { title: takes.title } }];
    const twin = owned.find((own) => isTwin(piece, own));
    if (twin) return [{ part: -1, code: 'twin', params: { title: twin.title } }];
    const sister = owned.find((own) => loved.includes(own.id) && isSister(piece, own));
    return sister ? [{ part: 0.5, code: 'sister', params: { title: sister.title } }] : [];
  },
  occasions: (piece, _choice, { occasions = [] }) => {
    if (occasions.length === 0) return [];
    const served = occasions.filter((occasion) => mayServe(piece, occasion));
    if (served.length === 0) return [{ part: -0.5, code: 'wrong-formality' }];
    const [first] = served;
    const part = served.length / occasions.length;
    return served.length === 1 && first
      ? [{ part, code: 'occasion', params: { title: first.title } }]
      : [{ part, code: 'occasions', params: { count: served.length } }];
  },
  history: (piece, choice, { past = [] }, facts) => historyOf(piece, choice, past, facts),
  depth: (_piece, { offer }) =>
    offer.free === 1
      ? [{ part: -0.5, code: 'last-one' }]
      : only(offer.free >= 3, 0.5, { code: 'depth', params: { count: offer.free } }),
  interest: ({ priceMinor = 0 }, _choice, { settings }, { costMinor, ageDays = 0 }) => {
    if (!settings?.ownInterest) return [];
    const margin = costMinor === undefined || priceMinor <= 0 ? 0 : (priceMinor - costMinor) / priceMinor;
    const old = ramp(ageDays, AGE);
    const earns = ramp(margin, MARGIN);
    const part = old / 2 + earns / 2;
    if (part <= 0) return [];
    const params = { days: old > 0 ? ageDays : undefined, margin: earns > 0 ? margin : undefined };
    return [{ part, code: 'interest', params }];
  },
};
/** A piece this far from an occasion's formality serves it in no look. */
const FORMALITY_REACH = 1.5;

/** What a word of a code rules out alone, whatever it is worn with. */
function isBanned(piece: Piece, ban: string): boolean {
  const code = codeWord(ban);
  if (code.about === 'colour') return code.has(piece.colours[0]?.hex ?? '#000000');
  return code.about === 'pieces' && code.has(wear(piece));
}

/** True when nothing of an occasion speaks against a piece: its formality, its hour, what is banned by name. */
export function mayServe(piece: Piece, { formality: [lo, hi], time, bans }: Occasion): boolean {
  return (
    piece.formality >= lo - FORMALITY_REACH &&
    piece.formality <= hi + FORMALITY_REACH &&
    !(piece.hour === 'evening' && time === 'day') &&
    !bans.some((ban) => isBanned(piece, ban))
  );
}
