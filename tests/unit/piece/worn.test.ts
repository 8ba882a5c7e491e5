import {
  CATEGORIES,
  CATEGORY,
  type Category,
  completeness,
  EXCLUSIVE,
  type GivenPiece,
  isMicro,
  measure,
  modeOf,
  modesOf,
  type Piece,
  wear,
  type Zone,
} from '@core/piece';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyPiece, one } from '../../support/pieces';
import { sure } from '../../support/sure';

const WHITE = '#fbfbf9';
const covers = (category: Category, more: Partial<GivenPiece> = {}): Zone[] =>
  [...wear(one('p', category, WHITE, more)).covers].sort();
const inWay = (piece: Piece, id: string) => wear({ ...piece, mode: id });

describe('any piece, in any of its ways', () => {
  it('covers a zone or half covers it, keeps its measures and its colours whole, and stands in a slot', () => {
    fc.assert(
      fc.property(anyPiece, (piece) => {
        for (const { id } of modesOf(piece)) {
          const worn = inWay(piece, id);
          expect(worn.mode.id).toBe(id);
          expect([...worn.covers].filter((zone) => worn.halfCovers.has(zone))).toEqual([]);
          expect(worn.seen.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 6);
          expect(worn.clo).toBeGreaterThanOrEqual(0);
          for (const name of Object.keys(CATEGORY[piece.category].measures))
            expect(measure(worn, name as never)?.mm).toBeGreaterThanOrEqual(0);
          // What was measured stays as it was measured.
          for (const [name, mm] of Object.entries(piece.measures))
            expect(measure(worn, name as never)).toEqual({
              mm,
              origin: piece.origins[name as never] ?? 'given',
            });
        }
      }),
      { numRuns: 150 },
    );
  });

  it('has each way once, its own before the usual, and wears the first where none or an unknown one is named', () => {
    for (const category of CATEGORIES) {
      const piece = one('p', category, WHITE, {
        modes: [{ id: 'mine', title: 'Mine', how: 'As I do.', changes: {} }],
      });
      const ids = modesOf(piece).map(({ id }) => id);
      expect(new Set(ids).size, category).toBe(ids.length);
      expect(ids[0], category).toBe('mine');
      expect(modeOf(piece).id, category).toBe('mine');
      expect(modeOf({ ...piece, mode: 'nobody knows it' }).id, category).toBe('mine');
      expect(modeOf(one('q', category, WHITE)).id, category).toBe(modesOf(one('q', category, WHITE))[0]?.id);
    }
  });

  it('is worn once for the same piece, and never changes it', () => {
    const piece = one('p', 'shirt', WHITE);
    const before = JSON.stringify(piece);
    expect(wear(piece)).toBe(wear(piece));
    for (const { id } of modesOf(piece)) inWay(piece, id);
    expect(JSON.stringify(piece)).toBe(before);
  });
});

describe('what is covered', () => {
  it.each([
    ['none', []],
    ['short', []],
    ['three-quarter', ['upper-arms']],
    ['long', ['lower-arms', 'upper-arms']],
  ] as const)('by a %s sleeve', (sleeve, arms) => {
    const bare = covers('blouse', { cut: { sleeve: 'none' } });
    expect(covers('blouse', { cut: { sleeve } }).filter((zone) => !bare.includes(zone))).toEqual(arms);
  });

  it('by a neck, and not where it is cut away', () => {
    expect(covers('fine-knit', { cut: { neckline: 'roll' } })).toContain('neck');
    expect(covers('fine-knit', { cut: { neckline: 'v' } })).not.toContain('neck');
    for (const neckline of ['strapless', 'halter', 'one-shoulder'] as const)
      expect(covers('dress', { cut: { neckline } }), neckline).not.toContain('shoulders');
    for (const back of ['low', 'open'] as const)
      expect(covers('dress', { cut: { back } }), back).not.toContain('back');
    expect(covers('dress', { cut: { neckline: 'v', necklineDepthMm: 240 } })).not.toContain('chest');
  });

  it('by what is long enough', () => {
    const [short, knee, long] = [700, 1050, 1450].map((length) => covers('dress', { measures: { length } }));
    expect(sure(short)).not.toContain('knees');
    expect(sure(knee)).toContain('knees');
    expect(sure(long)).toContain('calves');
    expect(covers('tee', { measures: { length: 420 } })).not.toContain('midriff');
    expect(covers('tee', { measures: { length: 740 } })).toContain('seat');
    expect(covers('shorts', { measures: { inseam: 80 } })).not.toContain('thighs');
    expect(covers('sandal', { cut: { toe: 'open' } })).not.toContain('feet');
  });

  it('half by what is thin, not at all by what is seen through, wholly by a lining', () => {
    const whole = covers('blouse');
    const worn = (sheer: 'semi' | 'sheer', lined = false) =>
      wear(one('p', 'blouse', WHITE, { fabric: { sheer, lined } }));
    expect([...worn('semi').halfCovers].sort()).toEqual(whole);
    expect([...worn('semi').covers]).toEqual([]);
    expect([worn('sheer').covers.size, worn('sheer').halfCovers.size]).toEqual([0, 0]);
    expect([...worn('sheer', true).covers].sort()).toEqual(whole);
  });

  it('not where it is torn on purpose', () => {
    const torn = { features: [{ zone: 'knees' as const, what: 'Ripped at the knee' }] };
    expect(covers('jeans')).toContain('knees');
    expect(covers('jeans', torn)).not.toContain('knees');
    // A strip is no rip.
    expect(covers('jeans', { features: [{ zone: 'knees', what: 'A strip of braid' }] })).toContain('knees');
  });

  it('as somebody said it, whatever its kind usually does', () => {
    expect(covers('tank', { covers: ['shoulders', 'upper-arms'] })).toEqual(['shoulders', 'upper-arms']);
  });
});

