import { readClientCsv } from '@contracts/client-csv';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const only = (text: string, units: 'cm' | 'in' = 'cm') => {
  const { rows, faults } = readClientCsv(text, { units, currency: 'EUR' });
  expect(faults).toEqual([]);
  return rows.map(({ input }) => input);
};

describe('a file of clients', () => {
  it('is read with headers as people write them, in any order, comma or semicolon', () => {
    const [first] = only(
      '\uFEFFE-Mail;Full Name;HEIGHT;Chest;Inside Leg;Allergies;Highest heel;Box budget;Sizes\r\n' +
        'ivo@example.invalid;Ivo Tarn;1,84;104;86;wool, latex;3 cm;350;collar 41; shoe 44\r\n'.replace(
          '; shoe 44',
          ' / shoe 44',
        ),
    );
    expect(first).toMatchObject({
      name: 'Ivo Tarn',
      email: 'ivo@example.invalid',
      measures: { heightMm: 1840, bust: 1040, insideLegLength: 860 },
      boxBudgetMinor: 35_000,
      sizes: { collar: '41', shoe: '44' },
      profile: { allergies: ['wool', 'latex'], limits: { heelMaxMm: 30 } },
    });
  });
  it('puts first and last names together', () => {
    expect(sure(only('First Name,Surname\nAda,Bell')[0]).name).toBe('Ada Bell');
  });
  it.each([
    ['168', 'cm', 1680],
    ['1.68', 'cm', 1680],
    ['66', 'in', 1676],
    ['168 cm', 'in', 1680],
    ['5 ft 6', 'cm', 1676],
    ['5\'6"', 'in', 1676],
    ['5 ft', 'cm', 1524],
    ['66 inches', 'cm', 1676],
    ['1680 mm', 'cm', 1680],
  ] as const)('reads a height of %s in a shop of %s', (text, units, mm) => {
    expect(sure(only(`name,height\nAda,"${text.replaceAll('"', '""')}"`, units)[0]).measures.heightMm).toBe(
      mm,
    );
  });
  it('names each fault by row and column, and keeps the others', () => {
    const { rows, faults } = readClientCsv(
      'name,email,height,waist,budget\n' +
        'Ada,not an address,168,70,\n' +
        ',b@example.invalid,168,70,\n' +
        'Cleo,,tall,70,lots\n' +
        'Dot,,168,20,\n' +
        'Eve,,168,70,200\n' +
        'eve,,170,71,\n',
      { units: 'cm', currency: 'EUR' },
    );
    expect(rows.map(({ row, input }) => [row, input.name])).toEqual([[6, 'Eve']]);
    expect(faults.map(({ row, path }) => [row, path])).toEqual([
      [2, 'email'],
      [3, 'name'],
      [4, 'heightMm'],
      [4, 'budget'],
      [5, 'waist'],
      [7, 'name'],
    ]);
  });
  it('without a name column, or without rows, says so once', () => {
    expect(readClientCsv('email\na@example.invalid', { units: 'cm', currency: 'EUR' }).faults).toEqual([
      { row: 1, path: 'name', code: 'missing-column' },
    ]);
    expect(sure(readClientCsv('name,height', { units: 'cm', currency: 'EUR' }).faults[0]).path).toBe(
      '(file)',
    );
  });
  it('throws at nothing, and every row is either read or told', () => {
    fc.assert(
      fc.property(fc.array(fc.string({ maxLength: 20 }), { maxLength: 6 }), (cells) => {
        const line = cells.map((cell) => `"${cell.replaceAll('"', '""')}"`).join(',');
        const { rows, faults } = readClientCsv(`name,email,height,sizes,budget,heel\nAda,,,,,\n${line}\n`, {
          units: 'in',
          currency: 'EUR',
        });
        expect(rows.length + faults.length).toBeGreaterThan(0);
      }),
    );
  });
});
