/** What the shop writes to somebody by e-mail. */
export const OUTBOX_KINDS = ['invite', 'reset', 'own brief', 'box page', 'reminder'] as const;
export type OutboxKind = (typeof OUTBOX_KINDS)[number];
