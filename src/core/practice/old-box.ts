/** A piece of a box that went out, as it was decided. */
export interface SentPiece {
  readonly garmentId: string;
  readonly priceMinor: number;
  readonly kept: boolean;
  readonly reason?: string | undefined;
}

/** What is known of a piece somebody would have sent. */
export interface OldBoxPiece {
  readonly garmentId: string;
  readonly chosen: boolean;
  /** It went out; of one that did not nobody knows. */
  readonly sent: boolean;
  readonly kept: boolean;
  readonly reason?: string | undefined;
}

/** What somebody’s choice would have come to, beside the box as it went. Minor units, at the prices of then. */
export interface OldBoxOutcome {
  readonly pieces: readonly OldBoxPiece[];
  readonly yours: { readonly known: number; readonly kept: number; readonly keptMinor: number };
  readonly unknown: number;
  readonly box: { readonly sent: number; readonly kept: number; readonly keptMinor: number };
}

/** Holds what somebody would have sent against what was kept of what went out. */
export function oldBoxOutcome(sent: readonly SentPiece[], chosen: readonly string[]): OldBoxOutcome {
  const wanted = new Set(chosen);
  const went = new Set(sent.map(({ garmentId }) => garmentId));
  const sum = (of: readonly SentPiece[]): number =>
    of.reduce((total, { priceMinor, kept }) => total + (kept ? priceMinor : 0), 0);
  const yours = sent.filter(({ garmentId }) => wanted.has(garmentId));
  const others = [...wanted].filter((id) => !went.has(id));
  return {
    pieces: [
      ...sent.map(({ garmentId, kept, reason }) => ({
        garmentId,
        chosen: wanted.has(garmentId),
        sent: true,
        kept,
        reason,
      })),
      ...others.map((garmentId) => ({ garmentId, chosen: true, sent: false, kept: false })),
    ],
    yours: {
      known: yours.length,
      kept: yours.filter(({ kept }) => kept).length,
      keptMinor: sum(yours),
    },
    unknown: others.length,
    box: { sent: sent.length, kept: sent.filter(({ kept }) => kept).length, keptMinor: sum(sent) },
  };
}
