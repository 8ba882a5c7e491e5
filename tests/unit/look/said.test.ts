import { NOBODY } from '@core/client';
import { judge, lookWords } from '@core/look';
import type { Piece } from '@core/piece';
import { speaker } from '@core/say';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const trousers = one('trousers', 'trousers', '#84868a', { fabric: { texture: 'flannel' } });
const knit = one('knit', 'fine-knit', '#1f2a44', { mode: 'full-tuck' });
const loafers = one('loafers', 'loafer', '#3b2a22');
const said = (pieces: readonly Piece[], client = NOBODY): string =>
  lookWords(judge(pieces, { client }), speaker(pieces, { pronoun: 'she' }));

describe('a look in one sentence', () => {
  it('says what is missing before anything else', () => {
    expect(said([knit])).toBe('Still needs a bottom and shoes.');
    expect(said([])).toMatch(/^Still needs/);
  });
  it('says what rules it out, by what it is', () => {
    const words = said([knit, trousers, loafers], { ...NOBODY, nevers: ['fine-knit'] });
    expect(words).toMatch(/^Complete, but ruled out: she never wears fine-knit/);
  });
  it('counts what is to be put right, else what to look at again, else says that it may go', () => {
    expect(said([knit, trousers, loafers])).toBe('Ready to send: nothing to change.');
    const limits = { ...NOBODY.limits, heelMaxMm: 40 };
    const heel = one('heel', 'heel', '#3b2a22', { measures: { heel: 90 } });
    expect(said([knit, trousers, heel], { ...NOBODY, limits })).toBe('Nearly there: one thing to put right.');
    const golds = (['yellow', 'white', 'rose'] as const).map((metal, i) =>
      one(`m${i}`, (['earrings', 'necklace', 'bracelet'] as const)[i] ?? 'ring', '#c2a14e', { metal }),
    );
    expect(said([knit, trousers, loafers, ...golds])).toMatch(
      /^Ready to send, with (one|two|three) things? to look at again\.$/,
    );
  });
});
