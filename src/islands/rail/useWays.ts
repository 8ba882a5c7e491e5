import type { Ways } from '@core/ways';
import type { WaysAsk, WaysWork } from '@workers/ways';
import { proxy, type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';

export interface WaysAnswer {
  readonly ways: Ways | undefined;
  readonly busy: boolean;
  readonly failed: boolean;
  readonly ask: (question: WaysAsk) => void;
}

/** Ways to wear something, found in a worker; they come in as they are found, and the newest question wins. */
export function useWays(open: boolean): WaysAnswer {
  const worker = useRef<Worker>(undefined);
  const remote = useRef<Remote<WaysWork>>(undefined);
  const turn = useRef(0);
  const [state, setState] = useState<Omit<WaysAnswer, 'ask'>>({
    ways: undefined,
    busy: false,
    failed: false,
  });
  useEffect(() => {
    if (!open) return;
    worker.current = new Worker(new URL('../../workers/ways.ts', import.meta.url), { type: 'module' });
    remote.current = wrap<WaysWork>(worker.current);
    return () => {
      worker.current?.terminate();
      remote.current = undefined;
    };
  }, [open]);
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
  return { ...state, ask };
}
