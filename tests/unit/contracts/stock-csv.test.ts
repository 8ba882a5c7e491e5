import { readStockCsv } from '@contracts/stock-csv';
import { describe, expect, it } from 'vitest';
import { importFaultWords } from '@contracts/import-fault';
import { sure } from '../../support/sure';

const HEAD = 'title,category,colours,size,sku,price,qty';
const read = (text: string) => readStockCsv(text, 'EUR');
const row = (line: string, head = HEAD) => read(`${head}\n${line}`);

describe('stock files', () => {
  it('take a color for a colour, in the heading and in the cell', () => {
    const { rows, faults } = row('Tee,tee,gray,S,A-1,39,3', 'Title,Category,Colors,Size,SKU,Price,Qty');
    expect(faults).toEqual([]);
    expect(rows[0]?.colours).toEqual(row('Tee,tee,grey,S,A-1,39,3').rows[0]?.colours);
  });
  it('read names and hexes with shares, fibres, lists, nested fields', () => {
    const { rows, faults } = row(
      '"Tee, striped",tee,navy:0.6 #F4F1E8:0.4,S,A-1,"39,50",3,80 wool; 20 nylon,calm|sharp,crew,940,true',
      `${HEAD},fibres,moods,cut.neckline,measures.bust,fabric.lined`,
    );
    expect(faults).toEqual([]);
    expect(rows[0]).toMatchObject({
      title: 'Tee, striped',
      priceMinor: 3950,
      qty: 3,
      measures: { bust: 940 },
      colours: [
        { hex: '#1f2a44', share: 0.6, name: 'navy' },
        { hex: '#f4f1e8', share: 0.4 },
      ],
      attributes: {
        moods: ['calm', 'sharp'],
        cut: { neckline: 'crew' },
        fabric: {
          lined: true,
          fibres: [
            { name: 'wool', pct: 80 },
            { name: 'nylon', pct: 20 },
          ],
        },
      },
    });
  });
  it('take semicolons, a BOM, Windows line ends, quotes and newlines inside a cell', () => {
    const { rows, faults } = read(
      `\uFEFF${HEAD.replace(/,/g, ';')}\r\n"Two\r\nlines ""quoted""";tee;white;S;A-1;10;1\r\n`,
    );
    expect(faults).toEqual([]);
    expect(rows[0]?.title).toBe('Two\r\nlines "quoted"');
  });
  it('make sizes of one garment share a key, colourways not', () => {
    const { rows } = read(`${HEAD}\nT,tee,white,S,1,10,1\nT,tee,white,M,2,10,1\nT,tee,navy,M,3,10,1`);
    expect(new Set(rows.map(({ garmentKey }) => garmentKey)).size).toBe(2);
  });
  it.each([
    ['T,tee,white,S,A,-3,1', 'price', '-3: not below 0'],
    ['T,tee,white,S,A,ten,1', 'price', 'ten: not an amount'],
    ['T,tee,white,S,A,10,1.5', 'qty', '1.5: a whole number from 0 is wanted'],
    ['T,tee,blu,S,A,10,1', 'colours[0].hex', 'not a colour'],
    ['T,hoodie,white,S,A,10,1', 'category', '"hoodie": not one of'],
    [',tee,white,S,A,10,1', 'title', 'missing'],
    ['T,tee,white,S,,10,1', 'sku', 'missing'],
  ])('name the field of %s', (line, path, message) => {
    const { rows, faults } = row(line);
    expect(rows).toEqual([]);
    expect(faults[0]).toMatchObject({ row: 2, path });
    expect(importFaultWords(sure(faults[0])).startsWith(message)).toBe(true);
  });
  it('tell missing and unknown columns once, on the header row', () => {
    expect(read('title,size\na,b').faults.every((fault) => fault.row === 1)).toBe(true);
    expect(row('T,tee,white,S,A,10,1,x', `${HEAD},shade`).faults).toEqual([
      { row: 1, path: 'shade', code: 'unknown-column' },
    ]);
    expect(read(HEAD).faults).toEqual([{ row: 1, path: '(file)', code: 'no-rows' }]);
  });
  it('refuse a bad EAN and a SKU that stands twice', () => {
    const { faults } = read(
      `${HEAD},ean\nT,tee,white,S,A,10,1,6291041500214\nT,tee,white,M,B,10,1,\nT,tee,white,L,B,10,1,`,
    );
    expect(faults.map(({ row: at, path }) => `${at} ${path}`)).toEqual(['2 ean', '4 sku']);
  });
});
