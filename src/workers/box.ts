import { type BoxFinding, type BoxInput, judgeBox, type Opened, Reach } from '@core/box-rules';
import type { Setting } from '@core/look';
import type { Occasion } from '@core/occasion';
import type { Piece } from '@core/piece';
import type { Settings } from '@core/rules';
import { expose } from 'comlink';

export interface ReachInput {
  /** Closet and box: what a candidate is worn with. */
  readonly others: readonly Piece[];
  readonly candidates: readonly Piece[];
  /** What the box is for. */
  readonly occasions: readonly Occasion[];
  readonly setting: Setting;
  readonly settings: Settings;
}

/** Judges a box as a whole, away from the page: thousands of looks are tried for one answer. */
const work = {
  judge(input: BoxInput): readonly BoxFinding[] {
    return judgeBox(input);
  },
  /** Tells of each candidate how many looks it opens and which shows it best, one after the other. */
  async opened(
    { others, candidates, occasions, setting, settings }: ReachInput,
    tell: (id: string, opened: Opened) => Promise<void>,
  ): Promise<void> {
    const reach = new Reach(others, candidates, setting, settings);
    for (const { id } of candidates) await tell(id, reach.opened(id, occasions));
  },
};
export type BoxWork = typeof work;

expose(work);
