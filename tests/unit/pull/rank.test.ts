import { readAsk } from '@core/reading';
import { bodyOf } from '@core/figure';
import type { SizeOffer } from '@core/fit';
import { HOUSE_SCHOOLS, NOBODY } from '@core/client';
import type { GivenPiece, Piece } from '@core/piece';
import {
  answerTo,
  fastensToNothing,
  isInColour,
  refusedByAsk,
  type Candidate,
  CRITERIA,
  mayServe,
  rankPull,
  type RankSetting,
  USUAL_PULL_WEIGHTS,
  leftOutWords,
  reasonWords,
} from '@core/pull';
import { describe, expect, it } from 'vitest';
import { anOccasion } from '../../support/judging';
import { decided, one } from '../../support/pieces';
import { sure } from '../../support/sure';

const body = bodyOf({ heightMm: 1700, bust: 920, waist: 740, hip: 990, armLength: 600, shoulderWidth: 390 });
const shirt = one('s', 'shirt', '#ffffff', { cut: { neckline: 'collar', sleeve: 'long' } });
const offer = (size: string, bust: number, free: number): SizeOffer => ({
  variantId: size,
  size,
  measures: { bust, sleeve: 600 },
  origins: { bust: 'given', sleeve: 'given' },
  free,
});
const sizes = [offer('S', 950, 2), offer('M', 1020, 1), offer('L', 1110, 3)];
const candidate = (id: string, hex: string, more = {}, facts: Partial<Candidate> = {}): Candidate => ({
  piece: { ...shirt, id, title: id, colours: [{ hex, share: 1 }], priceMinor: 9000, ...more },
  sizes,
  ...facts,
});
const setting: RankSetting = {
  body,
  shopSchools: HOUSE_SCHOOLS,
  client: { ...NOBODY, colourCard: { like: ['#1f4032'], avoid: ['#e6a6b3'], never: [] } },
  leftMinor: 10_000,
  owned: [],
};
const order = (candidates: Candidate[], more: Partial<RankSetting> = {}): string[] =>
  rankPull(candidates, { ...setting, ...more }).map((each) => each.candidate.piece.id);

describe('an ask for no ironing', () => {
  it('is answered by what was entered, and by no cloth: unknown says nothing either way', () => {
    const ask = readAsk('a shirt, no ironing');
    const codes = (more: Partial<GivenPiece>): string[] =>
      answerTo(one('s', 'shirt', '#ffffff', more), ask).map(({ code }) => code);
    expect(codes({ ironing: 'none' })).toContain('no-iron');
    expect(codes({ ironing: 'press' })).toContain('irons');
    expect(codes({ ironing: 'steam' })).toContain('steams');
    for (const texture of ['rib', 'linen'] as const)
      expect(codes({ fabric: { texture } }).filter((code) => /iron|steam/.test(code))).toEqual([]);
  });
});

