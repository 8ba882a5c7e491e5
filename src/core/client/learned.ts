/** What an earlier box taught of a client: a note left for the next one, or a piece that came back. */
export type Learned =
  | { readonly kind: 'noted'; readonly text: string }
  | {
      readonly kind: 'came back';
      readonly title: string;
      readonly reason?: string | undefined;
      readonly note: string;
    };

/** The same in words: "Quarry blazer came back: too short (sleeves)". */
export const learnedWords = (learned: Learned): string =>
  learned.kind === 'noted'
    ? learned.text
    : `${learned.title} came back: ${learned.reason ?? 'no reason given'}${learned.note ? ` (${learned.note})` : ''}`;
