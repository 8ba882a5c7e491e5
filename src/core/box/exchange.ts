import type { Decision } from './decision';

/** What is known of a line when exchanges are followed. */
export interface Linked {
  readonly id: string;
  /** The line it was sent, or is to be sent, in the place of. */
  readonly exchangeOf: string | null;
  readonly decision: Decision;
}

/** True for a decision by which a piece comes back to the shop. */
export const comesBack = (decision: Decision): boolean => decision === 'return' || decision === 'exchange';

/**
 * The lines money is counted for, each with what it counts as. A piece that was exchanged is counted by the one in its
 * place; while nobody has decided about that one it counts as an exchange, and so as kept.
 */
export function countedLines<L extends Linked>(lines: readonly L[]): L[] {
  const replaced = new Set(lines.flatMap(({ exchangeOf }) => exchangeOf ?? []));
  return lines
    .filter(({ id }) => !replaced.has(id))
    .map((line) =>
      line.exchangeOf !== null && line.decision === 'undecided' ? { ...line, decision: 'exchange' } : line,
    );
}
