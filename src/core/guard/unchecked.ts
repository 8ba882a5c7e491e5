import { isChecked } from '../rules/cover/nevers';
import { isCodeChecked } from '../rules/formality/code-word';
import { allergensOf, isKnownAllergen } from '../substances';
import { listed } from '../words';

const quoted = (words: readonly string[]): string => listed(words.map((word) => `“${word}”`));

/** Said of words that a stylist checks herself; undefined where there are none. */
function forYourEye(words: readonly string[]): string | undefined {
  if (words.length === 0) return undefined;
  return `Check ${quoted(words)} by eye: what is entered of a piece does not say.`;
}

/** Said beside a client's nevers where nothing that is entered of a piece can tell one; undefined where all are told. */
export const uncheckedWords = (nevers: readonly string[]): string | undefined =>
  forYourEye(nevers.filter((word) => word.trim() !== '' && !isChecked(word)));

/** The same beside what an occasion rules out or calls for. */
export const uncheckedCode = (words: readonly string[]): string | undefined =>
  forYourEye(words.filter((word) => word.trim() !== '' && !isCodeChecked(word)));

/** Said beside a client's allergies: what is taken for another word, and what a label is only looked through for by its letters. */
export function allergyWords(allergies: readonly string[]): readonly string[] {
  const all = allergensOf(allergies);
  const taken = all
    .filter(({ declared, meant }) => meant !== declared && isKnownAllergen(declared))
    .map(({ declared, meant }) => `“${declared}” is taken for ${meant}.`);
  const odd = all.filter(({ declared }) => !isKnownAllergen(declared)).map(({ declared }) => declared);
  return odd.length === 0
    ? taken
    : [
        ...taken,
        `Nobody here knows ${quoted(odd)}: labels are searched for the word alone. Ask what else it is called.`,
      ];
}
