import type { DemoBox } from './demo-box';
import { MORE_BOXES } from './more-boxes';

const FIRST: readonly DemoBox[] = [
  {
    client: 'cheesemaker',
    startDay: -120,
    until: 'closed',
    budgetMinor: 26_000,
    occasions: [{ title: 'Spring market', day: -100, formality: [2, 4], time: 'day', outdoorC: 14 }],
    asks: ['jeans that survive a dairy', 'a warm jersey, no wool'],
    mood: ['earthy'],
    notToSend: 'Anything that needs ironing.',
    lines: [
      { title: 'Capstan jeans, indigo', size: 'L', ask: 0 },
      { title: 'Washable cable jersey, cream', size: 'L', ask: 1 },
      { title: 'Ferry stripe tee, ivory navy', size: 'L' },
    ],
    looks: [
      {
        title: 'Market morning',
        occasion: 0,
        pieces: ['Ferry stripe tee', 'Capstan jeans', 'White sneakers', 'Waxed jacket@open'],
      },
    ],
    decisions: ['keep', 'keep', { reason: 'colour', note: 'too nautical for me' }],
    notesNext: 'Likes a high waist; try mustard or gingham next.',
  },
  {
    client: 'geologist',
    startDay: -75,
    until: 'closed',
    budgetMinor: 48_000,
    occasions: [{ title: 'Captain’s table', day: -50, formality: [5, 7], time: 'evening', indoorC: 22 }],
    asks: ['something for dinner with long sleeves', 'a bracelet that looks dug up'],
    mood: ['earthy', 'playful'],
    notToSend: 'Nickel.',
    lines: [
      { title: 'Lantern silk blouse, lake', size: 'S', ask: 0 },
      { title: 'Cuff of strata, bronze', size: 'one', ask: 1 },
      { title: 'Quarry tweed blazer, heather', size: 'S' },
    ],
    looks: [
      {
        title: 'Captain’s table',
        occasion: 0,
        pieces: ['Lantern silk blouse', 'Black cotton trousers', 'Black loafers', 'Cuff of strata'],
      },
    ],
    decisions: ['keep', 'keep', { reason: 'too short', point: 'sleeve', note: 'the sleeve' }],
    notesNext: 'Sleeves to the wrist bone, please.',
  },
  {
    client: 'geologist',
    startDay: -13,
    until: 'out',
    budgetMinor: 48_000,
    occasions: [
      {
        title: 'Lecture on the fjord ship',
        day: 6,
        formality: [3.5, 6],
        time: 'day',
        indoorC: 21,
        outdoorC: 6,
      },
    ],
    asks: ['a tunic for lecturing', 'a pendant, big'],
    mood: ['earthy'],
    notToSend: 'Nickel; bare arms.',
    lines: [
      { title: 'Tide tunic, clay', size: 'S', ask: 0 },
      { title: 'Lodestone pendant, slate', size: 'one', ask: 1 },
      { title: 'Cotton coatigan, charcoal', size: 'S' },
    ],
    looks: [
      {
        title: 'At the lectern',
        occasion: 0,
        pieces: [
          'Tide tunic',
          'Black cotton trousers',
          'Black loafers',
          'Lodestone pendant',
          'Cotton coatigan@open',
        ],
      },
    ],
  },
  {
    client: 'pilot',
    startDay: -1,
    until: 'combining',
    budgetMinor: 75_000,
    occasions: [
      {
        title: 'Guild installation',
        day: 24,
        formality: [5.5, 8],
        time: 'day',
        place: 'Chapter house',
        indoorC: 19,
        hoursOnFeet: 3,
        seenBy: ['the guild'],
        stages: [
          { title: 'Ceremony', changes: { place: 'Chapter house', indoorC: 19 } },
          {
            title: 'Walk to the quay',
            changes: { place: 'Ferry quay', outdoorC: 9, windMs: 9, surfaces: ['cobbles', 'wet'] },
          },
        ],
      },
      {
        title: 'Supper on the quay',
        day: 24,
        formality: [4, 7],
        time: 'evening',
        place: 'Ferry quay',
        outdoorC: 9,
        windMs: 9,
        surfaces: ['cobbles', 'wet'],
      },
    ],
    asks: [
      'a jacket for the ceremony',
      'trousers that fall over the boot',
      'something green',
      'shoes under 40 mm',
    ],
    mood: ['sharp', 'calm'],
    notToSend: 'Pink, and heels she cannot run in.',
    lines: [
      { title: 'Warden blazer, bottle', size: 'M', ask: 0 },
      { title: 'Wheelhouse trousers, ink', size: 'M', ask: 1 },
      { title: 'Lantern silk blouse, ivory', size: 'M' },
      { title: 'Pontoon loafer, oxblood', size: '39', ask: 3 },
      { title: 'Signal scarf, rust lake', size: 'one' },
    ],
    looks: [
      {
        title: 'The ceremony',
        occasion: 0,
        pieces: [
          'Warden blazer@buttoned',
          'Wheelhouse trousers',
          'Lantern silk blouse@full-tuck',
          'Pontoon loafer',
          'Oxblood belt',
        ],
      },
      {
        title: 'Off the boat',
        occasion: 1,
        pieces: [
          'Navy pilot jersey',
          'Wheelhouse trousers',
          'Black ankle boots',
          'Ferry-line reefer coat@open',
          'Signal scarf',
        ],
      },
    ],
  },
  {
    client: 'cheesemaker',
    startDay: 0,
    until: 'brief',
    budgetMinor: 26_000,
    occasions: [
      {
        title: 'County show, judging',
        day: 31,
        formality: [3.5, 5.5],
        time: 'day',
        outdoorC: 11,
        surfaces: ['grass', 'wet'],
        hoursOnFeet: 6,
      },
    ],
    asks: [],
    mood: ['earthy', 'playful'],
    notToSend: '',
    lines: [],
    looks: [],
  },
];

export const DEMO_BOXES: readonly DemoBox[] = [...FIRST, ...MORE_BOXES];
