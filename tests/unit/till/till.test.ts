import { readFileSync } from 'node:fs';
import { anyTextOf, cellsOf } from '@contracts/csv';
import { cellAt, leftRows, mended, readSource, sourceOfText, stockBatches } from '@contracts/till-file';
import { readStock } from '@contracts/stock-file';
import { guessColumns, readTill, tillFaultWords, tillNoteWords } from '@core/till';
import { countOf, fibresOf, priceOf, sizesIn } from '@core/till/cells';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

/** Three invented tills, of different habits: English with a report's head, German with runs of sizes, French in an old encoding. */
const fixture = (name: string) => {
  const { text, isOldPage } = anyTextOf(readFileSync(`tests/fixtures/tills/${name}`));
  const cells = cellsOf(text);
  const sheet = guessColumns(cells);
  return { cells, sheet, isOldPage, fields: sheet.columns.filter((field) => field !== null) };
};

describe('columns of a till’s file', () => {
  it('are guessed below a report’s head, by name and by what they hold', () => {
    const { sheet, fields } = fixture('harbour-till.csv');
    expect(sheet.headRow).toBe(3);
    expect(fields).toEqual(['title', 'kind', 'colour', 'size', 'ean', 'price', 'qty', 'label']);
  });

  it('in German and in French', () => {
    expect(fixture('kasse.csv')).toMatchObject({
      sheet: { tongue: 'de' },
      fields: ['sku', 'title', 'kind', 'colour', 'size', 'qty', 'price', 'cost', 'fibres', 'department'],
    });
    expect(fixture('caisse.csv')).toMatchObject({
      isOldPage: true,
      sheet: { tongue: 'fr' },
      fields: ['sku', 'title', 'department', 'colour', 'size', 'qty', 'price', 'fibres', 'ean'],
    });
  });

  it('without any header, by what they hold', () => {
    const cells = cellsOf(
      'Wool wrap dress,green,12,149.00,3\nLinen shirt long,white,14,89.00,2\nSilk cami top,black,10,65.50,1',
    );
    const { headRow, columns } = guessColumns(cells);
    expect(headRow).toBe(-1);
    expect(columns).toEqual(['title', 'colour', 'size', 'price', 'qty']);
  });
});

