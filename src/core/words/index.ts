/** "Close at the hip": a sentence begins with a capital. */
export const capital = (text: string): string => (text[0]?.toUpperCase() ?? '') + text.slice(1);

/** "a, b and c"; empty for nothing. */
export const listed = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words[words.length - 1]}`;
