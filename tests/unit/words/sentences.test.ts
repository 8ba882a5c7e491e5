import { importFaultWords } from '@contracts/import-fault';
import { lossWords } from '@core/box';
import { type Fit, fitForClient, fitInShort, fitWords, offsetWords, workaroundWords } from '@core/fit';
import { type GuardFinding, guardWords, packerWords } from '@core/guard';
import { cartonWords, CARTONS } from '@core/parcel';
import { gapWords, nextStepWords, refusalWords } from '@core/plan';
import { forWhyWords, leftOutWords, objectionWords, reasonWords, type Said } from '@core/pull';
import { clockWords, deskWhatWords } from '@core/schedule';
import { tillFaultWords, tillNoteWords } from '@core/till';
import { celsiusOf, degreesOf, HOUSE_TONGUE, type Tongue, warmthIn } from '@core/words';
import { describe, expect, it } from 'vitest';
import { BRITISH } from '../../support/british';

/** Every sentence below was read aloud, and stands here as it is said: whoever changes one sees what it was. */
const AMERICAN: Tongue = { english: 'american', units: 'in' };
const both = (words: (tongue: Tongue) => string): [string, string] => [words(HOUSE_TONGUE), words(AMERICAN)];

/** A code with what its words want, and what is said; a second sentence where the other English says it otherwise. */
type Row<T> = readonly [said: T, british: string, american?: string];
const spoken = <T>(rows: readonly Row<T>[], words: (said: T, tongue: Tongue) => string): void =>
  it.each(rows.map(([said, british, american = british]) => ({ said, british, american })))(
    '$british',
    (row) => {
      const { said, british, american } = row;
      expect(both((tongue) => words(said, tongue))).toEqual([british, american]);
      expect(american).not.toMatch(BRITISH);
      expect(british).not.toMatch(/undefined|NaN| {2}|[a-z]'[a-z]| ,|\.\./);
    },
  );

const tight: Fit = {
  size: 'M',
  verdict: 'close',
  origin: 'given',
  point: 'hip',
  easeMm: 6,
  wantedMm: [20, 120],
};
const byLabel: Fit = { size: '40', verdict: 'right', origin: 'chart', point: 'bust', meantMm: [900, 940] };

describe('why a candidate is offered', () => {
  spoken<Said>(
    [
      [{ code: 'fit', params: { fit: tight } }, 'Close at the hip'],
      [{ code: 'over-budget' }, 'Over what is left of the budget'],
      [{ code: 'well-within-budget' }, 'Well within budget'],
      [{ code: 'liked-colour' }, 'In a colour this client likes', 'In a color this client likes'],
      [{ code: 'avoided-colour' }, 'In a colour this client avoids', 'In a color this client avoids'],
      [{ code: 'never-colour' }, 'In a colour this client never wears', 'In a color this client never wears'],
      [{ code: 'mood', params: { mood: 'quiet' } }, 'Quiet, as the brief asks'],
      [{ code: 'twin', params: { title: 'Navy knit' } }, 'Nearly the same as Navy knit, already owned'],
      [{ code: 'sister', params: { title: 'Navy knit' } }, 'Sister of Navy knit, a loved piece'],
      [{ code: 'occasions', params: { count: 2 } }, 'Works for 2 of the occasions'],
      [{ code: 'came-back', params: { title: 'Rust coat' } }, 'Rust coat came back: no reason given'],
      [
        { code: 'came-back', params: { title: 'Rust coat', reason: 'too big' } },
        'Rust coat came back: too big',
      ],
      [
        { code: 'came-back-sized', params: { reason: 'too big', size: 'L' } },
        'Came back in L: too big; this is another size',
      ],
      [{ code: 'sent-label-back', params: {} }, 'Sent this label back before: no reason given'],
      [{ code: 'last-one' }, 'Last one in this size'],
      [{ code: 'depth', params: { count: 4 } }, '4 of this size on the shelf'],
      [{ code: 'interest', params: { days: 1 } }, 'For the shop: 1 day in the shop'],
      [
        { code: 'interest', params: { days: 90, margin: 0.614 } },
        'For the shop: 90 days in the shop, a margin of 61 %',
      ],
      [{ code: 'not-coloured', params: { names: ['black', 'navy'] } }, 'Not in black or navy'],
      [{ code: 'length', params: { name: 'midi' } }, 'Midi length, as asked'],
      [{ code: 'other-length', params: { name: 'maxi' } }, 'Maxi length, another than was asked for'],
      [{ code: 'bares' }, 'Leaves bare what should be covered'],
      [{ code: 'steams' }, 'Wants steaming'],
    ],
    reasonWords,
  );
});

describe('why a garment is not among the candidates', () => {
  spoken(
    [
      [{ code: 'sold-out' }, 'Sold out in every size'],
      [{ code: 'in-box' }, 'In the box already'],
      [
        { code: 'unfit', params: { fit: { ...tight, verdict: 'too small' } } },
        'Too small at the hip (+6 mm; 20 to 120 wanted) in the nearest size, M',
        'Too small at the hip (+0.25 in; 0.75 to 4.75 wanted) in the nearest size, M',
      ],
      [
        { code: 'size-gone', params: { size: 'S', works: 'belt notch', shown: 'M' } },
        'Size S would fit and is gone. One more notch of a belt takes it in. M is shown',
      ],
      [
        { code: 'ruled-out', params: { finding: { code: 'never-colour', about: '#000' } } },
        'Ruled out: this colour is on the never list.',
        'Ruled out: this color is on the never list.',
      ],
      [
        { code: 'doubted', params: { doubt: { code: 'avoided-colour' } } },
        'Among the candidates, but: in a colour this client avoids',
        'Among the candidates, but: in a color this client avoids',
      ],
      [{ code: 'not-wanted', params: { what: 'wool' } }, 'Not wanted: wool'],
      [{ code: 'other-rail', params: { rail: 'men' } }, 'From the men’s rail'],
    ] as const,
    (why, tongue) => leftOutWords(why as never, tongue),
  );
});

describe('what may be held against a piece, and for whom one is', () => {
  spoken(
    [
      [
        { axis: 'bright', why: { code: 'strong' } },
        'too bright: a strong colour for a quiet client',
        'too bright: a strong color for a quiet client',
      ],
      [
        { axis: 'bright', why: { code: 'off-card', params: { colour: 'pale grey' } } },
        'too bright: pale grey is not on the colour card',
        'too bright: pale gray is not on the color card',
      ],
      [{ axis: 'bare', why: { code: 'bare' } }, 'too bare: it leaves bare what the client keeps covered'],
    ] as const,
    (objection, tongue) => objectionWords({ ...objection, amount: 1 } as never, tongue),
  );
  spoken(
    [
      [{ code: 'ask', params: { text: 'a red hat' } }, 'asked for “a red hat”'],
      [{ code: 'gap' }, 'missing from the closet'],
      [{ code: 'liked' }, 'in a colour that is liked', 'in a color that is liked'],
    ] as const,
    (why, tongue) => forWhyWords(why as never, tongue),
  );
});

describe('what stands between a piece and a client', () => {
  const heel = { value: 65, most: 40 };
  spoken<GuardFinding>(
    [
      [
        { code: 'allergy', about: 'latex', declared: 'latex', named: 'rubber' },
        'Ruled out: contains rubber, and latex is a declared allergy.',
      ],
      [
        { code: 'may-contain', about: 'x', declared: 'nickel', named: 'white gold' },
        'May contain nickel (white gold), a declared allergy. Ask the maker.',
      ],
      [
        { code: 'content', about: 'wool', declared: 'wool' },
        'Nobody has entered what it is made of, and wool is a declared allergy. Read the label.',
      ],
      [
        { code: 'may-be-never', about: 'fur', declared: 'fur' },
        'May be what is on the never list: fur. Look at it.',
      ],
      [
        { code: 'heel', about: 'x', measured: heel as never },
        'The heel is above the limit: 6.5 cm, and 4 cm is the most.',
        'The heel is above the limit: 2½ in, and 1½ in is the most.',
      ],
      [
        { code: 'bag', about: 'x', measured: { value: 900, most: 800 } as never },
        'Heavier than the limit: 900 g, and 800 g is the most.',
      ],
      [
        { code: 'cover', about: 'x', zones: ['midriff'] },
        'Leaves the midriff bare, and no look or closet piece covers it.',
      ],
      [
        { code: 'cover', about: 'x', zones: ['knees'] },
        'Leaves the knees bare, and no look or closet piece covers them.',
      ],
    ],
    guardWords,
  );
  it('tells whoever packs what is in the piece and nothing of the person, whatever was found', () => {
    const found = (code: GuardFinding['code'], named?: string): GuardFinding => ({
      code,
      about: 'secret',
      declared: 'secret',
      named,
    });
    expect(packerWords([found('allergy', 'rubber'), found('heel')])).toBe('Ruled out: contains rubber');
    expect(packerWords([found('never')])).toBe('Ruled out: ask the stylist');
    expect(packerWords([found('never-colour')])).toBe('Ruled out: ask the stylist');
    for (const code of ['may-contain', 'content', 'heel', 'care', 'cover', 'not-to-send'] as const)
      expect(packerWords([found(code, 'wool')])).toBe('Ask the stylist before you pack it');
  });
});

describe('how a size fits', () => {
  const between = { sizes: ['12', '14'], took: 'larger', why: 'to layer' } as const;
  spoken<Fit>(
    [
      [
        tight,
        'Close at the hip (+6 mm; 20 to 120 wanted)',
        'Close at the hip (+0.25 in; 0.75 to 4.75 wanted)',
      ],
      [
        { ...tight, easeMm: -14, verdict: 'too small' },
        'Too small at the hip (−14 mm; 20 to 120 wanted)',
        'Too small at the hip (−0.5 in; 0.75 to 4.75 wanted)',
      ],
      [
        { ...tight, point: 'sleeve', verdict: 'too small' },
        'Too short at the sleeve (+6 mm; 20 to 120 wanted)',
        'Too short at the sleeve (+0.25 in; 0.75 to 4.75 wanted)',
      ],
      [
        byLabel,
        'Right by its label: 40 is for a bust of 90 cm to 94 cm',
        'Right by its label: 40 is for a bust of 35½ in to 37 in',
      ],
      [{ ...byLabel, point: undefined, meantMm: undefined }, 'Fit not measured'],
      [{ ...byLabel, point: undefined, size: 'One size' }, 'One size'],
      [
        { ...byLabel, meantMm: undefined, chart: 'the shop’s table', learned: { steps: -0.34, count: 1 } },
        'Right by the shop’s table; this label runs small by 0.3 of a size, from 1 decision',
      ],
      [
        { ...byLabel, meantMm: undefined, between },
        'Right by its label. Between 12 and 14 the larger was chosen, to leave room for a layer; try 12 if it sits too wide.',
      ],
      [
        { ...byLabel, meantMm: undefined, effect: 'looser' },
        'A size larger on purpose, to hang looser. Right by its label.',
      ],
    ],
    fitWords,
  );
  it.each([
    [tight, 'M', 'The M will sit a little close at the hip.'],
    [byLabel, '40', 'The 40 should fit you well.'],
    [{ ...tight, point: 'sleeve', verdict: 'too big' }, 'M', 'The M will be too long at the sleeve.'],
    [{ ...tight, effect: 'closer' }, 'M', 'The M is a size smaller on purpose: it is to sit close.'],
    [null, 'M', 'Size M.'],
    [tight, 'One size', 'One size.'],
    [
      { ...tight, instead: { size: 'L', works: 'worn open' } },
      'M',
      'The M will sit a little close at the hip. Worn open, or with nothing beneath, it works.',
    ],
    [{ ...tight, instead: { size: 'L', works: 'none' } }, 'M', 'The M will sit a little close at the hip.'],
  ] as const)('told to her without a number: %j', (fit, size, said) => {
    expect(fitForClient(fit as Fit | null, size)).toBe(said);
    expect(said).not.toMatch(/\d ?(mm|cm|in)\b/);
  });
  it('says what makes it work, and in short where it sits', () => {
    expect(workaroundWords('none')).toBe('Nothing makes this one work.');
    expect(fitInShort({ ...tight, instead: { size: 'L', works: 'take in' } })).toBe(
      'Close at the hip. Size L would fit and is gone. It can be taken in.',
    );
  });
  it('says what a label’s habit changes, and nothing where no tape would show it', () => {
    expect(both((tongue) => offsetWords('bust', -0.6, tongue))).toEqual([
      '0.6 of a size small: each is read as 2.5 cm less at the bust',
      '0.6 of a size small: each is read as 1 in less at the bust',
    ]);
    expect(offsetWords('waist', 0.05, HOUSE_TONGUE)).toBe('as it says at the waist, as far as we know');
  });
});

describe('rows of files', () => {
  const at = { row: 4, field: 'colour' } as const;
  spoken(
    [
      [
        { ...at, code: 'colour-unknown', params: { said: 'Greige' } },
        'the colour “Greige” is not known; grey until you say',
        'the color “Greige” is not known; gray until you say',
      ],
      [
        { ...at, code: 'colour-unknown', params: { said: '' } },
        'no colour is named; grey until you say',
        'no color is named; gray until you say',
      ],
      [
        { ...at, code: 'below-0', params: { said: '-2' } },
        '-2 in the till; 0 until you count',
        '-2 in the register; 0 until you count',
      ],
    ] as const,
    (note, tongue) => tillNoteWords(note as never, tongue),
  );
  spoken(
    [
      [{ ...at, code: 'no-kind', params: { said: 'Bottoms' } }, '“Bottoms”: which kind of garment is it?'],
      [
        { ...at, code: 'one-count', params: { sizes: '4 sizes' } },
        'one count for 4 sizes: write one for each size, as 2, 3, 1',
      ],
    ] as const,
    (fault, tongue) => tillFaultWords(fault as never, tongue),
  );
  spoken(
    [
      [
        { row: 2, path: 'qty', code: 'not-count', params: { said: '' } },
        'empty: a whole number from 0 is wanted',
      ],
      [
        { row: 2, path: 'x', code: 'refused', params: { why: 'not a colour' } },
        'not a colour',
        'not a color',
      ],
      [
        { row: 2, path: 'ean', code: 'taken', params: { said: '50', title: 'Tee', size: 'M' } },
        '50 is Tee, size M, already',
      ],
    ] as const,
    (fault, tongue) => importFaultWords(fault as never, tongue),
  );
});

describe('days, parcels, plans', () => {
  it.each([
    [undefined, 'No day set'],
    [-12, '12 days late'],
    [-1, '1 day late'],
    [0, 'Today'],
    [1, 'Tomorrow'],
    [9, 'In 9 days'],
  ])('%s days left', (left, said) => expect(clockWords({ left })).toBe(said));
  it('counts what a box waits with, one and many', () => {
    const said = (code: string, count: number) => deskWhatWords({ code, params: { count } } as never);
    expect([said('held', 1), said('held', 3), said('with-client', 1), said('with-client', 3)]).toEqual([
      '1 piece held, no letter yet.',
      '3 pieces held, no letter yet.',
      '1 piece is with the client.',
      '3 pieces are with the client.',
    ]);
  });
  it('says what became of a piece that is lost, and nothing of one that is not', () => {
    const line = { decision: 'lost', reason: null, lost: false, checkedIn: false } as const;
    expect([
      lossWords(line),
      lossWords({ ...line, checkedIn: true }),
      lossWords({ ...line, reason: 'no answer' }),
      lossWords({ ...line, decision: 'return', lost: true }),
      lossWords({ ...line, decision: 'return' }),
      lossWords({ ...line, decision: 'keep' }),
    ]).toEqual([
      'Lost on its way to her',
      'Never reached her; back in the shop',
      'No answer; given up',
      'Lost on its way back',
      undefined,
      undefined,
    ]);
  });
  it('measures a carton as its reader does', () => {
    expect(CARTONS.map((carton) => cartonWords(carton, HOUSE_TONGUE))[0]).toBe('flat box, 35 × 25 × 5 cm');
    expect(cartonWords(CARTONS[1], AMERICAN)).toBe('small box, 13¾ × 9¾ × 4¾ in');
  });
  it('says what a step of the budget buys, how near a plan is, and what a piece is worth to it', () => {
    const step = { moreMinor: 6000, comes: ['tan Chelsea boots'], looks: 1 };
    expect(nextStepWords(step, 'EUR', HOUSE_TONGUE)).toBe(
      '€60.00 more buys the tan Chelsea boots: 1 more look.',
    );
    expect(nextStepWords({ ...step, comes: [], looks: 0 }, 'EUR', HOUSE_TONGUE)).toBe(
      '€60.00 more opens no more looks, but better ones.',
    );
    expect([gapWords(0), gapWords(0.0012), gapWords(0.03)]).toEqual([
      'As good as it gets within this budget.',
      'Within 0.2 % of the best there could be.',
      'Within 3.0 % of the best there could be.',
    ]);
    expect([0, 1, 2, 5, 20].map((costs) => refusalWords(costs, 100))).toEqual([
      'something else does as well',
      'easily replaced',
      'easily replaced',
      'worth having',
      'hard to replace',
    ]);
    expect(refusalWords(0, 0)).toBe('something else does as well');
  });
  it('counts warmth as each reader does, and typed degrees come back as they were typed', () => {
    expect([warmthIn(-0.2, HOUSE_TONGUE), warmthIn(20, AMERICAN)]).toEqual(['0 °C', '68 °F']);
    for (let degrees = -40; degrees <= 130; degrees++)
      for (const tongue of [HOUSE_TONGUE, AMERICAN])
        expect(degreesOf(celsiusOf(degrees, tongue), tongue)).toBe(degrees);
  });
});