describe('rows of a till’s file', () => {
  it('become sizes, with kind, colour, cloth and department as a person reads them', () => {
    const { cells, sheet } = fixture('kasse.csv');
    const { sizes, faults } = readTill(cells, sheet, { currency: 'EUR' });
    const first = sizes.map(({ piece, size, qty, priceMinor }) => [
      piece.category,
      size,
      qty,
      priceMinor,
      piece.fabric?.fibres?.map(({ name, pct }) => `${pct} ${name}`).join(' '),
    ]);
    expect(first.slice(0, 3)).toEqual([
      ['dress', '36', 1, 14_900, '70 wool 30 silk'],
      ['dress', '38', 2, 14_900, '70 wool 30 silk'],
      ['dress', '40', 1, 14_900, '70 wool 30 silk'],
    ]);
    expect(sizes.find(({ title }) => title === 'Strickpullover Rundhals')).toMatchObject({
      priceMinor: 108_900,
      piece: { category: 'fine-knit', cut: { neckline: 'crew' }, department: 'women' },
    });
    expect(sizes.find(({ title }) => title === 'Hemd gestreift')?.piece).toMatchObject({
      category: 'shirt',
      department: 'men',
      pattern: { kind: 'stripe' },
    });
    // A run of sizes and one count: nobody knows how the pieces are spread.
    expect(faults.map((fault) => [fault.row, tillFaultWords(fault)])).toEqual([
      [4, 'one count for 4 sizes: write one for each size, as 2, 3, 1'],
    ]);
  });

  it('tell what was guessed, and what cannot come in', () => {
    const { cells, sheet } = fixture('harbour-till.csv');
    const { sizes, faults, notes } = readTill(cells, sheet, { currency: 'GBP' });
    expect(sizes).toHaveLength(8);
    expect(faults.map(({ row, field, code }) => [row, field, code])).toEqual([
      [13, 'kind', 'no-kind'],
      [14, 'price', 'not-price'],
    ]);
    expect(notes.map(({ row, code }) => [row, code])).toEqual([
      [6, 'carried'],
      [7, 'carried'],
      [8, 'ean-lost'],
      [8, 'sku-made'],
      [9, 'sku-made'],
      [11, 'below-0'],
    ]);
    for (const note of notes) expect(tillNoteWords(note)).not.toContain('undefined');
    const kinds = { Other: 'scarf' } as const;
    expect(readTill(cells, sheet, { currency: 'GBP', kinds }).faults.map(({ row }) => row)).toEqual([14]);
  });

  it('mean by a vest, a jumper and pants what their own shop means', () => {
    const cells = cellsOf(
      'name,kind,colour,size,price,qty\nIda,vest,navy,M,20,1\nOda,jumper,navy,M,20,1\nUna,pants,navy,M,20,1',
    );
    const kinds = (english: 'british' | 'american') =>
      readTill(cells, guessColumns(cells), { currency: 'EUR', tongue: { english, units: 'cm' } }).sizes.map(
        ({ piece }) => piece.category,
      );
    expect(kinds('british').slice(0, 2)).toEqual(['tank', 'fine-knit']);
    expect(kinds('american')).toEqual(['waistcoat', 'dress', 'trousers']);
  });

  it('say in which currency a price is that the shop does not sell in', () => {
    const { cells, sheet } = fixture('harbour-till.csv');
    const { faults } = readTill(cells, sheet, { currency: 'EUR' });
    expect(tillFaultWords(sure(faults.find(({ row }) => row === 5)))).toBe(
      '“£149.00” is not in EUR, which the shop sells in',
    );
  });

  it('never stand twice: neither a SKU, nor a barcode, nor a size of one garment', () => {
    const cells = cellsOf(
      'name,kind,colour,size,sku,barcode,price,qty\nTee,T-shirt,white,S,A,5012345000015,20,1\nTee,T-shirt,white,M,A,5012345000015,20,1\nTee,T-shirt,white,S,B,,20,1\nTee,T-shirt,white,L,C,5012345000015,20,1',
    );
    const read = readTill(cells, guessColumns(cells), { currency: 'EUR' });
    expect(read.faults.map(({ row, code }) => [row, code])).toEqual([
      [3, 'twice'],
      [4, 'size-twice'],
    ]);
    expect(read.sizes.map(({ sku, ean }) => [sku, ean])).toEqual([
      ['A', '5012345000015'],
      ['C', undefined],
    ]);
  });

  it('throw nothing, whatever stands in them, and every row is in, faulty, or empty', () => {
    const word = fc.oneof(
      fc.constantFrom(
        'dress',
        'S,M,L',
        '€ 12,50',
        '3',
        '-2',
        '5.01E+12',
        'navy',
        '',
        'Kleid',
        '100% Wolle',
        '"',
        '\u0000',
      ),
      fc.string({ maxLength: 30 }),
    );
    fc.assert(
      fc.property(fc.array(fc.array(word, { maxLength: 9 }), { maxLength: 12 }), (rows) => {
        const cells = [
          ['name', 'kind', 'colour', 'size', 'sku', 'barcode', 'price', 'qty', 'fabric'],
          ...rows,
        ];
        const { sizes, faults } = readTill(cells, guessColumns(cells), { currency: 'EUR' });
        const said = new Set([...sizes, ...faults].map(({ row }) => row));
        rows.forEach((row, i) => {
          const isEmpty = row.every((cell) => cell.trim() === '');
          const isTotal = /^\s*(?:grand |sub)?total|^\s*sum\b|^\s*summe|^\s*gesamt|^\s*total/i.test(
            row[0] ?? '',
          );
          if (!isEmpty && !isTotal && row[0]?.trim()) expect(said.has(i + 2)).toBe(true);
        });
      }),
      { numRuns: 150 },
    );
  });
});

describe('cells', () => {
  it.each([
    ['€ 149,00', 14_900],
    ['1.149,-', 114_900],
    ['1,149.00', 114_900],
    ['1 149,50 €', 114_950],
    ["1'149.5", 114_950],
    ['1.149', 114_900],
    ['12', 1200],
    ['£12', 'other'],
    ['12O', undefined],
    ['', undefined],
    ['-5', undefined],
  ])('%s is a price of %s', (cell, minor) => expect(priceOf(cell, 'EUR', 2)).toBe(minor));

  it('of a currency without cents are whole', () => {
    expect([priceOf('¥14,900', 'JPY', 0), priceOf('14900.5', 'JPY', 0)]).toEqual([14_900, undefined]);
  });

  it.each([
    ['S,M,L', ['S', 'M', 'L']],
    ['UK 10/12/14', ['UK 10', 'UK 12', 'UK 14']],
    ['36-42', ['36', '38', '40', '42']],
    ['37 to 40', ['37', '38', '39', '40']],
    ['XS–L', ['XS', 'S', 'M', 'L']],
    ['S/M', ['S/M']],
    ['W32/L34', ['W32/L34']],
    ['32/34', ['32/34']],
    ['one size', ['one size']],
    ['7 1/2', ['7 1/2']],
    ['', []],
  ])('%s is sizes %j', (cell, sizes) => expect(sizesIn(cell)).toEqual(sizes));

  it('hold counts and fibres as tills write them', () => {
    expect(['3', '3,00', '2 Stk', '-1', 'three', '1e3'].map(countOf)).toEqual([
      3,
      3,
      2,
      'below',
      undefined,
      undefined,
    ]);
    expect(fibresOf('97% cotton 3% elastane')).toEqual([
      { name: 'cotton', pct: 97 },
      { name: 'elastane', pct: 3 },
    ]);
    expect(fibresOf('Wool 80, Nylon 20').map(({ name, pct }) => [name, pct])).toEqual([
      ['wool', 80],
      ['nylon', 20],
    ]);
  });
});

