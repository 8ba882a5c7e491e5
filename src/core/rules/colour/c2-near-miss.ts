import { chroma, deltaE, isPale, lab } from '../../colour';
import { textureFamily } from '../../piece';
import { defineRule } from '../define';
import { type Field, fieldsOf } from '../fields';
import { COMMON_PRACTICE, named, type Said, USUAL_WEIGHT } from '../rule';

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
  weight: USUAL_WEIGHT,
  mayOverrule: true,
  source: COMMON_PRACTICE,
  reads: (_given, at) => ({
    fields: () => [at.area],
    seen: ({ piece }) => [textureFamily(piece.fabric), piece.structure >= 2, piece.set],
  }),
  evaluate(scene, at) {
    const fields = fieldsOf(scene, at.area);
    if (isLadder(fields)) return [];
    const said: Said[] = [];
    for (const [i, one] of fields.entries()) {
      for (const other of fields.slice(i + 1)) {
        const finding = judgePair(one, other, at);
        if (finding) said.push(finding);
      }
    }
    return said;
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
  ],
});

/** Three or more steps of one colour, graded in lightness: a plan, not a miss. */
function isLadder(fields: readonly Field[]): boolean {
  const steps = [...new Set(fields.map((field) => field.hex))].map(lab).sort((a, b) => a.l - b.l);
  if (steps.length < 3) return false;
  return steps.slice(1).every((step, i) => {
    const below = steps[i];
    return below !== undefined && step.l - below.l >= 3 && deltaE(step, below) < 30;
  });
}

function judgePair(one: Field, other: Field, at: Record<string, number>): Said | undefined {
  const { worn: a } = one;
  const { worn: b } = other;
  if (a === b || (a.piece.set !== undefined && a.piece.set === b.piece.set)) return undefined;
  if (textureFamily(a.piece.fabric) !== textureFamily(b.piece.fabric)) return undefined;
  const [p, q] = [lab(one.hex), lab(other.hex)];
  if (Math.abs(p.l - q.l) >= (at.lightness ?? 12)) return undefined;
  const apart = deltaE(p, q);
  const from = at.from ?? 2.5;
  if (apart <= from) return undefined;
  const pale = isPale(one.hex) && isPale(other.hex);
  const dark = p.l < 25 && q.l < 25;
  const tailored = a.piece.structure >= 2 && b.piece.structure >= 2;
  const limit = pale ? at.pale : dark && Math.abs(chroma(p) - chroma(q)) > 4 ? at.dark : at.other;
  if (apart >= (limit ?? 8)) return undefined;
  return {
    tone: pale || tailored ? 'fights' : 'note',
    pieces: [a.piece.id, b.piece.id],
    text: `${named(a, b)} nearly match, which looks like a mistake. Match them, part them, or change the cloth of one.`,
    measured: `ΔE ${apart.toFixed(1)}; between ${from} and ${limit} nearly matches`,
  };
}
