import { memo, memoByText } from '../memo';
import { isOrdinary } from '../words';
import { AROUND, declaredIn, wordsOf } from './read';
import { type Substance, SUBSTANCES } from './table';

/** Shorter words are too like one another. */
const LEAST_LETTERS = 4;

/** Names of one word, as they are read. */
const namesOf = memo(
  (substances: readonly Substance[]): ReadonlySet<string> =>
    new Set(
      substances
        .flatMap(({ names, mayBe = [] }) => [...names, ...mayBe])
        .map(wordsOf)
        .flatMap((words) => (words.length === 1 && (words[0]?.length ?? 0) >= LEAST_LETTERS ? words : [])),
    ),
);

/** Two words one slip of a finger apart: a letter too many, one too few, another one, or two that changed places. */
export function isOneSlip(one: string, other: string): boolean {
  const [short, long] = one.length <= other.length ? [one, other] : [other, one];
  if (long.length - short.length > 1 || one === other) return false;
  let at = 0;
  while (at < short.length && short[at] === long[at]) at++;
  if (long.length > short.length) return short.slice(at) === long.slice(at + 1);
  const isSwapped = short[at] === long[at + 1] && short[at + 1] === long[at];
  return (
    short.slice(at + 1) === long.slice(at + 1) || (isSwapped && short.slice(at + 2) === long.slice(at + 2))
  );
}

/** Words of somebody who has none: "none that I know of", "n/a". */
const NOTHING = new Set(
  'no none nothing nil na n nope not that know known unknown keine aucune nessuna ninguna any of a i'.split(
    ' ',
  ),
);

function nearest(word: string): string | undefined {
  if (isOrdinary(word)) return undefined;
  return nearestSubstance(word);
}

/** The name of a substance that any word at all is one slip away from. */
export function nearestSubstance(word: string): string | undefined {
  if (word.length < LEAST_LETTERS || AROUND.has(word) || NOTHING.has(word)) return undefined;
  const near = [...namesOf(SUBSTANCES)].filter((name) => isOneSlip(name, word));
  return near.find((name) => name[0] === word[0]) ?? near[0];
}

/**
 * An allergy as it was meant: "nickle" is nickel, "woll" is wool. What is known stays as it was written; for what nobody knows,
 * and is like nothing known, a label is looked through by its letters alone. Empty for somebody who wrote that there is none.
 */
export const allergenOf = memoByText((declared: string): string => {
  const words = wordsOf(declared);
  if (words.every((word) => NOTHING.has(word) || AROUND.has(word))) return '';
  if (declaredIn(declared).length > 0) return declared;
  return words.map((word) => nearest(word) ?? word).join(' ');
});

/** True for what the table knows, as it was written or as it was meant. */
export const isKnownAllergen = (declared: string): boolean => declaredIn(allergenOf(declared)).length > 0;

/** What somebody declared, each with what is meant by it; without what only says that there is nothing. */
export const allergensOf = (
  allergies: readonly string[],
): { readonly declared: string; readonly meant: string }[] =>
  allergies.flatMap((declared) => {
    const meant = allergenOf(declared);
    return meant === '' ? [] : [{ declared, meant }];
  });
