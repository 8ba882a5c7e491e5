import type { Answer, Input, CallName } from '@contracts/calls';
import { type BoxView, type TalliedBox, withAnswer } from '@contracts/box/box-view';
import type { PackView } from '@contracts/box/pack-view';
import { STATE_WORDS } from '@core/box';
import { spell } from './tongue';
import { useCallback, useEffect, useRef, useState } from 'react';
import { call, showDone, showProblem } from './api';
import { callMerging } from './merging';

type AnyBox = BoxView | PackView;
/** The box, or what a write may have changed of it. */
type BoxAnswer = TalliedBox | PackView;
type BoxCall = { [N in CallName]: Answer<N> extends BoxAnswer ? N : never }[CallName];

export interface BoxState<V extends AnyBox = BoxView> {
  readonly view: V;
  /** Takes over a box that came with another answer. */
  readonly show: (answer: BoxAnswer) => void;
  /** Name of the call under way, or undefined. */
  readonly busy: string | undefined;
  /** Runs a call whose answer is the box, and resolves with it; a refusal is shown, resolves with nothing, and nothing is lost. */
  readonly run: <N extends BoxCall>(
    name: N,
    input: Input<N>,
    done?: string,
    /** The input that would change nothing: with it, what somebody else saved meanwhile is merged. */
    base?: Partial<Input<N>>,
  ) => Promise<V | undefined>;
}

/** The box a page works on: kept as the server last answered it, in the view this role has of it. */
export function useBox<V extends AnyBox>(initial: V): BoxState<V> {
  const [view, setView] = useState(initial);
  const [busy, setBusy] = useState<string>();
  const { state } = view;
  // The head of the page came with the page; what became of the box since is said there too.
  useEffect(() => {
    const said = document.querySelector('[data-box-state]');
    if (said) said.textContent = spell(STATE_WORDS[state]);
  }, [state]);
  const under = useRef(0);
  const queue = useRef(Promise.resolve());
  const held = useRef(initial);
  // The server answers each role in the one view it has. An answer that was overtaken by a newer one is let go.
  const show = useCallback((answer: BoxAnswer): V => {
    const now = held.current;
    if (answer.version >= now.version)
      held.current = (answer.sees === 'all' && now.sees === 'all' ? withAnswer(now, answer) : answer) as V;
    setView(held.current);
    return held.current;
  }, []);
  const run = useCallback(
    async <N extends BoxCall>(
      name: N,
      input: Input<N>,
      done?: string,
      base?: Partial<Input<N>>,
    ): Promise<V | undefined> => {
      setBusy(name);
      under.current++;
      // One after the other, as they were made: a slow one is not overtaken by the next.
      const mine = queue.current.then(() => undefined);
      let over: () => void = () => undefined;
      queue.current = new Promise<void>((done) => (over = done));
      await mine;
      try {
        // What was merged is another page than this one shows: it is loaded anew.
        const answer = (await (base
          ? callMerging(name, input, base, () => location.reload())
          : call(name, input))) as BoxAnswer;
        const now = show(answer);
        if (done) showDone(done);
        return now;
      } catch (error) {
        showProblem(error);
        return undefined;
      } finally {
        over();
        // Something is under way until the last of them is answered.
        if (--under.current === 0) setBusy(undefined);
      }
    },
    [show],
  );
  return { view, show, busy, run };
}
