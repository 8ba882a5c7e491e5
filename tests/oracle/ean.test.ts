import { eanModules } from '@server/stock/labels';
import { describe, expect, it } from 'vitest';

// GS1 General Specifications, 5.2.1: number sets A and B by their element widths (a space first, four
// elements, seven modules), C as A with bars and spaces exchanged; the first digit chooses A or B of the
// left half. Typed from memory of the tables.
const A = ['3211', '2221', '2122', '1411', '1132', '1231', '1114', '1312', '1213', '3112'];
const mirrored = (widths: string): string => [...widths].reverse().join('');
const LEFT = [
  'AAAAAA',
  'AABABB',
  'AABBAB',
  'AABBBA',
  'ABAABB',
  'ABBAAB',
  'ABBBAA',
  'ABABAB',
  'ABABBA',
  'ABBABA',
];

function byTheBook(ean: string): number[] {
  const [first = 0, ...digits] = [...ean].map(Number);
  const sets = [...(LEFT[first] ?? '')];
  const widths = digits.map((digit, i) => {
    const a = A[digit] ?? '';
    return i < 6 && sets[i] === 'B' ? mirrored(a) : a;
  });
  const text = ['111', ...widths.slice(0, 6), '11111', ...widths.slice(6), '111'].join('');
  return [...text].map(Number);
}

describe('the bars of an EAN-13', () => {
  it.each(['2000000000015', '4006381333931', '9780306406157', '0012345678905'])('%s', (ean) => {
    const modules = eanModules(ean);
    expect(modules).toEqual(byTheBook(ean));
    expect(modules.reduce((sum, width) => sum + width, 0)).toBe(95);
  });
  it('are refused for what is no EAN-13', () => {
    expect(() => eanModules('2000000000016')).toThrow('not an EAN-13');
  });
});
