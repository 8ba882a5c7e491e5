/** A word without what people type differently: its capitals and the spaces round it. */
export const plainWord = (word: string): string => word.trim().toLowerCase();

/** Words that people type freely, a mood or a name, are the same whatever their capitals and the spaces round them. */
export const isSameWord = (one: string, other: string): boolean =>
  one === other || plainWord(one) === plainWord(other);

/** Whether a word is among these, however it was typed. */
export const hasWord = (words: readonly string[], word: string): boolean =>
  words.some((each) => isSameWord(each, word));
