import { CALLS } from '@contracts/calls';
import { faultsOf } from '@contracts/faults';
import { describe, expect, it } from 'vitest';
import { z } from 'zod';

const said = (schema: z.ZodType, value: unknown): string[] =>
  faultsOf(schema.safeParse(value).error ?? new z.ZodError([])).map(
    ({ path, message }) => `${path}: ${message}`,
  );
const about = (schema: z.ZodType, value: unknown): string[] => said(z.object({ it: schema }), { it: value });

describe('what is wrong with what was sent', () => {
  it.each([
    [z.string(), undefined, 'missing'],
    [z.string(), 5, 'a text is wanted'],
    [z.number(), '5', 'a number is wanted'],
    [z.number(), Number.NaN, 'a number is wanted'],
    [z.number().int(), 0.5, 'a whole number is wanted'],
    [z.boolean(), 'yes', 'yes or no is wanted'],
    [z.array(z.string()), 'a', 'a list is wanted'],
    [z.object({}), [], 'a group of fields is wanted'],
    [z.record(z.string(), z.number()), 5, 'a group of fields is wanted'],
    [z.enum(['keep', 'return']), 'lose', 'keep or return is wanted'],
    [z.literal('look@1'), 'look@2', 'look@1 is wanted'],
    [z.string().max(5), 'abcdef', 'at most 5 characters'],
    [z.string().min(1), '', 'at least 1 character'],
    [z.number().max(300), 301, 'at most 300'],
    [z.number().min(0), -1, 'at least 0'],
    [z.array(z.number()).max(2), [1, 2, 3], 'at most 2 in the list'],
    [z.array(z.number()).min(1), [], 'at least 1 in the list'],
    [z.uuid(), 'x', 'not an id'],
    [z.email(), 'x', 'not an e-mail address'],
    [z.iso.date(), '2027-02-30', 'not a day, as 2027-05-30'],
    [z.string().regex(/^#/), 'x', 'not in the form that is wanted'],
    [z.number().multipleOf(5), 7, 'a multiple of 5 is wanted'],
    [z.union([z.string(), z.number()]), true, 'not what is wanted here'],
  ])('%#', (schema, value, words) => expect(about(schema, value)).toEqual([`it: ${words}`]));

  it('names twelve of a long list and says that there are more', () => {
    const many = Array.from({ length: 40 }, (_, i) => `kind${i}`) as [string, ...string[]];
    const [words = ''] = about(z.enum(many), 'x');
    expect(words).toMatch(/^it: kind0, kind1, .*kind11 or another of the list is wanted$/);
    expect(about(z.enum(['a', 'b', 'c']), 'x')).toEqual(['it: a, b or c is wanted']);
  });

  it('is said in the words of a schema that has its own', () => {
    expect(about(z.string({ error: 'a name, please' }), 5)).toEqual(['it: a name, please']);
    expect(about(z.string().min(3, 'too short to find'), 'a')).toEqual(['it: too short to find']);
  });

  it('is said by every call in house words, whatever is sent to it', () => {
    const odd = [null, 5, 'x', [], true, 1e20, -1, '', { a: 1 }];
    const house = /invalid|expected|received|unrecognized|zod|[<>]=/i;
    let told = 0;
    for (const { name, input } of CALLS.values()) {
      const { properties = {} } = z.toJSONSchema(input, { io: 'input', unrepresentable: 'any' }) as {
        properties?: Record<string, unknown>;
      };
      const sent = odd.map((each) => Object.fromEntries(Object.keys(properties).map((key) => [key, each])));
      for (const value of [...odd, {}, ...sent])
        for (const fault of said(input, value)) {
          expect(fault.slice(fault.indexOf(': ')), name).not.toMatch(house);
          expect(fault, name).toMatch(/^\S+: \p{L}/u);
          told++;
        }
    }
    expect(told).toBeGreaterThan(2000);
  });
});
