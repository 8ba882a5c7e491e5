import type { DemoClient } from './demo-client';

/** The second half of the demo's people; their closets are told in words, as a stylist would paste them. */
export const MORE_CLIENTS: readonly DemoClient[] = [
  {
    key: 'puppeteer',
    name: 'Isolde Venn-Marsh',
    about: 'Puppeteer: black behind the booth, colour before the public; cycles everywhere.',
    email: 'isolde@venn-marsh.invalid',
    sizes: { tops: 'S', bottoms: 'S', shoes: '38' },
    measures: { heightMm: 1640, bust: 850, waist: 680, hip: 925, insideLegLength: 760, footLength: 240 },
    profile: {
      goals: [],
      limits: { heelMaxMm: 50, avoidFibres: [], avoidMetals: [], washableOnly: true },
      appetite: { statement: 'bold', pattern: 'mix', edge: 4 },
      moods: ['playful', 'sharp'],
      colourCard: { like: ['#dd9a2e', '#1f8a6b', '#a82536'], avoid: ['#d3c5ab'], never: [] },
      hair: 'up',
      pierced: true,
      schools: { pattern: 'mix', focus: 'bold' },
    },
    boxBudgetMinor: 42_000,
    pieceBudgetMinor: { jacket: 18_000, trousers: 11_000 },
    notes: 'Kneels, reaches, lifts. Nothing that catches in a chain; pockets for scissors.',
    owned: [],
    list: `black crew tee, long sleeve; black slim trousers, stretch; black jeans, slim, high rise; black leggings
      black roll neck, merino; black overshirt; black trainers; black belt; black socks
      marigold cardigan, wool; red boots; coral skirt, a-line, striped; mustard tee; yellow raincoat
      teal tights; fuchsia scarf, silk; green dungarees, cotton; white tee; denim blue jacket, denim
      purple dress, midi, floral; brown satchel, leather; red hat, wool; gold hoops; orange jumper, chunky`,
    lovedWords: ['marigold', 'red boots', 'green'],
  },
  {
    key: 'bass',
    name: 'Halvard Odling',
    about: 'Choir bass with wide shoulders: a concert in black, then a garden wedding as a guest.',
    email: 'halvard@odling.invalid',
    sizes: { tops: 'XL', bottoms: 'L', shoes: '45' },
    measures: {
      heightMm: 1860,
      bust: 1120,
      waist: 960,
      hip: 1050,
      shoulderWidth: 486,
      insideLegLength: 850,
      armLength: 650,
      footLength: 288,
    },
    profile: {
      goals: [],
      limits: { avoidFibres: [], avoidMetals: [], washableOnly: false },
      appetite: { statement: 'one', pattern: 'one', edge: 1 },
      moods: ['polished', 'calm'],
      colourCard: { like: ['#1f2a44', '#56663f', '#9fac92'], avoid: [], never: ['#e07b2c'] },
    },
    boxBudgetMinor: 90_000,
    pieceBudgetMinor: { blazer: 35_000, shirt: 10_000, flat: 18_000 },
    notes: 'Jackets pull across the back before they are short in the sleeve.',
    owned: [],
    list: `black trousers; black shirt; black flats, leather; black belt, leather; white shirt; pale blue shirt
      navy blazer, wool; grey trousers, flannel; navy jumper, lambswool; dark blue jeans, straight, mid rise
      brown boots, suede; brown belt, leather; burgundy tie, silk; white pocket square; charcoal coat, wool
      oatmeal cardigan, cable; navy raincoat; grey socks, wool; green scarf, wool`,
    lovedWords: ['navy blazer', 'oatmeal'],
  },
  {
    key: 'surveyor',
    name: 'Tamsin Hallowell',
    about:
      'Harbour surveyor, very tall; covered from neck to wrist by her own wish; half her day is outdoors.',
    email: 'tamsin@hallowell.invalid',
    sizes: { tops: 'M', bottoms: 'M', shoes: '42' },
    measures: {
      heightMm: 1910,
      bust: 930,
      waist: 760,
      hip: 1010,
      shoulderWidth: 412,
      armLength: 668,
      insideLegLength: 905,
      footLength: 268,
    },
    profile: {
      goals: ['longer-line'],
      cover: ['neck', 'shoulders', 'upper-arms', 'lower-arms', 'chest', 'midriff', 'back', 'thighs', 'knees'],
      limits: { heelMaxMm: 45, avoidFibres: [], avoidMetals: [], washableOnly: false },
      appetite: { statement: 'quiet', pattern: 'one', edge: 1 },
      moods: ['calm', 'sharp'],
      colourCard: { like: ['#1d2130', '#56663f', '#ebdfc3', '#4f5b66'], avoid: ['#e6a6b3'], never: [] },
      hair: 'up',
    },
    boxBudgetMinor: 65_000,
    pieceBudgetMinor: { raincoat: 28_000, trousers: 14_000 },
    notes: 'Three things came back for sleeve length. Ask for longs; measure the arm against the sleeve.',
    owned: [],
    list: `cream roll neck, merino; navy roll neck, merino; grey roll neck, wool; white shirt, long sleeve
      sky shirt, long sleeve; navy trousers, straight, high rise, wool; grey trousers, wide leg, wool
      dark blue jeans, straight, high rise; black tall boots, leather; brown ankle boots, leather
      black loafers; navy coat, wool; olive raincoat; moss cardigan, wool; slate blazer, wool
      navy dress, maxi, long sleeve; brown belt, leather; brown bag, leather; navy scarf, wool; grey hat, wool
      silver studs; silver watch; black tights; grey socks, wool; white long sleeve tee; olive overshirt
      charcoal waistcoat, tweed; pale blue blouse, long sleeve, silk; tan scarf, cashmere; white trainers
      navy chunky knit, wool; ivory cardigan, cable; black trousers, wide leg; rust tunic, long sleeve
      black belt; oatmeal coat; bottle green skirt, pleated, wool; plum dress, midi, long sleeve`,
    lovedWords: ['cream roll', 'slate', 'navy coat'],
  },
];
