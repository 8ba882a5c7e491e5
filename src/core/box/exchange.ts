import type { Decision, Loss } from './decision';

/** What is known of a line when exchanges are followed. */
export interface Linked {
  readonly id: string;
  /** The line it was sent, or is to be sent, in the place of. */
  readonly exchangeOf: string | null;
  readonly decision: Decision;
}

const NEVER_CAME: Loss = 'on its way to her';

/** True where every piece of a box was lost on its way to its client. */
export const nothingArrived = (
  lines: readonly { readonly decision: Decision; readonly reason: string | null }[],
): boolean =>
  lines.length > 0 && lines.every(({ decision, reason }) => decision === 'lost' && reason === NEVER_CAME);

/** True for a decision by which a piece comes back to the shop. */
export const comesBack = (decision: Decision): boolean => decision === 'return' || decision === 'exchange';

/**
 * The lines money is counted for, each with what it counts as. A piece that was exchanged is counted by the one in its
 * place; while nobody has decided about that one it counts as an exchange, and so as kept. What was lost counts for nothing:
 * who keeps all that reached her keeps all.
 */
export function countedLines<L extends Linked>(lines: readonly L[]): L[] {
  const replaced = new Set(lines.flatMap(({ exchangeOf }) => exchangeOf ?? []));
  return lines
    .filter(({ id, decision }) => !replaced.has(id) && decision !== 'lost')
    .map((line) =>
      line.exchangeOf !== null && line.decision === 'undecided' ? { ...line, decision: 'exchange' } : line,
    );
}
