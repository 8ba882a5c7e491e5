import type { FitPoint, LabelOffset } from '../fit';

/** One decision of a client about a piece of a label. */
export interface FitDecision {
  readonly decision: 'keep' | 'return';
  readonly reason?: string | undefined;
  /** Where it was wrong; without it the point the kind hangs by is meant. */
  readonly point?: FitPoint | undefined;
}

/** Decisions that a label is believed to need before half of what they say is believed. */
const BELIEF = 5;

const STEP: Readonly<Record<string, number>> = {
  'too small': -1,
  'too short': -1,
  'too big': 1,
  'too long': 1,
};

/** True for a reason that says something of the size: it teaches the label's offset. */
export const saysSize = (reason: string): boolean => reason in STEP;

/**
 * What decisions teach of a label and kind: a piece too small at a point is one size step down, too big one up, a kept
 * one none; the mean is shrunk by n / (n + 5), so that one angry letter moves little. Returns for other reasons teach
 * nothing of the size.
 * @param hangsBy point that is meant when nobody said where.
 */
export function labelOffset(decisions: readonly FitDecision[], hangsBy: FitPoint): LabelOffset {
  const at = new Map<FitPoint, number[]>();
  const kept = decisions.filter(({ decision }) => decision === 'keep').length;
  for (const { decision, reason, point } of decisions) {
    const step = decision === 'return' ? STEP[reason ?? ''] : undefined;
    if (step === undefined) continue;
    const where = point ?? (reason === 'too short' || reason === 'too long' ? 'length' : hangsBy);
    at.set(where, [...(at.get(where) ?? []), step]);
  }
  return Object.fromEntries(
    [...at].map(([point, steps]) => {
      // A kept piece fitted everywhere.
      const count = steps.length + kept;
      const mean = steps.reduce((sum, step) => sum + step, 0) / count;
      return [point, { steps: mean * (count / (count + BELIEF)), count }];
    }),
  );
}
