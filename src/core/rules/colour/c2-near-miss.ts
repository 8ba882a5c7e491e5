import type { Worn } from '../../piece';
import { deltaEHex, isPale } from '../../colour';
import { defineRule } from '../define';
import { type FoundBy, wording } from '../finding';
import { ids } from '../rule';
import { type ColourFacts, fieldsOf, isPrint, mainHex } from '../fields';
import { printed } from '../given';

const words = wording({
  miss: (_, say) =>
    `${say.the()} nearly match, which looks like a mistake. Match them exactly, or move one clearly away.`,
});
type Said = FoundBy<typeof words>;

/** C2: two colours that nearly match and look like a mistake. */
export const nearMiss = defineRule({
  id: 'C2',
  facet: 'C',
  title: 'Near miss',
  question: 'Do two colours nearly match, so that it looks like a mistake?',
  thresholds: {
    area: { value: 0.1, unit: 'share', says: 'Least visible share of each of the two.', min: 0.02, max: 0.5 },
    from: { value: 2.5, unit: 'ΔE', says: 'Below this they read as the same.', min: 1, max: 6 },
    pale: { value: 10, unit: 'ΔE', says: 'Up to this two pale colours nearly match.', min: 4, max: 20 },
    other: { value: 8, unit: 'ΔE', says: 'Up to this any two colours nearly match.', min: 4, max: 20 },
    dark: {
      value: 16,
      unit: 'ΔE',
      says: 'Up to this two darks of unlike chroma nearly match.',
      min: 6,
      max: 30,
    },
    lightness: {
      value: 12,
      unit: 'ΔL*',
      says: 'From this difference of lightness it is a plan.',
      min: 5,
      max: 30,
    },
  },
  words,
  reads: (_given, at) => ({
    tally: () => (look, says) => {
      const fields = look.reached(at.area);
      let notes = 0;
      let fights = 0;
      for (let i = 0; i < fields.length; i++)
        for (let j = i + 1; j < fields.length; j++) {
          const miss = missOf(fields[i] as ColourFacts, fields[j] as ColourFacts, at);
          if (miss?.tone === 'note') notes++;
          else if (miss) fights++;
        }
      if (notes + fights === 0 || isLadder(fields)) return;
      says.note = notes;
      says.fights = fights;
    },
  }),
  find(scene, at) {
    const fields = fieldsOf(scene, at.area);
    if (isLadder(fields)) return [];
    return fields.flatMap((one, i) =>
      fields.slice(i + 1).flatMap((other): Said[] => {
        const miss = missOf(one, other, at);
        return miss
          ? [
              {
                code: 'miss',
                tone: miss.tone,
                pieces: ids(one.worn, other.worn),
                measured: { value: miss.apart, unit: 'ΔE', least: miss.limit },
              },
            ]
          : [];
      }),
    );
  },
  examples: [
    [
      {
        title: 'Ivory knit over white trousers',
        look: [
          {
            id: 'knit',
            category: 'fine-knit',
            colours: [{ hex: '#f6f0e4', share: 1 }],
            fabric: { texture: 'smooth' },
          },
          { id: 'trousers', category: 'trousers', colours: [{ hex: '#fdfdfd', share: 1 }] },
        ],
        expect: 'fights',
      },
      {
        title: 'The same two, the knit in cable',
        look: [
          {
            id: 'knit',
            category: 'fine-knit',
            colours: [{ hex: '#f6f0e4', share: 1 }],
            fabric: { texture: 'cable' },
          },
          { id: 'trousers', category: 'trousers', colours: [{ hex: '#fdfdfd', share: 1 }] },
        ],
        expect: 'silent',
      },
    ],
    [
      {
        title: 'Two greys of a jacket and trousers not cut from one cloth',
        look: [
          { id: 'blazer', category: 'blazer', structure: 3, colours: [{ hex: '#6a6d72', share: 1 }] },
          { id: 'trousers', category: 'trousers', structure: 2, colours: [{ hex: '#75787d', share: 1 }] },
        ],
        expect: 'fights',
      },
      {
        title: 'The same two as one suit',
        look: [
          {
            id: 'blazer',
            category: 'blazer',
            structure: 3,
            set: 'suit',
            colours: [{ hex: '#6a6d72', share: 1 }],
          },
          {
            id: 'trousers',
            category: 'trousers',
            structure: 2,
            set: 'suit',
            colours: [{ hex: '#75787d', share: 1 }],
          },
        ],
        expect: 'silent',
      },
    ],
    [
      {
        title: 'A checked jacket over plain trousers in its ground',
        look: [
          printed('blazer', ['#5d6066', '#8f9298'], { kind: 'check', repeatMm: 40 }, { structure: 3 }),
          { id: 'trousers', category: 'trousers', structure: 2, colours: [{ hex: '#5d6066', share: 1 }] },
        ],
        expect: 'fights',
      },
      {
        title: 'Over cream ones',
        look: [
          printed('blazer', ['#5d6066', '#8f9298'], { kind: 'check', repeatMm: 40 }, { structure: 3 }),
          { id: 'trousers', category: 'trousers', structure: 2, colours: [{ hex: '#f3ecdc', share: 1 }] },
        ],
        expect: 'silent',
      },
    ],
  ],
});

