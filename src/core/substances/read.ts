import { memo, memoByText } from '../memo';
import { type Substance, SUBSTANCES } from './table';

/** What a text says of a substance: it holds it, it may hold it, or it says nothing of it (or that it is free of it). */
export type Says = 'holds' | 'may' | 'no';

interface Token {
  readonly word: string;
  /** What stands before it: a comma, a list word's place, or a plain space. */
  readonly after: ',' | ' ';
}

/** Words of a text, small, without accents or apostrophes, plurals made single; "nickel-free" is two. */
function tokensOf(text: string): Token[] {
  const plain = text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/['’`´]/g, '')
    .toLowerCase();
  const found: Token[] = [];
  let at = 0;
  for (const match of plain.matchAll(/\d+(?:[.,]\d+)?|[\p{L}]+/gu)) {
    const between = plain.slice(at, match.index);
    found.push({ word: single(match[0]), after: /[,;/+()|]|\.\s/.test(between) ? ',' : ' ' });
    at = match.index + match[0].length;
  }
  return found;
}

const KEPT = new Set(['glass', 'brass', 'fibres', 'lens', 'suis']);
/** "feathers" is "feather", "hides" is "hide"; short words and doubled endings stay. */
const single = (word: string): string =>
  word.length > 3 && word.endsWith('s') && !word.endsWith('ss') && !KEPT.has(word) ? word.slice(0, -1) : word;

interface Name {
  readonly words: readonly string[];
  readonly says: Says;
}

/** The words of a text, as names are met by them. */
export const wordsOf = (text: string): string[] => tokensOf(text).map(({ word }) => word);

/** Names of a substance, the longest first, so that "artificial silk" is met before "silk". */
const namesOf = memo(({ names, mayBe = [], never = [] }: Substance): readonly Name[] =>
  [
    ...names.map((text): Name => ({ words: wordsOf(text), says: 'holds' })),
    ...mayBe.map((text): Name => ({ words: wordsOf(text), says: 'may' })),
    ...never.map((text): Name => ({ words: wordsOf(text), says: 'no' })),
  ].sort((a, b) => b.words.length - a.words.length || RANK[b.says] - RANK[a.says]),
);
const RANK: Readonly<Record<Says, number>> = { holds: 2, may: 1, no: 0 };

/** What stands before a list says that none of it is there: "without nickel, lead and cadmium". */
const NONE_OF = new Set(['no', 'not', 'non', 'without', 'zero', 'sans']);
/** What stands before a name says that it is another thing: "faux leather". */
const NOT_REAL = new Set([
  'imitation',
  'faux',
  'fake',
  'mock',
  'artificial',
  'synthetic',
  'simulated',
  'vegan',
  'ersatz',
]);
/** Words that may stand between: "free of any added nickel", "instead of leather". */
const BETWEEN = new Set([
  'any',
  'added',
  'real',
  'genuine',
  'true',
  'pure',
  'trace',
  'of',
  'from',
  'contain',
  'containing',
]);
/** What stands after a name says that it is another thing: "leather look", "silk-like". */
const LOOK_OF = new Set([
  'look',
  'looking',
  'like',
  'effect',
  'alternative',
  'substitute',
  'imitation',
  'feel',
  'touch',
  'replacement',
  'inspired',
  'replica',
]);
const JOINS = new Set(['and', 'or', 'nor', 'und', 'et']);
/** Before a name: it is likely, not certain. */
const UNSURE = new Set(['may', 'might', 'trace', 'possibly', 'unknown']);
/** So many words back a name may be made unsure: "may contain traces of latex". */
const UNSURE_REACH = 4;

const isNumber = (word: string): boolean => /^\d/.test(word);

/** Items of a list from a place on: where each begins; a list of one when no "and" or "or" closes it. */
function listFrom(tokens: readonly Token[], from: number): readonly number[] {
  const starts = [from];
  let closed = 1;
  for (let i = from + 1; i < tokens.length; i++) {
    const { word, after } = tokens[i] as Token;
    if (isNumber(word)) break;
    if (JOINS.has(word)) {
      starts.push(i + 1);
      closed = starts.length;
    } else if (after === ',') starts.push(i);
  }
  return starts.slice(0, closed);
}

/** Where names begin that are not there, or not the real thing, by what stands before them. */
function deniedFrom(tokens: readonly Token[]): ReadonlySet<number> {
  const denied = new Set<number>();
  tokens.forEach(({ word }, i) => {
    const freeOf =
      (word === 'free' || word === 'instead') && ['of', 'from'].includes(tokens[i + 1]?.word ?? '');
    if (!freeOf && !NONE_OF.has(word) && !NOT_REAL.has(word)) return;
    let first = i + 1;
    while (BETWEEN.has(tokens[first]?.word ?? '')) first++;
    if (NOT_REAL.has(word)) denied.add(first);
    else for (const start of listFrom(tokens, first)) denied.add(start);
  });
  return denied;
}

/** Where names end that are not there, or not the real thing, by what stands after them. */
function deniedUpTo(tokens: readonly Token[]): ReadonlySet<number> {
  const denied = new Set<number>();
  tokens.forEach(({ word, after }, i) => {
    if (after === ' ' && LOOK_OF.has(word)) denied.add(i);
    if (word !== 'free' || ['of', 'from'].includes(tokens[i + 1]?.word ?? '')) return;
    denied.add(i);
    // "nickel and cobalt free", "nickel, lead and cadmium free": back to the start of the list, if an "and" closes it.
    let joined = false;
    for (let k = i - 1; k > 0; k--) {
      const { word: each, after: gap } = tokens[k] as Token;
      if (isNumber(each)) break;
      if (JOINS.has(each)) {
        joined = true;
        denied.add(k);
      } else if (joined && gap === ',') denied.add(k);
    }
  });
  return denied;
}

/** True when a name stands at this place of the text. */
const meetsAt = (tokens: readonly Token[], at: number, words: readonly string[]): boolean =>
  words.every((word, i) => tokens[at + i]?.word === word && (i === 0 || tokens[at + i]?.after === ' '));

/** "merinowool" and "cowleather" hold what they end in; "woollook" does not. */
const GROWN =
  /^(?:merino|lamb|sheep|virgin|extrafine|superfine|organic|recycled|goose|duck|cow|calf|pig)(\p{L}{4,})$/u;

/** A number before a name is its share; nought is none of it. */
function isNought(tokens: readonly Token[], at: number): boolean {
  const before = tokens[at - 1]?.word ?? '';
  return isNumber(before) && Number(before.replace(',', '.')) === 0;
}

/** The strongest a text says of a substance. Words are looked for whole, names of several words together. */
const saysOf = (substance: Substance, text: string): Says => saysInTokens(substance, tokensOf(text));

function saysInTokens(substance: Substance, tokens: readonly Token[]): Says {
  const names = namesOf(substance);
  const [from, upTo] = [deniedFrom(tokens), deniedUpTo(tokens)];
  let strongest: Says = 'no';
  for (let at = 0; at < tokens.length;) {
    // Names that stand in a row are one: "faux nappa leather" denies both.
    let end = at;
    let said: Says = 'no';
    for (;;) {
      const found = nameAt(names, tokens, end);
      if (!found || (end > at && tokens[end]?.after === ',')) break;
      if (RANK[found.says] > RANK[said]) said = found.says;
      end += found.length;
    }
    if (end === at) {
      at += 1;
      continue;
    }
    const [before, after] = [from.has(at), upTo.has(end)];
    // "not nickel-free" is no promise.
    if (before && after) said = 'may';
    else if (before || after || isNought(tokens, at)) said = 'no';
    else if (said === 'holds' && isUnsure(tokens, at)) said = 'may';
    if (RANK[said] > RANK[strongest]) strongest = said;
    at = end;
  }
  return strongest;
}

const isUnsure = (tokens: readonly Token[], at: number): boolean => {
  for (let i = at - 1; i >= Math.max(0, at - UNSURE_REACH); i--) {
    if (tokens[i + 1]?.after === ',') return false;
    if (UNSURE.has(tokens[i]?.word ?? '')) return true;
  }
  return false;
};

function nameAt(
  names: readonly Name[],
  tokens: readonly Token[],
  at: number,
): { readonly says: Says; readonly length: number } | undefined {
  const found = names.find(({ words }) => meetsAt(tokens, at, words));
  if (found) return { says: found.says, length: found.words.length };
  const grown = grownName(tokens[at]?.word ?? '', names);
  return grown && { says: grown.says, length: 1 };
}

const grownName = (word: string, names: readonly Name[]): Name | undefined => {
  const rest = GROWN.exec(word)?.[1];
  return rest === undefined ? undefined : names.find(({ words }) => words.length === 1 && words[0] === rest);
};

function namedIn(said: string, as: Says): readonly Substance[] {
  const tokens = tokensOf(said);
  return SUBSTANCES.filter((substance) =>
    namesOf(substance).some(
      ({ words, says }) =>
        says === as && tokens.some((_, at) => meetsAt(tokens, at, words) && !isOther(substance, tokens, at)),
    ),
  );
}

/** Substances words name: "sheep's wool", "nickel (earrings)". */
export const substancesIn = memoByText((said: string): readonly Substance[] => namedIn(said, 'holds'));

/**
 * Substances a person means who declares something: those that are named, and of what only may hold one ("rubber", "costume
 * jewellery") what it may hold.
 */
export const declaredIn = memoByText((said: string): readonly Substance[] => {
  const named = substancesIn(said);
  return named.length > 0 ? named : namedIn(said, 'may');
});

/** "artificial silk" is declared: silk itself is not meant. */
const isOther = (substance: Substance, tokens: readonly Token[], at: number): boolean =>
  namesOf(substance).some(
    ({ words, says }) =>
      says === 'no' &&
      words.length > 1 &&
      [at, at - 1, at - 2].some((from) => from >= 0 && meetsAt(tokens, from, words)),
  );

/** What a text says of what somebody declared in their own words. Unknown substances are looked for by their words. */
export function meets(declared: string, text: string): Says {
  const known = declaredIn(declared);
  const meant = known.length > 0 ? narrowest(known, declared) : [asSaid(declared)];
  return meant
    .map((substance) => saysOf(substance, text))
    .reduce<Says>((strongest, says) => (RANK[says] > RANK[strongest] ? says : strongest), 'no');
}

/** Of "nickel silver" nickel is meant before copper; of "cashmere" cashmere, not every animal hair and not wool. */
function narrowest(known: readonly Substance[], declared: string): readonly Substance[] {
  const words = wordsOf(declared).join(' ');
  const own = known.filter(({ id }) => new RegExp(`\\b${wordsOf(id).join(' ')}\\b`).test(words));
  if (own.length > 0) return own;
  const plain = known.filter(({ id }) => !WIDE.has(id));
  return plain.length > 0 ? plain : known;
}

/** Classes: somebody who names one of their kind means that one. */
const WIDE = new Set(['animal hair', 'fur', 'synthetic fibres']);

/** Words that say that somebody reacts, not to what. */
export const AROUND: ReadonlySet<string> = new Set([
  'allergy',
  'allergic',
  'allergie',
  'allergen',
  'to',
  'the',
  'a',
  'i',
  'my',
  'reaction',
  'sensitive',
  'intolerant',
  'contact',
  'dermatitis',
  'anything',
  'with',
  'in',
  'of',
  'all',
  'any',
]);

const asSaid = memoByText((declared: string): Substance => {
  const words = wordsOf(declared).filter((word) => !AROUND.has(word));
  return {
    id: declared,
    kind: 'finish',
    names: words.length > 0 ? [words.join(' ')] : [],
    source: 'Declared.',
  };
});
