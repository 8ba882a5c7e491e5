import { bestWays, judge, type LookMend, lookMends, type Mend, type MendInput } from '@core/look';
import { expose } from 'comlink';

/** Tries changes on a look away from the page: hundreds of looks are judged for one answer. */
const work = {
  mends(input: MendInput): readonly LookMend[] {
    return lookMends(input, judge(input.pieces, input.setting, input.settings, input.overrules));
  },
  /** Other ways of wearing what is on, that lift the look. */
  ways(input: MendInput): readonly Mend[] {
    return bestWays(input);
  },
};
export type MendWork = typeof work;

expose(work);
