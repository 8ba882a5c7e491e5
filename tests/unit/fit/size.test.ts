import { bodyOf } from '@core/figure';
import { fitWords, shoeFit, sizeFit } from '@core/fit';
import { rankPull, type SizeOffer } from '@core/pull';
import { NOBODY } from '@core/look';
import { readAsk } from '@core/box';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const body = bodyOf({ heightMm: 1700, bust: 920, waist: 740, hip: 990, armLength: 600, shoulderWidth: 390 });
const given = { bust: 'given', waist: 'given', hip: 'given', sleeve: 'given', shoulder: 'given' } as const;
const shirt = one('s', 'shirt', '#ffffff', { cut: { neckline: 'collar', sleeve: 'long' } });
const fit = (measures: Record<string, number>) => sizeFit(shirt, measures, given, body);

describe('sizeFit', () => {
  it('says right, close, roomy, too small and too big by the ease at the bust', () => {
    // Easy volume wants 50 to 150 mm over a bust of 920.
    expect(
      [920 + 100, 920 + 40, 920 + 200, 920 + 10, 920 + 300].map((bust) => fit({ bust }).verdict),
    ).toEqual(['right', 'close', 'roomy', 'too small', 'too big']);
  });
  it('names the tightest point: a sleeve too short for the arm decides', () => {
    const found = fit({ bust: 1020, sleeve: 540 });
    expect([found.verdict, found.decides?.point]).toEqual(['too small', 'sleeve']);
    expect(fitWords(found)).toBe('Too short at the sleeve (−60 mm; -15 to 60 wanted)');
  });
  it('lets stretch eat into what is wanted', () => {
    const jersey = one('j', 'fine-knit', '#ffffff', { volume: 'close', fabric: { stretchPct: 20 } });
    const plain = one('p', 'fine-knit', '#ffffff', { volume: 'close', fabric: { stretchPct: 0 } });
    const verdict = (piece: typeof jersey) => sizeFit(piece, { bust: 850 }, given, body).verdict;
    expect([verdict(plain), verdict(jersey)]).toEqual(['too small', 'right']);
  });
  it('rests on nothing that nobody measured', () => {
    expect(sizeFit(shirt, { bust: 1020 }, { bust: 'defaulted' }, body).points).toEqual([]);
    expect(fitWords(sizeFit(shirt, {}, {}, body))).toBe('Fit not measured');
  });
  it('fits shoes by the foot', () => {
    expect([38, 39, 39.5, 40].map((size) => shoeFit(size, 247))).toEqual([
      'too small',
      'close',
      'right',
      'right',
    ]);
  });
});

describe('rankPull', () => {
  const offer = (size: string, bust: number, free: number): SizeOffer => ({
    variantId: size,
    size,
    measures: { bust, sleeve: 600 },
    origins: given,
    free,
  });
  const sizes = [offer('S', 950, 2), offer('M', 1020, 1), offer('L', 1110, 3)];
  const candidate = (id: string, hex: string, more = {}) => ({
    piece: { ...shirt, id, title: id, colours: [{ hex, share: 1 }], priceMinor: 9000, ...more },
    sizes,
  });
  const setting = {
    body,
    client: { ...NOBODY, colourCard: { like: ['#1f4032'], avoid: ['#e6a6b3'], never: [] } },
    leftMinor: 10_000,
    owned: [],
  };

  it('takes the best size on the shelf and says why', () => {
    const [row] = rankPull([candidate('a', '#ffffff')], setting);
    expect([row?.size.size, row?.verdict, row?.doubt]).toEqual(['M', 'right', 'The last one in this size']);
    const [other] = rankPull(
      [
        {
          ...candidate('a', '#ffffff'),
          sizes: sizes.map((size) => (size.size === 'M' ? { ...size, free: 0 } : size)),
        },
      ],
      setting,
    );
    expect(other?.size.size).not.toBe('M');
    expect(
      rankPull(
        [{ ...candidate('a', '#ffffff'), sizes: sizes.map((size) => ({ ...size, free: 0 })) }],
        setting,
      ),
    ).toEqual([]);
  });
  it('puts liked colours before avoided ones, and what is too dear or a twin last', () => {
    const ranked = rankPull(
      [
        candidate('pink', '#e6a6b3'),
        candidate('green', '#1f4032'),
        candidate('dear', '#1f4032', { priceMinor: 20_000 }),
        candidate('twin', '#3a67ad'),
      ],
      {
        ...setting,
        owned: [{ ...shirt, id: 'own', title: 'Blue shirt', colours: [{ hex: '#3a67ad', share: 1 }] }],
      },
    );
    expect(ranked.map(({ piece }) => piece.id)).toEqual(['green', 'pink', 'dear', 'twin']);
    expect(ranked[3]?.doubt).toContain('Nearly the same as Blue shirt');
    expect(ranked[2]?.doubt).toBe('More than is left of the budget');
  });
  it('answers an ask by kind and colour', () => {
    const ask = readAsk('a green shirt');
    const ranked = rankPull([candidate('white', '#ffffff'), candidate('green', '#3c7d4b')], {
      ...setting,
      ask,
    });
    expect(ranked[0]?.piece.id).toBe('green');
    expect(ranked[0]?.reasons).toContain('In green, as asked');
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
    expect([...ask.categories].sort()).toEqual([...categories].sort());
    expect(ask.colourHex).toBe(hex);
  });
  it('hears that it must be washable', () => expect(readAsk('a shirt for the machine').washable).toBe(true));
});
