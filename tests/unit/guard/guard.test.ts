import { type GuardGround, guardPiece, guardWords, isRefused, packerWords, unanswered } from '@core/guard';
import { NOBODY, type Profile } from '@core/client';
import { judge } from '@core/look';
import { type GivenPiece, pieceFrom } from '@core/piece';
import { describe, expect, it } from 'vitest';
import { sure } from '../../support/sure';

const piece = (given: Partial<GivenPiece>) =>
  pieceFrom({
    id: 'p',
    title: 'The piece',
    category: 'tee',
    colours: [{ hex: '#1f2a44', share: 1 }],
    ...given,
  });
const cotton = { fibres: [{ name: 'cotton', pct: 100 }] };
const guard = (given: Partial<GivenPiece>, client: Partial<Profile>, ground: Partial<GuardGround> = {}) =>
  guardPiece(piece(given), { client: { ...NOBODY, ...client }, looks: [], closet: [], ...ground });

describe('what stands between a piece and a client', () => {
  it('nothing, where nothing was declared', () => {
    expect(guard({}, {})).toEqual([]);
  });

  it('an allergy: by its fibres, its parts, its name where no label was entered', () => {
    const allergies = ['latex'];
    expect(guard({ fabric: { fibres: [{ name: 'latex', pct: 3 }] } }, { allergies })[0]?.code).toBe(
      'allergy',
    );
    const lined = { ...piece({}).fabric, fibres: [{ name: 'natural rubber', pct: 100 }] };
    expect(guard({ fabric: cotton, parts: [{ zone: 'chest', fabric: lined }] }, { allergies })[0]?.code).toBe(
      'allergy',
    );
    expect(guard({ title: 'Latex top' }, { allergies })[0]?.code).toBe('allergy');
    expect(guard({ title: 'Latex-look top', fabric: cotton }, { allergies })).toEqual([]);
    expect(guard({ title: 'Latex top', fabric: cotton }, { allergies })[0]?.code).toBe('may-contain');
    expect(
      guard(
        {
          fabric: {
            fibres: [
              { name: 'latex', pct: 0 },
              { name: 'cotton', pct: 100 },
            ],
          },
        },
        { allergies },
      ),
    ).toEqual([]);
    expect(guard({}, { allergies })[0]?.code).toBe('content');
  });

  it('metal: by its content, asked about where it is not known, and not at all where none shows', () => {
    const allergies = ['nickel'];
    const studs = { category: 'earrings', metal: 'white' } as const;
    expect(guard({ ...studs, metalContent: ['nickel silver'] }, { allergies })[0]?.code).toBe('allergy');
    expect(guard({ ...studs, metalContent: ['stainless steel'] }, { allergies })[0]?.code).toBe(
      'may-contain',
    );
    expect(guard({ ...studs, metalContent: ['unknown'] }, { allergies })[0]?.code).toBe('content');
    expect(guard({ ...studs, metalContent: ['nickel-free'] }, { allergies })).toEqual([]);
    expect(guard({ ...studs, metalContent: ['brass'], material: 'metal' }, { allergies })).toEqual([]);
    expect(guard({ fabric: cotton }, { allergies })).toEqual([]);
  });

  it('nevers, never-colours at the face alone, and what the brief says not to send', () => {
    expect(guard({ pattern: { kind: 'animal' }, fabric: cotton }, { nevers: ['animal'] })[0]?.code).toBe(
      'never',
    );
    const colourCard = { like: [], avoid: [], never: ['#1f2a44'] };
    expect(guard({}, { colourCard })[0]?.code).toBe('never-colour');
    expect(guard({ category: 'trousers' }, { colourCard })).toEqual([]);
    const said = guard(
      { fabric: { fibres: [{ name: 'merino', pct: 100 }] } },
      {},
      { notToSend: 'Nothing in beige, and no wool.' },
    );
    expect(said.map(({ code, about }) => [code, about])).toEqual([['not-to-send', 'wool']]);
  });

  it('a never that names a part of the body is kept covered, in the line and in the look', () => {
    const bare = { category: 'dress', cut: { sleeve: 'none' }, fabric: cotton } as const;
    for (const never of ['bare arms', 'Bare upper arms', 'showing my arms', 'arms uncovered']) {
      const [found] = guard(bare, { nevers: [never] });
      expect([never, found?.code, found?.zones?.includes('upper-arms')]).toEqual([never, 'cover', true]);
    }
    const cardigan = piece({ id: 'c', category: 'cardigan' });
    expect(guard(bare, { nevers: ['bare arms'] }, { closet: [cardigan] })).toEqual([]);
    const codes = (pieces: Parameters<typeof judge>[0]) =>
      judge(pieces, { client: { ...NOBODY, nevers: ['bare knees'] } })
        .findings.filter(({ rule }) => rule === 'K1')
        .map(({ code }) => code);
    const skirt = (length: number) =>
      piece({ id: 's', category: 'skirt', measures: { length }, origins: { length: 'given' } });
    expect(codes([piece({}), skirt(400)])).toEqual(['bare']);
    expect(codes([piece({}), skirt(850)])).toEqual(['covered']);
  });

  it('limits, each by its own name, and what an answer was given to stays answered', () => {
    const limits = {
      heelMaxMm: 40,
      openToe: false,
      avoidFibres: ['acrylic'],
      avoidMetals: ['brass'],
      washableOnly: true,
    };
    const met = [
      ...guard({ category: 'sandal', measures: { heel: 70 }, cut: { toe: 'open' } }, { limits }),
      ...guard({ fabric: { fibres: [{ name: 'modacrylic', pct: 40 }] }, care: 'dry-clean' }, { limits }),
      ...guard({ fabric: cotton }, { limits }),
      ...guard({ category: 'necklace', metal: 'yellow', metalContent: ['brass'] }, { limits }),
    ];
    expect(met.map(({ code }) => code)).toEqual([
      'heel',
      'open-toe',
      'fibre',
      'care',
      'care-unknown',
      'metal',
    ]);
    expect(met.some(isRefused)).toBe(false);
    const [heel, ...rest] = met;
    expect(unanswered(met, [sure(heel)])).toEqual(rest);
    expect(unanswered([sure(heel)], [{ ...sure(heel), about: '70 > 50' }])).toEqual([heel]);
    const refused = guard({ title: 'Latex top' }, { allergies: ['latex'] });
    expect(unanswered(refused, refused)).toEqual(refused);
  });

  it('a fibre she leaves out, wherever in a piece it is, and however she spelt it', () => {
    const limits = { ...NOBODY.limits, avoidFibres: ['mohir'], avoidMetals: ['nickle'] };
    const collar = { ...piece({}).fabric, fibres: [{ name: 'mohair', pct: 60 }] };
    const codes = (given: Partial<GivenPiece>) => guard(given, { limits }).map(({ code }) => code);
    expect(codes({ fabric: cotton, parts: [{ zone: 'neck', fabric: collar }] })).toEqual(['fibre']);
    expect(codes({ fabric: collar })).toEqual(['fibre']);
    expect(codes({ fabric: cotton })).toEqual([]);
    expect(codes({ category: 'ring', metal: 'white', metalContent: ['nickel silver'] })).toEqual(['metal']);
    expect(codes({ category: 'ring', metal: 'white', metalContent: ['nickel-free brass'] })).toEqual([]);
    const none = { ...NOBODY.limits, avoidFibres: ['none'], avoidMetals: ['n/a'] };
    expect(guard({ fabric: cotton }, { limits: none })).toEqual([]);
  });

  it('says it in whole sentences, and to a packer nothing of the person', () => {
    const allergies = ['wool'];
    const found = [
      ...guard({ fabric: { fibres: [{ name: 'lambswool', pct: 100 }] } }, { allergies }),
      ...guard({ category: 'heel', measures: { heel: 65 } }, { limits: { ...NOBODY.limits, heelMaxMm: 40 } }),
      ...guard({ cut: { sleeve: 'short' } }, { cover: ['upper-arms', 'lower-arms'] }),
    ];
    expect(found.map((each) => guardWords(each))).toEqual([
      'Ruled out: contains lambswool, and wool is a declared allergy.',
      'The heel is above the limit: 6.5 cm, and 4 cm is the most.',
      'Leaves the upper arms and lower arms bare, and no look or closet piece covers them.',
    ]);
    expect(packerWords(found)).toBe('Ruled out: contains lambswool');
    expect(packerWords(found.slice(1))).toBe('Ask the stylist before you pack it');
    expect(packerWords([])).toBeUndefined();
  });
});
