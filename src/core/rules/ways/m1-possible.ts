import { hemHeight } from '../../figure';
import { measure, type Worn } from '../../piece';
import { defineRule } from '../define';
import { type Scene } from '../scene';
import { COMMON_PRACTICE, type Said, USUAL_WEIGHT } from '../rule';

type At = Readonly<Record<string, number>>;

/** M1: can this client wear the piece so? */
export const possible = defineRule({
  id: 'M1',
  facet: 'M',
  title: 'Possible',
  question: 'Can this client wear the piece in this way?',
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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  evaluate: (scene, at) => scene.pieces.flatMap((worn) => [...judgeWay(worn, scene, at), ...slippery(worn)]),
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
        look: [
          {
            id: 'scarf',
            category: 'scarf',
            mode: 'skirt',
            colours: [{ hex: '#9c4a24', share: 1 }],
            measures: { width: 1050, lengthFlat: 1800 },
          },
        ],
        client: { measures: { hip: 1000 } },
        expect: 'works',
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

function judgeWay(worn: Worn, scene: Scene, at: At): Said[] {
  const { id } = worn.mode;
  const { category } = worn.piece;
  if (category === 'scarf' && (id === 'skirt' || id === 'mini-skirt' || id === 'dress'))
    return tied(worn, scene, at);
  if (category === 'scarf' && id === 'halter') return halter(worn, scene, at);
  if (id === 'knotted' || id === 'front-tuck' || id === 'half-tuck' || id === 'full-tuck')
    return tucked(worn, scene, at);
  if (id === 'into-boots') return intoBoots(worn, scene, at);
  if (id === 'layer') return asLayer(worn, scene, at);
  if (id === 'beneath' && category === 'shirt') return beneathKnit(worn, scene, at);
  return [];
}

const say = (worn: Worn, tone: Said['tone'], text: string, measured?: string): Said => ({
  tone,
  pieces: [worn.piece.id],
  text: `${worn.piece.title}: ${text}`,
  measured,
});
const unknown = (worn: Worn, what: string): Said => ({
  ...say(worn, 'note', `cannot tell whether it can be worn so. Measure ${what}.`),
  cannotTell: true,
});

function tied(worn: Worn, { body }: Scene, at: At): Said[] {
  const [width, length] = [measure(worn, 'width'), measure(worn, 'lengthFlat')];
  if (!width || !length || width.origin === 'defaulted' || length.origin === 'defaulted')
    return [unknown(worn, 'both sides of the cloth')];
  const [long, short] = [Math.max(width.mm, length.mm), Math.min(width.mm, length.mm)];
  const around = body.hip + (at.wrapMore ?? 300);
  const measured = `${long} × ${short} mm; ${at.clothLong} × ${at.clothShort} mm and ${Math.round(around)} mm round the hip are wanted`;
  const fits = long >= (at.clothLong ?? 1778) && short >= (at.clothShort ?? 1000) && long >= around;
  return [
    fits
      ? say(worn, 'works', 'big enough to be tied so.', measured)
      : say(worn, 'fights', 'too small to be tied so.', measured),
  ];
}

function halter(worn: Worn, { body }: Scene, at: At): Said[] {
  const width = measure(worn, 'width');
  if (!width || width.origin === 'defaulted') return [unknown(worn, 'the width of the cloth')];
  const wanted = Math.round(body.bust / 2 + (at.halterMore ?? 200));
  const measured = `${width.mm} mm wide; ${wanted} mm is wanted`;
  return [
    width.mm >= wanted
      ? say(worn, 'works', 'wide enough for a halter.', measured)
      : say(worn, 'fights', 'not wide enough for a halter.', measured),
  ];
}

function tucked(worn: Worn, { marks }: Scene, at: At): Said[] {
  const knot = worn.mode.id === 'knotted';
  if (worn.piece.fabric.weight === 'heavy')
    return [
      say(worn, 'fights', knot ? 'the cloth is too heavy to knot.' : 'the cloth is too heavy to tuck flat.'),
    ];
  const length = measure(worn, 'length');
  if (!length || length.origin === 'defaulted') return [];
  const below = Math.round(
    marks.waist - (hemHeight({ ...worn, mode: { ...worn.mode, id: 'untucked' } }, marks) ?? 0),
  );
  const measured = `${below} mm below the waist; ${at.tail} mm is wanted`;
  if (below < 0) return [say(worn, 'fights', 'it ends above the waist.', measured)];
  return below < (at.tail ?? 80) ? [say(worn, 'note', 'little to tuck; it will ride out.', measured)] : [];
}

function intoBoots(worn: Worn, { pieces }: Scene, at: At): Said[] {
  const boots = pieces.find((other) => other.slot === 'shoes');
  const shaft = boots && measure(boots, 'shaftGirth');
  if (!boots || !shaft) return [say(worn, 'fights', 'there is no boot to tuck it into.')];
  const opening = measure(worn, 'legOpening');
  if (!opening || opening.origin === 'defaulted') return [unknown(worn, 'the leg opening')];
  const measured = `leg opening ${opening.mm} mm, shaft ${shaft.mm} mm`;
  if (opening.mm <= shaft.mm) return [say(worn, 'works', `goes into ${boots.piece.title}.`, measured)];
  const bloused =
    boots.piece.category === 'ankle-boot' &&
    worn.piece.fabric.weight === 'light' &&
    opening.mm <= shaft.mm * (at.blouse ?? 1.5);
  return [
    bloused
      ? say(worn, 'works', `light enough to be bloused over ${boots.piece.title}.`, measured)
      : say(worn, 'fights', `too wide for ${boots.piece.title}.`, measured),
  ];
}

function asLayer(worn: Worn, { pieces, body }: Scene, at: At): Said[] {
  const own = measure(worn, 'bust');
  if (!own || own.origin === 'defaulted') return [];
  const inner = pieces
    .filter((other) => other !== worn && other.order < worn.order)
    .map((other) => measure(other, 'bust'))
    .filter((found) => found !== undefined && found.origin !== 'defaulted');
  const beneath = Math.max(body.bust, ...inner.map((found) => found?.mm ?? 0));
  const ease = Math.round(own.mm - beneath);
  const measured = `${ease} mm of ease over what is beneath; ${at.layerEase} mm is wanted`;
  return ease >= (at.layerEase ?? 60)
    ? [say(worn, 'works', 'loose enough to be a layer.', measured)]
    : [say(worn, ease < 0 ? 'fights' : 'note', 'close for a layer.', measured)];
}

/** A shirt under a knit shows as a hem of its own, or not at all. */
function beneathKnit(worn: Worn, { pieces, marks }: Scene, at: At): Said[] {
  const over = pieces.find((other) => other.slot === 'top' && other !== worn);
  const [inner, outer] = [hemHeight(worn, marks), over && hemHeight(over, marks)];
  if (!over || inner === undefined || outer === undefined) return [];
  if (measure(worn, 'length')?.origin === 'defaulted' || measure(over, 'length')?.origin === 'defaulted')
    return [unknown(worn, 'both lengths')];
  const shows = Math.round(outer - inner);
  if (shows <= 0 || (shows >= (at.shirtLeast ?? 80) && shows <= (at.shirtMost ?? 250))) return [];
  return [
    say(
      worn,
      'note',
      `its hem shows below ${over.piece.title} as if by accident; tuck it in.`,
      `${shows} mm; ${at.shirtLeast} to ${at.shirtMost} mm looks meant`,
    ),
  ];
}

const TIED_WAYS = ['knotted', 'skirt', 'mini-skirt', 'dress', 'halter', 'wrap-side', 'wrap-low', 'wrap-deep'];

/** Slippery cloth that is tied comes undone. */
function slippery(worn: Worn): Said[] {
  const { texture } = worn.piece.fabric;
  const tiedSo =
    TIED_WAYS.includes(worn.mode.id) && (worn.mode.id !== 'skirt' || worn.piece.category === 'scarf');
  return tiedSo && texture === 'satin'
    ? [say(worn, 'note', 'slippery: tie it twice, and pin it on the inside.')]
    : [];
}
