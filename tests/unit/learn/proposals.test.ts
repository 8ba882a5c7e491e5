import { NOBODY } from '@core/client';
import { deltaEHex } from '@core/colour';
import {
  applied,
  type DecidedPiece,
  evidenceWords,
  proposalsFrom,
  proposalWords,
  type Taught,
} from '@core/learn';
import { describe, expect, it } from 'vitest';
import { decided, one } from '../../support/pieces';
import { sure } from '../../support/sure';

const taught: Taught = { profile: NOBODY, pieceBudgetMinor: {} };
const NAVY = '#1f2a44';
const GREEN = '#2f6b45';
const back = (reason: string, more: Partial<DecidedPiece> = {}): DecidedPiece =>
  decided({ decision: 'return', reason, ...more });
const inColour = (hex: string, category: 'shirt' | 'blazer' = 'shirt') => ({
  piece: one(`${category} ${hex}`, category, hex, { title: `A ${category}` }),
});
const said = (pieces: readonly DecidedPiece[], of: Taught = taught): string[] =>
  proposalsFrom(pieces, of).map((each) => proposalWords(each, 'EUR'));

describe('what decisions would change on a client’s page', () => {
  it('is a colour that came back twice and was never kept', () => {
    const two = [back('colour', inColour(NAVY)), back('colour', inColour('#202b46', 'blazer'))];
    expect(said(two)).toEqual(['Avoid navy? 2 pieces came back for their colour, and none was kept.']);
    expect(said(two.slice(1))).toEqual([]);
    expect(said([...two, decided(inColour(NAVY))])).toEqual([]);
    expect(said([two[0] as DecidedPiece, back('colour', inColour(GREEN))])).toEqual([]);
  });

  it('is a colour that was kept three times; white and grey are worn by everybody', () => {
    const three = Array.from({ length: 3 }, () => decided(inColour(GREEN)));
    expect(said(three)).toEqual(['Likes green? 3 pieces in it were kept.']);
    expect(said(Array.from({ length: 5 }, () => decided(inColour('#ffffff'))))).toEqual([]);
    expect(said([...three, back('colour', inColour(GREEN))])).toEqual([]);
    // As many came back, for whatever reason: it is no liking.
    const others = Array.from({ length: 3 }, () => back('too dear', inColour(GREEN)));
    expect(said([...three, ...others]).filter((each) => each.startsWith('Likes'))).toEqual([]);
  });

  it('is a price: what was kept dearest below what was too dear', () => {
    const dear = [back('too dear', { priceMinor: 18_900 }), back('too dear', { priceMinor: 15_900 })];
    expect(said(dear)).toEqual(['Up to €140.00 for a shirt? 2 pieces came back as too dear.']);
    expect(said([...dear, decided({ priceMinor: 15_500 })])).toEqual([
      'Up to €155.00 for a shirt? 2 pieces came back as too dear.',
    ]);
    // Somebody who kept a dearer one since does not mind the price alone.
    expect(said([...dear, decided({ priceMinor: 20_000 })])).toEqual([]);
    expect(said(dear, { ...taught, pieceBudgetMinor: { shirt: 12_000 } })).toEqual([]);
  });

  it('is patterns, when three came back and none was kept', () => {
    const striped = { piece: one('s', 'shirt', NAVY, { pattern: { kind: 'stripe' } }) };
    const three = Array.from({ length: 3 }, () => back('not my style', striped));
    expect(said(three)).toEqual(['No patterns? 3 pieces with one came back, and none was kept.']);
    expect(said([...three, decided(striped)])).toEqual([]);
  });

  it('is a measure to take again, of two labels; of one label it is the label', () => {
    const tight = (label: string) => back('too small', { label, fitPoint: 'shoulder' });
    expect(said([tight('Alder'), tight('Birch')])).toEqual([
      'Measure the shoulder again? 2 pieces of different labels were too small there.',
    ]);
    expect(said([tight('Alder'), tight('Alder')])).toEqual([]);
    expect(said([tight('Alder'), back('too big', { label: 'Birch', fitPoint: 'shoulder' })])).toEqual([]);
  });

  it('is not proposed again once it was taken over', () => {
    const pieces = [
      back('colour', inColour(NAVY)),
      back('colour', inColour(NAVY)),
      ...Array.from({ length: 3 }, () => decided(inColour(GREEN))),
      back('too dear', { priceMinor: 18_900 }),
      back('too dear', { priceMinor: 15_900 }),
    ];
    const all = proposalsFrom(pieces, taught);
    expect(all).toHaveLength(3);
    const after = all.reduce((now, { change }) => applied(now, change), taught);
    expect(proposalsFrom(pieces, after)).toEqual([]);
    expect(deltaEHex(sure(after.profile.colourCard.avoid[0]), NAVY)).toBeLessThan(1);
  });

  it('shows the pieces that speak for it, and says nothing of nothing', () => {
    expect(evidenceWords(back('colour', { ...inColour(NAVY, 'blazer'), box: 103 }))).toBe(
      'A blazer, box 103: colour',
    );
    expect(proposalsFrom([], taught)).toEqual([]);
  });
});
