import type { Answer, Input, UseCaseName } from '@contracts/api';
import type { BoxView } from '@contracts/views';
import { useCallback, useState } from 'react';
import { call, showDone, showProblem } from './api';

type BoxCall = { [N in UseCaseName]: Answer<N> extends BoxView ? N : never }[UseCaseName];

export interface BoxState {
  readonly view: BoxView;
  /** Name of the call under way, or undefined. */
  readonly busy: string | undefined;
  /** Runs a call whose answer is the box; true when it went through. A refusal is shown and nothing is lost. */
  readonly run: <N extends BoxCall>(name: N, input: Input<N>, done?: string) => Promise<boolean>;
}

/** The box a page works on: kept as the server last answered it. */
export function useBox(initial: BoxView): BoxState {
  const [view, setView] = useState(initial);
  const [busy, setBusy] = useState<string>();
  const run = useCallback(
    async <N extends BoxCall>(name: N, input: Input<N>, done?: string): Promise<boolean> => {
      setBusy(name);
      try {
        setView((await call(name, input)) as BoxView);
        if (done) showDone(done);
        return true;
      } catch (error) {
        showProblem(error);
        return false;
      } finally {
        setBusy(undefined);
      }
    },
    [],
  );
  return { view, busy, run };
}
