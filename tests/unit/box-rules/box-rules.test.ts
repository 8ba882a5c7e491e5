import { readAsk } from '@core/reading';
import { BOX_RULES, type BoxInput, boxSentence, boxSpeaker, judgeBox, Reach } from '@core/box-rules';
import { HOUSE_SCHOOLS, NOBODY } from '@core/client';
import { judge } from '@core/look';
import type { Piece } from '@core/piece';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const owned = (id: string, category: Piece['category'], hex: string, more = {}): Piece => ({
  ...one(`owned:${id}`, category, hex, { owned: true, ...more }),
  title: id,
});
const fresh = (id: string, category: Piece['category'], hex: string, more = {}): Piece => ({
  ...one(`line:${id}`, category, hex, more),
  title: id,
});
const NAVY = '#1f2a44';
const closet = [
  owned('white shirt', 'shirt', '#fbfbf9'),
  owned('grey trousers', 'trousers', '#84868a'),
  owned('navy skirt', 'skirt', NAVY),
  owned('brown loafers', 'loafer', '#3b2a22'),
  owned('black boots', 'ankle-boot', '#17171a'),
];
const knit = fresh('burgundy knit', 'fine-knit', '#611f2f', { statement: 2 });
const box = (more: Partial<BoxInput> = {}): BoxInput => ({
  lines: [{ piece: knit, askId: null }],
  closet,
  loved: [],
  asks: [],
  occasions: [],
  looks: [],
  client: NOBODY,
  schools: HOUSE_SCHOOLS,
  settings: {},
  ...more,
});
/** What one rule says of a box: the finding with its sentence. */
const says = (id: string, input: BoxInput) =>
  judgeBox(input)
    .filter(({ rule }) => rule === id)
    .map((found) => ({ ...found, text: boxSentence(found, boxSpeaker(input)) }));

describe('the looks a piece opens', () => {
  it('are shown by one that is good for an occasion, with as much of her own in it as can be', () => {
    const dinner = anOccasion({ title: 'the dinner', formality: [4, 7], time: 'evening' });
    const bought = fresh('new trousers', 'trousers', '#84868a');
    const reach = new Reach([bought, ...closet], [knit], {});
    const { looks, best } = reach.opened(knit.id, [dinner]);
    expect(looks).toBe(reach.of(knit.id));
    expect(best?.occasion).toBe('the dinner');
    const pieces = (best?.pieces ?? []).map((id) => sure([knit, bought, ...closet].find((p) => p.id === id)));
    expect(pieces).toContain(knit);
    expect(pieces).not.toContain(bought);
    const verdict = judge(pieces, { occasion: dinner });
    expect(verdict.sendable && verdict.score.score >= 70).toBe(true);
  });
  it('are shown all the same where none is good for the occasion, and by none where there is none', () => {
    const ball = anOccasion({ title: 'the ball', formality: [10, 10], time: 'evening' });
    const reach = new Reach(closet, [knit], {});
    expect(reach.opened(knit.id, [ball]).best).toMatchObject({ pieces: expect.arrayContaining([knit.id]) });
    expect(reach.opened(knit.id, [ball]).best?.occasion).toBeUndefined();
    expect(new Reach([], [knit], {}).opened(knit.id)).toEqual({ looks: 0, best: undefined });
  });
  it('are those the judge finds sendable and good, each base once', () => {
    const reach = new Reach([knit, ...closet], [], {});
    const all = [knit, ...closet];
    let good = 0;
    for (const bottom of closet.slice(1, 3))
      for (const shoes of closet.slice(3)) {
        const verdict = judge([knit, bottom, shoes]);
        if (verdict.sendable && verdict.score.score >= 70) good++;
      }
    expect(reach.of(knit.id)).toBe(good);
    for (const look of reach.looksOf(knit.id)) {
      const verdict = judge(look.map((i) => all[i] as Piece));
      expect(verdict.sendable && verdict.score.score >= 70).toBe(true);
    }
  });
  it('counts a candidate with the closet, never one candidate with another', () => {
    const trousers = fresh('candidate trousers', 'trousers', NAVY);
    const shirt = fresh('candidate shirt', 'shirt', '#fbfbf9');
    const reach = new Reach(closet.slice(3), [trousers, shirt], {});
    expect([reach.of(trousers.id), reach.of(shirt.id)]).toEqual([0, 0]);
    expect(() => reach.of('nobody')).toThrow('not in the pool');
  });
  it('of an accessory are the looks it is added to, and a large closet is looked through evenly', () => {
    const many = Array.from({ length: 30 }, (_, i) => owned(`top ${i}`, 'tee', NAVY));
    const bottoms = Array.from({ length: 30 }, (_, i) => owned(`bottom ${i}`, 'trousers', '#84868a'));
    const belt = fresh('belt', 'belt', '#3b2a22');
    const reach = new Reach([belt, ...many, ...bottoms, ...closet.slice(3)], [], {});
    const looks = reach.looksOf(belt.id, 0);
    expect(looks.length).toBeLessThanOrEqual(3001);
    expect(new Set(looks.map(([top]) => top)).size).toBe(30);
    expect(looks.every((look) => look.includes(0))).toBe(true);
  });
});