describe('colours as the eye meets them', () => {
  const TWO = [
    { hex: '#000000', share: 0.5 },
    { hex: '#ffffff', share: 0.5 },
  ];
  it('melt into one where a pattern is small or faint, and stay two where it is neither', () => {
    const dotted = (repeatMm: number, contrast: number) =>
      wear(one('p', 'blouse', WHITE, { colours: TWO, pattern: { kind: 'dot', repeatMm, contrast } }));
    expect([dotted(2, 0.9).micro, dotted(2, 0.9).seen.length]).toEqual([true, 1]);
    expect([dotted(30, 0.05).micro, dotted(30, 0.05).seen.length]).toEqual([true, 1]);
    expect([dotted(30, 0.9).micro, dotted(30, 0.9).seen.length]).toEqual([false, 2]);
    // Both count for echoes all the same.
    expect(dotted(2, 0.9).swatches).toEqual(TWO);
    // A plain piece with a band of another colour has two.
    expect(wear(one('p', 'blouse', WHITE, { colours: TWO })).seen).toEqual(TWO);
    expect(isMicro({ pattern: { kind: 'marl', repeatMm: 90, contrast: 1 } } as never)).toBe(true);
  });

  it('change places where sequins are brushed back, and darken where a pile is', () => {
    const sequins = one('p', 'dress', WHITE, { colours: [...TWO], fabric: { texture: 'sequin' } });
    const turned = modesOf(sequins).find(({ effects }) => effects?.nap === 'turned');
    expect(inWay(sequins, sure(turned).id).swatches[0]?.hex).toBe('#ffffff');
    const velvet = one('p', 'blazer', '#7a3040', { fabric: { texture: 'velvet' } });
    const brushed = sure(modesOf(velvet).find(({ effects }) => effects?.nap === 'turned'));
    expect(inWay(velvet, brushed.id).swatches[0]?.hex).not.toBe('#7a3040');
  });

  it('are the other side of what is reversible, and whole in share', () => {
    const scarf = one('p', 'scarf', WHITE, { colours: [...TWO], facts: { reversible: true } });
    const { swatches } = inWay(scarf, 'reversed');
    expect(swatches[0]?.hex).toBe('#ffffff');
    expect(swatches.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  });
});

describe('parts that come off', () => {
  it('bare what they covered, and leave the rest', () => {
    const jacket = one('p', 'jacket', WHITE, {
      cut: { sleeve: 'long' },
      parts: [{ zone: 'lower-arms', detachable: true }],
    });
    const off = inWay(jacket, 'without-sleeves');
    expect(off.piece.parts).toEqual([]);
    expect(wear(jacket).covers.has('lower-arms')).toBe(true);
    expect(off.covers.has('lower-arms')).toBe(false);
    expect(off.covers.has('back')).toBe(true);
  });
});

describe('how warm it is', () => {
  it('follows its weight and what it is of, and what was measured before all', () => {
    const clo = (weight: 'light' | 'mid' | 'heavy', name: string, pct = 100): number =>
      wear(one('p', 'chunky-knit', WHITE, { fabric: { weight, fibres: [{ name, pct }] } })).clo;
    expect(clo('light', 'cotton')).toBeLessThan(clo('mid', 'cotton'));
    expect(clo('mid', 'cotton')).toBeLessThan(clo('heavy', 'cotton'));
    expect(clo('mid', 'merino')).toBeGreaterThan(clo('mid', 'cotton'));
    expect(clo('mid', 'linen')).toBeLessThan(clo('mid', 'cotton'));
    // A tenth of wool warms nobody.
    expect(clo('mid', 'wool', 10)).toBe(clo('mid', 'cotton'));
    expect(wear(one('p', 'coat', WHITE, { warmthClo: 0.91 })).clo).toBe(0.91);
  });
});

describe('a complete look', () => {
  const of = (...kinds: Category[]) => completeness(kinds.map((kind, i) => wear(one(`p${i}`, kind, WHITE))));
  it.each([
    [['dress', 'heel'], []],
    [['shirt', 'jeans', 'sneaker'], []],
    [['shirt', 'jeans'], ['shoes']],
    [['jeans', 'sneaker'], ['a top']],
    [
      ['coat', 'sneaker'],
      ['a top', 'a bottom'],
    ],
    [[], ['a top', 'a bottom', 'shoes']],
    [['dress', 'heel', 'flat'], ['only one shoes, not 2']],
    [['dress', 'heel', 'bag', 'bag'], ['only one bag, not 2']],
    [['dress', 'heel', 'ring', 'ring', 'ring'], []],
    [['dress', 'heel', 'cardigan', 'coat'], []],
  ] as const)('%s', (kinds, missing) => {
    expect(of(...kinds)).toEqual({ complete: missing.length === 0, missing });
  });
  it('takes one piece in each slot that has room for one', () => {
    for (const kind of CATEGORIES) {
      const { slot } = wear(one('p', kind, WHITE));
      const many = of(kind, kind).missing.some((each) => each.startsWith('only one'));
      expect(many, kind).toBe(EXCLUSIVE.has(slot));
    }
  });
});
