import { isSameSaid, type Said } from './reasons';

interface Saying {
  readonly reasons: readonly Said[];
  readonly doubt?: Said | undefined;
}

/** What every candidate of a list says of itself. */
export type Shared = Saying;

/** Fewer than so many have nothing to be told apart by. */
const FEW = 3;

/** What all candidates of a list share: it is said once above them, so that each says what sets it apart. */
export function sharedBy(rows: readonly Saying[]): Shared {
  const [first, ...others] = rows;
  if (!first || rows.length < FEW) return { reasons: [] };
  const { doubt } = first;
  return {
    reasons: first.reasons.filter((said) =>
      others.every(({ reasons }) => reasons.some((other) => isSameSaid(other, said))),
    ),
    ...(doubt && others.every((row) => row.doubt && isSameSaid(row.doubt, doubt)) ? { doubt } : {}),
  };
}

/** What a candidate says of itself that the others do not. */
export const apartFrom = <R extends Said>(
  shared: Shared,
  row: { readonly reasons: readonly R[]; readonly doubt?: R | undefined },
) => ({
  reasons: row.reasons.filter((said) => !shared.reasons.some((other) => isSameSaid(other, said))),
  doubt: row.doubt && shared.doubt && isSameSaid(row.doubt, shared.doubt) ? undefined : row.doubt,
});
