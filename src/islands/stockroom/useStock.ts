import type { Input } from '@contracts/calls';
import type { StockPage } from '@contracts/stock/stock-list';
import { useDebouncedValue } from '@mantine/hooks';
import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { call } from '@ui/api';
import { useState } from 'react';

export type StockAsk = Omit<Input<'stock-list'>, 'offset'>;

export interface Stock extends StockPage {
  readonly ask: StockAsk;
  readonly loading: boolean;
  /** The rows shown answer an older question. */
  readonly stale: boolean;
  /** Asks anew, when the typing rests. */
  readonly look: (part: StockAsk) => void;
  /** Fetches the page after the last row that is here. */
  readonly more: () => void;
  /** Fetches again what is here, after something was saved. */
  readonly refresh: () => void;
}

const UNASKED: StockAsk = {};

/** The stockroom, page by page. What was asked last is shown, whichever answer is the slower. */
export function useStock(first: StockPage): Stock {
  const [ask, setAsk] = useState(UNASKED);
  const [resting] = useDebouncedValue(ask, 180);
  const { data, isFetching, isPlaceholderData, hasNextPage, fetchNextPage, refetch } = useInfiniteQuery({
    queryKey: ['stock-list', resting],
    queryFn: ({ pageParam }) => call('stock-list', { ...resting, offset: pageParam }),
    initialPageParam: 0,
    getNextPageParam: (last, pages) => {
      const there = pages.reduce((sum, { rows }) => sum + rows.length, 0);
      return last.rows.length > 0 && there < last.total ? there : undefined;
    },
    placeholderData: keepPreviousData,
    ...(resting === UNASKED ? { initialData: { pages: [first], pageParams: [0] } } : {}),
  });
  const pages = data?.pages ?? [first];
  return {
    ...(pages.at(-1) ?? first),
    rows: pages.flatMap(({ rows }) => rows),
    ask,
    loading: isFetching,
    stale: isPlaceholderData || ask !== resting,
    look: (part) => setAsk((before) => ({ ...before, ...part })),
    more() {
      if (!isFetching && hasNextPage) void fetchNextPage();
    },
    refresh: () => void refetch(),
  };
}
