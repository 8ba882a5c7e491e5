import type { Reason } from './rank';

interface Said {
  readonly reasons: readonly Pick<Reason, 'says'>[];
  readonly doubt?: Pick<Reason, 'says'> | undefined;
}

/** What every candidate of a list says of itself. */
export interface Shared {
  readonly reasons: readonly string[];
  readonly doubt?: string | undefined;
}

/** Fewer than so many have nothing to be told apart by. */
const FEW = 3;

/** What all candidates of a list share: it is said once above them, so that each says what sets it apart. */
export function sharedBy(rows: readonly Said[]): Shared {
  const [first, ...others] = rows;
  if (!first || rows.length < FEW) return { reasons: [] };
  const doubt = first.doubt?.says;
  return {
    reasons: first.reasons
      .map(({ says }) => says)
      .filter((text) => others.every(({ reasons }) => reasons.some(({ says }) => says === text))),
    ...(doubt !== undefined && others.every((row) => row.doubt?.says === doubt) ? { doubt } : {}),
  };
}
