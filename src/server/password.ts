import { zxcvbn, zxcvbnOptions } from '@zxcvbn-ts/core';
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common';

let known = false;

/** The lists of common words are ranked when the first password is asked about: a start does not wait for them. */
function learnWords(): void {
  if (!known) zxcvbnOptions.setOptions({ dictionary, graphs: adjacencyGraphs });
  known = true;
}

export const SHORTEST_PASSWORD = 12;
/** 0 is among the first tried, 4 is not found by trying. */
const LEAST_SCORE = 2;

/**
 * Why a password cannot be taken, in words; undefined when it can. Common ones are refused by a list of them and of what
 * people make of them; `about` are words nobody should use for theirs: their name, their shop.
 */
export function passwordFault(password: string, about: readonly string[]): string | undefined {
  if (password.length < SHORTEST_PASSWORD) return `at least ${SHORTEST_PASSWORD} characters`;
  learnWords();
  const parts = about.map((each) =>
    each
      .toLowerCase()
      .split(/[^\p{L}\d]+/u)
      .filter(Boolean),
  );
  // Each word, and any that stand together: "heronroom" of "The Heron Room".
  const words = parts.flatMap((own) =>
    own.flatMap((_, from) => own.slice(from).map((_word, more) => own.slice(from, from + more + 1).join(''))),
  );
  return zxcvbn(password.slice(0, 100), words).score < LEAST_SCORE
    ? 'this is among the passwords tried first: choose another, four words that do not belong together for example'
    : undefined;
}
