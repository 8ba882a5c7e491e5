import { fibreWords } from '@contracts/piece-cells';
import { compositionOf, contentOf, isInSigns } from '@core/substances';
import { guessColumns } from '@core/till';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const said = (text: string): string => fibreWords(compositionOf(text));

describe('what a cloth is made of, as people write it', () => {
  it.each([
    // Our own cells.
    ['80 wool; 20 nylon', '80 wool; 20 nylon'],
    ['33.3 wool; 66.7 silk', '33.3 wool; 66.7 silk'],
    ['100 non textile parts of animal origin', '100 non textile parts of animal origin'],
    // A label, a till, a hand in a hurry.
    ['80% wool, 20% nylon', '80 wool; 20 nylon'],
    ['80% wool,20% nylon', '80 wool; 20 nylon'],
    ['wool 80% nylon 20%', '80 wool; 20 nylon'],
    ['Wool 80, Nylon 20', '80 Wool; 20 Nylon'],
    ['97% cotton 3% elastane', '97 cotton; 3 elastane'],
    ['30% wool 20% silk 50% nylon', '30 wool; 20 silk; 50 nylon'],
    ['60% cotton / 40% linen', '60 cotton; 40 linen'],
    ['60 cotton + 40 linen', '60 cotton; 40 linen'],
    ['polyester: 65%, cotton: 35%', '65 polyester; 35 cotton'],
    ['33,3% wool, 66,7% silk', '33.3 wool; 66.7 silk'],
    ['80% wool (responsible), 20% other fibres', '80 wool (responsible); 20 other fibres'],
    ['100%wool', '100 wool'],
    ['cotton 100', '100 cotton'],
    ['100 316L steel', '100 316L steel'],
    // Nobody said a share.
    ['cotton', '100 cotton'],
    ['cotton, linen and silk', '34 cotton; 33 linen; 33 silk'],
    ['wool, 20 nylon', '80 wool; 20 nylon'],
    // Short signs.
    ['WO 70 PA 30', '70 wool; 30 polyamide'],
    ['70 WO 30 PA', '70 wool; 30 polyamide'],
    ['65% PES 35% CO', '65 polyester; 35 cotton'],
    ['SE100%', '100 silk'],
    ['wv 50,ws 50', '50 virgin wool; 50 cashmere'],
    // Nothing at all.
    ['', ''],
    [' ;; ', ''],
  ])('%s', (text, wants) => expect(said(text)).toBe(wants));

  it('leaves nothing out that is named, though the shares were used up before it', () => {
    expect(compositionOf('100% cotton, silk')).toEqual([
      { name: 'cotton', pct: 100 },
      { name: 'silk', pct: 1 },
    ]);
    const pieces = (text: string) =>
      one('p', 'jumpsuit', '#222222', { fabric: { fibres: compositionOf(text) } });
    expect(contentOf(pieces('100% cotton, silk'), 'silk').says).toBe('holds');
    expect(contentOf(pieces('70 PES 30 WO'), 'wool').says).toBe('holds');
    expect(contentOf(pieces('WS 100'), 'cashmere').says).toBe('holds');
    expect(contentOf(pieces('80% cotton, 20% wool'), 'wool').says).toBe('holds');
    expect(contentOf(pieces('100 CO'), 'wool').says).toBe('clear');
  });

  it('comes back from our own cells as it went into them', () => {
    const name = fc.stringMatching(/^[a-z][a-z ()/&+-]{0,18}[a-z)]$/).filter((text) => !/ {2}/.test(text));
    const pct = fc.integer({ min: 1, max: 1000 }).map((tenths) => tenths / 10);
    fc.assert(
      fc.property(fc.array(fc.record({ name, pct }), { minLength: 2, maxLength: 6 }), (fibres) => {
        const back = compositionOf(fibreWords(fibres));
        expect(back.map((each) => each.pct)).toEqual(fibres.map((each) => each.pct));
        expect(back.map((each) => each.name.length > 0)).toEqual(fibres.map(() => true));
      }),
    );
  });

  it('is read without an end or an error, whatever is written', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        for (const { name, pct } of compositionOf(text)) {
          expect(name.trim()).not.toBe('');
          expect(pct).toBeGreaterThanOrEqual(0);
        }
      }),
    );
    const began = compositionOf('9'.repeat(5000) + ' wool, '.repeat(2000));
    expect(began.length).toBeGreaterThan(1);
  });
});

describe('short signs in a file of a till', () => {
  it('are told from words, names and sizes', () => {
    expect(['WO 70 PA 30', '100% CO', 'PES65/CO35'].map(isInSigns)).toEqual([true, true, true]);
    expect(['Se 38', 'CO', 'wool 80', 'Coat 70', 'M 40', '', '100'].map(isInSigns)).toEqual([
      true,
      false,
      false,
      false,
      false,
      false,
      false,
    ]);
  });
  it('name their column by what stands in it, under a head nobody knows', () => {
    const { columns } = guessColumns([
      ['Name', 'Preis', 'Mat. Zus.'],
      ['Mantel Hafen', '249,00', 'WO 70 PA 30'],
      ['Bluse Wiese', '89,00', 'SE 100'],
      ['Hose Kai', '119,00', 'CO 97 EL 3'],
      ['Kleid See', '149,00', 'CV 60 LI 40'],
    ]);
    expect(columns[2]).toBe('fibres');
  });
});