describe('the box as a whole', () => {
  it('is silent about an empty one, and says what wants a hand first', () => {
    expect(judgeBox(box({ lines: [] }))).toEqual([]);
    const tones = judgeBox(box({ asks: [{ id: 'a', ask: readAsk('red heels') }] })).map(({ tone }) => tone);
    expect(tones).toEqual(
      [...tones].sort((a, b) => 'fights note works'.indexOf(a) - 'fights note works'.indexOf(b)),
    );
  });
  it('U1: an orphan is told from a piece that earns its place', () => {
    expect(says('U1', box())[0]).toMatchObject({ tone: 'works', pieces: [knit.id] });
    const orphan = says('U1', box({ closet: [] }))[0];
    expect(orphan).toMatchObject({ tone: 'fights', text: expect.stringContaining('goes with nothing') });
  });
  it('U1: a dress that a stated occasion is dressed in has its reason, and need open no more', () => {
    const gown = fresh('gown', 'dress', '#1f4032', { formality: 10 });
    const wedding = { id: 'o', occasion: anOccasion({ title: 'the wedding', formality: [8, 10] }) };
    const alone = { lines: [{ piece: gown, askId: null }], closet: [], occasions: [wedding] };
    expect(says('U1', box(alone))[0]).toMatchObject({ code: 'none', tone: 'fights' });
    const looks = [{ occasionId: 'o', pieces: [gown] }];
    expect(says('U1', box({ ...alone, looks }))[0]).toMatchObject({ code: 'serves', tone: 'works' });
    expect(says('U1', box({ ...alone, looks: [{ occasionId: null, pieces: [gown] }] }))[0]?.code).toBe(
      'none',
    );
  });
  it('U2: a twin that was asked for again is welcome; of one in the box it is not', () => {
    const twin = owned('knit', 'fine-knit', '#611f2f');
    const asked = (text: string) =>
      says(
        'U2',
        box({
          closet: [...closet, twin],
          lines: [{ piece: knit, askId: 'a' }],
          asks: [{ id: 'a', ask: readAsk(text) }],
        }),
      )[0]?.tone;
    expect([asked('another burgundy knit'), asked('a burgundy knit')]).toEqual(['works', 'fights']);
  });
  it('U2: the twin of what is owned fights, the sister of what is loved works', () => {
    const twin = owned('wine knit', 'fine-knit', '#631f30');
    const sister = owned('green knit', 'fine-knit', '#1f4032');
    expect(says('U2', box({ closet: [...closet, twin] }))[0]?.tone).toBe('fights');
    expect(says('U2', box({ closet: [...closet, sister] }))).toEqual([]);
    expect(says('U2', box({ closet: [...closet, sister], loved: [sister.id] }))[0]?.tone).toBe('works');
  });
  it('U3: names the occasions a piece serves, by day and in the evening', () => {
    const at = (title: string, time: 'day' | 'evening', formality: [number, number]) => ({
      id: title,
      occasion: anOccasion({ title, time, formality }),
    });
    const both = says(
      'U3',
      box({ occasions: [at('lunch', 'day', [2, 6]), at('supper', 'evening', [2, 6])] }),
    )[0];
    expect(both?.text).toBe('The burgundy knit works for lunch and supper, by day and in the evening.');
    const banned = { id: 'x', occasion: anOccasion({ title: 'x', bans: ['fine-knit'] }) };
    expect(says('U3', box({ occasions: [banned] }))).toEqual([]);
  });
  it('U4: the same clothes before the same people are noted, another layer makes another look', () => {
    const occasions = ['show', 'supper'].map((title) => ({
      id: title,
      // As two people may have typed it.
      occasion: anOccasion({ title, seenBy: [title === 'show' ? 'the guild' : ' The Guild'] }),
    }));
    const [, trousers, , loafers, boots] = closet as [Piece, Piece, Piece, Piece, Piece];
    const looks = (shoes: Piece) => [
      { occasionId: 'show', pieces: [knit, trousers, loafers] },
      { occasionId: 'supper', pieces: [knit, trousers, shoes] },
    ];
    expect(says('U4', box({ occasions, looks: looks(loafers) }))[0]?.tone).toBe('note');
    expect(says('U4', box({ occasions, looks: looks(boots) }))[0]?.tone).toBe('works');
    const strangers = occasions.map((each, i) => ({
      ...each,
      occasion: { ...each.occasion, seenBy: [`people ${i}`] },
    }));
    expect(says('U4', box({ occasions: strangers, looks: looks(loafers) }))).toEqual([]);
  });
  it('U7: an ask is answered by a piece pulled for it, or by its kind and colour', () => {
    const asks = [
      { id: 'red', ask: readAsk('something wine red') },
      { id: 'green', ask: readAsk('something green') },
      { id: 'knit', ask: readAsk('a warm knit') },
      { id: 'coat', ask: readAsk('a coat') },
    ];
    expect(says('U7', box({ asks })).map(({ tone }) => tone)).toEqual(['fights', 'fights', 'works', 'works']);
  });
  it('U8: speaks of the next season where the label names it', () => {
    const long = { ...knit, seasons: ['autumn', 'winter'] as const };
    const occasions = [{ id: 'o', occasion: anOccasion({ title: 'o', date: '2026-10-12' }) }];
    expect(says('U8', box({ lines: [{ piece: long, askId: null }], occasions }))[0]?.text).toContain(
      'into winter',
    );
    expect(says('U8', box({ occasions }))).toEqual([]);
  });
  it('U9: names the staple the closet wants next', () => {
    expect(says('U9', box())[0]?.text).toBe('Missing from the closet: white tee.');
  });
  it('a rule that is off is silent; every rule has its question', () => {
    const off = Object.fromEntries(BOX_RULES.map(({ id }) => [id, { off: true }]));
    expect(judgeBox(box({ settings: off }))).toEqual([]);
    for (const { question } of BOX_RULES) expect(question).toMatch(/\?$/);
  });
});

