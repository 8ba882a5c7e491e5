import type { Answer, Input, UseCaseName } from '@contracts/api';
import type { BoxView } from '@contracts/views';
import { useCallback, useState } from 'react';
import { call, showDone, showProblem } from './api';

type BoxCall = { [N in UseCaseName]: Answer<N> extends BoxView ? N : never }[UseCaseName];

export interface BoxState {
  readonly view: BoxView;
  /** Takes over a box that came with another answer. */
  readonly show: (view: BoxView) => void;
  /** Name of the call under way, or undefined. */
  readonly busy: string | undefined;
  /** Runs a call whose answer is the box, and resolves with it; a refusal is shown, resolves with nothing, and nothing is lost. */
  readonly run: <N extends BoxCall>(name: N, input: Input<N>, done?: string) => Promise<BoxView | undefined>;
}

/** The box a page works on: kept as the server last answered it. */
export function useBox(initial: BoxView): BoxState {
  const [view, setView] = useState(initial);
  const [busy, setBusy] = useState<string>();
  const run = useCallback(
    async <N extends BoxCall>(name: N, input: Input<N>, done?: string): Promise<BoxView | undefined> => {
      setBusy(name);
      try {
        const answer = (await call(name, input)) as BoxView;
        setView(answer);
        if (done) showDone(done);
        return answer;
      } catch (error) {
        showProblem(error);
        return undefined;
      } finally {
        setBusy(undefined);
      }
    },
    [],
  );
  return { view, show: setView, busy, run };
}
