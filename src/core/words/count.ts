const COUNTED = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'] as const;

/** A small number as a word, a larger one in digits: "three", "12". */
export const countWord = (count: number): string => COUNTED[count] ?? String(count);
