/** What a client may agree to, each by itself. */
export const CONSENTS = ['measures', 'photos', 'messages'] as const;
export type ConsentAbout = (typeof CONSENTS)[number];

/** How she said so. */
export const CONSENT_WAYS = [
  'in person',
  'in writing',
  'by telephone',
  'by e-mail',
  'in their own brief',
] as const;
export type ConsentWay = (typeof CONSENT_WAYS)[number];

/** Each as it is asked across the table. */
export const CONSENT_WORDS: Readonly<Record<ConsentAbout, string>> = {
  measures: 'Measures may be kept',
  photos: 'Photos may be kept',
  messages: 'The shop may write',
};
