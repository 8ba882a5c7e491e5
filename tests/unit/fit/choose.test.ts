import { bodyOf } from '@core/figure';
import { chooseSize, fitForClient, fitOf, fitWords, type LabelOffset, type SizeOffer } from '@core/fit';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';
import { sure } from '../../support/sure';

const body = bodyOf({ heightMm: 1700, bust: 920, waist: 740, hip: 990, footLength: 247, headGirth: 570 });
const given = { bust: 'given', waist: 'given', hip: 'given', sleeve: 'given' } as const;
const run = (name: 'bust' | 'hip', ...sizes: [size: string, mm: number, free?: number][]): SizeOffer[] =>
  sizes.map(([size, mm, free = 1]) => ({
    variantId: size,
    size,
    measures: { [name]: mm },
    origins: given,
    free,
  }));
const shirt = one('s', 'shirt', '#fbfbf9');
const jersey = one('j', 'tee', '#fbfbf9', { fabric: { stretchPct: 10 } });
const coat = one('c', 'coat', '#1f2a44');

describe('the size that is sent', () => {
  it('is the one that fits best of those on the shelf', () => {
    const sizes = run('bust', ['S', 950], ['M', 1020], ['L', 1110]);
    expect(chooseSize(shirt, sizes, body)?.size).toBe('M');
    expect(chooseSize(shirt, run('bust', ['M', 1020, 0]), body)).toBeUndefined();
  });

  it('an elastic waist spans about two sizes: what would not close still does', () => {
    const waist = (cut: object) =>
      fitOf(
        one('t', 'trousers', '#17171a', { cut }),
        {
          size: 'M',
          measures: { waist: 680, hip: 1050 },
          origins: { waist: 'given', hip: 'given' },
        },
        body,
      ).verdict;
    expect([waist({}), waist({ waistDetail: 'elastic' })]).toEqual(['too small', 'right']);
  });

  // Easy volume wants 50 to 150 mm over 920: 980 and 1060 both fit, one on either side of the middle.
  const between = run('bust', ['M', 980], ['L', 1060]);
  it('between two sizes is left to fit alone by the school "true"', () => {
    const chosen = chooseSize(shirt, between, body, { school: 'true' });
    expect([chosen?.between, chosen?.verdict]).toEqual([{ sizes: ['M', 'L'] }, 'right']);
  });
  it('goes down where the cloth gives or the label runs large, and only there', () => {
    const choose = (piece: typeof shirt, offset?: LabelOffset) =>
      chooseSize(piece, between, body, { school: 'down when generous', offset });
    expect(choose(shirt)?.between?.took).toBeUndefined();
    expect(choose(jersey)?.size).toBe('M');
    expect(fitWords(sure(choose(jersey)))).toContain(
      'Between M and L the smaller was chosen, as the cloth gives; try L if it sits too close.',
    );
    const large = choose(shirt, { hip: { steps: 0.4, count: 8 } });
    expect([large?.size, large?.between?.why]).toEqual(['M', 'runs large']);
  });
  it('goes up for a layer, and for nothing else', () => {
    const layers = run('bust', ['M', 1030], ['L', 1110]);
    const up = chooseSize(coat, layers, body, { school: 'up to layer' });
    expect([up?.size, up?.between?.why]).toEqual(['L', 'to layer']);
    expect(chooseSize(shirt, between, body, { school: 'up to layer' })?.between?.took).toBeUndefined();
  });
  it('out of the right one is the nearest, with what makes it work', () => {
    const trousers = one('t', 'trousers', '#17171a');
    const gone = chooseSize(trousers, run('hip', ['M', 1060, 0], ['L', 1150]), body);
    expect([gone?.size, gone?.verdict]).toEqual(['L', 'roomy']);
    expect(gone?.instead).toEqual({ size: 'M', works: 'belt notch' });
    const hopeless = chooseSize(shirt, run('bust', ['M', 1020, 0], ['S', 900]), body);
    expect(hopeless?.instead?.works).toBe('none');
  });
});

describe('without measures of the garment', () => {
  it('the letter it bears is asked, and the line says so', () => {
    const bare = (size: string) => fitOf(shirt, { size, measures: {}, origins: {} }, body);
    expect([bare('S'), bare('M'), bare('L')].map(({ verdict }) => verdict)).toEqual([
      'too small',
      'right',
      'too big',
    ]);
    expect(fitWords(bare('M'))).toBe('Right by the letter chart: M is for a bust of 90 cm to 98 cm');
    expect(fitWords(bare('one'))).toBe('One size');
    expect(fitWords(bare('?'))).toBe('Fit not measured');
  });
  it('shoes go by the foot and hats by the head', () => {
    const verdict = (category: 'loafer' | 'hat', size: string) =>
      fitOf(one('x', category, '#17171a'), { size, measures: {}, origins: {} }, body).verdict;
    expect([verdict('loafer', '39.5'), verdict('loafer', '38')]).toEqual(['right', 'too small']);
    expect([verdict('hat', '57'), verdict('hat', '55')]).toEqual(['right', 'too small']);
  });
});

describe('a fit as the client reads it', () => {
  const said = { size: 'M', verdict: 'right', origin: 'given', point: 'bust' } as const;
  it('says no millimetres and nothing of what is gone, but which size to try and what makes it work', () => {
    expect(fitForClient({ ...said, easeMm: 60, wantedMm: [50, 150] }, 'M')).toBe(
      'The M should fit you well.',
    );
    const between = { sizes: ['M', 'L'], took: 'smaller', why: 'gives' } as const;
    expect(fitForClient({ ...said, between }, 'M')).toBe(
      'The M should fit you well. Between M and L the smaller was chosen, as the cloth gives; try L if it sits too close.',
    );
    const instead = { size: 'M', works: 'belt notch' } as const;
    expect(fitForClient({ ...said, size: 'L', verdict: 'roomy', point: 'hip', instead }, 'L')).toBe(
      'The L will sit a little loose at the hip. One more notch of a belt takes it in.',
    );
  });
});