describe('ranking what may be pulled', () => {
  it('takes the best size on the shelf, says so first, and leaves out what is gone', () => {
    const [row] = rankPull([candidate('a', '#ffffff')], setting);
    expect([row?.choice.size, row?.choice.verdict]).toEqual(['M', 'right']);
    expect(row?.reasons[0]?.criterion).toBe('fit');
    expect(row?.doubt?.code).toBe('last-one');
    const gone = { ...candidate('a', '#ffffff'), sizes: sizes.map((size) => ({ ...size, free: 0 })) };
    expect(rankPull([gone], setting)).toEqual([]);
  });
  it('puts liked colours before avoided ones, and what is too dear or a twin last', () => {
    const own = { ...shirt, id: 'own', title: 'Blue shirt', colours: [{ hex: '#3a67ad', share: 1 }] };
    const candidates = [
      candidate('pink', '#e6a6b3'),
      candidate('green', '#1f4032'),
      candidate('dear', '#1f4032', { priceMinor: 20_000 }),
      candidate('twin', '#3a67ad'),
    ];
    const ranked = rankPull(candidates, { ...setting, owned: [own] });
    expect(ranked.map((each) => each.candidate.piece.id)).toEqual(['green', 'pink', 'twin', 'dear']);
    const said = Object.fromEntries(
      ranked.map((each) => [each.candidate.piece.id, each.doubt && reasonWords(each.doubt)]),
    );
    expect(said).toMatchObject({
      twin: 'Nearly the same as Blue shirt, already owned',
      dear: 'Over what is left of the budget',
      pink: 'In a colour this client avoids',
    });
  });
  it('answers an ask by kind and colour', () => {
    const [first] = rankPull([candidate('white', '#ffffff'), candidate('green', '#3c7d4b')], {
      ...setting,
      ask: readAsk('a green shirt'),
    });
    expect(first?.candidate.piece.id).toBe('green');
    expect(first?.reasons.map((said) => reasonWords(said))).toContain('In green, as asked');
  });
  it('remembers what this client kept and sent back of a label', () => {
    const past = [
      decided({ label: 'Kept', piece: { ...shirt, id: 'x', title: 'X' } }),
      decided({ label: 'Back', decision: 'return', reason: 'too short' }),
    ];
    const three = [
      candidate('back', '#ffffff', {}, { label: 'Back' }),
      candidate('new', '#ffffff', {}, { label: 'New' }),
      candidate('kept', '#ffffff', {}, { label: 'Kept' }),
    ];
    expect(order(three, { past })).toEqual(['kept', 'new', 'back']);
    const back = rankPull(three, { ...setting, past }).at(-1);
    expect(back?.doubt).toMatchObject({ code: 'sent-label-back', params: { reason: 'too short' } });
  });
  it('sees which occasions a piece could serve', () => {
    const evening = anOccasion({ title: 'Ball', formality: [8, 10], time: 'evening' });
    const office = anOccasion({ title: 'Office', formality: [4, 6], time: 'day', bans: ['red'] });
    expect(mayServe({ ...shirt, formality: 5 }, office)).toBe(true);
    expect(mayServe({ ...shirt, formality: 5 }, evening)).toBe(false);
    expect(mayServe({ ...shirt, formality: 5, hour: 'evening' }, office)).toBe(false);
    expect(mayServe({ ...shirt, formality: 5, colours: [{ hex: '#b3282d', share: 1 }] }, office)).toBe(false);
    const [row] = rankPull([candidate('a', '#ffffff', { formality: 5 })], {
      ...setting,
      occasions: [office, evening],
    });
    expect(row?.reasons.map((said) => reasonWords(said))).toContain('Works for Office');
  });
  it('puts a sister of what is loved before a stranger', () => {
    const loved = { ...shirt, id: 'own', title: 'Loved shirt', colours: [{ hex: '#7a2c3a', share: 1 }] };
    const [row] = rankPull([candidate('a', '#ffffff')], { ...setting, owned: [loved], loved: ['own'] });
    expect(row?.reasons.map((said) => reasonWords(said))).toContain('Sister of Loved shirt, a loved piece');
  });
  it('counts the shop’s own interest only where the owner wants it, and says that it is that', () => {
    const two = [
      candidate('a new one', '#ffffff', {}, { ageDays: 5, costMinor: 8000 }),
      candidate('old stock', '#ffffff', {}, { ageDays: 400, costMinor: 2000 }),
    ];
    expect(order(two)).toEqual(['a new one', 'old stock']);
    const settings = { ownInterest: true };
    expect(order(two, { settings })).toEqual(['old stock', 'a new one']);
    const said = rankPull(two, { ...setting, settings })[0]?.reasons.find(
      ({ criterion }) => criterion === 'interest',
    );
    expect(said && reasonWords(said)).toBe('For the shop: 400 days in the shop, a margin of 78 %');
  });
  it('weighs as the shop does: a criterion at nothing changes no order', () => {
    const two = [candidate('pink', '#e6a6b3'), candidate('a plain one', '#84868a')];
    expect(order(two)[0]).toBe('a plain one');
    expect(order(two, { settings: { weights: { colour: 0 } } })[0]).toBe('a plain one');
    const points = (weights: object) =>
      rankPull(two, { ...setting, settings: { weights } }).map((each) => each.points);
    expect(new Set(points({ colour: 0 })).size).toBe(1);
    expect(Object.keys(USUAL_PULL_WEIGHTS).sort()).toEqual([...CRITERIA].sort());
  });
  it('shows three reasons at most, and points that are those of its remarks', () => {
    const ranked = rankPull([candidate('a', '#1f4032', { moods: ['calm'], care: 'machine' })], {
      ...setting,
      client: { ...setting.client, moods: ['calm'] },
      ask: readAsk('a green shirt for the machine'),
    });
    expect(ranked[0]?.reasons).toHaveLength(3);
    const [fit, ...rest] = sure(ranked[0]).reasons;
    expect(fit?.points).toBe(USUAL_PULL_WEIGHTS.fit);
    expect(rest.map(({ points }) => points)).toEqual(
      [...rest.map(({ points }) => points)].sort((a, b) => b - a),
    );
  });
});

