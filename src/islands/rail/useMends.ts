import type { LookMend, Mend, MendInput } from '@core/look';
import type { MendWork } from '@workers/mends';
import { type Remote, wrap } from 'comlink';
import { useEffect, useRef, useState } from 'react';

const NONE: readonly never[] = [];

/** Mends of the look on the figure, worked out in a worker; the newest question wins. */
export function useMends(input: MendInput): {
  readonly mends: readonly LookMend[];
  readonly ways: readonly Mend[];
  readonly busy: boolean;
} {
  const remote = useRef<Remote<MendWork>>(undefined);
  const turn = useRef(0);
  const [answer, setAnswer] = useState<{
    for: MendInput;
    mends: readonly LookMend[];
    ways: readonly Mend[];
  }>();
  useEffect(() => {
    const worker = new Worker(new URL('../../workers/mends.ts', import.meta.url), { type: 'module' });
    remote.current = wrap<MendWork>(worker);
    return () => worker.terminate();
  }, []);
  useEffect(() => {
    const mine = ++turn.current;
    const wait = setTimeout(() => {
      const { current } = remote;
      if (!current) return;
      void Promise.all([current.mends(input), current.ways(input)]).then(([mends, ways]) => {
        if (mine === turn.current) setAnswer({ for: input, mends, ways });
      });
    }, 120);
    return () => clearTimeout(wait);
  }, [input]);
  const current = answer?.for === input;
  return { mends: current ? answer.mends : NONE, ways: current ? answer.ways : NONE, busy: !current };
}
