import { read, type ReadAs, type Reading } from '@core/reading';
import { describe, expect, it } from 'vitest';

/** All that was understood, colours by their names. */
function said(text: string, as: ReadAs = 'ask') {
  const { text: _text, as: _as, colours, notColours, ...rest } = read(text, { as });
  const names = (list: Reading['colours']) => list?.map(({ name }) => name);
  return {
    ...rest,
    ...(colours ? { colours: names(colours) } : {}),
    ...(notColours ? { notColours: names(notColours) } : {}),
  };
}
const BOOTS = ['ankle-boot', 'tall-boot'];
const SHOES = ['flat', 'loafer', 'sneaker', 'sandal', 'heel'];
const KNITS = ['fine-knit', 'chunky-knit'];

describe('what must not touch her', () => {
  it.each([
    ['wool allergy, so a cotton jumper', { kinds: KNITS, fibres: ['cotton'], notFibres: ['wool'] }],
    ['a silk intolerance', { kinds: [], notFibres: ['silk'] }],
    ['a jumper; wool makes me itch', { kinds: KNITS, notFibres: ['wool'] }],
    ['wool is a no', { kinds: [], notFibres: ['wool'] }],
    ['polyester is a no-go', { kinds: [], notFibres: ['polyester'] }],
    ['allergy to latex', { kinds: [], notFibres: ['latex'] }],
    ['she reacts to acrylic', { kinds: [], notFibres: ['acrylic'] }],
    ['sensitive to wool and mohair', { kinds: [], notFibres: ['wool', 'mohair'] }],
    ['nothing with polyester', { kinds: [], notFibres: ['polyester'] }],
    ['nothing that has wool in it', { kinds: [], notFibres: ['wool'] }],
    ['never with fur', { kinds: [], notTextures: ['fur'] }],
    // Dresses may be sent, and none with wool.
    ['no dress with wool in it', { kinds: [], notFibres: ['wool'] }],
    ['no shirt with stripes', { kinds: [], notPatterns: ['stripe'] }],
    [
      'nickel allergy, silver earrings',
      { kinds: ['earrings'], colours: ['silver'], notes: 'nickel allergy' },
    ],
    ['no animal products', { kinds: [], notes: 'not animal products' }],
    [
      'vegan leather jacket',
      { kinds: ['jacket'], textures: ['leather'], notFibres: ['leather'], notes: 'vegan leather' },
    ],
    ['a faux fur coat', { kinds: ['coat'], textures: ['fur'], notFibres: ['fur'], notes: 'faux fur' }],
    ['no fake fur', { kinds: [], notTextures: ['fur'], notes: 'not fake fur' }],
    ['skirts are out', { kinds: [], notKinds: ['skirt'] }],
    ['boots not with laces', { kinds: BOOTS, notes: 'not laces' }],
  ])('%s', (text, wants) => expect(said(text)).toEqual({ ...wants, unknown: [] }));

  it('is read of a detail as well that is wanted after all', () => {
    expect(said('no dress, a skirt with pleats')).toMatchObject({
      kinds: ['skirt'],
      notKinds: ['dress'],
      cut: { waistDetail: 'pleat' },
    });
    expect(said('not black but with long sleeves')).toMatchObject({
      notColours: ['black'],
      cut: { sleeve: 'long' },
    });
    expect(said('something not black with long sleeves')).toMatchObject({
      notColours: ['black'],
      cut: { sleeve: 'long' },
    });
  });
});

describe('what is left out is never passed over in silence', () => {
  it.each([
    ['no zips', 'not zips'],
    ['a coat without buttons', 'not buttons'],
    ['not too much colour', 'not colour'],
    ['no low necklines', 'not low, not necklines'],
    ['heels but not high', 'not high'],
    ['nothing too short', 'not short'],
    ['a dress without a lining', 'not lining'],
  ])('%s', (text, notes) => expect(said(text).notes).toBe(notes));
});

describe('money as it is typed', () => {
  const GBP = { currency: 'GBP' };
  it.each([
    ['a dress £50-100', { ...GBP, priceMinMinor: 5000, priceMaxMinor: 10000 }],
    ['a dress, £50 to £100', { ...GBP, priceMinMinor: 5000, priceMaxMinor: 10000 }],
    ['a dress, 50 – 100 quid', { ...GBP, priceMinMinor: 5000, priceMaxMinor: 10000 }],
    ['a dress 80€ - 120€', { currency: 'EUR', priceMinMinor: 8000, priceMaxMinor: 12000 }],
    ['a dress between 50 and 100 quid', { ...GBP, priceMinMinor: 5000, priceMaxMinor: 10000 }],
    ['Dress max. 150,- €', { currency: 'EUR', priceMaxMinor: 15000 }],
    ['a dress for under a hundred', { priceMaxMinor: 10000 }],
    ['a dress, two hundred and fifty pounds', { ...GBP, priceMaxMinor: 25000 }],
    ['a dress up to eighty', { priceMaxMinor: 8000 }],
    ['a dress under 1k', { priceMaxMinor: 100000 }],
    ['a dress under £1.5k', { ...GBP, priceMaxMinor: 150000 }],
    ['a dress, budget: 300', { priceMaxMinor: 30000 }],
    // Not money.
    ['a dress, no more than 3 pieces', { count: 3 }],
    ['a dress for fifty guests', { occasion: 'fifty guests' }],
    ['a dress for 3 days', { occasion: '3 days' }],
  ])('%s', (text, wants) => expect(said(text)).toEqual({ kinds: ['dress'], ...wants, unknown: [] }));
});

describe('sizes as they are typed', () => {
  it.each([
    ['39.5 boots', BOOTS, { label: '39.5' }],
    ['boots, 39,5', BOOTS, { label: '39,5' }],
    ['6 1/2 shoes', SHOES, { label: '6 1/2' }],
    ['loafers 6½', ['loafer'], { label: '6½' }],
    ['jeans 32/34', ['jeans'], { system: 'inches', label: '32/34' }],
    ['cardigan in medium', ['cardigan'], { system: 'letters', label: 'M' }],
  ])('%s', (text, kinds, size) => expect(said(text)).toEqual({ kinds, size, unknown: [] }));

  it('takes the first of two, and keeps that there were two', () => {
    expect(said('uk 10-12 dress')).toEqual({
      kinds: ['dress'],
      size: { system: 'UK', label: '10' },
      notes: 'uk 10-12',
      unknown: [],
    });
    expect(said('size 12 or 14 skirt').notes).toBe('size 12 or 14');
  });

  it('takes no length of two for a size', () => {
    expect(said('boots with a heel of 4-5cm')).toMatchObject({ kinds: BOOTS, heelMaxMm: 50 });
    expect(said('boots with a heel of 4-5cm').size).toBeUndefined();
  });
});

describe('what is in a closet', () => {
  it.each([
    [
      'grey wool coat from 2019',
      { kinds: ['coat'], colours: ['grey'], fibres: ['wool'], notes: 'from 2019' },
    ],
    ['white shirt (one w/ stain)', { kinds: ['shirt'], colours: ['white'], notes: 'stain' }],
    ['black tights 40 den', { kinds: ['tights'], colours: ['black'], notes: '40 den' }],
    ['blazer too tight now', { kinds: ['blazer'], notes: 'too tight' }],
    ['faded white T', { kinds: ['tee'], colours: ['white'], notes: 'faded' }],
    ['leather boots 39,5', { kinds: BOOTS, textures: ['leather'], size: { label: '39,5' } }],
  ])('%s', (text, wants) => expect(said(text, 'piece')).toEqual({ ...wants, unknown: [] }));
});
