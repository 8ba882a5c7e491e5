import type { LinearModel } from '@core/plan';
import loadHighs from 'highs';

/** Seconds a proof may take; its bound stands where it did not come to an end. */
const LIMIT_S = 120;

export interface Proof {
  /** Nothing of the model is worth more than this. */
  readonly bound: number;
  /** The bound is reached: it is the best there is. */
  readonly proven: boolean;
}

/** The solver as it is loaded with somebody who hears its log. */
type Loaded = (options: { readonly print: (line: string) => void }) => ReturnType<typeof loadHighs>;

/** What there can be of a model at most, by HiGHS with presolve, and whether the limit came before the proof. */
export async function proofOf({ text }: LinearModel): Promise<Proof> {
  // The bound of a search that ran out of time is told in the log alone.
  let bound = Infinity;
  const highs = await (loadHighs as unknown as Loaded)({
    print: (line) => {
      const [, said] = /^\s*Dual bound\s+(\S+)/.exec(line) ?? [];
      if (said !== undefined && Number.isFinite(Number(said))) bound = Number(said);
    },
  });
  const solved = highs.solve(text, { presolve: 'on', time_limit: LIMIT_S, mip_rel_gap: 0 });
  return solved.Status === 'Optimal'
    ? { bound: solved.ObjectiveValue, proven: true }
    : { bound, proven: false };
}

/** The best there can be of a model; undefined where the limit came before the proof. */
export async function bestOf(model: LinearModel): Promise<number | undefined> {
  const { bound, proven } = await proofOf(model);
  return proven ? bound : undefined;
}
