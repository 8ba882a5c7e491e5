import { type Begun, firstSteps } from '@core/shop';
import { describe, expect, it } from 'vitest';

const nothing: Begun = {
  terms: false,
  people: false,
  places: false,
  garments: false,
  client: false,
  box: false,
};

describe('the first steps of a shop', () => {
  it('are all the owner’s, of a stylist what is pulled and sent, and nothing of whoever packs', () => {
    expect(firstSteps(nothing, 'owner').map(({ id }) => id)).toEqual(Object.keys(nothing));
    expect(firstSteps(nothing, 'stylist').map(({ id }) => id)).toEqual(['garments', 'client', 'box']);
    expect(firstSteps(nothing, 'packer')).toEqual([]);
  });

  it('tick themselves, in whatever order they are done, and are gone once all that cannot wait is there', () => {
    const some = firstSteps({ ...nothing, client: true, garments: true }, 'owner');
    expect(some.filter(({ done }) => done).map(({ id }) => id)).toEqual(['garments', 'client']);
    const begun = { ...nothing, terms: true, garments: true, client: true, box: true };
    expect(firstSteps(begun, 'owner')).toEqual([]);
    // A box that is begun before the terms were ever looked at still asks for them.
    expect(firstSteps({ ...begun, terms: false }, 'owner').find(({ done }) => !done)?.id).toBe('terms');
    expect(firstSteps({ ...begun, terms: false }, 'stylist')).toEqual([]);
  });
});
