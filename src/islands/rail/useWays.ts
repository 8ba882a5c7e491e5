import type { Ways } from '@core/ways';
import type { WaysAsk, WaysWork } from '@workers/ways';
import { proxy, type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';

export interface WaysAnswer {
  readonly ways: Ways | undefined;
  readonly busy: boolean;
  readonly failed: boolean;
  readonly ask: (question: WaysAsk) => void;
  /** Makes ready for a question that may come. */
  readonly warm: (question: WaysAsk) => void;
}

/**
 * Ways to wear something, found in a worker that begins with the page and makes ready before anybody asks; they come in as
 * they are found, and the newest question wins.
 */
export function useWays(): WaysAnswer {
  const worker = useRef<Worker>(undefined);
  const remote = useRef<Remote<WaysWork>>(undefined);
  const turn = useRef(0);
  const [state, setState] = useState<Omit<WaysAnswer, 'ask' | 'warm'>>({
    ways: undefined,
    busy: false,
    failed: false,
  });
  useEffect(() => {
    worker.current = new Worker(new URL('../../workers/ways.ts', import.meta.url), { type: 'module' });
    remote.current = wrap<WaysWork>(worker.current);
    return () => {
      worker.current?.terminate();
      remote.current = undefined;
    };
  }, []);
  const ask = useCallback((question: WaysAsk): void => {
    const mine = ++turn.current;
    const current = (): boolean => mine === turn.current;
    const { current: work } = remote;
    if (!work) return;
    setState({ ways: undefined, busy: true, failed: false });
    const tell = proxy(async (ways: Ways) => {
      if (current()) setState({ ways, busy: true, failed: false });
      return Promise.resolve();
    });
    work.ways(question, tell).then(
      (ways) => current() && setState({ ways, busy: false, failed: false }),
      () => current() && setState({ ways: undefined, busy: false, failed: true }),
    );
  }, []);
  const warm = useCallback((question: WaysAsk): void => void remote.current?.warm(question), []);
  return { ...state, ask, warm };
}
