import { mergeFields, withTheirs } from '@core/merge';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

describe('two changes of one record', () => {
  const base = { name: 'Una', notes: '', profile: { limits: { heelMaxMm: 40 }, nevers: ['wool'] } };

  it('keeps what each changed alone', () => {
    const mine = { ...base, notes: 'rings twice' };
    const theirs = { ...base, profile: { ...base.profile, limits: { heelMaxMm: 30 } } };
    const { merged, taken, clashes } = mergeFields(base, mine, theirs);
    expect(merged).toEqual({ ...base, notes: 'rings twice', profile: theirs.profile });
    expect(taken).toEqual([{ path: 'profile.limits.heelMaxMm', mine: 40, theirs: 30 }]);
    expect(clashes).toEqual([]);
  });

  it('names what both changed, and takes theirs where somebody says so', () => {
    const mine = { ...base, notes: 'rings twice' };
    const theirs = { ...base, notes: 'ask for Bo' };
    const { merged, clashes } = mergeFields(base, mine, theirs);
    expect(clashes).toEqual([{ path: 'notes', mine: 'rings twice', theirs: 'ask for Bo' }]);
    expect(merged).toEqual(mine);
    expect(withTheirs(merged, clashes)).toEqual(theirs);
  });

  it('loses nobody’s word: of two lists what either added is in, what either took out is out', () => {
    const listed = (nevers: readonly string[]) => ({ ...base, profile: { ...base.profile, nevers } });
    const of = (mine: readonly string[], theirs: readonly string[]) => {
      const { merged, clashes } = mergeFields(listed(['wool', 'silk']), listed(mine), listed(theirs));
      expect(clashes).toEqual([]);
      return merged.profile.nevers;
    };
    expect(of(['wool', 'silk', 'latex'], ['wool', 'silk', 'nickel'])).toEqual([
      'wool',
      'silk',
      'latex',
      'nickel',
    ]);
    expect(of(['wool', 'latex'], ['wool', 'silk', 'nickel'])).toEqual(['wool', 'latex', 'nickel']);
  });

  it('a field they emptied is emptied, and one that was never there is no change', () => {
    expect(mergeFields({ heel: 40 }, { heel: 40 }, { heel: null }).merged).toEqual({ heel: null });
    expect(mergeFields({ a: 1 }, { a: 1, email: '' }, { a: 1, email: '' }).taken).toEqual([]);
  });

  it('nothing is lost: a field is always mine or theirs, and mine where they changed nothing', () => {
    const record = fc.record({ a: fc.nat(3), b: fc.nat(3), c: fc.record({ d: fc.nat(3), e: fc.nat(3) }) });
    fc.assert(
      fc.property(record, record, record, (before, mine, theirs) => {
        const { merged } = mergeFields(before, mine, theirs);
        for (const key of ['a', 'b'] as const) {
          expect([mine[key], theirs[key]]).toContain(merged[key]);
          if (before[key] === theirs[key]) expect(merged[key]).toBe(mine[key]);
          if (before[key] === mine[key]) expect(merged[key]).toBe(theirs[key]);
        }
        expect([mine.c.d, theirs.c.d]).toContain(merged.c.d);
      }),
    );
  });
});
