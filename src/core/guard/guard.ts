import { bodyOf, coverOn } from '../figure';
import type { Profile } from '../client';
import { CATEGORY, type CategoryFacts, type Piece, wear, type Zone, ZONES } from '../piece';
import type { Measured } from '../rules';
import { thresholdsOf } from '../rules/rule';
import { AT_THE_FACE, onCard, ownColours } from '../rules/colour/c9-own-colours';
import { limitsMet } from '../rules/cover/k4-limits';
import { neversMet } from '../rules/cover/nevers';
import { coverWanted } from '../rules/cover/wanted';
import { allergensOf, contentOf } from '../substances';

/**
 * What stands between a piece and a client, whether or not a look holds it. An allergy and a never nobody can pass; a
 * limit, a question of content and bare zones are asked about by name, and the answer is kept.
 */
const REFUSED = ['allergy', 'never', 'never-colour'] as const;
const ASKED = [
  'may-contain',
  'content',
  'may-be-never',
  'not-to-send',
  'heel',
  'open-toe',
  'fibre',
  'metal',
  'bag',
  'care',
  'care-unknown',
  'cover',
] as const;
export const GUARD_CODES = [...REFUSED, ...ASKED] as const;
export type GuardCode = (typeof GUARD_CODES)[number];

/** One thing that stands between a piece and a client: data, put into words by `guardWords`. */
export interface GuardFinding {
  readonly code: GuardCode;
  /** Ties an answer to what was asked: the substance, the limit with what the piece has, the zones. */
  readonly about: string;
  /** The words of the client it meets: "latex", "wool". */
  readonly declared?: string | undefined;
  /** As the label says it. */
  readonly named?: string | undefined;
  readonly measured?: Measured | undefined;
  readonly zones?: readonly Zone[] | undefined;
}

export const isRefused = ({ code }: Pick<GuardFinding, 'code'>): boolean =>
  (REFUSED as readonly string[]).includes(code);

/** For whom a line is judged, and what else she has to wear it with. */
export interface GuardGround {
  readonly client: Profile;
  /** Pieces of each look that holds the line. */
  readonly looks: readonly (readonly Piece[])[];
  readonly closet: readonly Piece[];
  /** What the brief of this box says not to send, in its own words. */
  readonly notToSend?: string | undefined;
}

/** Zones of the body that pieces of a shape could cover. */
const UPPER: readonly Zone[] = ['neck', 'shoulders', 'upper-arms', 'lower-arms', 'chest', 'midriff', 'back'];
const LOWER: readonly Zone[] = ['seat', 'thighs', 'knees', 'calves'];
const COULD_COVER: Partial<Record<CategoryFacts['shape'], readonly Zone[]>> = {
  upper: UPPER,
  lower: LOWER,
  whole: [...UPPER, ...LOWER],
};

/** Zones a piece of its kind may cover and this client wants covered, less those it does on her. */
export function baredBy(piece: Piece, client: Pick<Profile, 'cover' | 'nevers' | 'measures'>): Zone[] {
  const cover = coverWanted(client);
  if (cover.length === 0) return [];
  const own = COULD_COVER[CATEGORY[piece.category].shape] ?? [];
  const wanted = ZONES.filter((zone) => own.includes(zone) && cover.includes(zone));
  if (wanted.length === 0) return [];
  const covered = coverOn(wear(piece), bodyOf(client.measures));
  return wanted.filter((zone) => !covered.has(zone));
}

/** Everything that stands between a piece and a client, what refuses first. Empty when nothing does. */
export function guardPiece(
  piece: Piece,
  { client, looks, closet, notToSend = '' }: GuardGround,
): GuardFinding[] {
  const worn = wear(piece);
  const found: GuardFinding[] = allergensOf(client.allergies).flatMap(
    ({ declared, meant }): GuardFinding[] => {
      const content = contentOf(piece, meant);
      switch (content.says) {
        case 'holds':
          return [{ code: 'allergy', about: declared, declared, named: content.named }];
        case 'may':
          return [
            { code: 'may-contain', about: `${declared}: ${content.named}`, declared, named: content.named },
          ];
        case 'unknown':
          return [{ code: 'content', about: declared, declared }];
        case 'clear':
          return [];
      }
    },
  );
  for (const { word, says, named } of neversMet(worn, client.nevers))
    found.push({ code: says === 'holds' ? 'never' : 'may-be-never', about: word, declared: word, named });
  const said = found.map(({ declared }) => declared?.toLowerCase());
  for (const { word, says, named } of neversMet(worn, phrasesOf(notToSend)))
    if (says === 'holds' && !said.includes(word))
      found.push({ code: 'not-to-send', about: word, declared: word, named });
  const never = (AT_THE_FACE as readonly string[]).includes(worn.slot)
    ? onCard(
        worn,
        client.colourCard.never,
        thresholdsOf(ownColours, undefined) as { near: number; share: number },
      )
    : undefined;
  if (never !== undefined) found.push({ code: 'never-colour', about: never, declared: never });
  for (const { limit, about, declared, named, measured } of limitsMet(worn, client.limits))
    found.push({ code: limit, about, declared, named, measured });
  const bare = baredBy(piece, client);
  if (bare.length > 0 && !isCovered(bare, client, looks, closet))
    found.push({ code: 'cover', about: bare.join(' '), zones: bare });
  return found.sort((a, b) => Number(isRefused(b)) - Number(isRefused(a)));
}

/** "Nickel; nothing in beige, and no wool." as what is meant: nickel, beige, wool. */
const phrasesOf = (words: string): string[] =>
  words
    .toLowerCase()
    .split(/[.;,\n]|\band\b/)
    .map((phrase) => phrase.trim().replace(/^(?:(?:no|not|nothing|never|anything|in|of|made)\s+)+/, ''))
    .filter(Boolean);

/** True when a look with the piece covers what it leaves bare, or one piece of the closet would. */
function isCovered(
  bare: readonly Zone[],
  { measures }: Profile,
  looks: readonly (readonly Piece[])[],
  closet: readonly Piece[],
): boolean {
  const body = bodyOf(measures);
  const covers = (pieces: readonly Piece[]): boolean => {
    const zones = new Set(pieces.flatMap((piece) => [...coverOn(wear(piece), body)]));
    return bare.every((zone) => zones.has(zone));
  };
  return looks.some(covers) || closet.some((piece) => covers([piece]));
}

/** What was answered of a line. */
export interface Passed {
  readonly code: GuardCode;
  readonly about: string;
}

/** What is still to be answered of a piece, or can never be. */
export const unanswered = (
  found: readonly GuardFinding[],
  passed: readonly Passed[],
): readonly GuardFinding[] =>
  found.filter(
    (each) =>
      isRefused(each) || !passed.some(({ code, about }) => code === each.code && about === each.about),
  );
