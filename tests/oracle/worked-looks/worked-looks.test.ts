import { describe, it } from 'vitest';
import { expectHeard, heard } from './heard';
import { ASIDE_CHANGED, ASIDE_LOVED, CHANGED, LOVED } from './looks';
import { FAR_CHANGED, FAR_LOVED, NEAR_CHANGED, NEAR_LOVED } from './more-looks';
import { THIRD_CHANGED, THIRD_LOVED } from './third-looks';

/** `WORKED=1` prints what was said of each, and the figures of docs/scoring.md. */
describe('looks to send, and to change with their mended twins, are heard as a stylist hears them', () => {
  it('in front of us while the judge was mended', () =>
    expectHeard(heard([...LOVED, ...NEAR_LOVED], [...CHANGED, ...NEAR_CHANGED])));
  it('kept aside, and asked once it was done', () =>
    expectHeard(
      heard(
        [...ASIDE_LOVED, ...FAR_LOVED, ...THIRD_LOVED],
        [...ASIDE_CHANGED, ...FAR_CHANGED, ...THIRD_CHANGED],
      ),
    ));
});
