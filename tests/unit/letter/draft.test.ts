import { fitForClient } from '@core/fit';
import {
  beneathOf,
  draftedWith,
  draftLetter,
  lineIn,
  possibleWays,
  TONES,
  USUAL_STYLE,
  USUAL_VOICE,
} from '@core/letter';
import { judge } from '@core/look';
import { wear } from '@core/piece';
import { HOUSE_TONGUE } from '@core/words';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { one } from '../../support/pieces';

const blouse = {
  ...one('line:1', 'blouse', '#2f6f78', {
    care: 'hand',
    ironing: 'steam',
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
    expect(letter.pieces[1]?.why).toMatch(/^Wear it with the same two\./);
    // What is praised of two pieces is praised once.
    const all = JSON.stringify(letter);
    expect(all.split('picks up').length - 1).toBe(1);
  });
  it('begins the ways with the one worn, and leaves out what the stylist did not choose', () => {
    expect(letter.pieces[0]?.wear.slice(0, 2)).toEqual([
      'Tuck it in all round, then raise both arms once to ease it out a little.',
      'Or wear it loose over the waistband.',
    ]);
    expect(letter.pieces[1]?.wear).toEqual(['Wind it once round the neck and let the ends hang in front.']);
  });
  it('speaks of fit without millimetres, of facts and care as the label has them', () => {
    expect(letter.pieces.map(({ fit }) => fit)).toEqual(['The S should fit you well.', 'One size.']);
    const close = { size: '39', verdict: 'close', origin: 'chart', point: 'foot' } as const;
    expect(fitForClient(close, '39')).toBe('The 39 will sit a little close at the foot.');
    expect(fitForClient(null, 'M')).toBe('Size M.');
    expect(letter.pieces[0]?.facts).toBe('100 % silk; pockets for show only.');
    expect(letter.pieces[0]?.care).toBe('Wash by hand, dry flat. Steam it, or hang it in a steamy bathroom.');
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
      'For the captain’s table: the lake blouse, the lake scarf, your black trousers and your brown shoes.',
    );
    expect(letter.closing).toBe(
      'Let us know what you’re keeping by Monday 14 December. Yours, The Heron Room',
    );
    expect(letter.greeting).toBe(
      'Dear Hester, here are two pieces for the captain’s table. Each goes with something you own.',
    );
  });
});

