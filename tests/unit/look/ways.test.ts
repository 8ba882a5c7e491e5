import { NOBODY } from '@core/client';
import { bestWays, judge } from '@core/look';
import { modesOf, wear } from '@core/piece';
import { hemsOf, bodyOf } from '@core/figure';
import { areasOf, layersOf } from '@core/sketch';
import { describe, expect, it } from 'vitest';
import { one } from '../../support/pieces';

const tones = (rule: string, ...pieces: Parameters<typeof judge>[0]): string[] =>
  judge(pieces, { client: { ...NOBODY, measures: { heightMm: 1700, bust: 920, hip: 1000 } } })
    .findings.filter((finding) => finding.rule === rule)
    .map(({ tone }) => tone);
const trousers = one('trousers', 'trousers', '#20222b');

describe('M1: worked facts of the trade (common practice, no source)', () => {
  const scarf = (width: number, mode: string, texture: 'smooth' | 'satin' = 'smooth') =>
    one('scarf', 'scarf', '#9c4a24', { mode, measures: { width, lengthFlat: 1900 }, fabric: { texture } });
  it('a halter wants half the bust and 200 mm', () => {
    expect(tones('M1', scarf(700, 'halter'), trousers)).toEqual(['works']);
    expect(tones('M1', scarf(640, 'halter'), trousers)).toEqual(['fights']);
  });
  it('slippery cloth that is tied gets a word of advice', () => {
    expect(tones('M1', scarf(1050, 'skirt', 'satin'))).toEqual(['note', 'works']);
  });
  it('heavy cloth is not knotted, and how it tucks is P10’s to say; a short top has nothing to tuck, a little longer is P10’s to say', () => {
    const top = (more: object) => one('top', 'shirt', '#fbfbf9', { mode: 'full-tuck', ...more });
    expect(tones('M1', top({ fabric: { weight: 'heavy' } }), trousers)).toEqual([]);
    expect(tones('P10', top({ fabric: { weight: 'heavy' } }), trousers)).toEqual(['note']);
    expect(tones('M1', top({ mode: 'knotted', fabric: { weight: 'heavy' } }), trousers)).toEqual(['fights']);
    expect(tones('M1', top({ measures: { length: 430 } }), trousers)).toEqual([]);
    expect(tones('M1', top({ mode: 'knotted', measures: { length: 430 } }), trousers)).toEqual(['note']);
    expect(tones('M1', top({ measures: { length: 300 } }), trousers)).toEqual(['fights']);
    expect(tones('M1', top({ measures: { length: 700 } }), trousers)).toEqual([]);
  });
  it('a light wide leg may be bloused over an ankle boot', () => {
    const leg = (weight: 'light' | 'mid') =>
      one('leg', 'trousers', '#20222b', {
        mode: 'into-boots',
        measures: { legOpening: 360 },
        fabric: { weight },
      });
    const boots = one('boots', 'ankle-boot', '#17171a', { measures: { shaft: 140, shaftGirth: 260 } });
    expect([tones('M1', leg('light'), boots), tones('M1', leg('mid'), boots)]).toEqual([
      ['works'],
      ['fights'],
    ]);
    expect(tones('M1', leg('light'))).toEqual(['fights']);
  });
  it('a shirt is a layer with 60 mm over what is beneath', () => {
    const shirt = (bust: number) => one('shirt', 'shirt', '#fbfbf9', { mode: 'layer', measures: { bust } });
    const tee = one('tee', 'tee', '#84868a', { measures: { bust: 980 } });
    expect([1060, 1000, 960].map((bust) => tones('M1', shirt(bust), tee)[0])).toEqual([
      'works',
      'note',
      'fights',
    ]);
  });
  it('a shirt beneath a knit shows enough to look meant, or not at all', () => {
    const look = (length: number) => [
      one('shirt', 'shirt', '#fbfbf9', { mode: 'beneath', measures: { length } }),
      one('knit', 'fine-knit', '#84868a', { measures: { length: 600 } }),
    ];
    expect([580, 640, 720].map((length) => tones('M1', ...look(length)))).toEqual([[], ['note'], []]);
  });
  it('cannot tell without measures, and says what to measure', () => {
    const [finding] = judge([
      one('scarf', 'scarf', '#9c4a24', { mode: 'skirt', measures: { width: 1050 } }),
    ]).findings.filter(({ rule }) => rule === 'M1');
    expect(finding).toMatchObject({ tone: 'note', cannotTell: true });
  });
});

