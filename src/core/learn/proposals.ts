import type { Profile } from '../client';
import { colourName, deltaEHex, lab } from '../colour';
import type { FitPoint } from '../fit';
import { grouped } from '../grouped';
import type { Category, Piece } from '../piece';
import type { DecidedPiece } from './decided';
import { saysSize } from './label-offset';

export const PROPOSAL_ANSWERS = ['accepted', 'refused', 'muted'] as const;
export type ProposalAnswer = (typeof PROPOSAL_ANSWERS)[number];

/** What would change on a client's page. */
export type ProposalChange =
  | { readonly kind: 'avoid-colour' | 'like-colour'; readonly hex: string; readonly name: string }
  | { readonly kind: 'piece-budget'; readonly category: Category; readonly minor: number }
  | { readonly kind: 'no-patterns' }
  | { readonly kind: 'measure'; readonly point: FitPoint; readonly reason: string };

/** Something that decisions say of a client and her page does not, with the pieces that say so. */
export interface Proposal {
  /** The same for the same matter, however much evidence it has. */
  readonly key: string;
  readonly change: ProposalChange;
  /** The newest first. */
  readonly evidence: readonly DecidedPiece[];
}

/** What of a client's page proposals are about. */
export interface Taught {
  readonly profile: Pick<Profile, 'colourCard' | 'appetite'>;
  readonly pieceBudgetMinor: Readonly<Record<string, number>>;
}

/** Pieces that came back for one reason before it is proposed, and pieces kept in one colour. Of no source. */
const BACK_LEAST = 2;
const KEPT_LEAST = 3;
/** Colours nearer than this, ΔE, are one matter. */
const ONE_COLOUR = 12;
/** A colour with less chroma than this is worn by everybody and says nothing. */
const CHROMATIC = 14;
/** Limits of a price are set in these steps, minor units. */
const STEP_MINOR = 1000;

const mainOf = (piece: Piece): string => piece.colours[0]?.hex ?? '#808080';
const isNear = (a: string, b: string): boolean => deltaEHex(a, b) < ONE_COLOUR;
const chromaOf = (hex: string): number => Math.hypot(lab(hex).a, lab(hex).b);

/** Pieces in groups of one colour, each named by the newest of it. */
function byColour(pieces: readonly DecidedPiece[]): (readonly [hex: string, DecidedPiece[]])[] {
  const groups: [string, DecidedPiece[]][] = [];
  for (const each of pieces) {
    const own = groups.find(([hex]) => isNear(hex, mainOf(each.piece)));
    if (own) own[1].push(each);
    else groups.push([mainOf(each.piece), [each]]);
  }
  return groups;
}

/**
 * What a client's decisions, newest first, would change on her page: a colour that comes back, a colour that stays, a price that
 * is too dear, patterns, a measure to take again. What her page says already is not proposed, nor what kept pieces speak against.
 */
export function proposalsFrom(
  decided: readonly DecidedPiece[],
  { profile, pieceBudgetMinor }: Taught,
): Proposal[] {
  const kept = decided.filter(({ decision }) => decision === 'keep');
  const back = decided.filter(({ decision }) => decision === 'return');
  const because = (reason: string): DecidedPiece[] => back.filter((each) => each.reason === reason);
  const { like, avoid, never } = profile.colourCard;
  const isKnown = (hex: string): boolean => [...like, ...avoid, ...never].some((each) => isNear(each, hex));
  const avoided = byColour(because('colour'))
    .filter(([hex, own]) => own.length >= BACK_LEAST && !isKnown(hex))
    .filter(([hex]) => !kept.some(({ piece }) => isNear(mainOf(piece), hex)))
    .map(([hex, evidence]) => colourProposal('avoid-colour', hex, evidence));
  // More of it stayed than came back, for whatever reason.
  const stays = (hex: string, own: readonly DecidedPiece[]): boolean =>
    back.filter(({ piece }) => isNear(mainOf(piece), hex)).length < own.length;
  const liked = byColour(kept.filter(({ piece }) => chromaOf(mainOf(piece)) >= CHROMATIC))
    .filter(([hex, own]) => own.length >= KEPT_LEAST && stays(hex, own) && !isKnown(hex))
    .filter(([hex]) => !because('colour').some(({ piece }) => isNear(mainOf(piece), hex)))
    .map(([hex, evidence]) => colourProposal('like-colour', hex, evidence));
  return [
    ...avoided,
    ...liked,
    ...dearProposals(because('too dear'), kept, pieceBudgetMinor),
    ...patternProposals(back, kept, profile.appetite.pattern),
    ...measureProposals(back),
  ];
}

