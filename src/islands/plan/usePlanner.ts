import type { BudgetPoint, PlanProblem, PlanWish } from '@core/plan';
import type { Settings } from '@core/rules';
import { orDies } from '@ui/worker';
import type { PlanWork, ToldPlan } from '@workers/plan';
import type { ProveWork } from '@workers/prove';
import { proxy, type Remote, wrap } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';

export interface PlannerState {
  readonly plan: ToldPlan | undefined;
  /** The wish that plan answers to the full: while it is not the one on the screen, nothing is held by it. */
  readonly answers: PlanWish | undefined;
  readonly busy: boolean;
  readonly failed: boolean;
  readonly curve: readonly BudgetPoint[];
  /** Plans for a wish; the newest wins. */
  readonly ask: (wish: PlanWish, budgets: readonly number[]) => void;
  readonly proof: Proof;
  /** Asks for the proof of the plan that is shown, or stops it. */
  readonly prove: () => void;
  readonly stopProof: () => void;
}

export type Proof =
  | { readonly state: 'none' }
  | { readonly state: 'under way' }
  | { readonly state: 'found'; readonly gap: number }
  | { readonly state: 'too long' };

const NO_CURVE: readonly BudgetPoint[] = [];
const NO_PROOF: Proof = { state: 'none' };

const planWorker = (): Worker =>
  new Worker(new URL('../../workers/plan.ts', import.meta.url), { type: 'module' });

/** Plans a box in a worker: opened once for a problem, asked anew with every wish. A worker that dies is started again. */
export function usePlanner(problem: PlanProblem | undefined, settings: Settings): PlannerState {
  const remote = useRef<Promise<Remote<PlanWork>>>(undefined);
  const worker = useRef<Worker>(undefined);
  const prover = useRef<Worker>(undefined);
  const turn = useRef(0);
  const last = useRef<{ wish: PlanWish; value: number }>(undefined);
  const [state, setState] = useState<
    Pick<PlannerState, 'plan' | 'answers' | 'busy' | 'failed' | 'curve'> & { of: PlanProblem | undefined }
  >({
    of: undefined,
    plan: undefined,
    answers: undefined,
    busy: false,
    failed: false,
    curve: NO_CURVE,
  });
  const [proof, setProof] = useState(NO_PROOF);
  const open = useCallback((): Promise<Remote<PlanWork>> | undefined => {
    if (!problem) return undefined;
    worker.current?.terminate();
    const made = planWorker();
    const work = wrap<PlanWork>(made);
    worker.current = made;
    remote.current = orDies(
      made,
      work.open(problem, settings).then(() => work),
    );
    return remote.current;
  }, [problem, settings]);
  useEffect(() => {
    void open()?.catch(() => undefined);
    return () => {
      worker.current?.terminate();
      prover.current?.terminate();
      remote.current = undefined;
    };
  }, [open]);
  const stopProof = useCallback(() => {
    prover.current?.terminate();
    prover.current = undefined;
    setProof(NO_PROOF);
  }, []);
  const ask = useCallback(
    (wish: PlanWish, budgets: readonly number[]): void => {
      const mine = ++turn.current;
      const current = (): boolean => mine === turn.current;
      stopProof();
      setState((now) => ({ ...now, busy: true, failed: false }));
      const run = async (): Promise<void> => {
        const work = await (remote.current ?? open());
        if (!work) return;
        const tell = proxy(async (plan: ToldPlan) => {
          if (current()) setState((now) => ({ ...now, of: problem, plan, answers: undefined }));
          return Promise.resolve();
        });
        const plan = await work.plan(wish, tell);
        if (!current()) return;
        last.current = plan && { wish, value: plan.value };
        setState((now) => ({ ...now, of: problem, plan, answers: wish, busy: false }));
        const curve = await work.curve(wish, budgets);
        if (current()) setState((now) => ({ ...now, curve }));
      };
      run().catch(() => {
        remote.current = undefined;
        if (current()) setState((now) => ({ ...now, busy: false, failed: true }));
      });
    },
    [open, problem, stopProof],
  );
  const prove = useCallback(() => {
    const told = last.current;
    if (!told) return;
    stopProof();
    setProof({ state: 'under way' });
    const made = new Worker(new URL('../../workers/prove.ts', import.meta.url), { type: 'module' });
    prover.current = made;
    const still = (): boolean => prover.current === made;
    const run = async (): Promise<void> => {
      const text = await (await remote.current)?.linear(told.wish);
      const best = text === undefined ? undefined : await wrap<ProveWork>(made).best(text);
      if (!still()) return;
      setProof(
        best === undefined
          ? { state: 'too long' }
          : { state: 'found', gap: Math.max(0, best - told.value) / Math.max(1e-9, Math.abs(best)) },
      );
      made.terminate();
    };
    run().catch(() => still() && setProof({ state: 'too long' }));
  }, [stopProof]);
  // A plan names its pieces by their places among the candidates: of other candidates it would name other pieces.
  const { of, ...told } = state;
  const mine = of === problem ? told : { ...told, plan: undefined, answers: undefined, curve: NO_CURVE };
  return { ...mine, ask, proof, prove, stopProof };
}