/** Three or more steps of one colour, graded in lightness: a plan, not a miss. */
function isLadder(fields: readonly ColourFacts[]): boolean {
  if (fields.length < 3) return false;
  // Steps of three pieces: the two colours of one check are one step.
  if (new Set(fields.map(({ worn }) => worn.piece.id)).size < 3) return false;
  const steps = fields
    .filter(({ hex }, i) => fields.findIndex((each) => each.hex === hex) === i)
    .sort((a, b) => a.colour.l - b.colour.l);
  return (
    steps.length >= 3 &&
    steps.every((step, i) => {
      const below = steps[i - 1];
      return !below || (step.colour.l - below.colour.l >= 3 && deltaEHex(step.hex, below.hex) < 30);
    })
  );
}

interface Limits {
  readonly from: number;
  readonly pale: number;
  readonly other: number;
  readonly dark: number;
  readonly lightness: number;
}

interface Miss {
  readonly tone: 'note' | 'fights';
  readonly apart: number;
  readonly limit: number;
}

/** How two colours miss each other, if they nearly match. */
function missOf(one: ColourFacts, other: ColourFacts, at: Limits): Miss | undefined {
  const { piece: a } = one.worn;
  const { piece: b } = other.worn;
  if (a === b || one.cloth !== other.cloth || (a.set !== undefined && a.set === b.set)) return undefined;
  // Marl beside plain is a difference of cloth.
  if ((a.pattern.kind === 'marl') !== (b.pattern.kind === 'marl')) return undefined;
  const { colour: p } = one;
  const { colour: q } = other;
  if (Math.abs(p.l - q.l) >= at.lightness) return undefined;
  const apart = deltaEHex(one.hex, other.hex);
  if (apart <= at.from && !isOrphan(one, other)) return undefined;
  const pale = isPale(one.hex) && isPale(other.hex);
  const dark = p.l < 25 && q.l < 25;
  const tailored = a.structure >= 2 && b.structure >= 2;
  const limit = pale ? at.pale : dark && Math.abs(one.chroma - other.chroma) > 4 ? at.dark : at.other;
  // A colour from a photo is not sure enough to fight over.
  const sure = isSure(a, one.hex) && isSure(b, other.hex);
  return apart >= limit ? undefined : { tone: (pale || tailored) && sure ? 'fights' : 'note', apart, limit };
}

/** A patterned jacket over plain trousers in its own ground: half a suit, whatever the distance. */
const isOrphan = (one: ColourFacts, other: ColourFacts): boolean => {
  const [jacket, plain] = one.worn.slot === 'layer' ? [one, other] : [other, one];
  return (
    jacket.worn.slot === 'layer' &&
    plain.worn.slot === 'bottom' &&
    jacket.worn.piece.structure >= 2 &&
    plain.worn.piece.structure >= 2 &&
    isPrint(jacket.worn) &&
    !isPrint(plain.worn) &&
    jacket.hex === mainHex(jacket.worn)
  );
};

const isSure = ({ colours }: Worn['piece'], hex: string): boolean =>
  !['photo', 'tapped'].includes(colours.find((swatch) => swatch.hex === hex)?.origin ?? '');
