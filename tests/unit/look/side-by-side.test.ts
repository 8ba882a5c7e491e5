import { judge, sideBySide } from '@core/look';
import { FACETS, ruleOf } from '@core/rules';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';
import { anyLook, anySetting } from '../../support/random-looks';

describe('two looks side by side', () => {
  it('have every finding of both once, in its facet, and the one with more points there is better', () => {
    for (let i = 0; i < 60; i++) {
      const setting = anySetting();
      const [a, b] = [judge(anyLook(), setting), judge(anyLook(), setting)];
      const rows = sideBySide(a, b);
      for (const [place, verdict] of [a, b].entries()) {
        const said = rows.flatMap(({ findings }) => findings[place] ?? []);
        expect(new Set(said)).toEqual(new Set(verdict.findings));
        expect(said).toHaveLength(verdict.findings.length);
      }
      for (const { facet, title, findings, better } of rows) {
        expect(title).toBe(FACETS[facet]);
        expect(findings.flat().every(({ rule }) => ruleOf(rule)?.facet === facet)).toBe(true);
        const [pa = 0, pb = 0] = [a, b].map(
          ({ score }) => score.facets.find((f) => f.facet === facet)?.score,
        );
        expect(better).toBe(pa === pb ? undefined : pa > pb ? 0 : 1);
      }
      expect(sideBySide(b, a).map(({ better }) => better)).toEqual(
        rows.map(({ better }) => (better === undefined ? undefined : 1 - better)),
      );
    }
  });

  it('are level where they are one look, and say nothing where there is nothing to judge', () => {
    const plain = [one('top', 'tee', '#ffffff'), one('bottom', 'trousers', '#1f2a44')];
    const rows = sideBySide(judge(plain), judge(plain));
    expect(rows.every(({ better }) => better === undefined)).toBe(true);
    expect(sideBySide(judge([]), judge([]))).toEqual([]);
  });
});
