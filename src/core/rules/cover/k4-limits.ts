import { colourName } from '../../colour';
import { sameSubstance, type Worn } from '../../piece';
import { defineRule } from '../define';
import { COMMON_PRACTICE, type Said, type Scene, USUAL_WEIGHT } from '../rule';
import { ALONE } from '../reads';

/** K4: heel, open toe, fibres, metals, bag weight, care, and what the client never wears. */
export const limits = defineRule({
  id: 'K4',
  facet: 'K',
  title: 'Limits',
  question: 'Does every piece keep to what the client can and will wear?',
  thresholds: {},
  weight: USUAL_WEIGHT,
  mayOverrule: false,
  source: COMMON_PRACTICE,
  reads: () => ALONE,
  evaluate: (scene) => scene.pieces.flatMap((worn) => [...neverSaid(worn, scene), ...limitSaid(worn, scene)]),
  examples: [
    [
      {
        title: 'A 70 mm heel for a client whose limit is 40',
        look: [
          { id: 'heels', category: 'heel', colours: [{ hex: '#17171a', share: 1 }], measures: { heel: 70 } },
        ],
        client: { limits: { heelMaxMm: 40, avoidFibres: [], avoidMetals: [], washableOnly: false } },
        expect: 'fights',
      },
      {
        title: 'A heel of 35',
        look: [
          { id: 'heels', category: 'heel', colours: [{ hex: '#17171a', share: 1 }], measures: { heel: 35 } },
        ],
        client: { limits: { heelMaxMm: 40, avoidFibres: [], avoidMetals: [], washableOnly: false } },
        expect: 'silent',
      },
    ],
    [
      {
        title: 'Merino for a client who never wears wool',
        look: [
          {
            id: 'knit',
            category: 'fine-knit',
            colours: [{ hex: '#84868a', share: 1 }],
            fabric: { fibres: [{ name: 'merino', pct: 100 }] },
          },
        ],
        client: { nevers: ['wool'] },
        expect: 'blocks',
      },
      {
        title: 'The same in cotton',
        look: [
          {
            id: 'knit',
            category: 'fine-knit',
            colours: [{ hex: '#84868a', share: 1 }],
            fabric: { fibres: [{ name: 'cotton', pct: 100 }] },
          },
        ],
        client: { nevers: ['wool'] },
        expect: 'silent',
      },
    ],
  ],
});

function neverSaid(worn: Worn, { client }: Scene): Said[] {
  const { piece } = worn;
  return client.nevers
    .filter((word) => meets(worn, word))
    .map((word): Said => ({
      tone: 'blocks',
      pieces: [piece.id],
      text: `${piece.title}: this client never wears ${word}.`,
    }));
}

/** A stated never meets a category, a texture, a fibre, a pattern or a colour by name. */
function meets({ piece, swatches }: Worn, word: string): boolean {
  const said = word.trim().toLowerCase();
  return (
    said === piece.category ||
    said === piece.fabric.texture ||
    said === piece.pattern.kind ||
    piece.fabric.fibres.some((fibre) => sameSubstance(said, fibre.name)) ||
    swatches.some(
      (swatch) =>
        swatch.share >= 0.1 && (swatch.name?.toLowerCase() === said || colourName(swatch.hex) === said),
    )
  );
}

function limitSaid(worn: Worn, { client: { limits: at } }: Scene): Said[] {
  const { piece, measures, slot } = worn;
  const said: Said[] = [];
  const fights = (text: string, measured?: string): void => {
    said.push({ tone: 'fights', pieces: [piece.id], text: `${piece.title}: ${text}`, measured });
  };
  const heel = measures.heel ?? 0;
  if (slot === 'shoes' && at.heelMaxMm !== undefined && heel > at.heelMaxMm) {
    fights('the heel is higher than this client wears.', `${heel} mm; up to ${at.heelMaxMm} mm`);
  }
  if (slot === 'shoes' && at.openToe === false && piece.cut.toe === 'open')
    fights('an open toe, which this client leaves out.');
  for (const fibre of piece.fabric.fibres) {
    const avoided = at.avoidFibres.find((word) => sameSubstance(word, fibre.name));
    if (avoided) fights(`${fibre.pct} % ${fibre.name}, and this client avoids ${avoided}.`);
  }
  for (const metal of piece.metalContent) {
    const avoided = at.avoidMetals.find((word) => sameSubstance(word, metal));
    if (avoided) fights(`holds ${metal}, and this client avoids ${avoided}.`);
  }
  if (slot === 'bag' && at.bagMaxG !== undefined && (piece.weightG ?? 0) > at.bagMaxG) {
    fights('heavier than this client carries.', `${piece.weightG} g; up to ${at.bagMaxG} g`);
  }
  if (at.washableOnly && worn.facts.main && piece.care !== 'machine' && piece.care !== 'hand') {
    fights('cannot be washed at home.', piece.care);
  }
  return said;
}
