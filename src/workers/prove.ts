import { expose } from 'comlink';
import loadHighs from 'highs';
import wasm from 'highs/runtime?url';

/** Seconds a proof may take on a page; whoever asked may stop it before. */
const LIMIT_S = 60;

/** Solves the model of a plan exactly, in a worker of its own that may be stopped at any moment. */
const work = {
  /** The best value there can be; undefined where the time came before the proof. */
  async best(text: string): Promise<number | undefined> {
    const highs = await loadHighs({ locateFile: () => wasm });
    const solved = highs.solve(text, { presolve: 'on', time_limit: LIMIT_S, mip_rel_gap: 0 });
    return solved.Status === 'Optimal' ? solved.ObjectiveValue : undefined;
  },
};
export type ProveWork = typeof work;

expose(work);
