import type { BoxView } from '@contracts/box/box-view';
import type { PullRow } from '@contracts/pull/pull-row';
import type { Opened } from '@core/box-rules';
import type { Profile } from '@core/client';
import type { Category } from '@core/piece';
import { alternativesTo } from '@core/pull';

import { useDebouncedValue } from '@mantine/hooks';
import { amountOf } from '@ui/amounts';
import { useAsked } from '@ui/useAsked';
import { useMemo } from 'react';

export interface PullFilter {
  readonly askId: string | null;
  readonly search: string;
  /** As typed. */
  readonly most: string;
  readonly categories: readonly Category[];
  readonly fitsOnly: boolean;
}

/** The filter as the server is asked for it; an amount that is none asks for nothing. */
const asked = (boxId: string, { askId, most, categories, fitsOnly }: PullFilter) => ({
  boxId,
  askId,
  categories: [...categories],
  mostMinor: most.trim() === '' ? null : (amountOf(most) ?? null),
  fitsOnly,
});

/** Candidates for the filter and the box as it is; an older answer never replaces a newer one. */
export function usePullList(view: BoxView, filter: PullFilter) {
  const [resting] = useDebouncedValue(filter, 200);
  const boxId = view.id;
  // What is held, and at what price, changes what is left of the budget and what is a candidate still.
  const held = view.lines.map(({ id, alterations }) => `${id} ${alterations.length}`).join();
  const { answer } = useAsked(
    'pull-list',
    { ...asked(boxId, resting), search: resting.search },
    { since: held },
  );
  return { answer, asked: asked(boxId, filter) };
}

/**
 * The rows in the order they are shown. They come by what speaks for them; the number of looks each opens reorders them
 * only when that is asked for and all counts are in, so that nothing moves under the cursor.
 */
export function useOrder(
  rows: readonly PullRow[] | undefined,
  opened: ReadonlyMap<string, Opened>,
  byLooks: boolean,
): readonly PullRow[] {
  const counted = rows !== undefined && rows.every(({ piece }) => opened.has(piece.id));
  return useMemo(() => {
    if (!rows) return [];
    if (!byLooks || !counted) return rows;
    return [...rows].sort(
      (a, b) => (opened.get(b.piece.id)?.looks ?? 0) - (opened.get(a.piece.id)?.looks ?? 0),
    );
  }, [rows, opened, byLooks, counted]);
}

/** What else of the list could be taken in the place of a candidate. */
export interface InItsPlace {
  readonly cheaper?: PullRow | undefined;
  readonly safer?: PullRow | undefined;
}

/** Of each candidate, which other one is nearly the same for less, and which is safer where the client may object. */
export function useInItsPlace(
  rows: readonly PullRow[] | undefined,
  client: Profile,
): ReadonlyMap<string, InItsPlace> {
  return useMemo(() => {
    const stock = (rows ?? []).map((row) => ({ row, piece: row.piece }));
    return new Map(
      stock.map((own) => {
        const { cheaper, safer } = alternativesTo(own, stock, client);
        return [own.row.garmentId, { cheaper: cheaper?.row, safer: safer?.row }];
      }),
    );
  }, [rows, client]);
}