describe('modes change the piece', () => {
  it('a big scarf becomes a skirt, a dress, a top; a dress becomes a skirt', () => {
    const big = one('s', 'scarf', '#9c4a24', { measures: { width: 1050, lengthFlat: 1900 } });
    expect(modesOf(big).map((mode) => [mode.id, wear({ ...big, mode: mode.id }).slot])).toEqual([
      ['neck', 'scarf'],
      ['skirt', 'bottom'],
      ['mini-skirt', 'bottom'],
      ['dress', 'whole'],
      ['halter', 'top'],
      ['halter-loose', 'top'],
    ]);
    expect(modesOf(one('s', 'scarf', '#9c4a24', { measures: { width: 300 } })).map(({ id }) => id)).toEqual([
      'neck',
    ]);
    const dress = one('d', 'dress', '#611f2f', { mode: 'skirt' });
    expect(judge([dress, one('k', 'fine-knit', '#84868a'), one('l', 'loafer', '#3b2a22')]).complete).toBe(
      true,
    );
    expect(wear(dress).covers.has('chest')).toBe(false);
  });
  it('parts come off and stay off the cover; a reversible jacket shows its other side', () => {
    const blouse = one('b', 'blouse', '#2d4a45', {
      cut: { sleeve: 'long' },
      parts: [{ zone: 'upper-arms', detachable: true }],
    });
    expect(wear(blouse).covers.has('lower-arms')).toBe(true);
    expect(wear({ ...blouse, mode: 'without-sleeves' }).covers.has('lower-arms')).toBe(false);
    const jacket = {
      ...one('j', 'jacket', '#2a2c35', { facts: { reversible: true } }),
      colours: [
        { hex: '#2a2c35', share: 0.9 },
        { hex: '#b98f3f', share: 0.1 },
      ],
    };
    expect(wear({ ...jacket, mode: 'reversed' }).swatches[0]?.hex).toBe('#b98f3f');
  });
  it('cuffed jeans end higher, a knotted shirt at the waist', () => {
    const body = bodyOf({ heightMm: 1700 });
    const hem = (piece: ReturnType<typeof one>) => hemsOf([wear(piece)], body)[0]?.heightMm ?? 0;
    const jeans = one('j', 'jeans', '#34455f', { measures: { inseam: 760 } });
    expect(hem({ ...jeans, mode: 'cuffed' }) - hem(jeans)).toBe(60);
    const shirt = one('s', 'shirt', '#ffffff', { measures: { length: 740 } });
    expect(hem({ ...shirt, mode: 'knotted' })).toBeGreaterThan(hem(shirt) + 200);
  });
});

describe('small things a stylist changes', () => {
  const ids = (...given: Parameters<typeof one>): string[] => modesOf(one(...given)).map(({ id }) => id);

  it('a collar is buttoned up and reads a shade dressier; a round neck has nothing to button', () => {
    const polo = one('p', 'polo', '#1f4032', { cut: { neckline: 'collar' }, formality: 3 });
    expect(wear({ ...polo, mode: 'buttoned-up' }).piece).toMatchObject({
      formality: 3.5,
      cut: { necklineDepthMm: 20 },
    });
    expect(ids('p', 'polo', '#1f4032', { cut: { neckline: 'v' } })).not.toContain('buttoned-up');
  });
  it('linen is pressed and looks smarter; flannel has no such way', () => {
    const linen = one('t', 'trousers', '#d3c5ab', { fabric: { texture: 'linen' }, formality: 4 });
    const pressed = wear({ ...linen, mode: 'pressed' });
    expect([pressed.piece.formality, pressed.piece.fabric.texture]).toEqual([5, 'smooth']);
    expect(tones('M2', { ...linen, mode: 'pressed' })).toEqual(['works']);
    expect(ids('t', 'trousers', '#84868a', { fabric: { texture: 'flannel' } })).not.toContain('pressed');
  });
  it('a chain dropped into its bag shows no metal; a bag without one has nothing to drop', () => {
    const bag = one('b', 'bag', '#17171a', { metal: 'yellow' });
    expect(wear({ ...bag, mode: 'chain-in' }).piece.metal).toBe('none');
    expect(ids('b', 'bag', '#17171a')).not.toContain('chain-in');
  });
  it('sequins brushed back show their other colour, velvet a deeper one', () => {
    const sequins = {
      ...one('s', 'skirt', '#c2a14e', { fabric: { texture: 'sequin' } }),
      colours: [
        { hex: '#c2a14e', share: 0.8 },
        { hex: '#17171a', share: 0.2 },
      ],
    };
    expect(wear({ ...sequins, mode: 'nap-turned' }).swatches.map(({ hex, share }) => [hex, share])).toEqual([
      ['#17171a', 0.8],
      ['#c2a14e', 0.2],
    ]);
    const velvet = one('v', 'blazer', '#532a45', { fabric: { texture: 'velvet' } });
    expect(wear({ ...velvet, mode: 'nap-turned' }).swatches[0]?.hex).not.toBe('#532a45');
  });
  it('a wrap turned back to front is plain in front and bare behind', () => {
    const wrap = one('w', 'dress', '#611f2f', { cut: { neckline: 'wrap' } });
    const behind = wear({ ...wrap, mode: 'wrap-back' });
    expect([behind.piece.cut.neckline, behind.covers.has('back')]).toEqual(['boat', false]);
  });
  it('where cloth is torn, skin shows', () => {
    const jeans = one('j', 'jeans', '#34455f');
    expect(wear(jeans).covers.has('knees')).toBe(true);
    const torn = { ...jeans, features: [{ zone: 'knees' as const, what: 'ripped at the knee' }] };
    expect(wear(torn).covers.has('knees')).toBe(false);
    const seam = { ...jeans, features: [{ zone: 'knees' as const, what: 'knee seam' }] };
    expect(wear(seam).covers.has('knees')).toBe(true);
  });
  it('half on, one arm is free and the front is open; what is beneath need not go into its sleeves', () => {
    const blazer = wear(one('b', 'blazer', '#1f2a44', { mode: 'half-on' }));
    expect(blazer.covers.has('chest')).toBe(false);
    const tight = one('b', 'blazer', '#1f2a44', { measures: { bust: 900, upperArm: 280 } });
    const knit = one('k', 'fine-knit', '#84868a', { measures: { bust: 940, upperArm: 330 } });
    expect(tones('P11', { ...tight, mode: 'buttoned' }, knit)).toEqual(['fights']);
    expect(tones('P11', { ...tight, mode: 'half-on' }, knit)).toEqual([]);
  });
  it('a knot at the waist is meant to show a little; where she keeps covered it is asked about', () => {
    const look = [
      one('t', 'tee', '#84868a', { mode: 'twist-knot', measures: { length: 660 } }),
      one('s', 'skirt', '#17171a', { measures: { length: 700 } }),
    ];
    const heard = (cover: readonly 'midriff'[]): string[] =>
      judge(look, { client: { ...NOBODY, measures: { heightMm: 1700 }, cover: [...cover] } })
        .findings.filter(({ rule }) => rule === 'P9')
        .map(({ tone }) => tone);
    expect([heard([]), heard(['midriff'])]).toEqual([[], ['fights']]);
  });
});

