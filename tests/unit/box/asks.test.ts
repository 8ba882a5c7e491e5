import { carriedAsks, readAsk } from '@core/reading';
import { heightDoubt } from '@core/figure';
import { OCCASION_TEMPLATES, repeatDays } from '@core/occasion';
import { atStage } from '@core/look';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

describe('asks', () => {
  it('hears wet, ironing and money', () => {
    expect(readAsk('boots that may get wet')).toMatchObject({ care: ['waterproof'] });
    expect(readAsk('nothing that needs ironing')).toMatchObject({ care: ['noIron'] });
    expect(readAsk('trainers under 120')).toMatchObject({ priceMaxMinor: 12_000, kinds: ['sneaker'] });
    expect(readAsk('a coat up to €85.50').priceMaxMinor).toBe(8550);
    expect(readAsk('shoes under 40 mm')).toMatchObject({ heelMaxMm: 40 });
    expect(readAsk('shoes under 40 mm').kinds).toContain('loafer');
  });
  it('says which the budget carries, in the order they were asked', () => {
    const asks = [readAsk('a coat'), readAsk('a belt'), readAsk('a veil')];
    const carried = carriedAsks(asks, 10_000, { coat: 20_000, belt: 4_000 });
    expect(carried.map(({ carried: ok, fromMinor }) => [ok, fromMinor])).toEqual([
      [false, 20_000],
      [true, 4_000],
      [false, undefined],
    ]);
    expect(
      carriedAsks(asks, undefined, { coat: 20_000, belt: 4_000, veil: 1 }).every(({ carried: ok }) => ok),
    ).toBe(true);
  });
});

describe('heights in the wrong unit', () => {
  it.each([
    [168, 'in', '168 in? That looks like 168 cm.'],
    [66, 'cm', '66 cm? That looks like 66 in.'],
    [1.68, 'cm', '1.68 cm? That looks like 1.68 m.'],
    [168, 'cm', undefined],
    [66, 'in', undefined],
  ] as const)('%d %s', (value, unit, says) => expect(heightDoubt(value, unit)).toBe(says));
});

describe('occasions', () => {
  it('a wedding guest is warned off white by the template', () => {
    const guest = OCCASION_TEMPLATES.find(({ name }) => name.includes('wedding'));
    expect(guest?.occasion.bans).toContain('white');
  });
  it('repeats day by day over a change of clock and a leap day', () => {
    expect(repeatDays('2028-02-28', 1, 2)).toEqual(['2028-02-28', '2028-02-29', '2028-03-01']);
    expect(repeatDays('2026-10-24', 7, 1)).toEqual(['2026-10-24', '2026-10-31']);
  });
  it('a stage changes what it says and nothing else', () => {
    const { occasion } = sure(OCCASION_TEMPLATES[0]);
    const at = atStage(occasion, { title: 'outside', changes: { outdoorC: 4 } });
    expect(at).toMatchObject({ outdoorC: 4, formality: occasion.formality, title: 'Interview: outside' });
  });
});

describe('readAsk', () => {
  it.each([
    ['boots that may get wet', ['ankle-boot', 'tall-boot'], undefined],
    ['something green', [], '#3c7d4b'],
    ['a navy blazer', ['blazer'], '#1f2a44'],
    ['dresses', ['dress'], undefined],
    ['a raincoat', ['raincoat'], undefined],
    ['two tees that go in the machine', ['tee'], undefined],
  ] as const)('reads %j', (text, categories, hex) => {
    const ask = readAsk(text);
    expect([...ask.kinds].sort()).toEqual([...categories].sort());
    expect(ask.colours?.[0]?.hex).toBe(hex);
  });
  it('hears that it must be washable', () =>
    expect(readAsk('a shirt for the machine').care).toEqual(['machine']));
});