function colourProposal(
  kind: 'avoid-colour' | 'like-colour',
  hex: string,
  evidence: readonly DecidedPiece[],
): Proposal {
  const name = colourName(hex);
  return { key: `${kind} ${name}`, change: { kind, hex, name }, evidence };
}

/** The limit is what was kept dearest below what was too dear; without any, a step below the cheapest of those. */
function dearProposals(
  dear: readonly DecidedPiece[],
  kept: readonly DecidedPiece[],
  limits: Taught['pieceBudgetMinor'],
): Proposal[] {
  return [...grouped(dear, ({ piece }) => piece.category)].flatMap(([category, evidence]): Proposal[] => {
    if (evidence.length < BACK_LEAST) return [];
    const cheapest = Math.min(...evidence.map(({ priceMinor }) => priceMinor));
    const own = kept.filter(({ piece, priceMinor }) => piece.category === category && priceMinor < cheapest);
    const minor = Math.max(
      Math.floor((cheapest - 1) / STEP_MINOR) * STEP_MINOR - (own.length > 0 ? 0 : STEP_MINOR),
      ...own.map(({ priceMinor }) => priceMinor),
    );
    const limit = limits[category];
    const isDearerKept = kept.some(
      ({ piece, priceMinor }) => piece.category === category && priceMinor >= cheapest,
    );
    if (minor <= 0 || isDearerKept || (limit !== undefined && limit <= minor)) return [];
    return [{ key: `piece-budget ${category}`, change: { kind: 'piece-budget', category, minor }, evidence }];
  });
}

const PLAIN: ReadonlySet<string> = new Set(['solid', 'marl']);
/** Reasons that may mean a pattern. */
const OF_TASTE = new Set(['not my style', 'colour']);

function patternProposals(
  back: readonly DecidedPiece[],
  kept: readonly DecidedPiece[],
  appetite: Profile['appetite']['pattern'],
): Proposal[] {
  const isPatterned = ({ piece }: DecidedPiece): boolean => !PLAIN.has(piece.pattern.kind);
  const evidence = back.filter((each) => isPatterned(each) && OF_TASTE.has(each.reason ?? ''));
  if (appetite === 'none' || evidence.length < KEPT_LEAST || kept.some(isPatterned)) return [];
  return [{ key: 'no-patterns', change: { kind: 'no-patterns' }, evidence }];
}

/** One label that is small somewhere is the label's doing; several at one point are the measure's. */
function measureProposals(back: readonly DecidedPiece[]): Proposal[] {
  const ofSize = back.filter(({ reason, fitPoint }) => reason && saysSize(reason) && fitPoint);
  return [...grouped(ofSize, ({ reason, fitPoint }) => `${fitPoint}, ${reason}`)].flatMap(
    ([key, evidence]): Proposal[] => {
      const [first] = evidence;
      const labels = new Set(evidence.map(({ label }) => label));
      if (!first?.fitPoint || evidence.length < BACK_LEAST || labels.size < 2) return [];
      const change = { kind: 'measure', point: first.fitPoint, reason: first.reason ?? '' } as const;
      return [{ key: `measure ${key}`, change, evidence }];
    },
  );
}

/** A client's page with a proposal taken over. A measure is not changed by it: somebody has to take it. */
export function applied<T extends Taught>(taught: T, change: ProposalChange): T {
  const { profile, pieceBudgetMinor } = taught;
  const card = profile.colourCard;
  switch (change.kind) {
    case 'avoid-colour':
      return {
        ...taught,
        profile: { ...profile, colourCard: { ...card, avoid: [...card.avoid, change.hex] } },
      };
    case 'like-colour':
      return {
        ...taught,
        profile: { ...profile, colourCard: { ...card, like: [...card.like, change.hex] } },
      };
    case 'piece-budget':
      return { ...taught, pieceBudgetMinor: { ...pieceBudgetMinor, [change.category]: change.minor } };
    case 'no-patterns':
      return { ...taught, profile: { ...profile, appetite: { ...profile.appetite, pattern: 'none' } } };
    case 'measure':
      return taught;
  }
}