describe('a plain piece of two colours', () => {
  const sneaker = {
    ...one('s', 'sneaker', '#fbfbf9'),
    colours: [
      { hex: '#fbfbf9', share: 0.7 },
      { hex: '#9c4a24', share: 0.3 },
    ],
  };
  it('is seen in both, and never in the colour between them', () => {
    expect(wear(sneaker).seen.map(({ hex }) => hex)).toEqual(['#fbfbf9', '#9c4a24']);
    const marl = { ...sneaker, pattern: { kind: 'marl' as const, repeatMm: 4, contrast: 0.3 } };
    expect(wear(marl).seen).toHaveLength(1);
  });
});

describe('sheer cloth', () => {
  const area = (sheer: 'opaque' | 'semi' | 'sheer', lined = false): number =>
    areasOf(
      layersOf(
        [
          one('slip', 'dress', '#17171a'),
          one('veil', 'coat', '#fbfbf9', { mode: 'buttoned', fabric: { sheer, lined } }),
        ].map(wear),
        bodyOf({ heightMm: 1700 }),
      ),
    ).pieces.get('slip') ?? 0;
  it('shows what lies beneath, the more the sheerer it is; a lining shows nothing', () => {
    expect(area('semi')).toBeGreaterThan(area('opaque') + 0.1);
    expect(area('sheer')).toBeGreaterThan(area('semi') + 0.1);
    expect(area('sheer', true)).toBe(area('opaque'));
  });
});

describe('M3: the best way', () => {
  it('is offered with the gain it makes, and only when it is possible', () => {
    const client = {
      ...NOBODY,
      measures: { heightMm: 1700, armLength: 600 },
      cover: ['lower-arms' as const],
    };
    const shirt = one('shirt', 'shirt', '#fbfbf9', {
      mode: 'sleeves-rolled',
      cut: { neckline: 'collar', sleeve: 'long' },
    });
    const look = [shirt, trousers, one('loafers', 'loafer', '#3b2a22')];
    const [best] = bestWays({ pieces: look, setting: { client } });
    expect(best).toMatchObject({ kind: 'wear', piece: 'shirt' });
    const after = judge(
      look.map((piece) => (piece.id === 'shirt' ? { ...piece, mode: best?.mode } : piece)),
      { client },
    );
    expect(Math.round((after.score.sum - judge(look, { client }).score.sum) * 10) / 10).toBe(best?.gain);
    const heavy = bestWays({
      pieces: [{ ...shirt, fabric: { ...shirt.fabric, weight: 'heavy' } }, ...look.slice(1)],
      setting: { client },
    });
    expect(
      heavy.some((mend) => ['knotted', 'full-tuck', 'front-tuck', 'half-tuck'].includes(mend.mode ?? '')),
    ).toBe(false);
  });
});
