import type { LinearModel } from '@core/plan';
import loadHighs from 'highs';

/** Seconds a proof may take; its bound stands where it did not come to an end. */
const LIMIT_S = 120;

/** The best there can be of a model, by HiGHS with presolve; undefined where the limit came before the proof. */
export async function bestOf({ text }: LinearModel): Promise<number | undefined> {
  const highs = await loadHighs();
  const solved = highs.solve(text, { presolve: 'on', time_limit: LIMIT_S, mip_rel_gap: 0 });
  return solved.Status === 'Optimal' ? solved.ObjectiveValue : undefined;
}
