import { EXCLUSIVE } from './exclusive';
import type { Worn } from './resolve';

export interface Completeness {
  readonly complete: boolean;
  /** What is missing or worn twice, in words; empty when complete. */
  readonly missing: readonly string[];
}

/** A look is complete with a whole piece or a top and a bottom, and shoes; one piece per exclusive slot. */
export function completeness(pieces: readonly Worn[]): Completeness {
  const count = new Map<string, number>();
  for (const worn of pieces) count.set(worn.slot, (count.get(worn.slot) ?? 0) + 1);
  const missing: string[] = [];
  if (!count.has('whole')) {
    if (!count.has('top')) missing.push('a top');
    if (!count.has('bottom')) missing.push('a bottom');
  }
  if (!count.has('shoes')) missing.push('shoes');
  for (const [slot, many] of count) {
    if (many > 1 && EXCLUSIVE.has(slot as Worn['slot'])) missing.push(`only one ${slot}, not ${many}`);
  }
  return { complete: missing.length === 0, missing };
}
