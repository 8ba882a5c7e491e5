import { neutral, readRows, textOf } from '@contracts/csv';
import { readStock, stockCsv, type StockExport, stockJson } from '@contracts/stock-file';
import { countDifference, runMeasures, sizesOf, usualSku } from '@core/stock';
import { rowFaults, rowsOf, sizesInput, withSizes } from '@islands/stockroom/size-rows';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';

describe('a size run', () => {
  it('is read as people type it, each size once', () => {
    expect(sizesOf('XS, S;M\nL  L')).toEqual(['XS', 'S', 'M', 'L']);
    expect(sizesOf(' , ')).toEqual([]);
  });
  it('names a SKU after style and size', () => {
    expect(usualSku('bottle-green-velvet-blazer', 'M')).toBe('BOTGREVELBLA-M');
    expect(usualSku('boot', '37.5', 'long')).toBe('BOO-37-5-LONG');
  });
  it('shows the measures of its kind first, then whatever else was given', () => {
    expect(runMeasures('trousers', [{ inseam: 800, hemAllowance: 40 }]).at(-1)).toBe('hemAllowance');
    expect(runMeasures('trousers', []).slice(0, 3)).toEqual(['waist', 'hip', 'thigh']);
  });
  it('a count posts what differs, and nothing when the books are right', () => {
    expect(countDifference(3, 3)).toBeUndefined();
    expect(countDifference(3, 5)).toEqual({ qty: 2, from: 'supplier', to: 'shelf' });
    expect(countDifference(3, 1)).toEqual({ qty: 2, from: 'shelf', to: 'written-off' });
  });
  it('is typed in cm, or with a unit of its own, and sent in mm; what is no length is named by its field', () => {
    const rows = withSizes([], 'S M', 'tee').map((row, i) => ({
      ...row,
      lengths: { bust: ['98,5', '9x'][i] ?? '', length: ['25 1/2 in', ''][i] ?? '' },
    }));
    expect(rowFaults(rows)).toEqual({
      'sizes[1].measures.bust': 'a length is wanted, as 4.5, 45 mm or 2 in',
    });
    expect(sizesInput(rows.slice(0, 1))[0]).toMatchObject({
      size: 'S',
      sku: 'TEE-S',
      measures: { bust: 985, length: 648 },
      qty: 0,
    });
    expect(withSizes(rows, 'm L', 'tee').map(({ size }) => size)).toEqual(['S', 'M', 'L']);
  });
});

const given: StockExport = {
  id: 'g',
  title: '=1+1, "tee"',
  label: '-dash',
  styleId: 'one',
  setId: '',
  category: 'tee',
  formality: 3,
  colours: [{ hex: '#1f2a44', share: 1 }],
  attributes: {
    cut: { neckline: 'crew' },
    measures: { sleeve: 200 },
    features: [{ zone: 'back', what: 'yoke' }],
  },
  priceMinor: 3950,
  costMinor: 1720,
  sizes: [
    {
      id: 's',
      size: 'S',
      length: '',
      sku: 'A-1',
      ean: '2000000000015',
      measures: { bust: 940 },
      moved: true,
    },
  ],
  shelf: new Map([['s', 3]]),
};

