import { NOBODY, HOUSE_SCHOOLS } from '@core/client';
import type { SizeOffer } from '@core/fit';
import { pieceFrom } from '@core/piece';
import { type Candidate, type ForClient, forHer, forWhyWords } from '@core/pull';
import { readAsk } from '@core/reading';
import { describe, expect, it } from 'vitest';

const measures = { heightMm: 1680, bust: 920, waist: 740, hip: 980 };
const piece = pieceFrom({
  id: 'g',
  title: 'Level shirt, white',
  category: 'shirt',
  colours: [{ hex: '#fbfbf9', share: 1 }],
  moods: ['quiet'],
});
const size = (label: string, bust: number, free: number): SizeOffer => ({
  variantId: label,
  size: label,
  measures: { bust },
  origins: { bust: 'given' },
  free,
});
const candidate: Candidate = { piece, sizes: [size('S', 940, 2), size('M', 1010, 2), size('L', 1090, 2)] };
const somebody = (more: Partial<ForClient> = {}, profile: Partial<ForClient['client']> = {}): ForClient => ({
  client: { ...NOBODY, measures, ...profile },
  closet: [],
  loved: [],
  asks: [],
  ...more,
});
const forWhy = (who: ForClient, of = candidate): readonly string[] | undefined =>
  forHer(of, who, HOUSE_SCHOOLS)?.why.map((why) => forWhyWords(why));

describe('whom a garment is for', () => {
  it('is whoever asked for it, loves its sister, likes its colour or its mood; the strongest reason counts most', () => {
    const asked = somebody({ asks: [readAsk('a white shirt')] }, { moods: ['Quiet'] });
    expect(forWhy(asked)).toEqual(['asked for “a white shirt”', 'quiet']);
    const liked = somebody({}, { colourCard: { like: ['#f7f7f4'], avoid: [], never: [] } });
    expect(forWhy(liked)).toEqual(['in a colour that is liked']);
    expect(forHer(candidate, asked, HOUSE_SCHOOLS)?.points).toBeGreaterThan(
      forHer(candidate, liked, HOUSE_SCHOOLS)?.points ?? 0,
    );
    const sister = { ...piece, id: 'own', title: 'Green shirt', colours: [{ hex: '#1f4032', share: 1 }] };
    expect(forWhy(somebody({ closet: [sister], loved: ['own'] }))?.join()).toContain(
      'a sister of the loved Green shirt',
    );
  });
  it('is nobody it says nothing to, it does not fit, who has the same, or who may not wear it', () => {
    const asks = [readAsk('a white shirt')];
    expect(forWhy(somebody())).toBeUndefined();
    const gone = { ...candidate, sizes: candidate.sizes.map((each) => ({ ...each, free: 0 })) };
    expect(forWhy(somebody({ asks }), gone)).toBeUndefined();
    const small = { ...candidate, sizes: [size('XXS', 700, 3)] };
    expect(forWhy(somebody({ asks }), small)).toBeUndefined();
    expect(forWhy(somebody({ asks, closet: [{ ...piece, id: 'own' }] }))).toBeUndefined();
    expect(forWhy(somebody({ asks }, { nevers: ['shirt'] }))).toBeUndefined();
    const cotton = {
      ...candidate,
      piece: { ...piece, fabric: { ...piece.fabric, fibres: [{ name: 'latex', pct: 100 }] } },
    };
    expect(forWhy(somebody({ asks }, { allergies: ['latex'] }), cotton)).toBeUndefined();
    const white = { like: [], avoid: ['#fbfbf9'], never: [] };
    expect(forWhy(somebody({ asks }, { colourCard: white }))).toBeUndefined();
  });
});
