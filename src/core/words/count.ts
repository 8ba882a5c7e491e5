const COUNTED = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'] as const;

/** A small number as a word, a larger one in digits: "three", "12". */
export const countWord = (count: number): string => COUNTED[count] ?? String(count);

/** A number with its noun: "1 piece", "2 pieces"; `more` where the noun does not only take an s. */
export const counted = (count: number, one: string, more = `${one}s`): string =>
  `${count} ${count === 1 ? one : more}`;
