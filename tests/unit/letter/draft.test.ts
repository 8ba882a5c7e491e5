import { fitForClient } from '@core/fit';
import { beneathOf, draftLetter } from '@core/letter';
import { judge } from '@core/look';
import { wear } from '@core/piece';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { one } from '../../support/pieces';

const blouse = {
  ...one('line:1', 'blouse', '#2f6f78', {
    care: 'hand',
    fabric: { fibres: [{ name: 'silk', pct: 100 }] },
    facts: { pockets: { real: 0, depthMm: 0 } },
  }),
  title: 'Lantern blouse, lake',
};
const scarf = {
  ...one('line:2', 'scarf', '#2f6f78', { measures: { width: 700, lengthFlat: 1800 } }),
  title: 'Signal scarf, lake',
};
const trousers = { ...one('owned:1', 'trousers', '#20222b', { owned: true }), title: 'Black trousers' };
const shoes = { ...one('owned:2', 'loafer', '#3b2a22', { owned: true }), title: 'Your brown shoes' };
const pieces = [{ ...blouse, mode: 'full-tuck' }, scarf, trousers, shoes];
const letter = draftLetter({
  clientName: 'Hester Lindqvale',
  shopName: 'The Heron Room',
  lines: [
    {
      ref: 'line:1',
      piece: blouse,
      ask: 'something for dinner',
      fit: fitForClient(
        { size: 'S', verdict: 'right', origin: 'given', point: 'bust', easeMm: 70, wantedMm: [50, 150] },
        'S',
      ),
    },
    { ref: 'line:2', piece: scarf, fit: fitForClient({ size: 'one', verdict: 'right' }, 'one') },
  ],
  looks: [{ id: 'a', occasion: 'the captain’s table', pieces, verdict: judge(pieces) }],
  occasions: ['the captain’s table'],
  decideBy: '2026-12-14',
});

describe('the draft of a letter', () => {
  it('says why each piece is there: what was asked, what is owned, what works', () => {
    expect(letter.pieces[0]?.why).toContain(
      'You asked for something for dinner. It goes with your black trousers and brown shoes.',
    );
    expect(letter.pieces[1]?.why).toContain('picks up');
  });
  it('begins the ways with the one worn, and leaves out what the stylist did not choose', () => {
    expect(letter.pieces[0]?.wear[0]).toMatch(/^Full tuck: tuck it in all round/);
    expect(letter.pieces[1]?.wear).toEqual(['At the neck: once round the neck, ends hanging in front.']);
  });
  it('speaks of fit without millimetres, of facts and care as the label has them', () => {
    expect(letter.pieces.map(({ fit }) => fit)).toEqual(['The S should fit you well.', 'One size.']);
    const close = { size: '39', verdict: 'close', origin: 'chart', point: 'foot' } as const;
    expect(fitForClient(close, '39')).toBe('The 39 will sit a little close at the foot.');
    expect(fitForClient(null, 'M')).toBe('Size M.');
    expect(letter.pieces[0]?.facts).toBe('100 % silk; pockets for show only.');
    expect(letter.pieces[0]?.care).toBe('Wash by hand, dry flat.');
  });
  it('says what is set anew on the wearer, and takes along what a look says of safety', () => {
    const wrap = {
      ...one('line:3', 'shirt', '#2f6f78', { cut: { waistDetail: 'tie', sleeve: 'long' } }),
      mode: 'sleeves-rolled',
    };
    const worn = [wrap, scarf, trousers, shoes];
    const verdict = judge(worn, { occasion: anOccasion({ title: 'to work by bicycle', activityMet: 4 }) });
    const { pieces: notes } = draftLetter({
      clientName: 'Hester',
      shopName: 'The Heron Room',
      lines: [
        { ref: 'line:3', piece: wrap, fit: '' },
        { ref: 'line:2', piece: scarf, fit: '' },
      ],
      looks: [{ id: 'a', pieces: worn, verdict }],
      occasions: [],
    });
    expect(notes[0]?.wear).toContain('Set its ties and tabs anew on you; they came as the hanger left them.');
    expect(notes[0]?.wear.join(' ')).toContain('roll them down');
    expect(notes[1]?.wear.at(-1)).toMatch(/^Take care: /);
  });
  it('names pieces without their colourway in a sentence, and the day in words', () => {
    expect(letter.looks[0]?.line).toContain(
      'For the captain’s table: lantern blouse, signal scarf, black trousers and your brown shoes.',
    );
    expect(letter.closing).toBe('Please let us know by Monday 14 December. Yours, The Heron Room');
    expect(letter.greeting).toMatch(/^Dear Hester, here is your box for the captain’s table\./);
  });
});

describe('what goes beneath (common practice, no source)', () => {
  const said = (more: Parameters<typeof one>[3]) =>
    beneathOf([wear(one('p', 'dress', '#f4f1ea', more))]).map(({ text }) => text);
  it.each([
    ['strapless', { cut: { neckline: 'strapless' as const } }, /strapless bra/],
    ['a low back', { cut: { back: 'low' as const } }, /low at the back/],
    ['a plunge', { cut: { necklineDepthMm: 260 } }, /plunge/],
    ['sheer cloth', { fabric: { sheer: 'sheer' as const } }, /slip/],
    ['pale and thin cloth', { fabric: { weight: 'light' as const } }, /near your skin colour/],
    ['clingy cloth', { volume: 'close' as const, fabric: { stretchPct: 20 } }, /[Ss]eamless/],
  ])('%s', (_name, more, words) => expect(said(more).some((text) => words.test(text))).toBe(true));
  it('says nothing of a lined, dark, easy dress', () =>
    expect(beneathOf([wear(one('p', 'dress', '#20222b', { fabric: { lined: true } }))])).toEqual([]));
});
