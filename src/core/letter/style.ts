export const TONES = ['crisp', 'warm', 'chatty'] as const;
export type Tone = (typeof TONES)[number];
export const LETTER_LENGTHS = ['short', 'full'] as const;
export const PICTURES = ['figure', 'flat'] as const;

/** How a letter is drafted and shown. */
export interface LetterStyle {
  readonly tone: Tone;
  /** Short: why, fit, one way to wear it, what concerns safety and care; full: all that is known. */
  readonly length: (typeof LETTER_LENGTHS)[number];
  /** Looks on the client's figure, or their pieces laid out flat. */
  readonly pictures: (typeof PICTURES)[number];
}

export const USUAL_STYLE: LetterStyle = { tone: 'warm', length: 'full', pictures: 'figure' };

/** What a shop says in its letters in its own words; empty: the house's. */
export interface LetterVoice {
  readonly style: LetterStyle;
  /** Under the letter: who signs it, on as many lines as are wanted. */
  readonly signature: string;
  /** Sentences of its own, to be laid into any letter. */
  readonly phrases: readonly string[];
}

export const USUAL_VOICE: LetterVoice = { style: USUAL_STYLE, signature: '', phrases: [] };