describe('U5, a safer swap', () => {
  const loud = fresh('loud blouse', 'blouse', '#1f4032', { statement: 4 });
  const calm = fresh('calm blouse', 'blouse', '#24483a', { statement: 1 });
  const quiet = { ...NOBODY, appetite: { statement: 'quiet' as const } };
  const lines = [{ piece: loud, askId: null }];
  it('names one that is at hand, and says so when none is', () => {
    const [found] = says('U5', box({ lines, client: quiet, stock: [calm] }));
    expect([found?.tone, found?.text]).toEqual([
      'works',
      'The loud blouse may be too bold: it draws more attention than the client likes. The calm blouse is the safer swap.',
    ]);
    const [none] = says('U5', box({ lines, client: quiet, stock: [] }));
    expect([none?.tone, none?.text.includes('Nothing safer')]).toEqual(['note', true]);
  });
  it('is silent where the client objects to nothing, and while the shelves are not looked at', () => {
    expect(says('U5', box({ lines, stock: [calm] }))).toEqual([]);
    expect(says('U5', box({ lines, client: quiet }))).toEqual([]);
  });
});

describe('rules of the box are tuned like any other', () => {
  it('by their thresholds', () => {
    const looks = Number(/opens (\d+)/.exec(says('U1', box())[0]?.text ?? '')?.[1]);
    expect(says('U1', box())[0]?.tone).toBe('works');
    const settings = { U1: { thresholds: { clothes: looks + 1 } } };
    expect(says('U1', box({ settings }))[0]?.tone).toBe('note');
    const strict = { U1: { thresholds: { good: 95 } } };
    expect(says('U1', box({ settings: strict }))[0]?.text).not.toBe(says('U1', box())[0]?.text);
  });
});