describe('every letter', () => {
  const asks = [
    'a tunic for lecturing',
    'black trousers she can kneel in',
    'Trainers under 120.',
    'her kind of coat',
  ];
  const lines = asks.map((ask, i) => ({
    ref: `line:${i}`,
    piece: {
      ...one(`line:${i}`, (['tunic', 'trousers', 'sneaker', 'coat'] as const)[i] ?? 'tee', '#3d5a80'),
    },
    ask,
    fit: 'One size.',
  }));
  const worn = [...lines.map(({ piece }) => piece), trousers];
  const draft = (more: Partial<Parameters<typeof draftLetter>[0]> = {}) =>
    draftLetter({
      clientName: 'Ada Quill',
      shopName: 'The Heron Room',
      lines,
      looks: [{ id: 'a', pieces: worn, verdict: judge(worn) }],
      occasions: ['Lecture on the fjord ship', 'Her supper', 'Ada’s christening'],
      ...more,
    });
  it('speaks to whoever reads it, and begins no more than two pieces alike', () => {
    const { greeting, pieces: notes } = draft();
    expect(greeting).toBe(
      'Dear Ada, here are four pieces for your lecture on the fjord ship, your supper and Ada’s christening. Each goes with something you own.',
    );
    const whys = notes.map(({ why }) => why);
    expect(whys[0]).toMatch(/^Here is the tunic for lecturing you asked for\. It goes with your/);
    expect(whys[1]).toMatch(
      /^This is for “black trousers you can kneel in”\. Wear them with the same trousers\./,
    );
    expect(whys[2]).toMatch(/^This is for “trainers under 120”\. They join the same trousers\./);
    expect(whys[3]).toMatch(/your kind of coat/);
    expect(whys.join(' ')).not.toMatch(/\b(she|he|her|his)\b/);
  });
  it('proposes no way of wearing that this client cannot wear so', () => {
    const wide = one('line:w', 'trousers', '#20222b', { measures: { legOpening: 560 } });
    const slim = { ...wide, cut: { leg: 'slim' as const }, measures: { ...wide.measures, legOpening: 300 } };
    const boots = one('owned:b', 'tall-boot', '#17171a', {
      owned: true,
      measures: { shaft: 390, shaftGirth: 380 },
    });
    const knit = one('owned:k', 'fine-knit', '#84868a', { owned: true });
    const ways = (piece: typeof wide) => possibleWays(piece, [piece, knit, boots], {});
    expect(ways(wide)).not.toContain('into-boots');
    expect(ways(slim)).toContain('into-boots');
    const proposed = (piece: typeof wide): string =>
      draft({
        lines: [{ ref: piece.id, piece, fit: '', ways: ways(piece) }],
        looks: [],
      }).pieces[0]?.wear.join(' ') ?? '';
    expect(proposed(wide)).not.toMatch(/boot/);
  });
  it('speaks in three tones that differ in real sentences, and says the same facts in each', () => {
    const said = TONES.map((tone) => draft({ style: { ...USUAL_STYLE, tone }, decideBy: '2026-12-14' }));
    for (const key of ['greeting', 'closing', 'line:0 why', 'line:1 why'])
      expect(new Set(said.map((each) => lineIn(each, key))).size, key).toBe(3);
    for (const { greeting, closing, pieces: notes } of said) {
      expect(greeting).toMatch(/Ada\b.*four pieces for your lecture on the fjord ship/);
      expect(closing).toMatch(/Monday 14 December.* Yours, The Heron Room$/);
      expect(notes[0]?.why).toMatch(/the tunic for lecturing you (asked for|were after)\./i);
      expect(notes.map(({ fit }) => fit)).toEqual(lines.map(() => 'One size.'));
    }
  });
  it('keeps it short: one way to wear a piece, no make, no praise; what concerns safety and care stays', () => {
    const coat = {
      ...one('line:c', 'shirt', '#3d5a80', {
        care: 'hand',
        cut: { waistDetail: 'tie' },
        fabric: { fibres: [{ name: 'wool', pct: 100 }] },
      }),
      mode: 'sleeves-rolled',
    };
    const looked = [coat, trousers];
    const [full, short] = (['full', 'short'] as const).map(
      (length) =>
        draft({
          lines: [{ ref: coat.id, piece: coat, ask: 'a shirt', fit: 'Size M.' }],
          looks: [{ id: 'a', pieces: looked, verdict: judge(looked), standIns: [] }],
          style: { ...USUAL_STYLE, length },
        }).pieces[0],
    );
    expect(full?.facts).toContain('wool');
    expect(short).toMatchObject({ facts: '', care: 'Wash by hand, dry flat.', fit: 'Size M.' });
    expect(short?.wear.filter((line) => line.startsWith('Or '))).toEqual([]);
    expect(short?.wear.join(' ')).toContain('Set its ties');
    expect((short?.why ?? '').length).toBeLessThanOrEqual((full?.why ?? '').length);
  });
  it('offers other wordings, the drafted one among them, and closes in the shop’s own words', () => {
    const voice = { ...USUAL_VOICE, signature: 'Agnes and Wren\nThe Heron Room' };
    const { letter: drafted, wordings } = draftedWith({
      clientName: 'Ada Quill',
      shopName: 'The Heron Room',
      lines,
      looks: [],
      occasions: [],
      decideBy: '2026-12-14',
      voice,
    });
    for (const [key, all] of Object.entries(wordings)) {
      expect(all, key).toContain(lineIn(drafted, key));
      expect(new Set(all).size, key).toBe(all.length);
      expect(all.length, key).toBeGreaterThan(2);
    }
    expect(drafted.closing).toBe(
      'Let us know what you’re keeping by Monday 14 December.\nAgnes and Wren\nThe Heron Room',
    );
    expect(drafted.own).toEqual([]);
  });
  it('says nothing that it does not know', () => {
    const alone = draft({ lines: lines.slice(0, 1), looks: [], occasions: [] });
    expect(alone.greeting).toBe('Dear Ada, here is one piece.');
    expect(alone.pieces[0]).toMatchObject({ care: '', facts: '', beneath: [] });
    expect(draft({ lines: [], looks: [], occasions: [] }).greeting).toBe('Dear Ada,');
  });
});

describe('what goes beneath (common practice, no source)', () => {
  const said = (more: Parameters<typeof one>[3]) =>
    beneathOf([wear(one('p', 'dress', '#f4f1ea', more))], HOUSE_TONGUE).map(({ text }) => text);
  it.each([
    ['strapless', { cut: { neckline: 'strapless' as const } }, /strapless bra/],
    ['a low back', { cut: { back: 'low' as const } }, /low at the back/],
    ['a plunge', { cut: { necklineDepthMm: 260 } }, /plunge/],
    ['sheer cloth', { fabric: { sheer: 'sheer' as const } }, /slip/],
    ['pale and thin cloth', { fabric: { weight: 'light' as const } }, /near your skin colour/],
    ['clingy cloth', { volume: 'close' as const, fabric: { stretchPct: 20 } }, /[Ss]eamless/],
  ])('%s', (_name, more, words) => expect(said(more).some((text) => words.test(text))).toBe(true));
  it('says nothing of a lined, dark, easy dress', () =>
    expect(
      beneathOf([wear(one('p', 'dress', '#20222b', { fabric: { lined: true } }))], HOUSE_TONGUE),
    ).toEqual([]));
});