describe('what an ask rules out', () => {
  const piece = one('p', 'shirt', '#5f3f84', {
    cut: { sleeve: 'none' },
    fabric: { fibres: [{ name: 'merino', pct: 100 }] },
  });
  it.each([
    ['something but not purple', 'Not wanted: purple'],
    ['a shirt, not sleeveless', 'Not wanted: sleeveless'],
    ['nothing in wool', 'Not wanted: wool'],
    ['a shirt for men', 'From the women’s rail'],
    ['a purple shirt', undefined],
    ['a shirt, not green', undefined],
  ])('%s', (text, why) => {
    const refused = refusedByAsk({ ...piece, department: 'women' }, readAsk(text));
    expect(refused && leftOutWords(refused)).toBe(why);
  });
  it.each([
    // As the guard tells it, by what cloth is and not by the letters of its name.
    ['no synthetics', 'polyester', true],
    ['no synthetics', 'recycled nylon', true],
    ['no synthetics', 'viscose', false],
    ['no leather', 'nappa', true],
    ['no leather', 'imitation leather', false],
    ['a jacket in vegan leather', 'imitation leather', false],
    ['a jacket in vegan leather', 'calf leather', true],
    ['no silk', 'artificial silk', false],
    ['no silk', 'mulberry silk', true],
    ['no wool', 'lambswool', true],
    ['no merino', 'polyester', false],
    ['nothing with cotton', 'organic cotton', true],
    ['wool allergy', 'merino', true],
  ])('%s: a jacket of %s', (text, fibre, isRefused) => {
    const jacket = one('j', 'jacket', '#222222', { fabric: { fibres: [{ name: fibre, pct: 100 }] } });
    expect(refusedByAsk(jacket, readAsk(text)) !== undefined).toBe(isRefused);
  });
  it('is a lining too, and a hide nobody wrote a label for', () => {
    const { fabric } = one('n', 'jacket', '#222222', {
      fabric: { fibres: [{ name: 'polyester', pct: 100 }] },
    });
    const lined: Piece = {
      ...one('l', 'jacket', '#222222', { fabric: { fibres: [{ name: 'cotton', pct: 100 }] } }),
      parts: [{ zone: 'chest', fabric }],
    };
    const hide = one('h', 'jacket', '#222222', { fabric: { texture: 'leather' } });
    expect(
      [lined, hide].map((piece) => refusedByAsk(piece, readAsk('no synthetics, no leather')) !== undefined),
    ).toEqual([true, true]);
  });
  it('is no colour of a stripe: a blue shirt with a purple line is not purple', () => {
    const striped = one('s', 'shirt', '#3a67ad', {
      colours: [
        { hex: '#3a67ad', share: 0.8 },
        { hex: '#5f3f84', share: 0.2 },
      ],
    });
    const [asked] = sure(readAsk('a purple shirt').colours);
    expect([isInColour(striped, sure(asked)), isInColour(piece, sure(asked))]).toEqual([false, true]);
  });
});

describe('a part sold alone', () => {
  const strap = one('strap', 'belt', '#9c4a24', { fastensTo: ['harbour-bag'] });
  const bag = one('owned:bag', 'bag', '#5f4331', { owned: true, styleId: 'harbour-bag' });
  it('is for whoever owns what takes it, or has it in the box', () => {
    expect(fastensToNothing(strap, { owned: [] })).toBe(true);
    expect(fastensToNothing(strap, { owned: [bag] })).toBe(false);
    expect(fastensToNothing(strap, { owned: [], inBox: ['harbour-bag'] })).toBe(false);
    expect(fastensToNothing(strap, { owned: [{ ...bag, styleId: 'quay-bag' }], inBox: ['quay-bag'] })).toBe(
      true,
    );
    expect(fastensToNothing(bag, { owned: [] })).toBe(false);
  });
  it('is offered with the reason first', () => {
    const [ranked] = rankPull([{ piece: { ...strap, priceMinor: 2000 }, sizes }], {
      ...setting,
      owned: [bag],
    });
    expect(ranked?.reasons.map((reason) => reasonWords(reason))).toContain(
      `Fastens to ${bag.title}, already owned`,
    );
  });
});
