import { reminderDue, type ReminderKind, reminderWords } from '@core/schedule';
import { HOUSE_TONGUE } from '@core/words';
import { describe, expect, it } from 'vitest';

const due = (today: string, written: readonly ReminderKind[] = [], remindDays: number | null = 2) =>
  reminderDue({ today, decideBy: '2026-12-10', remindDays, written });

describe('a reminder', () => {
  it('is due so many days before the day to decide, and once it has gone by; each once', () => {
    expect(due('2026-12-07')).toBeUndefined();
    expect(due('2026-12-08')).toBe('before');
    expect(due('2026-12-10')).toBe('before');
    expect(due('2026-12-10', ['before'])).toBeUndefined();
    expect(due('2026-12-11', ['before'])).toBe('after');
    // Nobody was there on the day: the first is not sent late, the second stands for both.
    expect(due('2026-12-11')).toBe('after');
    expect(due('2026-12-12', ['before', 'after'])).toBeUndefined();
  });
  it('is due to nobody where the shop writes none, nor for a day long ago', () => {
    expect(due('2026-12-09', [], null)).toBeUndefined();
    expect(due('2026-12-24')).toBe('after');
    expect(due('2026-12-25')).toBeUndefined();
    expect(due('2026-12-10', [], 0)).toBe('before');
  });
  it('says how much is open and until when, and asks kindly once it has gone by', () => {
    const about = { name: 'Wren Alder', decideBy: '2026-12-10', open: 3 };
    expect(reminderWords('before', about, HOUSE_TONGUE)).toBe(
      'Dear Wren, three pieces are still open. Let us know by Thursday 10 December what you’re keeping; here you can say it piece by piece:',
    );
    expect(reminderWords('after', { ...about, open: 1 }, { ...HOUSE_TONGUE, english: 'american' })).toBe(
      'Dear Wren, we’d hoped to hear from you by Thursday December 10, and one piece is still open. Say what you’re keeping here, or tell us if you need longer:',
    );
  });
});
