import { judge } from '@core/look';
import { ruleOf, unyielding, YIELDS, yieldsOf } from '@core/rules';
import { describe, expect, it } from 'vitest';
import { anyLook, anySetting } from '../../support/random-looks';

describe('which of two findings gives way', () => {
  it('is kept to by 4,000 random looks, while both sides of each pair are heard by themselves', () => {
    const heard = new Set<string>();
    const broken = new Set<string>();
    for (let i = 0; i < 4_000; i++) {
      const { findings } = judge(anyLook(), anySetting());
      for (const [one, other] of unyielding(findings))
        broken.add(`${one.rule} ${one.code} beside ${other.rule} ${other.code}`);
      for (const { rule } of findings) heard.add(rule);
    }
    expect([...broken]).toEqual([]);
    for (const { yields, to } of YIELDS) {
      expect(heard.has(yields.rule), yields.rule).toBe(true);
      expect(heard.has(to.rule), to.rule).toBe(true);
    }
  });

  it('names rules that are there and codes that they say, and no rule gives way to itself', () => {
    for (const { yields, to, why } of YIELDS) {
      for (const { rule, codes = [] } of [yields, to])
        for (const code of codes)
          expect(Object.keys(ruleOf(rule)?.words ?? {}), `${rule} ${code}`).toContain(code);
      expect(yields.rule).not.toBe(to.rule);
      expect(why).toMatch(/^[A-Z].+\.$/);
    }
    expect(yieldsOf('C3').map(({ to }) => to.rule)).toEqual(['C4']);
    expect(yieldsOf('C4')).toEqual([]);
  });

  it('is seen where it is not kept to', () => {
    const said = (rule: string, code: string, pieces: string[]) =>
      ({ rule, code, tone: 'note', pieces, params: {} }) as const;
    expect(unyielding([said('S1', 'dark', ['a']), said('C4', 'flat', [])])).toHaveLength(1);
    expect(unyielding([said('F8', 'competes', ['dress', 'shoe']), said('C1', 'echo', ['bag'])])).toEqual([]);
    expect(
      unyielding([said('F8', 'competes', ['dress', 'shoe']), said('C1', 'echo', ['shoe', 'dress'])]),
    ).toHaveLength(1);
  });
});