describe('a stock file that was written', () => {
  it.each([
    ['CSV', stockCsv([given], 'EUR')],
    ['JSON', stockJson([given])],
  ])('as %s reads back as what it was', (_kind, text) => {
    const { rows, faults } = readStock(text, 'EUR');
    expect(faults).toEqual([]);
    expect(rows[0]).toMatchObject({
      title: given.title,
      label: given.label,
      styleId: 'one',
      sku: 'A-1',
      ean: '2000000000015',
      qty: 3,
      priceMinor: 3950,
      costMinor: 1720,
      measures: { bust: 940 },
    });
    expect(rows[0]?.attributes.cut?.neckline).toBe('crew');
  });
  it('says nothing of a cost that nobody gave, and refuses one that is no amount', () => {
    const silent = [
      stockCsv([{ ...given, costMinor: null }], 'EUR'),
      stockJson([{ ...given, costMinor: null }]),
    ];
    for (const text of silent) expect(readStock(text, 'EUR').rows[0]?.costMinor).toBeUndefined();
    const wrong = stockCsv([given], 'EUR').replace('17.20', '-3');
    expect(readStock(wrong, 'EUR').faults[0]).toMatchObject({ row: 2, path: 'cost' });
  });
  it('keeps in JSON what a row of cells cannot hold', () => {
    expect(readStock(stockJson([given]), 'EUR').rows[0]?.attributes.features).toEqual(
      given.attributes.features,
    );
  });
  it('holds no cell that a spreadsheet would run', () => {
    for (const cell of stockCsv([given], 'EUR').split(/[\r\n,]+/)) expect(cell).not.toMatch(/^"?[=+@]/);
  });
  it('tells what is wrong with a JSON file, by garment and field', () => {
    expect(readStock('{', 'EUR').faults[0]).toMatchObject({ path: '(file)', code: 'not-json' });
    expect(readStock('{"a":1}', 'EUR').faults[0]).toMatchObject({ params: { format: 'ivory-rail/stock@1' } });
    const bad = JSON.parse(stockJson([given, given]));
    bad.garments[1].priceMinor = -1;
    const { rows, faults } = readStock(JSON.stringify(bad), 'EUR');
    expect(rows).toHaveLength(1);
    expect(faults[0]).toMatchObject({ row: 2, path: 'priceMinor', params: { why: 'not below 0' } });
  });
});

describe('a cell', () => {
  it('comes back as it was, whatever stands in it', () => {
    fc.assert(
      fc.property(fc.string({ unit: fc.constantFrom(...`'=+-@a1 `) }), (cell) => {
        fc.pre(cell.trim() === cell && cell !== '');
        const { rows } = readRows(`a\n"${neutral(cell)}"`, ['a'], (header) => header);
        expect(rows[0]?.record.a).toBe(cell);
      }),
    );
  });
  it('is told line by line when five thousand are faulty', () => {
    const lines = Array.from({ length: 5000 }, (_, i) => `T,tee,blu,S,K-${i},10,1`);
    const { rows, faults } = readStock(
      `title,category,colours,size,sku,price,qty\n${lines.join('\n')}`,
      'EUR',
    );
    expect(rows).toEqual([]);
    expect(faults).toHaveLength(5000);
    expect(faults[4999]).toMatchObject({ row: 5001, path: 'colours[0].hex' });
  });
});

describe('the bytes of a file', () => {
  const utf16 = (text: string, swap: boolean): Uint8Array => {
    const bytes = Buffer.from(text, 'utf16le');
    return swap ? bytes.swap16() : bytes;
  };
  it.each([
    ['UTF-8', Buffer.from('title;größe\n')],
    ['UTF-8 with a mark', Buffer.from('\uFEFFtitle;größe\n')],
    ['UTF-16 little end first', utf16('\uFEFFtitle;größe\n', false)],
    ['UTF-16 big end first', utf16('\uFEFFtitle;größe\n', true)],
    ['UTF-16 without a mark', utf16('title;größe\n', false)],
  ])('%s is read', (_name, bytes) => {
    expect(textOf(bytes)).toBe('title;größe\n');
  });
  it('an old code page is refused rather than read with wrong letters', () => {
    expect(textOf(Buffer.from('größe', 'latin1'))).toBeUndefined();
  });
});

it('rows of a sheet are what the sheet says', () => {
  const { shelf: _shelf, ...rest } = given;
  const sheet = { ...rest, version: 1, archived: false, locations: [] };
  expect(sizesInput(rowsOf(sheet))[0]).toMatchObject({ id: 's', sku: 'A-1', measures: { bust: 940 } });
});
