import { type MixInput, mixOf, type MixSheet } from '@core/mix';
import { expose } from 'comlink';

/** Tries all pieces of closet and box together, away from the page. */
const work = {
  sheet: (input: MixInput): MixSheet => mixOf(input),
};
export type MixWork = typeof work;

expose(work);