describe('a file on its way to the stockroom', () => {
  const source = sourceOfText(readFileSync('tests/fixtures/tills/harbour-till.csv', 'utf8'));

  it('goes in parts that the server reads as its own format, each with the row it came from', () => {
    const { rows } = readSource(source, { currency: 'GBP' });
    const parts = stockBatches(rows).map(({ text }) => readStock(text, 'GBP'));
    expect(parts.flatMap(({ faults }) => faults)).toEqual([]);
    expect(
      parts.flatMap((part) => part.rows.map(({ row, sku, qty, priceMinor }) => [row, sku, qty, priceMinor])),
    ).toEqual(rows.map(({ row, sku, qty, priceMinor }) => [row, sku, qty, priceMinor]));
  });

  it('is mended cell by cell; what is left comes out with its reasons and reads in again', () => {
    const options = { currency: 'GBP' };
    const left = leftRows(source, readSource(source, options).faults);
    expect(left.split('\r\n')).toHaveLength(3);
    expect(left).toContain('price: “£16O” is no price');
    const again = sourceOfText(left.replace('£16O', '£160'));
    expect(readSource(again, options)).toMatchObject({
      rows: [{ title: 'Linen blazer', priceMinor: 16_000 }],
      faults: [{ code: 'no-kind' }],
    });
    const better = mended(source, [{ row: 14, field: 'price', said: '160' }]);
    expect(readSource(better, options).faults.map(({ row }) => row)).toEqual([13]);
  });

  it('that our own export wrote is read as it is, JSON too', () => {
    const ours = sourceOfText('Title,Category,Colours,Size,SKU,Price,Qty\nQuay tee,tee,navy,S,Q-1,39.50,3');
    expect(ours.kind).toBe('ours');
    expect(readSource(ours, { currency: 'EUR' }).rows[0]).toMatchObject({ sku: 'Q-1', priceMinor: 3950 });
  });

  it('with two prices for sizes of one garment says which it takes, and from where', () => {
    const head = 'title,category,colours,size,sku,price,qty';
    const source = sourceOfText(
      [
        head,
        'Quay dress,dress,navy,S,Q-1,99,1',
        'Quay dress,dress,navy,XXL,Q-2,109,1',
        'Quay dress,dress,white,XXL,Q-3,109,1',
      ].join('\n'),
    );
    const { rows, notes } = readSource(source, { currency: 'EUR' });
    expect(rows).toHaveLength(3);
    expect(notes.map(({ row, code }) => [row, code])).toEqual([[3, 'other-price']]);
    expect(notes[0]?.words).toContain('109.00');
    expect(notes[0]?.words).toContain('99.00 in row 2');
  });

  it('of our own columns is mended in place too: each fault has its cell, empty lines and all', () => {
    const options = { currency: 'EUR' };
    const ours = sourceOfText(
      [
        'Title,Category,Colours,Size,SKU,Price,Qty,Fabric.weight,Fibres',
        'Quay tee,tee,navy,S,Q-1,39.50,3,light,100 cotton',
        '',
        '"Harbour dress, long",gown,bleu,M,Q-2,12o,two,featherish,120 wool',
        '=Pier shirt,shirt,white,L,,60,1,,',
      ].join('\r\n'),
    );
    const { rows, faults } = readSource(ours, options);
    expect(rows.map(({ sku }) => sku)).toEqual(['Q-1']);
    const cells = faults.map(({ row, field }) => [row, field, cellAt(ours, row, field)]);
    expect(cells).toEqual(
      expect.arrayContaining([
        [3, 'price', '12o'],
        [3, 'qty', 'two'],
        [3, 'category', 'gown'],
        [3, 'fabric.weight', 'featherish'],
        [4, 'sku', ''],
      ]),
    );
    expect(faults.filter(({ row, field }) => cellAt(ours, row, field) === undefined)).toEqual([]);
    const better = mended(ours, [
      { row: 3, field: 'price', said: '120' },
      { row: 3, field: 'qty', said: '2' },
      { row: 3, field: 'category', said: 'dress' },
      { row: 3, field: 'colours', said: 'navy' },
      { row: 3, field: 'fabric.weight', said: 'light' },
      { row: 3, field: 'fibres', said: '100 wool' },
      { row: 4, field: 'sku', said: 'Q-3' },
      { row: 4, field: 'care', said: 'machine' },
      { row: 1, field: 'title', said: 'never' },
    ]);
    const read = readSource(better, options);
    expect(read.faults).toEqual([]);
    expect(read.rows.map(({ sku, title, priceMinor, qty }) => [sku, title, priceMinor, qty])).toEqual([
      ['Q-1', 'Quay tee', 3950, 3],
      ['Q-2', 'Harbour dress, long', 12_000, 2],
      ['Q-3', '=Pier shirt', 6000, 1],
    ]);
    expect(read.rows[2]?.attributes).toMatchObject({ care: 'machine' });
    // A whole file as JSON has no cells.
    expect(mended({ kind: 'ours', text: '{}' }, [{ row: 2, field: 'price', said: '1' }]).kind).toBe('ours');
    expect(leftRows(ours, faults).split('\r\n')).toHaveLength(3);
  });
});
