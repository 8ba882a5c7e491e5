import { hemHeight } from '../../figure';
import { isTucked, measure, takesPart, textureFamily, type Worn } from '../../piece';
import { type At, defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { belowWaist } from '../fields';
import { solid } from '../given';
import { ids } from '../rule';
import { type Scene } from '../scene';

type Limits = At<
  | 'clothLong'
  | 'clothShort'
  | 'wrapMore'
  | 'halterMore'
  | 'tail'
  | 'layerEase'
  | 'blouse'
  | 'shirtLeast'
  | 'shirtMost'
>;

const TO_MEASURE = {
  cloth: 'both sides of the cloth',
  width: 'the width of the cloth',
  leg: 'the leg opening',
  lengths: 'both lengths',
} as const;

const words = wording({
  'big-enough': (_, say) => `${say.the()} ${say.verb('be')} big enough to tie this way.`,
  'too-small': (_, say) => `${say.the()} ${say.verb('be')} too small to tie this way.`,
  'wide-enough': (_, say) => `${say.the()} ${say.verb('be')} wide enough for a halter.`,
  'too-narrow': (_, say) => `${say.the()} ${say.verb('be')} not wide enough for a halter.`,
  unknown: ({ measure: which }: { measure: keyof typeof TO_MEASURE }, say) =>
    `Can’t tell whether ${say.the()} can be worn this way: measure ${TO_MEASURE[which]}.`,
  'heavy-knot': (_, say) => `${say.the()} ${say.verb('be')} too heavy to knot.`,
  'above-waist': (_, say) =>
    `${say.the()} ${say.verb('end')} above the waist: there is nothing to tuck or knot.`,
  'short-knot': (_, say) => `${say.the()} ${say.verb('be')} barely long enough to knot.`,
  'no-boot': (_, say) => `There is no boot to tuck ${say.the()} into.`,
  'in-boot': ({ boots }: { boots: string }, say) =>
    `${say.the()} ${say.verb('go')} into ${say.called(boots)}.`,
  bloused: ({ boots }: { boots: string }, say) =>
    `${say.the()} ${say.verb('be')} light enough to blouse over ${say.called(boots)}.`,
  'too-wide': ({ boots }: { boots: string }, say) =>
    `${say.the()} ${say.verb('be')} too wide for ${say.called(boots)}.`,
  layers: (_, say) => `${say.the()} ${say.verb('be')} loose enough to layer.`,
  'close-layer': (_, say) => `${say.the()} ${say.verb('be')} close-fitting for a layer.`,
  peeps: ({ over }: { over: string }, say) =>
    `The hem of ${say.the()} peeps out below ${say.called(over)} as if by accident. Tuck it in.`,
  fastens: ({ to }: { to: string }, say) => `${say.the()} ${say.verb('fasten')} to ${say.called(to)}.`,
  'nothing-to-fasten': (_, say) =>
    `${say.the()} ${say.verb('be')} a part: nothing in this look takes ${say.it()}.`,
  'pin-marks': ({ instead }: { instead?: string | undefined }, say) =>
    `A pin would mark ${say.the(1)}.${instead === undefined ? '' : ` Pin ${say.the(0)} to ${say.called(instead)}.`}`,
  bulky: (_, say) =>
    `${say.the()} ${say.verb('be')} too thick for a wide knot. Tie ${say.it()} once, and small.`,
  slippery: (_, say) => `${say.the()} ${say.verb('be')} slippery: tie twice, and pin on the inside.`,
});
type Said = FoundBy<typeof words>;

/** M1: can this client wear the piece so? */
export const possible = defineRule({
  id: 'M1',
  facet: 'M',
  title: 'Possible',
  question: 'Can the piece be worn this way?',
  thresholds: {
    clothLong: {
      value: 1778,
      unit: 'mm',
      says: 'Least long side of a cloth tied as skirt or dress (70 in).',
      min: 1000,
      max: 3000,
    },
    clothShort: { value: 1000, unit: 'mm', says: 'Least short side of it (40 in).', min: 500, max: 2000 },
    wrapMore: {
      value: 300,
      unit: 'mm',
      says: 'How much longer than the hip it must be, to wrap and knot.',
      min: 50,
      max: 800,
    },
    halterMore: {
      value: 200,
      unit: 'mm',
      says: 'A halter wants half of the bust and this much more.',
      min: 50,
      max: 500,
    },
    tail: {
      value: 80,
      unit: 'mm',
      says: 'Cloth below the waist that a tuck or a knot wants.',
      min: 20,
      max: 200,
    },
    layerEase: {
      value: 60,
      unit: 'mm',
      says: 'Ease of a shirt over what is beneath, to be a layer.',
      min: 0,
      max: 300,
    },
    blouse: {
      value: 1.5,
      unit: '×',
      says: 'A light leg may be this much wider than the shaft, bloused over an ankle boot.',
      min: 1,
      max: 3,
    },
    shirtLeast: {
      value: 80,
      unit: 'mm',
      says: 'A shirt beneath a knit shows by at least this, or not at all.',
      min: 0,
      max: 300,
    },
    shirtMost: { value: 250, unit: 'mm', says: 'And by at most this.', min: 50, max: 500 },
  },
  words,
  find: (scene, at) =>
    scene.pieces.flatMap((worn) => [
      ...judgeWay(worn, scene, at),
      ...slippery(worn),
      ...fastening(worn, scene),
      ...pinned(worn, scene),
      ...knotted(worn),
    ]),
  examples: [
    [
      {
        title: 'A scarf of 180 × 35 cm as a skirt',
        look: [
          {
            id: 'scarf',
            category: 'scarf',
            mode: 'skirt',
            colours: [{ hex: '#9c4a24', share: 1 }],
            measures: { width: 700, lengthFlat: 1800 },
          },
        ],
        client: { measures: { hip: 1000 } },
        expect: 'fights',
      },
      {
        title: 'A cloth of 180 × 105 cm',
        look: [solid('scarf', '#9c4a24', { mode: 'skirt', measures: { width: 1050, lengthFlat: 1800 } })],
        client: { measures: { hip: 1000 } },
        expect: 'works',
      },
    ],
    [
      {
        title: 'A strap without the bag it was made for',
        look: [solid('belt', '#9c4a24', { id: 'strap', fastensTo: ['harbour-bag'] })],
        expect: 'fights',
      },
      {
        title: 'With its bag',
        look: [
          solid('belt', '#9c4a24', { id: 'strap', fastensTo: ['harbour-bag'] }),
          solid('bag', '#5f4331', { styleId: 'harbour-bag' }),
        ],
        expect: 'works',
      },
    ],
    [
      {
        title: 'A brooch on a satin blouse',
        look: [solid('brooch', '#c2a14e'), solid('blouse', '#f3ecdc', { fabric: { texture: 'satin' } })],
        expect: 'note',
      },
      {
        title: 'On a flannel blazer over it',
        look: [
          solid('brooch', '#c2a14e'),
          solid('blouse', '#f3ecdc', { fabric: { texture: 'satin' } }),
          solid('blazer', '#3d3f45', { fabric: { texture: 'flannel' } }),
        ],
        expect: 'silent',
      },
    ],
    [
      {
        title: 'A wide leg into a tall boot',
        look: [
          {
            id: 'trousers',
            category: 'trousers',
            mode: 'into-boots',
            colours: [{ hex: '#20222b', share: 1 }],
            measures: { legOpening: 560 },
          },
          {
            id: 'boots',
            category: 'tall-boot',
            colours: [{ hex: '#17171a', share: 1 }],
            measures: { shaft: 390, shaftGirth: 380 },
          },
        ],
        expect: 'fights',
      },
      {
        title: 'A slim leg into the same boot',
        look: [
          {
            id: 'trousers',
            category: 'trousers',
            mode: 'into-boots',
            colours: [{ hex: '#20222b', share: 1 }],
            measures: { legOpening: 300 },
          },
          {
            id: 'boots',
            category: 'tall-boot',
            colours: [{ hex: '#17171a', share: 1 }],
            measures: { shaft: 390, shaftGirth: 380 },
          },
        ],
        expect: 'works',
      },
    ],
  ],
});

function judgeWay(worn: Worn, scene: Scene, at: Limits): Said[] {
  const { effects, facts } = worn;
  if (effects.tied === 'halter') return halter(worn, scene, at);
  if (effects.tied) return tied(worn, scene, at);
  if (effects.waist === 'knotted' || isTucked(worn)) return tucked(worn, scene, at);
  if (effects.leg === 'in the boot') return intoBoots(worn, scene, at);
  if (effects.as === 'layer') return asLayer(worn, scene, at);
  if (effects.as === 'beneath' && facts.drawn.hem === 'tails') return beneathKnit(worn, scene, at);
  return [];
}

const unknown = (worn: Worn, measure: keyof typeof TO_MEASURE): Said => ({
  code: 'unknown',
  tone: 'note',
  pieces: ids(worn),
  cannotTell: true,
  params: { measure },
});

function tied(worn: Worn, { body }: Scene, at: Limits): Said[] {
  const [width, length] = [measure(worn, 'width'), measure(worn, 'lengthFlat')];
  if (!width || !length || width.origin === 'defaulted' || length.origin === 'defaulted')
    return [unknown(worn, 'cloth')];
  const [long, short] = [Math.max(width.mm, length.mm), Math.min(width.mm, length.mm)];
  const wanted = Math.max(at.clothLong, body.hip + at.wrapMore);
  const isNarrow = short < at.clothShort;
  const measured = isNarrow
    ? ({ value: short, unit: 'mm', least: at.clothShort } as const)
    : ({ value: long, unit: 'mm', least: wanted } as const);
  return [
    long >= wanted && !isNarrow
      ? { code: 'big-enough', tone: 'works', pieces: ids(worn), measured }
      : { code: 'too-small', tone: 'fights', pieces: ids(worn), measured },
  ];
}

function halter(worn: Worn, { body }: Scene, at: Limits): Said[] {
  const width = measure(worn, 'width');
  if (!width || width.origin === 'defaulted') return [unknown(worn, 'width')];
  const wanted = Math.round(body.bust / 2 + at.halterMore);
  const measured = { value: width.mm, unit: 'mm', least: wanted } as const;
  return [
    width.mm >= wanted
      ? { code: 'wide-enough', tone: 'works', pieces: ids(worn), measured }
      : { code: 'too-narrow', tone: 'fights', pieces: ids(worn), measured },
  ];
}

function tucked(worn: Worn, { marks }: Scene, at: Limits): Said[] {
  const knot = worn.effects.waist === 'knotted';
  // That thick cloth bunches when it is tucked is P10's to say.
  if (knot && worn.piece.fabric.weight === 'heavy')
    return [{ code: 'heavy-knot', tone: 'fights', pieces: ids(worn) }];
  const length = measure(worn, 'length');
  if (!length || length.origin === 'defaulted') return [];
  const below = belowWaist(worn, marks) ?? 0;
  const measured = { value: below, unit: 'mm', least: at.tail } as const;
  if (below < 0) return [{ code: 'above-waist', tone: 'fights', pieces: ids(worn), measured }];
  // How a tuck holds is P10's to say; a knot has no waistband.
  return knot && below < at.tail ? [{ code: 'short-knot', tone: 'note', pieces: ids(worn), measured }] : [];
}

function intoBoots(worn: Worn, { pieces }: Scene, at: Limits): Said[] {
  const boots = pieces.find((other) => other.slot === 'shoes');
  const shaft = boots && measure(boots, 'shaftGirth');
  if (!boots || !shaft) return [{ code: 'no-boot', tone: 'fights', pieces: ids(worn) }];
  const opening = measure(worn, 'legOpening');
  if (!opening || opening.origin === 'defaulted') return [unknown(worn, 'leg')];
  const measured = { value: opening.mm, unit: 'mm', most: shaft.mm } as const;
  const found = { pieces: ids(worn), measured, params: { boots: boots.piece.id } };
  if (opening.mm <= shaft.mm) return [{ code: 'in-boot', tone: 'works', ...found }];
  const bloused =
    boots.facts.boot === 'ankle' &&
    worn.piece.fabric.weight === 'light' &&
    opening.mm <= shaft.mm * at.blouse;
  return [
    bloused ? { code: 'bloused', tone: 'works', ...found } : { code: 'too-wide', tone: 'fights', ...found },
  ];
}

function asLayer(worn: Worn, { pieces, body }: Scene, at: Limits): Said[] {
  const own = measure(worn, 'bust');
  if (!own || own.origin === 'defaulted') return [];
  const inner = pieces
    .filter((other) => other !== worn && other.order < worn.order)
    .map((other) => measure(other, 'bust'))
    .filter((found) => found !== undefined && found.origin !== 'defaulted');
  const beneath = Math.max(body.bust, ...inner.map((found) => found?.mm ?? 0));
  const ease = Math.round(own.mm - beneath);
  const measured = { value: ease, unit: 'mm', least: at.layerEase } as const;
  return ease >= at.layerEase
    ? [{ code: 'layers', tone: 'works', pieces: ids(worn), measured }]
    : [{ code: 'close-layer', tone: ease < 0 ? 'fights' : 'note', pieces: ids(worn), measured }];
}

/** A shirt under a knit shows as a hem of its own, or not at all. */
function beneathKnit(worn: Worn, { pieces, marks }: Scene, at: Limits): Said[] {
  const over = pieces.find((other) => other.slot === 'top' && other !== worn);
  const [inner, outer] = [hemHeight(worn, marks), over && hemHeight(over, marks)];
  if (!over || inner === undefined || outer === undefined) return [];
  if (measure(worn, 'length')?.origin === 'defaulted' || measure(over, 'length')?.origin === 'defaulted')
    return [unknown(worn, 'lengths')];
  const shows = Math.round(outer - inner);
  // Over a cropped knit a long shirt is meant.
  const cropped = outer >= marks.highHip;
  if (shows <= 0 || (shows >= at.shirtLeast && (cropped || shows <= at.shirtMost))) return [];
  return [
    {
      code: 'peeps',
      tone: 'note',
      pieces: ids(worn),
      params: { over: over.piece.id },
      measured: { value: shows, unit: 'mm', least: at.shirtLeast, most: at.shirtMost },
    },
  ];
}

/** A part sold alone goes on the styles it was made for, and on nothing else. */
function fastening(worn: Worn, { pieces }: Scene): Said[] {
  if (!worn.piece.fastensTo) return [];
  const to = pieces.find(({ piece }) => takesPart(piece, worn.piece));
  return [
    to
      ? { code: 'fastens', tone: 'works', pieces: ids(worn), params: { to: to.piece.id } }
      : { code: 'nothing-to-fasten', tone: 'fights', pieces: ids(worn) },
  ];
}

/** Cloth that shows every hole. */
const isDelicate = ({ piece: { fabric } }: Worn): boolean =>
  ['satin', 'lace', 'mesh', 'leather'].includes(fabric.texture) ||
  fabric.sheer !== 'opaque' ||
  (fabric.weight === 'light' && fabric.fibres.some(({ name }) => /silk|cashmere/i.test(name)));

/** A brooch is pinned to what is worn outermost; a pin leaves its holes in delicate cloth. */
function pinned(worn: Worn, { pieces }: Scene): Said[] {
  if (worn.facts.drawn.as !== 'brooch') return [];
  const holders = pieces
    .filter(({ slot }) => slot === 'top' || slot === 'layer' || slot === 'whole' || slot === 'scarf')
    .sort((a, b) => b.order - a.order);
  const [outer] = holders;
  if (!outer || !isDelicate(outer)) return [];
  const instead = holders.find((other) => !isDelicate(other) && other.slot !== 'scarf');
  return [
    {
      code: 'pin-marks',
      tone: 'note',
      pieces: ids(worn, outer),
      params: { instead: instead?.piece.id },
    },
  ];
}

/** Knit and heavy cloth make a lump of a wide knot. */
const knotted = (worn: Worn): Said[] =>
  worn.effects.knot === 'wide' &&
  (worn.piece.fabric.weight === 'heavy' || textureFamily(worn.piece.fabric) === 'knit')
    ? [{ code: 'bulky', tone: 'note', pieces: ids(worn) }]
    : [];

/** Slippery cloth that is tied comes undone. */
function slippery(worn: Worn): Said[] {
  const { texture } = worn.piece.fabric;
  const { tied, wrapped, waist } = worn.effects;
  const tiedSo = tied !== undefined || wrapped !== undefined || waist === 'knotted';
  return tiedSo && texture === 'satin' ? [{ code: 'slippery', tone: 'note', pieces: ids(worn) }] : [];
}
