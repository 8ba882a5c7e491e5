import { BRIEF_FIELDS, briefAnswersSchema, readableAnswers } from '@contracts/own-brief';
import { describe, expect, it } from 'vitest';
import { stream } from '../../support/stream';
import { sure } from '../../support/sure';

/** What people, and whoever means harm, put into a field: right, nearly right, and nothing of the kind. */
const TYPED: readonly unknown[] = [
  '',
  '   ',
  'a red coat',
  'x'.repeat(39),
  'x'.repeat(5000),
  0,
  -1,
  1700,
  1700.5,
  2200.4,
  1e300,
  NaN,
  true,
  null,
  [],
  [''],
  ['', 'calm', ''],
  ['x'.repeat(41)],
  Array.from({ length: 13 }, (_, i) => `wish ${i}`),
  ['#1f2a44'],
  ['#12'],
  ['arms', 'knees'],
  ['elbow-grease'],
  {},
  { shoe: '39' },
  { shoe: '' },
  { '': '39' },
  { shoe: 39 },
  [{ title: 'a wedding', day: '2027-02-29' }],
  [{ title: 'a wedding', day: '2028-02-29' }],
  [{ title: '' }],
  [{ title: 'a wedding', dress: 'black tie' }],
  { toString: 'x' },
];

function drawn(random: () => number): Record<string, unknown> {
  const names = [...BRIEF_FIELDS, 'stranger', 'notes2'];
  return Object.fromEntries(
    names
      .filter(() => random() < 0.5)
      .map((name) => [name, TYPED[Math.floor(random() * TYPED.length)]] as const),
  );
}

describe('a brief of her own', () => {
  const random = stream(20);
  const kept = Array.from({ length: 4000 }, () => drawn(random));

  it('loses nothing of what was kept: each field is an answer, or stands among the words, whatever it holds', () => {
    let [answered, worded] = [0, 0];
    for (const brief of kept) {
      const { answers, unread } = readableAnswers(brief);
      for (const name of Object.keys(brief)) {
        const isWorded = unread.some((words) => words.startsWith(`${name}: `));
        expect(name in answers).toBe(!isWorded);
        if (isWorded) worded++;
        else answered++;
      }
      expect(unread.length + Object.keys(answers).length).toBe(Object.keys(brief).length);
    }
    expect(Math.min(answered, worded)).toBeGreaterThan(2000);
  });

  it('is read once and for all: what was readable stays readable and stays the same', () => {
    for (const brief of kept) {
      const { answers } = readableAnswers(brief);
      const again = readableAnswers(answers);
      expect(again.unread).toEqual([]);
      expect(again.answers).toEqual(answers);
    }
  });

  it('that the form took can be settled whole: no field of it comes back as words', () => {
    let taken = 0;
    const pairs = BRIEF_FIELDS.flatMap((name) => TYPED.map((value) => ({ [name]: value })));
    for (const brief of pairs) {
      const parsed = briefAnswersSchema.safeParse(brief);
      if (!parsed.success) continue;
      taken++;
      const { answers, unread } = readableAnswers(parsed.data);
      expect(unread).toEqual([]);
      expect(answers).toEqual(parsed.data);
    }
    expect(taken).toBeGreaterThan(50);
  });

  it('is told at its field what it cannot hold, and the whole that is too long at the whole', () => {
    const faultOf = (brief: unknown): string | undefined => {
      const { error } = briefAnswersSchema.safeParse(brief);
      return error?.issues[0]?.path.join('.');
    };
    expect(faultOf({ heightMm: 1100 })).toBe('heightMm');
    expect(faultOf({ occasions: [{ title: 'tea' }, { title: 'gala', day: '2027-02-29' }] })).toBe(
      'occasions.1.day',
    );
    expect(faultOf({ like: ['#1f2a44', 'navy'] })).toBe('like.1');
    expect(faultOf({ nevers: Array.from({ length: 21 }, () => 'ruffles') })).toBe('nevers');
    const long = { asks: Array.from({ length: 12 }, () => 'w'.repeat(200)), notes: 'n'.repeat(2000) };
    expect(faultOf(long)).toBeUndefined();
    expect(sure(faultOf({ ...long, sizes: { ['s'.repeat(20)]: '8'.repeat(13) } }))).toMatch(/^sizes/);
  });

  it('keeps a height typed in inches to whole millimetres, and leaves out lines that were left empty', () => {
    expect(briefAnswersSchema.parse({ heightMm: 1700.5, moods: ['', ' calm ', ''] })).toEqual({
      heightMm: 1701,
      moods: ['calm'],
    });
  });
});
