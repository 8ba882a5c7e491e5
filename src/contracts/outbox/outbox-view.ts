import type { OutboxKind } from '@core/shop';

/** A letter the shop would have posted by e-mail; its text is opened by itself. */
export interface LetterOutView {
  readonly id: string;
  readonly kind: OutboxKind;
  readonly toName: string;
  readonly toAddress: string;
  readonly subject: string;
  readonly day: string;
  /** `to send` with a link that still works, `sent` by hand, or `over`: used, stopped or too old. */
  readonly state: 'to send' | 'sent' | 'over';
}

export interface OutboxView {
  readonly letters: readonly LetterOutView[];
}
