import { atStage, judge, judgeStages, piecesAt } from '@core/look';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const occasion = anOccasion({ title: 'Installation', formality: [5, 8], time: 'day', indoorC: 19 });
const ceremony = { title: 'Ceremony', changes: {} };
const supper = { title: 'Supper', changes: { time: 'evening' as const, bans: ['navy'] } };
const dress = one('dress', 'dress', '#1f4032', {
  cut: { back: 'open' },
  features: [{ zone: 'back', what: 'open back' }],
});
const blazer = one('blazer', 'blazer', '#1f2a44', { mode: 'buttoned' });
const shoes = one('shoes', 'heel', '#17171a');
const look = [dress, blazer, shoes];
const offAtSupper = [{ title: 'Supper', off: ['blazer'] }];
const f5 = (findings: ReturnType<typeof judge>['findings']) =>
  findings.filter(({ rule, tone }) => rule === 'F5' && tone !== 'works');

describe('a look through the stages of its occasion', () => {
  it('is worn without what comes off there', () => {
    expect(piecesAt(look, 'Supper', offAtSupper).map(({ id }) => id)).toEqual(['dress', 'shoes']);
    expect(piecesAt(look, 'Ceremony', offAtSupper)).toEqual(look);
  });
  it('is judged at each as the occasion is there', () => {
    const [first, last] = judgeStages(look, [ceremony, supper], [], { occasion });
    expect(first?.occasion.title).toBe('Installation: Ceremony');
    expect(atStage(occasion, supper).time).toBe('evening');
    // Navy is banned at the supper alone.
    expect(first?.verdict.sendable).toBe(true);
    expect(last?.verdict.sendable).toBe(false);
    const taken = judgeStages(look, [ceremony, supper], offAtSupper, { occasion })[1];
    expect(taken?.verdict.sendable).toBe(true);
  });
  it('lets a covered detail be when a later stage shows it, and only then', () => {
    expect(f5(judge(look, { occasion }).findings)).toHaveLength(1);
    const [shown] = judgeStages(look, [ceremony, supper], offAtSupper, { occasion });
    expect(f5(sure(shown).verdict.findings)).toEqual([]);
    expect(sure(shown).verdict.overruled.map(({ rule }) => rule)).toContain('F5');
    const [never] = judgeStages(look, [ceremony, supper], [], { occasion });
    expect(f5(sure(never).verdict.findings)).toHaveLength(1);
    // It was seen before, and is covered from now on: that hides it.
    const [, later] = judgeStages(look, [supper, ceremony], offAtSupper, { occasion });
    expect(f5(sure(later).verdict.findings)).toHaveLength(1);
  });
});
