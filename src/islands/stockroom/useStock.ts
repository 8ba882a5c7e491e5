import type { Input } from '@contracts/calls';
import type { StockPage } from '@contracts/stock/stock-list';
import { useDebouncedCallback } from '@mantine/hooks';
import { call, showProblem } from '@ui/api';
import { useCallback, useRef, useState } from 'react';

export type StockAsk = Omit<Input<'stock-list'>, 'offset'>;

export interface Stock extends StockPage {
  readonly ask: StockAsk;
  readonly loading: boolean;
  /** Asks anew; a search waits until the typing rests. */
  readonly look: (part: StockAsk) => void;
  /** Fetches the page after the last row that is here. */
  readonly more: () => void;
  /** Fetches again what is here, after something was saved. */
  readonly refresh: () => void;
}

/** The stockroom, page by page. An answer that was overtaken by a newer question is dropped. */
export function useStock(first: StockPage): Stock {
  const [page, setPage] = useState(first);
  const [ask, setAsk] = useState<StockAsk>({});
  const [loading, setLoading] = useState(false);
  const turn = useRef(0);
  const fetchInto = useCallback(
    async (wanted: StockAsk, from: number, to: number, before: StockPage['rows']): Promise<void> => {
      const mine = (turn.current += 1);
      setLoading(true);
      try {
        let rows = before;
        let answer: StockPage;
        do {
          answer = await call('stock-list', { ...wanted, offset: from + rows.length - before.length });
          rows = [...rows, ...answer.rows];
        } while (answer.rows.length > 0 && rows.length < Math.min(to, answer.total));
        if (turn.current === mine) setPage({ ...answer, rows });
      } catch (error) {
        if (turn.current === mine) showProblem(error);
      } finally {
        if (turn.current === mine) setLoading(false);
      }
    },
    [],
  );
  const later = useDebouncedCallback((wanted: StockAsk) => void fetchInto(wanted, 0, 1, []), 180);
  return {
    ...page,
    ask,
    loading,
    look(part) {
      const wanted = { ...ask, ...part };
      setAsk(wanted);
      if ('search' in part || 'narrow' in part) later(wanted);
      else void fetchInto(wanted, 0, 1, []);
    },
    more() {
      if (!loading && page.rows.length < page.total)
        void fetchInto(ask, page.rows.length, page.rows.length + 1, page.rows);
    },
    refresh: () => void fetchInto(ask, 0, page.rows.length, []),
  };
}
