import { readFileSync } from 'node:fs';
import { read, type ReadAs, type Reading } from '@core/reading';
import { describe, expect, it } from 'vitest';

/** Fields of a reading that are lists of colours, said by their names. */
const named = (colours: Reading['colours']): string[] => (colours ?? []).map(({ name }) => name);

/** A reading as the phrase files write it: `field: value`, all that was understood and nothing else. */
function plain({ text: _text, as: _as, unknown, notes: _notes, ...said }: Reading): Record<string, string> {
  const { colours, notColours, cut, notCut, joins, size, loved, retired, ...rest } = said;
  const lists = Object.entries({ ...rest, colours: named(colours), notColours: named(notColours) }).map(
    ([name, value]) => [name, Array.isArray(value) ? value.join(' ') : String(value)] as const,
  );
  const cuts = [...Object.entries(cut ?? {}).map(([k, v]) => [`cut.${k}`, String(v)] as const)];
  const notCuts = Object.entries(notCut ?? {}).map(([k, v]) => [`notCut.${k}`, String(v)] as const);
  return Object.fromEntries(
    [
      ...lists,
      ...cuts,
      ...notCuts,
      ['joins', (joins ?? []).flatMap(({ kinds }) => kinds).join(' ')] as const,
      ['size', size ? [size.system, size.label].filter(Boolean).join(' ') : ''] as const,
      ['loved', loved === undefined ? '' : String(loved)] as const,
      ['retired', retired ? 'true' : ''] as const,
      ['unknown', unknown.join(' ')] as const,
    ].filter(([, value]) => value !== ''),
  );
}

interface Case {
  readonly text: string;
  readonly wants: Record<string, string>;
  readonly kept: boolean;
}

function casesOf(file: string): Case[] {
  const [seen = '', kept = ''] = readFileSync(new URL(file, import.meta.url), 'utf8').split(/^%\n/m);
  const lines = (part: string, isKept: boolean): Case[] =>
    part
      .split('\n')
      .filter((line) => line.includes(' => '))
      .map((line) => {
        const [text = '', wants = ''] = line.split(' => ');
        return {
          text,
          kept: isKept,
          wants: Object.fromEntries(wants.split('; ').map((pair) => pair.split(': ') as [string, string])),
        };
      });
  return [...lines(seen, false), ...lines(kept, true)];
}

/** Right means every stated field equal, and none invented. */
const faultsOf = (cases: readonly Case[], as: ReadAs): string[] =>
  cases.flatMap(({ text, wants }) => {
    const got = plain(read(text, { as }));
    const wrong = [...new Set([...Object.keys(wants), ...Object.keys(got)])].filter(
      (name) => (wants[name] ?? '') !== (got[name] ?? ''),
    );
    return wrong.length === 0
      ? []
      : [
          `${text}\n${wrong.map((name) => `    ${name}: ${wants[name] ?? '–'} ≠ ${got[name] ?? '–'}`).join('\n')}`,
        ];
  });

/** Written by hand before the reader, from nothing but how people write: asks, lines of a closet, lines of a delivery. */
describe.each([
  ['ask', './asks.txt'],
  ['piece', './closet.txt'],
  ['garment', './garments.txt'],
] as const)('phrases read as %s', (as, file) => {
  const cases = casesOf(file);
  it.each([
    ['in sight while the reader was made', false],
    ['kept aside until it was done', true],
  ] as const)('are right at least 95 times in 100: %s', (_, kept) => {
    const half = cases.filter((each) => each.kept === kept);
    const faults = faultsOf(half, as);
    const right = 1 - faults.length / half.length;
    if (process.env.SHOW)
      console.log(
        `${as}, ${kept ? 'kept' : 'seen'}: ${half.length} phrases, ${(right * 100).toFixed(1)} %\n${faults.join('\n')}`,
      );
    expect(half.length).toBeGreaterThan(15);
    expect(right, faults.join('\n')).toBeGreaterThanOrEqual(0.95);
  });
});
