import { bodyOf } from '@core/figure';
import { alterationFault, alterationWords, altered, jobsFor, suggestedAlterations } from '@core/fit';
import { NOBODY } from '@core/client';
import { judge } from '@core/look';
import { HOUSE_TONGUE } from '@core/words';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const origins = {
  inseam: 'given',
  hemAllowance: 'given',
  sleeve: 'given',
  bust: 'given',
  waist: 'given',
} as const;
const trousers = one('t', 'trousers', '#17171a', {
  cut: { leg: 'straight' },
  measures: { inseam: 840, hemAllowance: 50, waist: 760, hip: 1020 },
  origins,
});
const blazer = one('b', 'blazer', '#1f2a44', {
  cut: { sleeve: 'long' },
  measures: { bust: 1050, sleeve: 680, length: 720 },
  origins,
});

describe('alterations', () => {
  it('are what a tailor can do to the kind', () => {
    expect(jobsFor(trousers)).toEqual(['hem', 'take-in']);
    expect(jobsFor(blazer)).toEqual(['hem', 'take-in', 'shorten-sleeves']);
    expect(jobsFor(one('j', 'jeans', '#2c3a5e'))).toEqual(['take-in']);
    expect(jobsFor(one('h', 'hat', '#17171a'))).toEqual([]);
  });
  it.each([
    [{ job: 'hem', mm: 30 }, undefined],
    [{ job: 'hem', mm: -30 }, undefined],
    [{ job: 'hem', mm: -40 }, 'the hem has 3.5 cm to let down'],
    [{ job: 'hem', mm: 500 }, 'at most 29.4 cm of its 84 cm'],
    [{ job: 'hem', mm: 0 }, 'say by how much'],
    [{ job: 'take-in', mm: -10 }, 'it can only be made smaller'],
    [{ job: 'take-in', mm: 90 }, 'at most 8 cm; beyond that it is another cut'],
    [{ job: 'shorten-sleeves', mm: 20 }, 't cannot be altered so'],
  ] as const)('%o on trousers: %s', (job, fault) => {
    const said = alterationFault({ ...trousers, title: 't' }, job, HOUSE_TONGUE);
    expect(said).toBe(fault);
  });
  it('let down only a hem that somebody measured', () => {
    const { hemAllowance: _h, ...measures } = trousers.measures;
    expect(alterationFault({ ...trousers, measures }, { job: 'hem', mm: -10 }, HOUSE_TONGUE)).toBe(
      'nobody measured what the hem has in it',
    );
  });
  it('change the piece the rules see: what drags stands clear once it is hemmed', () => {
    const look = [
      trousers,
      one('s', 'shirt', '#fbfbf9'),
      one('f', 'flat', '#17171a', { measures: { heel: 10 }, origins: { heel: 'given' } }),
    ];
    const client = { measures: { heightMm: 1680, insideLegLength: 790 } };
    const hem = (pieces: typeof look) =>
      judge(pieces, { client: { ...NOBODY, ...client } }).hems.find(({ piece }) => piece === 't')
        ?.clearanceMm;
    expect(hem(look)).toBeLessThan(0);
    expect(hem([altered(trousers, [{ job: 'hem', mm: 60 }]), ...look.slice(1)])).toBe((hem(look) ?? 0) + 60);
    const down = altered(trousers, [{ job: 'hem', mm: -20 }]);
    expect([down.measures.inseam, down.measures.hemAllowance]).toEqual([860, 30]);
    expect(altered(blazer, [{ job: 'shorten-sleeves', mm: 20 }]).measures.sleeve).toBe(660);
    expect(altered(trousers, [{ job: 'take-in', mm: 20 }]).measures.waist).toBe(740);
    expect(altered(trousers, [])).toBe(trousers);
  });
  it('are suggested where a point is too large, by as much as brings it in', () => {
    const body = bodyOf({ heightMm: 1680, bust: 920, armLength: 590, waist: 690, hip: 1000 });
    expect(suggestedAlterations(blazer, body)).toEqual([{ job: 'shorten-sleeves', mm: 50 }]);
    const [waist] = suggestedAlterations(trousers, body);
    expect(waist).toEqual({ job: 'take-in', mm: 20 });
    expect(suggestedAlterations(altered(trousers, [sure(waist)]), body)).toEqual([]);
  });
  it.each([
    [{ job: 'hem', mm: 30 }, 'hem, 3 cm shorter', 'hem, 1.125 in shorter'],
    [{ job: 'hem', mm: -15 }, 'hem, 1.5 cm longer', 'hem, 0.625 in longer'],
    [{ job: 'take-in', mm: 20 }, 'taken in by 2 cm', 'taken in by 0.75 in'],
    [{ job: 'shorten-sleeves', mm: 25 }, 'sleeves, 2.5 cm shorter', 'sleeves, 1 in shorter'],
  ] as const)('are said as the tailor’s tape reads: %o', (job, cm, inches) => {
    expect(alterationWords(job, HOUSE_TONGUE)).toBe(cm);
    expect(alterationWords(job, { english: 'american', units: 'in' })).toBe(inches);
  });
  it('are refused in the unit they were asked for in', () => {
    const inches = { english: 'american', units: 'in' } as const;
    expect(alterationFault(blazer, { job: 'shorten-sleeves', mm: 130 }, inches)).toBe('at most 3.875 in');
    expect(alterationFault(blazer, { job: 'take-in', mm: 90 }, inches)).toBe(
      'at most 3.125 in; beyond that it is another cut',
    );
  });
});
