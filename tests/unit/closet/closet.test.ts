import { closetCsv, closetJson, closetKey, readCloset } from '@contracts/closet-file';
import { cardOf, isTwin, STAPLES, twinsIn } from '@core/closet';
import { readList } from '@core/reading';
import { deltaE, lab } from '@core/colour';
import { type GivenPiece, pieceFrom } from '@core/piece';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPiece } from '../../support/pieces';
import { sure } from '../../support/sure';

const one = (text: string) => sure(readList(text)[0]);
const piece = (
  given: Partial<GivenPiece> & Pick<GivenPiece, 'category'>,
  id = given.title ?? given.category,
) => pieceFrom({ colours: [{ hex: '#1f2a44', share: 1 }], ...given, id });

describe('a pasted list', () => {
  it('reads kind, colour, cloth and cut, and names what it did not understand', () => {
    const [knit, jeans] = readList('navy crew knit, wool; black slim jeans, high rise');
    expect(sure(knit).piece).toMatchObject({
      category: 'fine-knit',
      cut: { neckline: 'crew' },
      fabric: { fibres: [{ name: 'wool', pct: 100 }] },
    });
    expect(sure(jeans).piece).toMatchObject({ category: 'jeans', cut: { leg: 'slim', rise: 'high' } });
    expect(one('quaggy blue skirt').reading.unknown).toEqual(['quaggy']);
    expect(one('something red').piece).toBeUndefined();
  });
  it.each([
    ['chunky oatmeal cardigan', 'cardigan', '#d3c5ab'],
    ['cream chunky knit', 'chunky-knit', '#ebdfc3'],
    ['brown ankle boots, suede', 'ankle-boot', '#5f4331'],
    ['dark blue jeans', 'jeans', '#1f2a44'],
    ['white t-shirt', 'tee', '#fbfbf9'],
    ['bottle green pleated skirt', 'skirt', '#1f4032'],
    ['silver studs', 'earrings', '#b9bcc0'],
    ['wine polo neck jumper', 'fine-knit', '#611f2f'],
  ])('%s is a %s', (text, category, hex) => {
    const read = one(text);
    expect(read.piece?.category).toBe(category);
    expect(deltaE(lab(sure(sure(read.piece).colours[0]).hex), lab(hex))).toBeLessThan(5);
  });
  it('keeps a cut to the kinds it means something for', () => {
    expect(one('wide black belt').piece?.cut?.leg).toBeUndefined();
    expect(one('wide leg black trousers').piece?.cut?.leg).toBe('wide');
  });
  it('never breaks, whatever is pasted, and never makes a piece that cannot be', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (text) => {
        for (const { piece: found } of readList(text)) if (found) pieceFrom({ ...found, id: 'x' });
      }),
    );
  });
});

describe('twins and the card of loved pieces', () => {
  it('a twin is the same kind and cut in one colour; another neck or colour is none', () => {
    const a = piece({ category: 'tee', title: 'A', cut: { neckline: 'crew' } });
    expect(isTwin(a, piece({ category: 'tee', title: 'B', cut: { neckline: 'crew' } }))).toBe(true);
    expect(isTwin(a, piece({ category: 'tee', title: 'C', cut: { neckline: 'v' } }))).toBe(false);
    expect(isTwin(a, piece({ category: 'tee', title: 'D', colours: [{ hex: '#9c4a24', share: 1 }] }))).toBe(
      false,
    );
    expect(isTwin(a, piece({ category: 'tee', title: 'E', volume: 'full' }))).toBe(false);
    expect(twinsIn([a, piece({ category: 'tee', title: 'B', cut: { neckline: 'crew' } })])).toHaveLength(1);
  });
  it('names the colours that loved pieces share, once each', () => {
    const card = cardOf([
      piece({ category: 'tee', title: 'A' }),
      piece({ category: 'skirt', title: 'B', colours: [{ hex: '#20304a', share: 1 }] }),
      piece({ category: 'coat', title: 'C', colours: [{ hex: '#9c4a24', share: 1 }] }),
    ]);
    expect(card.map(({ name }) => name)).toEqual(['navy', 'rust']);
    expect(sure(card[0]).pieces).toEqual(['A', 'B']);
    expect(cardOf([])).toEqual([]);
  });
  it('staples are whole pieces, assumed', () => {
    for (const staple of [...STAPLES.womenswear, ...STAPLES.menswear]) {
      expect(staple.assumed).toBe(true);
      pieceFrom({ ...staple, id: 's' });
    }
  });
});

describe('a closet file', () => {
  const owned = (pieces: readonly ReturnType<typeof piece>[]) =>
    pieces.map((each, i) => ({ piece: each, assumed: i % 2 === 0, loved: i % 3 === 0, wornWeekly: false }));
  it('comes back in as it went out, CSV and JSON', () => {
    fc.assert(
      fc.property(fc.array(anyPiece, { minLength: 1, maxLength: 5 }), (pieces) => {
        const items = owned(pieces.map((each, i) => ({ ...each, title: `Piece ${i}` })));
        for (const text of [closetCsv(items), closetJson(items)]) {
          const { items: back, faults } = readCloset(text);
          expect(faults).toEqual([]);
          expect(back.map(({ piece: each }) => [each.title, each.category, each.colours.length])).toEqual(
            items.map(({ piece: each }) => [each.title, each.category, each.colours.length]),
          );
          expect(back.map(({ loved }) => loved)).toEqual(items.map(({ loved }) => loved));
          expect(sure(back[0]).piece.fabric?.texture).toBe(sure(items[0]).piece.fabric.texture);
        }
      }),
      { numRuns: 30 },
    );
  });
  it('neutralises a cell that a spreadsheet would run', () => {
    const text = closetCsv(owned([piece({ category: 'tee', title: '=HYPERLINK("x")' })]));
    expect(text).toContain(`"'=HYPERLINK(""x"")"`);
  });
  it('tells every fault with its row, and keeps the good rows', () => {
    const { items, faults } = readCloset(
      'title;category;colours\nTee;tee;navy\n;tee;navy\nHat;hut;#112233\nBag;bag;blu',
    );
    expect(items).toHaveLength(1);
    expect(faults.map(({ row, path }) => `${row} ${path}`)).toEqual([
      '3 title',
      '4 category',
      '5 colours[0].hex',
    ]);
    expect(readCloset('title,category\nx,tee').faults[0]).toMatchObject({ row: 1, path: 'colours' });
    expect(readCloset('{"items": 3}').faults[0]?.code).toBe('no-list');
    expect(readCloset('[{').faults[0]?.code).toBe('not-json');
  });
  it('knows a piece again by its title, kind and colours', () => {
    expect(closetKey(piece({ category: 'tee', title: ' A ' }))).toBe(
      closetKey(piece({ category: 'tee', title: 'a' })),
    );
  });
});
