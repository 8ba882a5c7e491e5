import type { DemoBox } from './demo-box';

/** Boxes of the year behind for the second half of the people, and one that is being styled. */
export const MORE_BOXES: readonly DemoBox[] = [
  {
    client: 'surveyor',
    startDay: -210,
    until: 'closed',
    budgetMinor: 60_000,
    occasions: [
      {
        title: 'Spring soundings',
        day: -180,
        formality: [3, 5],
        time: 'day',
        outdoorC: 9,
        surfaces: ['deck', 'wet'],
      },
    ],
    asks: ['a shirt with sleeves to the wrist', 'trousers long enough'],
    mood: ['calm'],
    notToSend: 'Short sleeves.',
    lines: [
      { title: 'Level shirt, white', size: 'M', ask: 0 },
      { title: 'Plumb trousers, ink', size: 'M', ask: 1 },
      { title: 'Datum roll-neck, moss', size: 'M' },
    ],
    looks: [
      { title: 'On deck', occasion: 0, pieces: ['Datum roll-neck', 'Plumb trousers', 'Brown ankle boots'] },
    ],
    decisions: [
      { reason: 'too short', point: 'sleeve', note: 'two fingers at the wrist' },
      'keep',
      { reason: 'too short', point: 'sleeve', note: 'sleeves again' },
    ],
    notesNext: 'Measure her arm against every sleeve before it is pulled.',
  },
  {
    client: 'bass',
    startDay: -120,
    until: 'closed',
    budgetMinor: 80_000,
    occasions: [
      {
        title: 'Summer concert',
        day: -92,
        formality: [7, 9.5],
        time: 'evening',
        indoorC: 24,
        hoursOnFeet: 3,
      },
    ],
    asks: ['a white shirt for the stage'],
    mood: ['polished'],
    notToSend: '',
    lines: [
      { title: 'Nave dress shirt, white', size: 'XL', ask: 0 },
      { title: 'Aisle derby, black', size: '45' },
    ],
    looks: [
      {
        title: 'Back row',
        occasion: 0,
        pieces: ['Nave dress shirt', 'Black trousers', 'Aisle derby', 'Burgundy tie'],
      },
    ],
    decisions: ['keep', 'keep'],
    notesNext: 'Wants breadth across the back, not length.',
  },
  {
    client: 'puppeteer',
    startDay: -2,
    until: 'combining',
    budgetMinor: 42_000,
    occasions: [
      {
        title: 'Winter show and foyer',
        day: 22,
        formality: [2, 5],
        time: 'evening',
        indoorC: 22,
        outdoorC: 4,
        activityMet: 2,
        hoursOnFeet: 3,
        carry: ['puppets', 'tools'],
        seenBy: ['children', 'parents'],
      },
    ],
    asks: ['a jacket in colour for the foyer', 'black trousers she can kneel in', 'trainers under 120'],
    mood: ['playful'],
    notToSend: 'Beige.',
    lines: [
      { title: 'Curtain-call jacket, marigold', size: 'S', ask: 0 },
      { title: 'Shadow trousers, black', size: 'S', ask: 1 },
    ],
    looks: [],
  },
];
